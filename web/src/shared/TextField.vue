<script setup lang="ts">
import { useId } from 'vue'

const model = defineModel<string | number | undefined>()
defineProps<{
  label: string
  type?: 'text' | 'email' | 'password' | 'number' | 'date' | 'time'
  wrong?: string
  help?: string
  step?: string
  autocomplete?: string
  lines?: number
}>()
const id = useId()
</script>

<template>
  <div class="mb-3">
    <label :for="id" class="mb-1">{{ label }}</label>
    <BFormTextarea
      v-if="lines"
      :id="id"
      :model-value="String(model ?? '')"
      :rows="lines"
      :state="wrong ? false : null"
      :aria-describedby="wrong || help ? `${id}-more` : undefined"
      @update:model-value="(text) => (model = text ?? '')"
    />
    <BFormInput
      v-else
      :id="id"
      v-model="model"
      :type="type ?? 'text'"
      :step="step"
      :autocomplete="autocomplete ?? 'off'"
      :state="wrong ? false : null"
      :aria-describedby="wrong || help ? `${id}-more` : undefined"
    />
    <div :id="`${id}-more`">
      <div v-if="wrong" class="invalid-feedback d-block">{{ wrong }}</div>
      <div v-else-if="help" class="quiet small">{{ help }}</div>
    </div>
  </div>
</template>
