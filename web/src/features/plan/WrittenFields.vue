<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Written } from '@/shared/api/types'
import { setReps } from './composition'

/** Everything a set can say as the trainer writes it; what cannot be is told by the server's marks. */
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
const more = ref(false)
const manner = computed(() => props.slotWritten.manner ?? { toLastClean: false, loweringOnly: false })
function done(change: object) {
  emit('change', { manner: { ...manner.value, ...change } })
}
const usual = { upS: 1, holdS: 1, downS: 3 }
/** Repetitions set by set make as many sets; nothing written makes them alike again. */
function series(e: Event) {
  const numbers = setReps((e.target as HTMLInputElement).value)
  if (!numbers) emit('change', { setReps: undefined })
  else
    emit('change', {
      setReps: numbers,
      sets: Math.min(6, numbers.length),
      ...reps(Math.min(...numbers), Math.max(...numbers)),
    })
}
function sets(n: number): Partial<Written> {
  return { sets: n, setReps: undefined }
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
        @change="set($event, 1, 6, (n) => sets(Math.round(n)))"
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
    <BButton size="sm" variant="link" :aria-expanded="more" @click="more = !more">
      {{ more ? 'Less' : 'Tempo, series, note' }}
      <span class="visually-hidden">: {{ name }}</span>
    </BButton>
  </div>
  <div v-if="more" class="fields mt-1">
    <label>
      seconds up
      <input
        type="number"
        min="0"
        max="10"
        :value="slotWritten.tempo?.upS"
        :aria-label="`Seconds up of ${name}`"
        @change="set($event, 0, 10, (n) => ({ tempo: { ...(slotWritten.tempo ?? usual), upS: Math.round(n) } }))"
      />
    </label>
    <label>
      held
      <input
        type="number"
        min="0"
        max="60"
        :value="slotWritten.tempo?.holdS"
        :aria-label="`Seconds held of ${name}`"
        @change="set($event, 0, 60, (n) => ({ tempo: { ...(slotWritten.tempo ?? usual), holdS: Math.round(n) } }))"
      />
    </label>
    <label>
      down
      <input
        type="number"
        min="0"
        max="10"
        :value="slotWritten.tempo?.downS"
        :aria-label="`Seconds down of ${name}`"
        @change="set($event, 0, 10, (n) => ({ tempo: { ...(slotWritten.tempo ?? usual), downS: Math.round(n) } }))"
      />
    </label>
    <label>
      set by set
      <input
        type="text"
        class="wide"
        placeholder="30, 15, 15"
        :value="slotWritten.setReps?.join(', ') ?? ''"
        :aria-label="`Repetitions set by set of ${name}`"
        @change="series"
      />
    </label>
    <label>
      <input type="checkbox" :checked="manner.toLastClean" @change="done({ toLastClean: !manner.toLastClean })" />
      to the last clean one
    </label>
    <label>
      <input type="checkbox" :checked="manner.loweringOnly" @change="done({ loweringOnly: !manner.loweringOnly })" />
      lowering only
    </label>
    <label class="note">
      note
      <input
        type="text"
        maxlength="200"
        :value="manner.note ?? ''"
        :aria-label="`Note on ${name}`"
        @change="done({ note: ($event.target as HTMLInputElement).value || undefined })"
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
input[type='checkbox'] {
  width: auto;
}
input.wide {
  width: 8rem;
}
.note {
  flex: 1 1 16rem;
  display: flex;
  gap: 0.4rem;
}
.note input {
  flex: 1;
  width: auto;
}
</style>
