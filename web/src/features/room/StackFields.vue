<script setup lang="ts">
import type { Equipment } from '@/shared/api/types'
import NumberField from '@/shared/NumberField.vue'

/** A stack: first weight, steps, last weight, and a small weight to hang on. */
type Stack = NonNullable<Equipment['stack']>
const model = defineModel<Stack | undefined>()
defineProps<{ name: string; field: string; wrong: (field: string) => string | undefined }>()
const fields = [
  { key: 'firstKg', label: 'First, kg' },
  { key: 'stepKg', label: 'Step, kg' },
  { key: 'lastKg', label: 'Last, kg' },
  { key: 'addOnKg', label: 'Add-on, kg (0: none)' },
] as const
</script>

<template>
  <fieldset class="mb-3">
    <legend class="fs-6 mb-1">{{ name }}</legend>
    <BButton
      v-if="!model"
      size="sm"
      variant="outline-primary"
      @click="model = { firstKg: 2.5, stepKg: 2.5, lastKg: 50, addOnKg: 0 }"
    >
      There is one
    </BButton>
    <div v-else class="line">
      <NumberField
        v-for="f in fields"
        :key="f.key"
        :model-value="model[f.key]"
        :label="f.label"
        :wrong="wrong(`${field}.${f.key}`)"
        @update:model-value="(v) => (model = { ...model!, [f.key]: v ?? 0 })"
      />
      <BButton size="sm" variant="outline-primary" @click="model = undefined">There is none</BButton>
    </div>
  </fieldset>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: flex-start;
}
/* Level with the fields, under their labels. */
.line > .btn {
  margin-top: 1.9rem;
}
.line > div {
  width: 8rem;
}
</style>
