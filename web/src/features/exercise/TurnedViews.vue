<script setup lang="ts">
import { computed } from 'vue'
import type { ExerciseDetail } from '@/shared/api/types'
import FigureDrawing from '@/shared/FigureDrawing.vue'
import LoadChart from '@/shared/LoadChart.vue'
import { useTempo } from '@/shared/useTempo'

/**
 * What is on the bench, moving: side, front and the load curve. A component of its own, so that a new moment draws only
 * this and not the whole workbench.
 */
const props = defineProps<{ detail: ExerciseDetail; original: ExerciseDetail; mark?: number }>()
const progress = useTempo(
  () => props.original.tempo,
  () => false,
)
const along = computed(() => {
  const { from, to } = props.detail.done
  return from + progress.value * (to - from)
})
</script>

<template>
  <div>
    <div class="views" role="img" :aria-label="`${detail.item.name} as turned, from the side and the front`">
      <FigureDrawing
        :figure="detail.figure"
        :progress="along"
        :sore-arc="detail.soreArc"
        ghost
        paired
        class="drawing"
      />
      <FigureDrawing
        :figure="detail.figure"
        :progress="along"
        :sore-arc="detail.soreArc"
        view="front"
        paired
        class="drawing"
      />
    </div>
    <LoadChart
      :curve="detail.curve"
      :before="original.curve"
      :sore-arc="detail.soreArc"
      :progress="along"
      :mark="mark"
    />
  </div>
</template>

<style scoped>
.views {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.5rem;
}
.drawing {
  height: 16rem;
}
</style>
