<script setup lang="ts">
import type { Reason } from './api/types'
import { focused, opened } from './why'

/** A value that is its own why: focusing it says the sentence that made it in the line below, pressing it opens all of it. */
defineProps<{ reason: Reason }>()
</script>

<template>
  <button
    type="button"
    class="value"
    @click="opened = reason"
    @focus="focused = reason"
    @blur="focused = null"
    @mouseenter="focused = reason"
    @mouseleave="focused = null"
  >
    <slot />
  </button>
</template>

<style scoped>
.value {
  border: 0;
  padding: 0 0.1rem;
  min-height: 1.75rem;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  text-decoration: underline dotted var(--line);
  text-underline-offset: 0.25em;
}
.value:hover,
.value:focus-visible {
  text-decoration-color: var(--tide);
}
</style>
