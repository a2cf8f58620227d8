<script setup lang="ts">
import type { Problem } from './api/client'

defineProps<{ problem: Problem | null }>()
</script>

<template>
  <div v-if="problem" class="notice" role="alert">
    <strong>{{ problem.title }}.</strong>
    {{ problem.detail }}
    <span v-if="problem.status >= 500 && problem.request" class="field-name">Request {{ problem.request }}.</span>
    <ul v-if="problem.fields.length" class="mb-0">
      <li v-for="f in problem.fields" :key="f.field">
        <span class="field-name">{{ f.field.replace('details.', '') }}</span>
        {{ f.message }}
      </li>
    </ul>
    <slot />
  </div>
</template>

<style scoped>
.notice {
  border: 1px solid var(--ease);
  border-left-width: 6px;
  background: var(--card);
  padding: 0.7rem 1rem;
  border-radius: 6px;
  margin: 0.8rem 0;
}
.field-name {
  color: var(--quiet);
}
</style>
