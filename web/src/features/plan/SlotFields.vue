<script setup lang="ts">
import NumberField from '@/shared/NumberField.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import type { Slot } from './useDays'

/** When and where a visit is. */
const slot = defineModel<Slot>({ required: true })
defineProps<{
  places: { id: string; name: string }[]
  wrong: (field: string) => string | undefined
  day: string
}>()
</script>

<template>
  <div class="fields">
    <TextField v-model="slot.on" type="date" :label="day" :wrong="wrong('on')" />
    <TextField v-model="slot.at" type="time" label="Time" :wrong="wrong('at')" />
    <NumberField v-model="slot.minutes" label="Minutes" :wrong="wrong('minutes')" />
    <SelectField
      v-if="places.length > 1"
      v-model="slot.placeId"
      label="Place"
      :options="places.map((p) => ({ value: p.id, text: p.name }))"
      :wrong="wrong('placeId')"
    />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8rem, 1fr));
  gap: 0 1rem;
}
</style>
