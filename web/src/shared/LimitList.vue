<script setup lang="ts">
import type { Limit } from './api/types'
import { date } from './format'
import { limitWords } from './limits'
import WhyButton from './WhyButton.vue'

defineProps<{ limits: Limit[] }>()
</script>

<template>
  <p v-if="!limits.length" class="quiet mb-0">No limits.</p>
  <ul v-else class="limits">
    <li v-for="(l, i) in limits" :key="i">
      <span>{{ limitWords(l) }}</span>
      <WhyButton :reason="l.reason" :about="limitWords(l)" />
      <span class="quiet small">look again {{ date(l.lookAgainOn) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.limits {
  list-style: none;
  padding: 0;
  margin: 0;
}
.limits li {
  padding: 0.25rem 0;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
</style>
