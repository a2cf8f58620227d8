<script setup lang="ts">
import type { Written } from '@/shared/api/types'

/** Sets, repetitions, load and effort as the trainer writes them; what cannot be is told by the server's marks. */
const props = defineProps<{ slotWritten: Written; name: string }>()
const emit = defineEmits<{ change: [change: Partial<Written>] }>()

function number(e: Event, least: number, most: number): number | undefined {
  const value = Number((e.target as HTMLInputElement).value)
  return Number.isFinite(value) && value >= least && value <= most ? value : undefined
}
function set(e: Event, least: number, most: number, make: (n: number) => Partial<Written>) {
  const value = number(e, least, most)
  if (value !== undefined) emit('change', make(value))
}
const reps = (low: number, high: number) => ({ reps: { low: Math.min(low, high), high: Math.max(low, high) } })
</script>

<template>
  <div class="fields">
    <label>
      sets
      <input
        type="number"
        min="1"
        max="6"
        :value="slotWritten.sets"
        :aria-label="`Sets of ${name}`"
        @change="set($event, 1, 6, (n) => ({ sets: Math.round(n) }))"
      />
    </label>
    <label>
      repetitions
      <input
        type="number"
        min="1"
        max="30"
        :value="slotWritten.reps.low"
        :aria-label="`Fewest repetitions of ${name}`"
        @change="set($event, 1, 30, (n) => reps(Math.round(n), props.slotWritten.reps.high))"
      />
      to
      <input
        type="number"
        min="1"
        max="30"
        :value="slotWritten.reps.high"
        :aria-label="`Most repetitions of ${name}`"
        @change="set($event, 1, 30, (n) => reps(props.slotWritten.reps.low, Math.round(n)))"
      />
    </label>
    <label>
      kg
      <input
        type="number"
        min="0"
        max="300"
        step="0.5"
        :value="slotWritten.loadKg === undefined ? '' : Math.round(slotWritten.loadKg * 100) / 100"
        :aria-label="`Load of ${name}, kg`"
        @change="set($event, 0, 300, (n) => ({ loadKg: n }))"
      />
    </label>
    <label>
      effort
      <input
        type="number"
        min="1"
        max="10"
        step="0.5"
        :value="slotWritten.effort"
        :aria-label="`Effort of ${name}`"
        @change="set($event, 1, 10, (n) => ({ effort: Math.round(n * 2) / 2 }))"
      />
    </label>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.9rem;
}
input {
  width: 4.2rem;
}
</style>
