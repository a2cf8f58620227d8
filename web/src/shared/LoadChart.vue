<script setup lang="ts">
import { computed } from 'vue'
import type { CurveView, Part } from './api/types'

/**
 * Load over the range, bottom of the lift at the bottom. The middle 80 % is bracketed, the sore arc shaded in copper, and a
 * marked moment drawn across; a second curve is what it was before.
 */
const props = defineProps<{
  curve: CurveView
  before?: CurveView
  soreArc?: Part[]
  progress?: number
  mark?: number
  top?: number
}>()

const WIDTH = 150
const HEIGHT = 150

const most = computed(() => {
  if (props.top) return props.top
  const all = [props.curve, props.before].flatMap((c) => (c ? [...c.elbowDemandNm, ...(c.shoulderTorqueNm ?? [])] : []))
  return Math.max(5, ...all.map(Math.abs))
})
const x = (nm: number) => (Math.abs(nm) / most.value) * WIDTH
const y = (progress: number) => HEIGHT - progress * HEIGHT
const line = (values: number[], progress: number[]) => values.map((v, i) => `${x(v)},${y(progress[i]!)}`).join(' ')
// Drawn once for an answer, not once for each moment of the lift.
const lines = computed(() => {
  const { curve, before } = props
  return {
    elbow: line(curve.elbowDemandNm, curve.progress),
    shoulder: curve.shoulderTorqueNm && line(curve.shoulderTorqueNm, curve.progress),
    before: before && line(before.elbowDemandNm, before.progress),
  }
})
const nearest = computed(() => Math.round((props.progress ?? 0) * (props.curve.progress.length - 1)))
const start = computed(() => Math.round(props.curve.elbowBendDeg[0]!))
const end = computed(() => Math.round(props.curve.elbowBendDeg[props.curve.elbowBendDeg.length - 1]!))
const rows = computed(() =>
  [0, 0.25, 0.5, 0.75, 1].map((p) => {
    const i = Math.round(p * (props.curve.progress.length - 1))
    return {
      p: Math.round(p * 100),
      bend: Math.round(props.curve.elbowBendDeg[i]!),
      elbow: Math.abs(props.curve.elbowDemandNm[i]!).toFixed(1),
      shoulder: props.curve.shoulderTorqueNm ? props.curve.shoulderTorqueNm[i]!.toFixed(1) : 'carried by the pad',
    }
  }),
)
</script>

<template>
  <div class="chart">
    <svg :viewBox="`-34 -12 ${WIDTH + 66} ${HEIGHT + 44}`" aria-hidden="true">
      <rect
        v-for="(a, i) in soreArc ?? []"
        :key="i"
        x="0"
        :width="WIDTH"
        :y="y(a.to)"
        :height="Math.max(2, y(a.from) - y(a.to))"
        class="sore"
      />
      <path :d="`M-4 ${y(0.9)} h-5 V${y(0.1)} h5`" class="middle" />
      <line x1="0" x2="0" y1="0" :y2="HEIGHT" class="axis" />
      <line x1="0" :x2="WIDTH" :y1="HEIGHT" :y2="HEIGHT" class="axis thin" />
      <line v-if="mark !== undefined" x1="0" :x2="WIDTH" :y1="y(mark)" :y2="y(mark)" class="mark" />
      <polyline v-if="lines.before" :points="lines.before" class="elbow was" />
      <polyline v-if="lines.shoulder" :points="lines.shoulder" class="shoulder" />
      <polyline :points="lines.elbow" class="elbow" />
      <circle
        v-if="progress !== undefined"
        :cx="x(curve.elbowDemandNm[nearest]!)"
        :cy="y(progress)"
        r="4.5"
        class="dot"
      />
      <text x="-12" :y="y(1) + 4" text-anchor="end">{{ end }}°</text>
      <text x="-12" :y="y(0) + 4" text-anchor="end">{{ start }}°</text>
      <text :x="WIDTH" :y="HEIGHT + 14" text-anchor="end">{{ Math.round(most) }} N·m</text>
      <text x="0" :y="HEIGHT + 14">0</text>
    </svg>
    <div class="key small quiet">
      <span>
        <i class="k elbow" />
        elbow
      </span>
      <span v-if="curve.shoulderTorqueNm">
        <i class="k shoulder" />
        shoulder
      </span>
      <span v-else>pad carries the shoulder</span>
      <span v-if="before">
        <i class="k was" />
        elbow before
      </span>
      <span v-if="soreArc?.length">
        <i class="k sore" />
        stay out
      </span>
      <span>
        <i class="k bracket" />
        middle 80 %
      </span>
    </div>
    <div class="visually-hidden">
      <table>
        <caption>Load over the range</caption>
        <thead>
          <tr>
            <th>Progress, %</th>
            <th>Bend, degrees</th>
            <th>Elbow, N·m</th>
            <th>Shoulder, N·m</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in rows" :key="r.p">
            <td>{{ r.p }}</td>
            <td>{{ r.bend }}</td>
            <td>{{ r.elbow }}</td>
            <td>{{ r.shoulder }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>

<style scoped>
.chart {
  position: relative;
}
svg {
  width: 100%;
  max-height: 17rem;
}
text {
  font-size: 11px;
  fill: var(--quiet);
}
polyline {
  fill: none;
}
.axis {
  stroke: var(--line);
}
.axis.thin {
  stroke: color-mix(in srgb, var(--line) 45%, transparent);
}
.middle {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 1.3;
}
.sore {
  fill: color-mix(in srgb, var(--copper) 22%, transparent);
}
.mark {
  stroke: var(--copper);
  stroke-width: 2.5;
}
.elbow {
  stroke: var(--tide);
  stroke-width: 3;
}
.elbow.was {
  stroke: var(--line);
  stroke-width: 2;
  stroke-dasharray: 2 4;
}
.shoulder {
  stroke: var(--quiet);
  stroke-width: 1.8;
  stroke-dasharray: 7 4;
}
.dot {
  fill: var(--tide);
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.9rem;
}
.k {
  display: inline-block;
  width: 1.1rem;
  margin-right: 0.3rem;
  vertical-align: middle;
  border-top: 3px solid var(--tide);
}
.k.shoulder {
  border-top: 2px dashed var(--quiet);
}
.k.was {
  border-top: 2px dotted var(--line);
}
.k.sore {
  border: 0;
  height: 0.7rem;
  background: color-mix(in srgb, var(--copper) 40%, transparent);
}
.k.bracket {
  width: 0.4rem;
  height: 0.8rem;
  border: 1.5px solid var(--quiet);
  border-right: 0;
}
</style>
