<script setup lang="ts">
/** Days of the week, any number of them. */
const model = defineModel<string[]>({ required: true })
defineProps<{ label: string; help?: string }>()
const days = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY']

function toggle(day: string) {
  // In the order of the week, whatever the order of pressing.
  const has = model.value.includes(day)
  model.value = days.filter((d) => (d === day ? !has : model.value.includes(d)))
}
</script>

<template>
  <fieldset class="mb-3">
    <legend class="fs-6 mb-1">{{ label }}</legend>
    <div class="choice">
      <button v-for="d in days" :key="d" type="button" :aria-pressed="model.includes(d)" @click="toggle(d)">
        {{ d.charAt(0) + d.slice(1, 3).toLowerCase() }}
      </button>
    </div>
    <div v-if="help" class="quiet small">{{ help }}</div>
  </fieldset>
</template>
