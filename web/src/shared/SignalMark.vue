<script setup lang="ts">
import type { Signal } from './api/types'

defineProps<{ signal: Signal; wordless?: boolean }>()
const wordOf: Record<Signal, string> = { GO: 'go', WAITING: 'waiting', SAME: 'same', EASE: 'ease', REFER: 'refer' }
</script>

<template>
  <span class="signal" :class="signal.toLowerCase()">
    <svg viewBox="0 0 20 20" width="18" height="18" aria-hidden="true">
      <circle v-if="signal === 'GO'" cx="10" cy="10" r="6.5" fill="currentColor" />
      <circle
        v-else-if="signal === 'WAITING'"
        cx="10"
        cy="10"
        r="6"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
        stroke-dasharray="3 3"
      />
      <g v-else-if="signal === 'SAME'" fill="currentColor">
        <rect x="3" y="5" width="14" height="3.6" rx="1" />
        <rect x="3" y="11.4" width="14" height="3.6" rx="1" />
      </g>
      <path
        v-else-if="signal === 'EASE'"
        d="M3 5h6v5h4v5h4"
        fill="none"
        stroke="currentColor"
        stroke-width="3"
        stroke-linejoin="round"
      />
      <g v-else>
        <rect x="1.5" y="4" width="17" height="12" rx="1.5" fill="currentColor" />
        <path d="M4 7l6 4.6L16 7" fill="none" stroke="var(--card)" stroke-width="1.8" />
      </g>
    </svg>
    <span :class="{ 'visually-hidden': wordless }">{{ wordOf[signal] }}</span>
  </span>
</template>

<style scoped>
.signal {
  display: inline-flex;
  gap: 0.3rem;
  align-items: center;
  font-weight: 600;
  white-space: nowrap;
  vertical-align: text-bottom;
  line-height: 1;
}
.go {
  color: var(--go);
}
.waiting {
  color: var(--quiet);
}
.same {
  color: var(--same);
}
.ease {
  color: var(--ease);
}
.refer {
  color: var(--refer);
}
</style>
