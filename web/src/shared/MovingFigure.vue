<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import type { Figure } from './api/types'
import { bodyLines, frameBox, type Point } from './figure'

/** The exercise drawn from the model's keyframes, seen from the side, with the load curve beside it. */
const props = defineProps<{
  figure: Figure
  tempo: { upS: number; holdS: number; downS: number }
  name: string
  still?: boolean
}>()

const reduced = typeof matchMedia !== 'undefined' && matchMedia('(prefers-reduced-motion: reduce)').matches
const progress = ref(reduced || props.still ? 0.55 : 0)
let request = 0

function step(now: number) {
  const { upS, holdS, downS } = props.tempo
  const total = (upS + holdS + downS + 0.5) * 1000
  const t = (now % total) / 1000
  if (t < upS) progress.value = t / upS
  else if (t < upS + holdS) progress.value = 1
  else progress.value = Math.max(0, 1 - (t - upS - holdS) / Math.max(downS, 0.1))
  request = requestAnimationFrame(step)
}
onMounted(() => {
  if (!reduced && !props.still) request = requestAnimationFrame(step)
})
onBeforeUnmount(() => cancelAnimationFrame(request))

const frames = computed(() => props.figure.frames)
const now = computed(() => {
  const at = progress.value * (frames.value.length - 1)
  const i = Math.min(Math.floor(at), frames.value.length - 2)
  const a = frames.value[i]!
  const b = frames.value[i + 1]!
  const mix = (p: number, q: number) => p + (q - p) * (at - i)
  const point = (k: 'head' | 'hip' | 'elbow' | 'grip'): Point => [mix(a[k].x, b[k].x), mix(a[k].y, b[k].y)]
  return { head: point('head'), hip: point('hip'), elbow: point('elbow'), grip: point('grip') }
})
const ghost = computed(() => {
  const f = frames.value[0]!
  return { elbow: [f.elbow.x, f.elbow.y] as Point, grip: [f.grip.x, f.grip.y] as Point }
})
const lines = computed(() => bodyLines(props.figure, now.value))
const box = computed(() => frameBox(props.figure))
const line = (points: Point[]) => points.map(([x, y]) => `${x},${-y}`).join(' ')

const curve = computed(() => {
  const top = Math.max(props.figure.peakDemandNm, 0.001)
  return frames.value.map((f) => `${(Math.abs(f.demandNm) / top) * 70},${100 - f.progress * 100}`).join(' ')
})
const demandNow = computed(() => {
  const at = progress.value * (frames.value.length - 1)
  const f = frames.value[Math.round(at)]!
  return (Math.abs(f.demandNm) / Math.max(props.figure.peakDemandNm, 0.001)) * 70
})
const label = computed(
  () =>
    `${props.name}, seen from the side. The elbow is loaded most, ${Math.round(props.figure.peakDemandNm)} newton metres, at ${Math.round(props.figure.peakBendDeg)} degrees of bend.`,
)
</script>

<template>
  <div class="moving" role="img" :aria-label="label">
    <svg :viewBox="box" class="figure" aria-hidden="true">
      <polyline v-for="(l, i) in lines.props" :key="'p' + i" :points="line(l)" class="prop" />
      <polyline v-if="figure.anchor" :points="line([[figure.anchor.x, figure.anchor.y], now.grip])" class="pull" />
      <circle v-if="figure.anchor" :cx="figure.anchor.x" :cy="-figure.anchor.y" r="0.025" class="anchor" />
      <polyline v-for="(l, i) in lines.body" :key="'b' + i" :points="line(l)" class="body" />
      <circle :cx="now.head[0]" :cy="-now.head[1]" r="0.105" class="head" />
      <polyline :points="line([[0, 0], ghost.elbow, ghost.grip])" class="ghost" />
      <polyline :points="line([[0, 0], now.elbow, now.grip])" class="arm" />
      <circle v-if="lines.weight" :cx="now.grip[0]" :cy="-now.grip[1]" :r="lines.weight" class="weight" />
    </svg>
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
.figure * {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.body {
  stroke: var(--line);
  stroke-width: 0.075;
}
.head {
  stroke: var(--line);
  stroke-width: 0.03;
  fill: var(--card) !important;
}
.arm {
  stroke: var(--ink);
  stroke-width: 0.06;
}
.ghost {
  stroke: var(--line);
  stroke-width: 0.025;
  stroke-dasharray: 0.04 0.05;
}
.weight {
  fill: var(--tide) !important;
}
.pull {
  stroke: var(--tide);
  stroke-width: 0.02;
}
.anchor {
  fill: var(--tide) !important;
}
.prop {
  stroke: color-mix(in srgb, var(--line) 55%, var(--card));
  stroke-width: 0.045;
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
