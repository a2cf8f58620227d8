<script setup lang="ts">
import type { Figure } from './api/types'
import FigureDrawing from './FigureDrawing.vue'

/** The same figure as three still frames: start, middle and end, for paper and for reduced motion. */
defineProps<{ figure: Figure; name: string }>()
const moments = [
  { at: 0, text: 'start' },
  { at: 0.5, text: 'middle' },
  { at: 1, text: 'end' },
]
</script>

<template>
  <div class="frames" role="img" :aria-label="`${name} in three moments: start, middle and end`">
    <div v-for="m in moments" :key="m.at">
      <FigureDrawing :figure="figure" :progress="m.at" />
      <span class="quiet small">{{ m.text }}</span>
    </div>
  </div>
</template>

<style scoped>
.frames {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0.5rem;
  text-align: center;
}
</style>
