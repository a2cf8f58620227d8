<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Side, Site } from './api/types'
import { words } from './format'

/** A mark on the drawn arms: a sore place, or a place that a limit protects. */
interface Mark {
  site: Site
  side: Side
  text?: string
  /** What the session gives this place of what it may take: 1 is all of it, drawn as a ring around the mark. */
  share?: number
  /** Only a limit protects it: hatched, not sore. */
  limit?: boolean
}
/** How much an exercise asks of each site on both arms, 1.0 as its reference; a larger disc for more. */
const props = defineProps<{ marks: Mark[]; stress?: Record<string, number>; picking?: boolean; caption?: string }>()
const emit = defineEmits<{ pick: [site: Site, side: Side] }>()

const AROUND = 2 * Math.PI * 15
// The arm right of the midline, hanging, from the neck to the fingertips and up to the armpit; the other is its mirror.
const arm =
  'M5 -16 C5 -7 8 -2 17 3 C30 9 46 10 54 22 C61 33 62 47 63 62 C64 78 68 88 71 100 C74 112 75 120 75 132' +
  ' C75 148 72 162 71 178 C77 184 81 194 80 203 C79 208 74 206 72 200 L71 214 C70 226 69 236 65 241 C62 244 52 244 50 239' +
  ' C46 226 49 206 55 180 C51 164 43 150 38 134 C35 124 36 116 35 108 C33 92 29 78 26 60'
const fingers = 'M55 226 L54 240 M60 225 L60 242 M65 225 L65 240'
// The trunk is only told by where the arms come from.
const trunk = 'M26 60 C24 76 22 92 22 108'
const places: Record<'front' | 'back', Partial<Record<Site, [number, number]>>> = {
  front: {
    TOP_JOINT_OF_SHOULDER: [26, 14],
    FRONT_OF_SHOULDER: [41, 37],
    CROOK_OF_ELBOW: [55, 112],
    INNER_ELBOW: [36, 128],
    WRIST: [63, 180],
  },
  back: {
    TOP_OUTER_SHOULDER: [47, 25],
    BACK_OF_ELBOW: [49, 112],
    OUTER_ELBOW: [70, 127],
  },
}
const views = ['front', 'back'] as const
const hatch = useId()
const near = ref<{ site: Site; side: Side }>()

const points = computed(() =>
  views.map((view) => ({
    view,
    spots: (['RIGHT', 'LEFT'] as Side[]).flatMap((side) =>
      (Object.entries(places[view]) as [Site, [number, number]][]).map(([site, [x, y]]) => ({
        site,
        side,
        // Seen from the front, the client's right arm is on the left.
        x: (side === 'RIGHT') === (view === 'front') ? -x : x,
        y,
        mark: props.marks.find((m) => m.site === site && m.side === side),
        asked: props.stress?.[site],
      })),
    ),
  })),
)
const named = (s: { site: Site; side: Side }) => `${words(s.side)} ${words(s.site)}`
/** The place under the finger, or else what is marked. */
const said = computed(() => (near.value ? named(near.value) : [...new Set(props.marks.map(named))].join(', ')))
function pick(s: { site: Site; side: Side }) {
  if (props.picking) emit('pick', s.site, s.side)
}
</script>

