<script setup lang="ts">
import { computed } from 'vue'
import type { Change, Units } from '@/shared/api/types'
import { inUnits } from '@/shared/format'

/** A place hurt: what that changes in the rest of the visit, taken with one press or left as it is. */
const props = defineProps<{ changes: Change[]; units: Units; busy: boolean }>()
const emit = defineEmits<{ take: []; leave: [] }>()
const KINDS = { LOAD: 'load', SETS: '', REPS: 'repetitions', EFFORT: 'effort', REST: 'rest' } as const

/** One line for each exercise, and each reason once. */
const lines = computed(() => {
  const byName = new Map<string, string[]>()
  for (const c of props.changes) {
    const said =
      c.kind === 'SWAPPED_OUT'
        ? 'left out'
        : c.kind === 'SWAPPED_IN'
          ? `comes in, ${c.to}`
          : `${KINDS[c.kind]} ${c.from} → ${c.to}`.trim()
    byName.set(c.exerciseName, [...(byName.get(c.exerciseName) ?? []), inUnits(said, props.units)])
  }
  return [...byName].map(([name, said]) => ({ name, said: said.join(', ') }))
})
const reasons = computed(() => [
  ...new Set(props.changes.filter((c) => c.kind !== 'SWAPPED_IN').map((c) => inUnits(c.reason.exact, props.units))),
])
</script>

<template>
  <section class="rest" aria-label="The rest of the visit">
    <h1>The rest of the visit</h1>
    <p v-for="r in reasons" :key="r" class="fs-5 mb-0">{{ r }}</p>
    <ul>
      <li v-for="l in lines" :key="l.name">
        <b>{{ l.name }}:</b>
        {{ l.said }}
      </li>
    </ul>
    <div class="d-flex flex-wrap gap-2">
      <BButton variant="primary" size="lg" class="big" :disabled="busy" @click="emit('take')">Change the rest</BButton>
      <BButton variant="outline-primary" size="lg" class="big" @click="emit('leave')">Leave it as it is</BButton>
    </div>
  </section>
</template>

<style scoped>
.rest {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 0.8rem;
  max-width: 46rem;
  width: 100%;
  margin: 0 auto;
}
li {
  font-size: 1.25rem;
  margin-bottom: 0.4rem;
}
.big {
  min-height: 4.4rem;
}
</style>
