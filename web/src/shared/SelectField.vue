<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

const model = defineModel<T | ''>({ required: true })
defineProps<{ label: string; options: { value: T; text: string }[]; empty?: string; wrong?: string }>()
const id = useId()
</script>

<template>
  <div class="mb-3">
    <label :for="id" class="mb-1">{{ label }}</label>
    <select :id="id" v-model="model" class="form-select" :class="{ 'is-invalid': wrong }">
      <option v-if="empty !== undefined" value="">{{ empty }}</option>
      <option v-for="o in options" :key="o.value" :value="o.value">{{ o.text }}</option>
    </select>
    <div v-if="wrong" class="invalid-feedback d-block">{{ wrong }}</div>
  </div>
</template>
