<script setup lang="ts">
import NumberField from '@/shared/NumberField.vue'

/** Two numbers that belong together. With one of them typed the other begins alike; where none is needed, empty takes both away. */
const pair = defineModel<[number, number] | undefined>({ required: true })
const props = defineProps<{ from: string; to: string; needed?: boolean }>()

function end(n: 0 | 1, value: number | undefined) {
  if (value === undefined) {
    // What is needed stays as it was while nothing stands in the field.
    if (!props.needed) pair.value = undefined
    return
  }
  const both: [number, number] = pair.value ? [...pair.value] : [value, value]
  both[n] = value
  pair.value = both
}
</script>

<template>
  <div class="pair">
    <NumberField :model-value="pair?.[0]" :label="from" @update:model-value="(v) => end(0, v)" />
    <NumberField :model-value="pair?.[1]" :label="to" @update:model-value="(v) => end(1, v)" />
  </div>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 0.8rem;
}
</style>
