<script setup lang="ts">
import { computed } from 'vue'
import type { ExerciseDetail } from '@/shared/api/types'
import LoadChart from '@/shared/LoadChart.vue'
import { useTempo } from '@/shared/useTempo'
import BothViews from './BothViews.vue'

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
    <BothViews :detail="detail" :along="along" :label="`${detail.item.name} as turned, from the side and the front`" />
    <LoadChart
      :curve="detail.curve"
      :before="original.curve"
      :sore-arc="detail.soreArc"
      :progress="along"
      :mark="mark"
    />
  </div>
</template>
