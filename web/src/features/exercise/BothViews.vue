<script setup lang="ts">
import type { ExerciseDetail } from '@/shared/api/types'
import FigureDrawing from '@/shared/FigureDrawing.vue'

/** One moment of an exercise from the side and from the front, to the same scale. */
defineProps<{ detail: ExerciseDetail; along: number; label: string }>()
</script>

<template>
  <div class="views" role="img" :aria-label="label">
    <FigureDrawing
      :figure="detail.figure"
      :progress="along"
      :sore-arc="detail.soreArc"
      view="SIDE"
      ghost
      paired
      class="drawing"
    />
    <FigureDrawing
      :figure="detail.figure"
      :progress="along"
      :sore-arc="detail.soreArc"
      view="FRONT"
      paired
      class="drawing"
    />
  </div>
</template>

<style scoped>
.views {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.4rem;
  align-items: end;
}
.drawing {
  height: 15.5rem;
}
@media print {
  .views {
    display: none;
  }
}
</style>
