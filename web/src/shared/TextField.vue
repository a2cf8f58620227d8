<script setup lang="ts">
import { useId } from 'vue'

const model = defineModel<string | number | undefined>()
defineProps<{
  label: string
  type?: 'text' | 'email' | 'password' | 'number' | 'date' | 'time'
  wrong?: string
  help?: string
  step?: string
  min?: string
  autocomplete?: string
  lines?: number
}>()
const id = useId()
</script>

<template>
  <BFormGroup :label="label" :label-for="id" class="mb-3">
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
      :min="min"
      :autocomplete="autocomplete ?? 'off'"
      :state="wrong ? false : null"
      :aria-describedby="wrong || help ? `${id}-more` : undefined"
    />
    <BFormInvalidFeedback v-if="wrong" :id="`${id}-more`" :state="false">{{ wrong }}</BFormInvalidFeedback>
    <BFormText v-else-if="help" :id="`${id}-more`">{{ help }}</BFormText>
  </BFormGroup>
</template>
