<script setup lang="ts">
import { computed, onMounted, provide, ref } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { AtlasView, ExerciseDetail, FeltTrialView } from '@/shared/api/types'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { SORE_PLACES } from '@/shared/sorePlaces'
import { useCall } from '@/shared/useCall'
import DifferenceTable from './DifferenceTable.vue'
import ExerciseColumn from './ExerciseColumn.vue'
import FeltTrialPanel from './FeltTrialPanel.vue'

/** One exercise in full, or two or three side by side: which of them for this client? */
const props = defineProps<{ keys: string }>()
const route = useRoute()
const client = computed(() => (route.query.client as string | undefined) || undefined)
const { problem, run } = useCall()
const details = ref<ExerciseDetail[]>([])
const forWhom = ref<AtlasView['forWhom'] | null>(null)
const trials = ref<FeltTrialView[]>([])

async function load() {
  const keys = props.keys.split(',').slice(0, 3)
  const clientId = client.value
  const all = await run(() =>
    Promise.all([
      Promise.all(
        keys.map((key) => ask(() => api.GET('/api/atlas/{key}', { params: { path: { key }, query: { clientId } } }))),
      ),
      ask(() => api.GET('/api/atlas/for', { params: { query: { clientId } } })),
      clientId
        ? ask(() => api.GET('/api/clients/{clientId}/felt-trials', { params: { path: { clientId } } }))
        : Promise.resolve([]),
    ]),
  )
  if (!all) return
  details.value = all[0]
  forWhom.value = all[1]
  trials.value = all[2]
}
onMounted(load)

provide(SORE_PLACES, () => forWhom.value?.soreSites ?? [])

const top = computed(() =>
  Math.max(
    5,
    ...details.value.flatMap((d) => [...d.curve.elbowDemandNm, ...(d.curve.shoulderTorqueNm ?? [])]).map(Math.abs),
  ),
)
const query = computed(() => (client.value ? `?client=${client.value}` : ''))
const pair = computed(() => (details.value.length === 2 ? details.value : null))
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem">
      <BButton size="sm" variant="outline-primary" class="me-3" @click="load">Try again</BButton>
      <RouterLink :to="`/exercises${query}`">Back to the exercises</RouterLink>
    </ProblemNotice>
    <template v-if="forWhom && details.length">
      <div class="d-flex flex-wrap gap-3 align-items-baseline mb-2">
        <RouterLink :to="`/exercises${query}`">Exercises</RouterLink>
        <h1>{{ details.length === 1 ? details[0]!.item.name : 'Side by side' }}</h1>
        <span class="quiet">{{ forWhom.clientName ? `for ${forWhom.clientName}` : 'for nobody in particular' }}</span>
      </div>
      <DifferenceTable
        v-if="details.length > 1"
        :details="details"
        :sore="forWhom.soreSites.map((s) => s.site)"
        class="mb-3"
      />
      <div :class="['columns', `n${details.length}`]">
        <ExerciseColumn
          v-for="d in details"
          :key="d.item.key"
          :detail="d"
          :for-whom="forWhom"
          :alone="details.length === 1"
          :top="top"
          :query="query"
        />
      </div>
      <FeltTrialPanel
        v-if="client"
        :client-id="client"
        :pair="pair"
        :sites="forWhom.soreSites.map((s) => s.site)"
        :trials="trials"
        class="mt-4"
        @kept="(t: FeltTrialView) => (trials = [t, ...trials.filter((o) => o.id !== t.id)])"
      />
    </template>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  gap: 1.2rem;
}
@media (min-width: 760px) {
  .columns.n2 {
    grid-template-columns: 1fr 1fr;
  }
  .columns.n3 {
    grid-template-columns: 1fr 1fr 1fr;
  }
}
</style>
