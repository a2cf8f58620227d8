<script setup lang="ts">
import TextField from './TextField.vue'

/** A number, or nothing while the field is empty. */
const model = defineModel<number | undefined>()
defineProps<{ label: string; wrong?: string; help?: string }>()
</script>

<template>
  <TextField
    :model-value="model"
    type="number"
    step="any"
    :label="label"
    :wrong="wrong"
    :help="help"
    @update:model-value="(v) => (model = v === '' || v === undefined ? undefined : Number(v))"
  />
</template>
