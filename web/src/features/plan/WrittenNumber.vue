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
  <BFormInput
    type="number"
    size="sm"
    class="few"
    :min="least"
    :max="most"
    :step="step ?? 1"
    :model-value="value ?? ''"
    :aria-label="name"
    @change="changed"
  />
</template>
