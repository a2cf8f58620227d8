<script setup lang="ts">
import type { Reason } from './api/types'
import { focused, opened } from './why'

/**
 * A value that is its own why: with the focus on it, the line below says the sentence that made it; pressed, all of it opens.
 * Without a reason it is only the value.
 */
defineProps<{ reason: Reason | undefined; about?: string }>()
</script>

<template>
  <button
    v-if="reason"
    type="button"
    class="value"
    :aria-description="`Why: ${about ?? 'this'}`"
    @click="opened = reason"
    @focus="focused = reason"
    @blur="focused = null"
    @mouseenter="focused = reason"
    @mouseleave="focused = null"
  >
    <slot />
  </button>
  <span v-else><slot /></span>
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
  text-decoration: underline dotted color-mix(in srgb, var(--line) 70%, transparent);
  text-underline-offset: 0.25em;
}
.value:hover,
.value:focus-visible {
  text-decoration-color: var(--tide);
}
</style>
