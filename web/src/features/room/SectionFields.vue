<script setup lang="ts">
import NumberField from '@/shared/NumberField.vue'
import SelectField from '@/shared/SelectField.vue'
import { layouts, type SectionForm } from './methodText'
import PairFields from './PairFields.vue'
import PickFields from './PickFields.vue'

/** One part of a method: how it is worked, how often, how long the rests are, and which exercises it takes. */
defineProps<{ section: SectionForm; number: number; alone: boolean }>()
const emit = defineEmits<{
  change: [path: (string | number)[], value: unknown]
  add: [path: (string | number)[]]
  remove: [path: (string | number)[]]
}>()
const pairs = [
  { field: 'rounds' as const, from: 'Rounds, fewest', to: 'wanted' },
  { field: 'reps' as const, from: 'Repetitions, from', to: 'to' },
  { field: 'rest' as const, from: 'Rest, seconds', to: 'trimmed to' },
]
</script>

<template>
  <fieldset class="section">
    <legend class="fs-6">Part {{ number }}</legend>
    <div class="field-line">
      <SelectField
        :model-value="section.as"
        label="Worked as"
        :options="layouts"
        class="wide"
        @update:model-value="(v) => emit('change', ['as'], v)"
      />
      <BButton v-if="!alone" size="sm" variant="outline-primary" class="level" @click="emit('remove', [])">
        Remove this part
      </BButton>
    </div>
    <div class="numbers">
      <PairFields
        v-for="p in pairs"
        :key="p.field"
        :model-value="section[p.field]"
        :from="p.from"
        :to="p.to"
        :needed="p.field === 'rounds'"
        @update:model-value="(v) => emit('change', [p.field], v)"
      />
      <NumberField
        :model-value="section.effort"
        label="Effort of 10"
        class="single"
        @update:model-value="(v) => emit('change', ['effort'], v)"
      />
      <NumberField
        v-if="section.as === 'circuit' || section.station"
        :model-value="section.station"
        label="Seconds a station"
        class="single"
        @update:model-value="(v) => emit('change', ['station'], v)"
      />
    </div>
    <p class="quiet small">What is empty is each exercise’s own.</p>
    <PickFields
      v-for="(p, i) in section.picks"
      :key="i"
      :pick="p"
      :number="i + 1"
      @change="(field, value) => emit('change', ['picks', i, field], value)"
      @remove="emit('remove', ['picks', i])"
    />
    <BButton size="sm" variant="outline-primary" @click="emit('add', ['picks'])">Add exercises</BButton>
    <p v-if="section.more" class="quiet small mb-0 mt-2">More of it stands in the text: {{ section.more }}.</p>
  </fieldset>
</template>

<style scoped>
.section {
  border-top: 1px solid color-mix(in srgb, var(--line) 40%, transparent);
  padding-top: 0.6rem;
  margin-bottom: 1rem;
}
.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: 0 0.8rem;
}
.single {
  width: calc(50% - 0.4rem);
}
.wide.wide {
  width: min(24rem, 100%);
}
</style>
