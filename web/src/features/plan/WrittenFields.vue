<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Slot, Written } from '@/shared/api/types'
import { fieldsIn } from '@/shared/format'
import { setReps } from './composition'
import WrittenNumber from './WrittenNumber.vue'

/** Everything a set can say as the trainer writes it; what cannot be is told by the server's marks. */
const props = defineProps<{ slotWritten: Written; arms: Slot['arms']; name: string; load: Slot['load'] }>()
const emit = defineEmits<{ change: [change: Partial<Written>] }>()

const write = (change: Partial<Written>) => emit('change', change)
const more = ref(false)
// A load is written as it is stamped on the thing.
const fields = computed(() => fieldsIn(/\blb\b/.test(props.load.label) ? 'LB_FT' : 'KG_CM'))
const manner = computed(() => props.slotWritten.manner ?? { toLastClean: false, loweringOnly: false })
function done(change: object) {
  emit('change', { manner: { ...manner.value, ...change } })
}
const TEMPO = [
  { key: 'upS', label: 'seconds up', name: 'Seconds up', most: 10 },
  { key: 'holdS', label: 'held', name: 'Seconds held', most: 60 },
  { key: 'downS', label: 'down', name: 'Seconds down', most: 10 },
] as const
const usual = { upS: 1, holdS: 1, downS: 3 }
const tempo = (change: object) => write({ tempo: { ...(props.slotWritten.tempo ?? usual), ...change } })
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
const reps = (low: number, high: number) => ({ reps: { low: Math.min(low, high), high: Math.max(low, high) } })
</script>

<template>
  <div class="fields">
    <label>
      sets
      <WrittenNumber
        :name="`Sets of ${name}`"
        :least="1"
        :most="6"
        :value="slotWritten.sets"
        @change="(n) => write({ sets: n, setReps: undefined })"
      />
    </label>
    <label>
      repetitions
      <WrittenNumber
        :name="`Fewest repetitions of ${name}`"
        :least="1"
        :most="30"
        :value="slotWritten.reps.low"
        @change="(n) => write(reps(n, slotWritten.reps.high))"
      />
      to
      <WrittenNumber
        :name="`Most repetitions of ${name}`"
        :least="1"
        :most="30"
        :value="slotWritten.reps.high"
        @change="(n) => write(reps(slotWritten.reps.low, n))"
      />
    </label>
    <label>
      {{ fields.mass }}
      <WrittenNumber
        :name="`Load of ${name}, ${fields.mass}`"
        :least="0"
        :most="fields.massOf(300)"
        :step="0.01"
        :value="slotWritten.loadKg === undefined ? undefined : fields.massOf(slotWritten.loadKg)"
        @change="(n) => write({ loadKg: fields.kgOf(n) })"
      />
    </label>
    <label>
      effort
      <WrittenNumber
        :name="`Effort of ${name}`"
        :least="1"
        :most="10"
        :step="0.5"
        :value="slotWritten.effort"
        @change="(n) => write({ effort: n })"
      />
    </label>
    <BButton size="sm" variant="link" :aria-expanded="more" @click="more = !more">
      {{ more ? 'Less' : 'Tempo, series, note' }}
      <span class="visually-hidden">: {{ name }}</span>
    </BButton>
  </div>
  <div v-if="more" class="fields mt-1">
    <label v-for="part in TEMPO" :key="part.key">
      {{ part.label }}
      <WrittenNumber
        :name="`${part.name} of ${name}`"
        :least="0"
        :most="part.most"
        :value="slotWritten.tempo?.[part.key]"
        @change="(n) => tempo({ [part.key]: n })"
      />
    </label>
    <label>
      set by set
      <BFormInput
        size="sm"
        class="series"
        placeholder="30, 15, 15"
        :model-value="slotWritten.setReps?.join(', ') ?? ''"
        :aria-label="`Repetitions set by set of ${name}`"
        @change="series"
      />
    </label>
    <BFormCheckbox :model-value="manner.toLastClean" @update:model-value="(on) => done({ toLastClean: on })">
      to the last clean one
    </BFormCheckbox>
    <BFormCheckbox :model-value="manner.loweringOnly" @update:model-value="(on) => done({ loweringOnly: on })">
      lowering only
    </BFormCheckbox>
    <BFormCheckbox
      v-if="arms === 'IN_TURN' || slotWritten.alternating"
      :model-value="!!slotWritten.alternating"
      @update:model-value="(on) => write({ alternating: on ? true : undefined })"
    >
      arms change every repetition
    </BFormCheckbox>
    <label class="note">
      note
      <BFormInput
        size="sm"
        maxlength="200"
        :model-value="manner.note ?? ''"
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
.series {
  display: inline-block;
  width: 8rem;
}
.note {
  flex: 1 1 16rem;
  display: flex;
  gap: 0.4rem;
}
</style>
