<script setup lang="ts">
import { onMounted, ref } from 'vue'
import FeltTrialPanel from '@/features/exercise/FeltTrialPanel.vue'
import { api, ask } from '@/shared/api/client'
import type { ExerciseDetail, FeltTrialView, Site } from '@/shared/api/types'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'

/** Two variations side by side on the floor, each with a light load: which one does this joint prefer? */
const props = defineProps<{ clientId: string; keys: [string, string]; site: Site }>()
const emit = defineEmits<{ note: [text: string]; done: [] }>()
const { problem, run } = useCall()
const pair = ref<ExerciseDetail[] | null>(null)
const kept = ref<FeltTrialView[]>([])
onMounted(async () => {
  const query = { clientId: props.clientId }
  pair.value =
    (await run(() =>
      Promise.all(
        props.keys.map((key) => ask(() => api.GET('/api/atlas/{key}', { params: { path: { key }, query } }))),
      ),
    )) ?? null
})
function keep(trial: FeltTrialView) {
  kept.value = [...kept.value, trial]
  emit('note', trial.says.exact)
}
</script>

<template>
  <section class="try">
    <ProblemNotice :problem="problem" />
    <p v-if="!pair && !problem" class="quiet">Fetching both …</p>
    <FeltTrialPanel v-if="pair" :client-id="clientId" :pair="pair" :sites="[site]" :trials="kept" @kept="keep" />
    <BButton variant="primary" size="lg" class="mt-2" @click="emit('done')">Go on with the session</BButton>
  </section>
</template>

<style scoped>
.try {
  max-width: 60rem;
  width: 100%;
  margin: 0 auto;
}
</style>
