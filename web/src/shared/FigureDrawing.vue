<script setup lang="ts">
import { computed } from 'vue'
import type { Figure, Part } from './api/types'
import {
  arrow,
  box,
  held,
  momentAt,
  otherAnchor,
  pairedBox,
  project,
  type Piece,
  type Point,
  type View,
} from './figure'

/** One moment of an exercise, drawn from the model's keyframes, from the side or the front. */
const props = withDefaults(
  defineProps<{ figure: Figure; progress: number; view?: View; ghost?: boolean; paired?: boolean; soreArc?: Part[] }>(),
  {
    view: 'side',
    soreArc: undefined,
  },
)

const moment = computed(() => momentAt(props.figure, props.progress))
const frame = computed(() => (props.paired ? pairedBox : box)(props.figure, props.view))
const viewBox = computed(() => `${frame.value.x} ${frame.value.y} ${frame.value.width} ${frame.value.height}`)
const at = (p: { x: number; y: number; z: number }) => project(p, props.view)
const path = (points: Point[]) => points.map(([x, y]) => `${x},${y}`).join(' ')
const line = (points: { x: number; y: number; z: number }[]) => path(points.map(at))

const trunk = computed(() => {
  const m = moment.value
  return line([m.shoulder, m.otherShoulder, m.otherLeg[0]!, m.leg[0]!])
})
// Somebody lying with the feet toward the eye has the head behind the trunk.
const headBehind = computed(() => props.view === 'front' && moment.value.head.x < moment.value.hip.x - 0.15)
const first = computed(() => props.figure.frames[0]!)
const lines = computed(() => {
  const { anchor } = props.figure
  const m = moment.value
  if (!anchor) return []
  const own = line([anchor, m.grip])
  return props.figure.bothArms ? [own, line([otherAnchor(anchor, m), m.otherGrip])] : [own]
})
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
const pieces = computed<Piece[]>(() => held(props.figure, moment.value, props.view))
const pull = computed(() => arrow(moment.value, props.view))
const wide = computed(() => props.figure.implement === 'BAND')
</script>

<template>
  <svg :viewBox="viewBox" class="figure" aria-hidden="true">
    <line :x1="frame.x" :x2="frame.x + frame.width" :y1="-figure.floorY" :y2="-figure.floorY" class="floor" />
    <template v-for="(p, i) in figure.props" :key="i">
      <polygon v-if="p.points.length > 2" :points="line(p.points)" :class="['prop', p.kind.toLowerCase()]" />
      <polyline v-else :points="line(p.points)" :class="['prop', p.kind.toLowerCase()]" />
    </template>
    <polyline :points="line(moment.otherLeg)" class="leg far" />
    <polyline :points="line([moment.otherShoulder, moment.otherElbow, moment.otherGrip])" class="arm far" />
    <circle v-if="headBehind" :cx="at(moment.head)[0]" :cy="at(moment.head)[1]" r="0.1" class="head" />
    <polygon :points="trunk" class="trunk" />
    <polyline :points="line(moment.leg)" class="leg" />
    <template v-if="!headBehind">
      <line
        :x1="(at(moment.shoulder)[0] + at(moment.otherShoulder)[0]) / 2"
        :y1="(at(moment.shoulder)[1] + at(moment.otherShoulder)[1]) / 2"
        :x2="at(moment.head)[0]"
        :y2="at(moment.head)[1]"
        class="neck"
      />
      <circle :cx="at(moment.head)[0]" :cy="at(moment.head)[1]" r="0.1" class="head" />
    </template>
    <polyline v-for="(l, i) in sorePaths" :key="'s' + i" :points="l" class="sore" />
    <polyline v-for="(l, i) in lines" :key="'l' + i" :points="l" :class="['pull', { wide }]" />
    <circle v-if="figure.anchor" :cx="at(figure.anchor)[0]" :cy="at(figure.anchor)[1]" r="0.028" class="anchor" />
    <polyline v-if="ghost" :points="line([first.shoulder, first.elbow, first.grip])" class="ghost" />
    <polyline :points="line([moment.shoulder, moment.elbow, moment.grip])" class="arm" />
    <template v-for="(p, i) in pieces" :key="'w' + i">
      <circle v-if="p.kind === 'disc'" :cx="p.at[0]" :cy="p.at[1]" :r="p.r" :class="['weight', { hollow: p.hollow }]" />
      <line
        v-else
        :x1="p.from[0]"
        :y1="p.from[1]"
        :x2="p.to[0]"
        :y2="p.to[1]"
        :stroke-width="p.width"
        class="weight-line"
      />
    </template>
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
  /* A weight at the edge of its frame is drawn whole; in a grid the figure must then be told that it may shrink. */
  overflow: visible;
  min-width: 0;
  min-height: 0;
}
.figure * {
  stroke-linecap: round;
  stroke-linejoin: round;
}
.floor {
  stroke: color-mix(in srgb, var(--line) 40%, transparent);
  stroke-width: 0.012;
}
.trunk {
  fill: color-mix(in srgb, var(--line) 70%, var(--card));
  stroke: color-mix(in srgb, var(--line) 70%, var(--card));
  stroke-width: 0.1;
}
.leg,
.neck {
  fill: none;
  stroke: color-mix(in srgb, var(--line) 70%, var(--card));
  stroke-width: 0.085;
}
.neck {
  stroke-width: 0.06;
}
.leg.far,
.arm.far {
  stroke: color-mix(in srgb, var(--line) 40%, var(--card));
}
.head {
  fill: var(--card);
  stroke: color-mix(in srgb, var(--line) 70%, var(--card));
  stroke-width: 0.03;
}
.arm {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.06;
}
.sore {
  fill: none;
  stroke: color-mix(in srgb, var(--copper) 55%, transparent);
  stroke-width: 0.09;
}
.ghost {
  fill: none;
  stroke: var(--line);
  stroke-width: 0.022;
  stroke-dasharray: 0.04 0.05;
}
.weight {
  fill: var(--tide);
  stroke: var(--tide);
  stroke-width: 0.015;
}
.weight.hollow {
  fill: var(--card);
  stroke-width: 0.022;
}
.weight-line {
  stroke: var(--tide);
  stroke-linecap: butt !important;
}
.pull {
  fill: none;
  stroke: var(--tide);
  stroke-width: 0.014;
}
.pull.wide {
  stroke-width: 0.034;
  opacity: 0.75;
}
.anchor {
  fill: var(--tide);
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
  fill: color-mix(in srgb, var(--line) 28%, var(--card));
  stroke: color-mix(in srgb, var(--line) 45%, var(--card));
  stroke-width: 0.04;
}
.prop.post,
.prop.frame,
.prop.strap {
  fill: none;
  stroke-width: 0.022;
}
</style>
