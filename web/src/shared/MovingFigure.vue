<script setup lang="ts">
import { computed } from 'vue'
import type { Figure } from './api/types'
import FigureDrawing from './FigureDrawing.vue'
import { useTempo, type Tempo } from './useTempo'

/** The exercise moving at its tempo, seen from where it shows most, with the load curve beside it. */
const props = defineProps<{ figure: Figure; tempo: Tempo; name: string; still?: boolean }>()
const progress = useTempo(
  () => props.tempo,
  () => props.still ?? false,
)

const frames = computed(() => props.figure.frames)
const share = (demand: number) => (Math.abs(demand) / Math.max(props.figure.peakDemandNm, 0.001)) * 70
const curve = computed(() => frames.value.map((f) => `${share(f.demandNm)},${100 - f.progress * 100}`).join(' '))
const demandNow = computed(() => share(frames.value[Math.round(progress.value * (frames.value.length - 1))]!.demandNm))
const views: Record<Figure['view'], string> = { SIDE: 'side', FRONT: 'front', THREE_QUARTER: 'side and front' }
const view = computed(() => views[props.figure.view])
const label = computed(
  () =>
    `${props.name}, seen from the ${view.value}. The elbow is loaded most, ${Math.round(props.figure.peakDemandNm)} newton metres, at ${Math.round(props.figure.peakBendDeg)} degrees of bend.`,
)
</script>

<template>
  <div class="moving" role="img" :aria-label="label">
    <FigureDrawing :figure="figure" :progress="progress" ghost class="figure" />
    <svg viewBox="-6 -8 92 128" class="curve" aria-hidden="true">
      <line x1="0" y1="0" x2="0" y2="100" class="axis" />
      <polyline :points="curve" class="load" />
      <circle :cx="demandNow" :cy="100 - progress * 100" r="4" class="dot" />
      <text x="0" y="116">load at the elbow</text>
    </svg>
  </div>
</template>

<style scoped>
.moving {
  display: grid;
  grid-template-columns: 1fr 34%;
  gap: 0.5rem;
  align-items: end;
}
.figure,
.curve {
  width: 100%;
  max-height: 100%;
}
.curve text {
  font-size: 9.5px;
  fill: var(--quiet);
}
.axis {
  stroke: var(--line);
}
.load {
  fill: none;
  stroke: var(--tide);
  stroke-width: 3;
}
.dot {
  fill: var(--tide);
}
</style>