<template>
  <div class="arms" role="group" :aria-label="caption ?? 'The client’s arms'">
    <svg class="patterns" aria-hidden="true">
      <pattern :id="hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="5" height="5" class="hatch-ground" />
        <line x1="0" y1="0" x2="0" y2="5" class="hatch-line" />
      </pattern>
    </svg>
    <figure v-for="p in points" :key="p.view">
      <svg viewBox="-88 -22 176 270" :aria-hidden="!picking">
        <g class="body">
          <template v-for="flip in [1, -1]" :key="flip">
            <path :d="`${arm} C22 40 20 22 17 3 L17 2 Z`" :transform="`scale(${flip} 1)`" class="skin" />
            <path :d="arm" :transform="`scale(${flip} 1)`" class="edge" />
            <path :d="trunk" :transform="`scale(${flip} 1)`" class="hint" />
            <path v-if="p.view === 'front'" :d="fingers" :transform="`scale(${flip} 1)`" class="hint" />
          </template>
          <path v-if="p.view === 'front'" d="M-20 12 C-12 17 -6 18 -3 18 M20 12 C12 17 6 18 3 18" class="hint" />
          <path v-else d="M0 2 L0 84 M-18 40 C-12 52 -10 58 -12 66 M18 40 C12 52 10 58 12 66" class="hint" />
        </g>
        <g
          v-for="s in p.spots"
          :key="s.site + s.side"
          :class="['spot', { marked: s.mark, limit: s.mark?.limit, picking }]"
          :role="picking ? 'button' : undefined"
          :tabindex="picking ? 0 : undefined"
          :aria-label="picking ? `${named(s)} ${s.mark?.text ?? ''}`.trim() : undefined"
          :aria-pressed="picking ? !!s.mark : undefined"
          @click="pick(s)"
          @keydown.enter.prevent="pick(s)"
          @keydown.space.prevent="pick(s)"
          @pointerenter="near = s"
          @pointerleave="near = undefined"
          @focus="near = s"
          @blur="near = undefined"
        >
          <title>{{ named(s) }}</title>
          <circle v-if="s.asked !== undefined" :cx="s.x" :cy="s.y" :r="Math.min(16, 3 + 7 * s.asked)" class="asked" />
          <template v-if="s.mark?.share !== undefined">
            <circle :cx="s.x" :cy="s.y" r="15" class="may-take" />
            <circle
              :cx="s.x"
              :cy="s.y"
              r="15"
              :class="['takes', { over: s.mark.share > 1.005 }]"
              :stroke-dasharray="`${AROUND * Math.min(1, s.mark.share)} ${AROUND}`"
              :transform="`rotate(-90 ${s.x} ${s.y})`"
            />
          </template>
          <circle :cx="s.x" :cy="s.y" r="12.5" class="reach" />
          <circle
            v-if="picking || s.mark"
            :cx="s.x"
            :cy="s.y"
            r="11"
            :class="['dot', { over: s.asked !== undefined }]"
            :fill="s.mark?.limit ? `url(#${hatch})` : undefined"
          />
          <text v-if="s.mark?.text && s.asked === undefined" :x="s.x" :y="s.y + 4.5" text-anchor="middle">
            {{ s.mark.text }}
          </text>
        </g>
        <text class="side" x="-86" y="-8">{{ p.view === 'front' ? 'right' : 'left' }}</text>
        <text class="side" x="86" y="-8" text-anchor="end">{{ p.view === 'front' ? 'left' : 'right' }}</text>
        <text class="side" x="0" y="240" text-anchor="middle">{{ p.view }}</text>
      </svg>
    </figure>
    <p class="said" aria-hidden="true">{{ said || ' ' }}</p>
  </div>
</template>

<style scoped>
.arms {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.4rem;
}
figure {
  margin: 0;
}
.patterns {
  position: absolute;
  width: 0;
  height: 0;
}
.said {
  grid-column: 1 / -1;
  margin: 0;
  min-height: 1.4em;
  text-align: center;
  font-size: 0.9rem;
}
.skin {
  fill: color-mix(in srgb, var(--ink) 7%, var(--card));
}
.edge {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.6;
}
.hint {
  fill: none;
  stroke: color-mix(in srgb, var(--line) 45%, var(--card));
  stroke-width: 1.4;
  stroke-linecap: round;
}
.hatch-ground {
  fill: var(--card);
}
.hatch-line {
  stroke: var(--ink);
  stroke-width: 2.4;
}
.side {
  font-size: 12px;
  fill: var(--quiet);
}
.may-take,
.takes {
  fill: none;
  stroke-width: 4;
}
.may-take {
  stroke: color-mix(in srgb, var(--line) 45%, var(--card));
}
.takes {
  stroke: var(--tide);
}
.takes.over {
  stroke: var(--ease);
}
.spot .reach {
  fill: transparent;
}
.spot:not(.limit) .dot {
  fill: transparent;
  stroke: var(--line);
  stroke-width: 1.2;
}
.spot.picking {
  cursor: pointer;
}
.spot.picking:hover .dot {
  fill: color-mix(in srgb, var(--copper) 25%, transparent);
}
.spot.marked:not(.limit) .dot {
  fill: var(--copper);
  stroke: var(--copper);
}
.spot.marked.limit .dot {
  stroke: var(--ink);
  stroke-width: 1.6;
}
/* Over a stress disc the sore place is a ring, so that both can be seen. */
.spot.marked .dot.over {
  fill: none;
  stroke-width: 3;
}
.asked {
  fill: color-mix(in srgb, var(--tide) 60%, transparent);
}
.spot:focus-visible {
  outline: none;
}
.spot:focus-visible .dot {
  stroke: var(--tide);
  stroke-width: 3.5;
}
.spot text {
  font-size: 12px;
  font-weight: 700;
  fill: var(--card);
  pointer-events: none;
}
</style>
