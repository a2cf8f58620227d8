<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { Adjustment, ExerciseDetail } from '@/shared/api/types'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { sliders, suggestedName } from './workbench'

/** Keeping what is on the bench as the room's own variation. */
const props = defineProps<{
  original: ExerciseDetail
  detail: ExerciseDetail
  adjustment: Adjustment
  baseKey: string
}>()
const router = useRouter()
const { problem, run, busy, wrong } = useCall()
const own = computed(() => props.original.item.variationId)
const id = ref(own.value ?? crypto.randomUUID())
const name = ref(own.value ? props.original.item.name : '')
const typed = ref(!!own.value)
const keptKey = ref('')

watch(
  () => props.adjustment,
  (a) => {
    keptKey.value = ''
    if (!typed.value) name.value = suggestedName(props.original, a, sliders(props.detail))
  },
  { deep: true },
)

async function keep() {
  const kept = await run(() =>
    ask(() =>
      api.PUT('/api/variations/{id}', {
        params: { path: { id: id.value } },
        body: { name: name.value, exerciseKey: props.baseKey, adjustment: props.adjustment },
      }),
    ),
  )
  if (kept) keptKey.value = kept.key
}
async function drop() {
  await run(() => ask(() => api.DELETE('/api/variations/{id}', { params: { path: { id: id.value } } })))
  if (!problem.value) await router.push('/exercises')
}
</script>

<template>
  <section class="no-print">
    <h2>Keep it</h2>
    <TextField v-model="name" label="Name of the variation" :wrong="wrong('name')" @input="typed = true" />
    <ProblemNotice :problem="problem && !problem.fields.length ? problem : null" />
    <div class="d-flex flex-wrap gap-3 align-items-center">
      <BButton variant="primary" :disabled="busy" @click="keep">
        {{ own ? 'Keep the change' : 'Keep as the room’s own variation' }}
      </BButton>
      <button v-if="own" type="button" class="plain" @click="drop">Drop it</button>
      <span v-if="keptKey" aria-live="polite">
        Kept.
        <RouterLink :to="`/exercises/${keptKey}`">See it among the exercises</RouterLink>
      </span>
    </div>
  </section>
</template>
