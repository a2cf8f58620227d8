<script setup lang="ts">
import { computed, inject } from 'vue'
import type { Figure, Part } from './api/types'
import { arrow, momentAt, project, type Point, type Vec, type View } from './figure'
import { box, drawn, ghost as ghostOf, pairedBox, placeOf } from './figureBody'
import { SORE_PLACES } from './sorePlaces'

/** One moment of an exercise as a body, drawn from the model's keyframes, from where it shows most or as asked. */
const props = defineProps<{
  figure: Figure
  progress: number
  view?: View
  ghost?: boolean
  paired?: boolean
  soreArc?: Part[]
}>()

const sorePlaces = inject(SORE_PLACES, () => [])
const from = computed(() => props.view ?? props.figure.view)
const moment = computed(() => momentAt(props.figure, props.progress))
const frame = computed(() => (props.paired ? pairedBox : box)(props.figure, from.value))
const viewBox = computed(() => `${frame.value.x} ${frame.value.y} ${frame.value.width} ${frame.value.height}`)
const path = (points: Point[]) => points.map(([x, y]) => `${x},${y}`).join(' ')
const line = (points: Vec[]) => path(points.map((p) => project(p, from.value)))

const shapes = computed(() => drawn(props.figure, moment.value, from.value))
const ends = computed(() =>
  props.ghost
    ? [props.figure.frames[0]!, props.figure.frames[props.figure.frames.length - 1]!].map((f) =>
        ghostOf(props.figure, f, from.value),
      )
    : [],
)
// The way of the hand where the client should stay out.
const sorePaths = computed(() =>
  (props.soreArc ?? []).map((part) =>
    line(
      [0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1].map(
        (t) => momentAt(props.figure, part.from + (part.to - part.from) * t).grip,
      ),
    ),
  ),
)
const rings = computed(() =>
  sorePlaces()
    .filter((s) => props.figure.bothArms || s.side === 'RIGHT')
    .map((s) => placeOf(props.figure, moment.value, from.value, s.site, s.side)),
)
const pull = computed(() => arrow(moment.value, from.value))
</script>

<template>
  <svg :viewBox="viewBox" class="figure" aria-hidden="true">
    <line :x1="frame.x" :x2="frame.x + frame.width" :y1="-figure.floorY" :y2="-figure.floorY" class="floor" />
    <template v-for="(p, i) in figure.props" :key="i">
      <polygon v-if="p.points.length > 2" :points="line(p.points)" :class="['prop', p.kind.toLowerCase()]" />
      <polyline v-else :points="line(p.points)" :class="['prop', p.kind.toLowerCase()]" />
    </template>
    <path v-for="(g, i) in ends" :key="'g' + i" :d="g.path()" class="ghost" />
    <circle
      v-if="figure.anchor"
      :cx="project(figure.anchor, from)[0]"
      :cy="project(figure.anchor, from)[1]"
      r="0.04"
      class="thing"
    />
    <path v-for="(s, i) in shapes" :key="'b' + i" :d="s.path()" :class="s.tone" />
    <polyline v-for="(l, i) in sorePaths" :key="'s' + i" :points="l" class="sore" />
    <circle v-for="(r, i) in rings" :key="'r' + i" :cx="r[0]" :cy="r[1]" r="0.075" class="sore-ring" />
    <template v-if="pull">
      <polyline :points="path(pull.line)" class="arrow" />
      <polygon :points="path(pull.head)" class="arrow-head" />
    </template>
  </svg>
</template>

<style scoped>
.figure {
  width: 100%;
  max-height: 100%;
  min-width: 0;
  min-height: 0;
  --flesh: color-mix(in srgb, var(--ink) 26%, var(--card));
}
.figure * {
  stroke-linecap: round;
  stroke-linejoin: round;
}
.floor {
  stroke: color-mix(in srgb, var(--line) 55%, transparent);
  stroke-width: 0.012;
}
/* Each part has a thin edge of paper, so that an arm is told from the trunk behind it. */
.near,
.far,
.body,
.thing,
.hollow,
.thumb,
.finger {
  stroke: var(--card);
  stroke-width: 0.02;
  /* The edge lies under the whole shape, so that its parts run into each other. */
  paint-order: stroke;
}
.near {
  fill: color-mix(in srgb, var(--ink) 52%, var(--card));
}
.body {
  fill: var(--flesh);
}
.far {
  fill: color-mix(in srgb, var(--ink) 15%, var(--card));
}
.thumb {
  fill: var(--ink);
}
.finger {
  fill: color-mix(in srgb, var(--ink) 18%, var(--card));
}
.muscle {
  fill: var(--tide);
}
.thing {
  fill: var(--ink);
}
.hollow {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 0.022;
}
.line {
  fill: var(--ink);
}
.band {
  fill: color-mix(in srgb, var(--ink) 75%, var(--card));
}
.ghost {
  fill: none;
  stroke: color-mix(in srgb, var(--line) 60%, transparent);
  stroke-width: 0.01;
  stroke-dasharray: 0.03 0.03;
}
.sore {
  fill: none;
  stroke: color-mix(in srgb, var(--copper) 55%, transparent);
  stroke-width: 0.07;
}
.sore-ring {
  fill: none;
  stroke: var(--copper);
  stroke-width: 0.026;
}
.arrow {
  fill: none;
  stroke: var(--tide);
  stroke-width: 0.024;
}
.arrow-head {
  fill: var(--tide);
}
.prop {
  fill: color-mix(in srgb, var(--line) 30%, var(--card));
  stroke: color-mix(in srgb, var(--line) 55%, var(--card));
  stroke-width: 0.045;
}
.prop.post,
.prop.frame,
.prop.strap {
  fill: none;
  stroke-width: 0.03;
}
</style>
