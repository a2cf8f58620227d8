<script setup lang="ts" generic="T extends string | number | boolean">
const model = defineModel<T | undefined>()
defineProps<{ options: { value: T; text: string }[]; label: string; wrong?: string; help?: string }>()
</script>

<template>
  <fieldset class="mb-3">
    <legend class="choice-label">{{ label }}</legend>
    <div class="choice">
      <button
        v-for="o in options"
        :key="String(o.value)"
        type="button"
        :aria-pressed="model === o.value"
        @click="model = o.value"
      >
        {{ o.text }}
      </button>
    </div>
    <div v-if="help" class="quiet small">{{ help }}</div>
    <div v-if="wrong" class="invalid-feedback d-block">{{ wrong }}</div>
  </fieldset>
</template>

<style scoped>
.choice-label {
  font-size: 1rem;
  margin-bottom: 0.3rem;
}
</style>
