<script setup lang="ts">
import { computed, ref } from 'vue'

/**
 * An angle on a dial, dragged, stepped with the arrow keys or typed beside it; and the arc in which it hurts, drawn with
 * two handles.
 */
const value = defineModel<number | undefined>('value')
const from = defineModel<number | undefined>('from')
const to = defineModel<number | undefined>('to')
const props = defineProps<{ least: number; most: number; norm?: number; label: string; live?: number }>()

const R = 80
const span = computed(() => props.most - props.least)
// A half circle: the least at the bottom, the most at the top, opening to the right like a raised arm.
const turn = (degrees: number) => Math.PI * ((degrees - props.least) / span.value) - Math.PI / 2
const at = (degrees: number, r = R) => [r * Math.cos(turn(degrees)), -r * Math.sin(turn(degrees))]
const arc = (a: number, b: number, r: number) => {
  const [x1, y1] = at(a, r)
  const [x2, y2] = at(b, r)
  return `M${x1} ${y1} A${r} ${r} 0 0 0 ${x2} ${y2}`
}
const shown = computed(() => props.live ?? value.value)
const ticks = computed(() =>
  Array.from({ length: Math.floor(span.value / 30) + 1 }, (_, i) => Math.ceil(props.least / 30) * 30 + i * 30).filter(
    (t) => t <= props.most,
  ),
)

type Handle = 'value' | 'from' | 'to'
const models = { value, from, to }
const dragging = ref<Handle | null>(null)
const svg = ref<SVGSVGElement | null>(null)
const limit = (v: number) => Math.round(Math.min(props.most, Math.max(props.least, v)))

function set(handle: Handle, degrees: number) {
  const v = limit(degrees)
  models[handle].value = v
  if (handle === 'from' && (to.value === undefined || to.value < v)) to.value = Math.max(v, value.value ?? v)
  if (handle === 'to' && from.value !== undefined && v < from.value) from.value = v
}
function move(e: PointerEvent) {
  if (!dragging.value || !svg.value) return
  const box = svg.value.getBoundingClientRect()
  const scale = 220 / box.height
  const x = (e.clientX - box.left) * scale - 24
  const y = 110 - (e.clientY - box.top) * scale
  set(dragging.value, ((Math.atan2(y, Math.max(x, 0)) + Math.PI / 2) / Math.PI) * span.value + props.least)
}
function grab(handle: Handle, e: PointerEvent) {
  dragging.value = handle
  ;(e.target as Element).setPointerCapture?.(e.pointerId)
}
function key(handle: Handle, e: KeyboardEvent) {
  const step = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[e.key]
  if (!step) return
  e.preventDefault()
  set(handle, (models[handle].value ?? (handle === 'value' ? (props.norm ?? props.least) : (value.value ?? 90))) + step)
}
const handles = computed(() =>
  (['value', ...(from.value === undefined ? [] : ['from', 'to'])] as Handle[]).map((name) => ({
    name,
    degrees: (name === 'value' ? shown.value : models[name].value) ?? props.norm ?? props.least,
    set: (name === 'value' ? shown.value : models[name].value) !== undefined,
    label: { value: props.label, from: `${props.label}: begins to hurt`, to: `${props.label}: stops hurting` }[name],
  })),
)
</script>

<template>
  <svg ref="svg" viewBox="-24 -110 134 220" class="dial" @pointermove="move" @pointerup="dragging = null">
    <path :d="arc(least, most, R)" class="track" />
    <path v-if="from !== undefined && to !== undefined" :d="arc(from, to, R)" class="sore" />
    <g v-for="t in ticks" :key="t">
      <line :x1="at(t, 74)[0]" :y1="at(t, 74)[1]" :x2="at(t, 86)[0]" :y2="at(t, 86)[1]" class="tick" />
      <text :x="at(t, 98)[0]" :y="at(t, 98)[1]! + 4" text-anchor="middle">{{ t }}</text>
    </g>
    <line v-if="norm !== undefined" x1="0" y1="0" :x2="at(norm)[0]" :y2="at(norm)[1]" class="norm" />
    <line v-if="shown !== undefined" x1="0" y1="0" :x2="at(shown)[0]" :y2="at(shown)[1]" class="needle" />
    <text x="108" y="106" text-anchor="end" class="number">
      {{ shown === undefined ? '–' : `${Math.round(shown)}°` }}
    </text>
    <g
      v-for="h in handles"
      :key="h.name"
      role="slider"
      tabindex="0"
      :aria-label="h.label"
      :aria-valuemin="least"
      :aria-valuemax="most"
      :aria-valuenow="Math.round(h.degrees)"
      :aria-valuetext="h.set ? `${Math.round(h.degrees)} degrees` : 'not measured'"
      :class="['handle', h.name, { unset: !h.set }]"
      @pointerdown.prevent="grab(h.name, $event)"
      @keydown="key(h.name, $event)"
    >
      <circle :cx="at(h.degrees)[0]" :cy="at(h.degrees)[1]" r="20" class="reach" />
      <circle :cx="at(h.degrees)[0]" :cy="at(h.degrees)[1]" r="9" class="knob" />
    </g>
  </svg>
</template>

<style scoped>
.dial {
  width: 100%;
  max-width: 10rem;
  touch-action: none;
}
.track {
  fill: none;
  stroke: color-mix(in srgb, var(--line) 45%, transparent);
  stroke-width: 8;
}
.sore {
  fill: none;
  stroke: var(--copper);
  stroke-width: 12;
}
.tick {
  stroke: var(--line);
}
text {
  font-size: 11px;
  fill: var(--quiet);
}
.number {
  font-size: 22px;
  font-weight: 650;
  fill: var(--ink);
}
.norm {
  stroke: var(--line);
  stroke-dasharray: 4 4;
}
.needle {
  stroke: var(--tide);
  stroke-width: 3;
}
.reach {
  fill: transparent;
}
.knob {
  fill: var(--tide);
  stroke: var(--card);
  stroke-width: 2;
}
.unset .knob {
  fill: var(--card);
  stroke: var(--tide);
}
.from .knob,
.to .knob {
  fill: var(--copper);
}
.handle {
  cursor: grab;
}
.handle:focus-visible {
  outline: none;
}
.handle:focus-visible .knob {
  stroke: var(--ink);
  stroke-width: 4;
}
</style>
