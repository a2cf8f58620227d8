<script setup lang="ts">
import type { Reason } from './api/types'
import { focused, opened } from './why'

defineProps<{ reason: Reason | undefined; about: string }>()
</script>

<template>
  <button
    v-if="reason"
    type="button"
    class="why-button"
    :aria-label="`Why: ${about}`"
    @focus="focused = reason"
    @mouseenter="focused = reason"
    @click="opened = reason"
  >
    why
  </button>
</template>

<style scoped>
.why-button {
  border: 0;
  background: none;
  color: var(--tide);
  font-size: 0.85rem;
  min-width: 2.2rem;
  min-height: 1.6rem;
  padding: 0 0.3rem;
  text-decoration: underline;
  text-underline-offset: 0.2em;
}
</style>
