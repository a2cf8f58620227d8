<script setup lang="ts">
import { computed } from 'vue'
import type { Equipment } from '@/shared/api/types'
import NumberField from '@/shared/NumberField.vue'
import { restamped, stampedIn } from './equipment'
import StampedIn from './StampedIn.vue'

/** A stack: first weight, steps, last weight, and a small weight to hang on. */
type Stack = NonNullable<Equipment['stack']>
const model = defineModel<Stack | undefined>()
const pounds = defineModel<boolean>('pounds', { required: true })
defineProps<{ name: string; field: string; wrong: (field: string) => string | undefined }>()
const stamped = computed(() => stampedIn(pounds.value))
const fields = computed(
  () =>
    [
      { key: 'firstKg', label: `First, ${stamped.value.unit}` },
      { key: 'stepKg', label: `Step, ${stamped.value.unit}` },
      { key: 'lastKg', label: `Last, ${stamped.value.unit}` },
      { key: 'addOnKg', label: `Add-on, ${stamped.value.unit} (0: none)` },
    ] as const,
)
const every = (of: (kg: number) => number): Stack => ({
  firstKg: of(model.value!.firstKg),
  stepKg: of(model.value!.stepKg),
  lastKg: of(model.value!.lastKg),
  addOnKg: of(model.value!.addOnKg),
})
function stamp(lb: boolean) {
  pounds.value = lb
  model.value = every((kg) => restamped(kg, lb))
}
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
    <div v-else class="field-line">
      <NumberField
        v-for="f in fields"
        :key="f.key"
        :model-value="stamped.shown(model[f.key])"
        :label="f.label"
        :wrong="wrong(`${field}.${f.key}`)"
        @update:model-value="(v) => (model = { ...model!, [f.key]: stamped.kg(v ?? 0) })"
      />
      <StampedIn :model-value="pounds" :name="name" class="level" @update:model-value="stamp" />
      <BButton size="sm" variant="outline-primary" @click="model = undefined">There is none</BButton>
    </div>
  </fieldset>
</template>
