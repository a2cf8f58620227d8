<script setup lang="ts">
/** A number of a written exercise; what is out of its range is not taken. */
const props = defineProps<{ name: string; least: number; most: number; step?: number; value?: number }>()
const emit = defineEmits<{ change: [value: number] }>()

function changed(e: Event) {
  const value = Number((e.target as HTMLInputElement).value)
  const step = props.step ?? 1
  if (Number.isFinite(value) && value >= props.least && value <= props.most) {
    emit('change', Math.round(value / step) * step)
  }
}
</script>

<template>
  <input
    type="number"
    :min="least"
    :max="most"
    :step="step ?? 1"
    :value="value ?? ''"
    :aria-label="name"
    @change="changed"
  />
</template>

<style scoped>
input {
  width: 4.2rem;
}
</style>
