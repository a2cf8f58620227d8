<script setup lang="ts">
import { computed } from 'vue'
import type { Side, Site } from './api/types'
import { words } from './format'

/** A mark on the drawn arms: a sore place, or a place that a limit protects. */
interface Mark {
  site: Site
  side: Side
  text?: string
  /** What the session gives this place of what it may take: 1 is all of it, drawn as a ring around the mark. */
  share?: number
}
/** How much an exercise asks of each site on both arms, 1.0 as its reference; a larger disc for more. */
const props = defineProps<{ marks: Mark[]; stress?: Record<string, number>; picking?: boolean; caption?: string }>()
const emit = defineEmits<{ pick: [site: Site, side: Side] }>()

const AROUND = 2 * Math.PI * 14
// Half a body, outward from the midline; the other half is its mirror. Open at the midline, so that no seam is drawn.
const half =
  'M-1 12 L9 12 C9 20 13 24 24 27 C40 31 52 35 57 50 C61 64 62 80 65 97 C70 110 74 130 76 152 C77 160 82 168 82 178' +
  ' C81 188 75 193 71 188 C69 180 67 168 64 156 C58 140 53 126 50 112 C47 98 44 84 41 70 C38 92 37 112 38 130 C38 142 40 156 42 168 L-1 168'
const places: Record<'front' | 'back', Partial<Record<Site, [number, number]>>> = {
  front: {
    FRONT_OF_SHOULDER: [48, 54],
    TOP_JOINT_OF_SHOULDER: [33, 31],
    CROOK_OF_ELBOW: [62, 98],
    INNER_ELBOW: [46, 122],
    WRIST: [72, 158],
  },
  back: {
    TOP_OUTER_SHOULDER: [51, 43],
    BACK_OF_ELBOW: [50, 102],
    OUTER_ELBOW: [75, 117],
  },
}
const views = ['front', 'back'] as const

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
</script>

<template>
  <div class="arms" role="group" :aria-label="caption ?? 'The client’s arms'">
    <figure v-for="p in points" :key="p.view">
      <svg viewBox="-92 -14 184 210" :aria-hidden="!picking">
        <g class="body">
          <ellipse cx="0" cy="1" rx="11" ry="13" />
          <path :d="half" />
          <path :d="half" transform="scale(-1 1)" />
        </g>
        <g
          v-for="s in p.spots"
          :key="s.site + s.side"
          :class="['spot', { marked: s.mark, picking }]"
          :role="picking ? 'button' : undefined"
          :tabindex="picking ? 0 : undefined"
          :aria-label="picking ? `${words(s.side)} ${words(s.site)} ${s.mark?.text ?? ''}`.trim() : undefined"
          :aria-pressed="picking ? !!s.mark : undefined"
          @click="picking && emit('pick', s.site, s.side)"
          @keydown.enter.prevent="picking && emit('pick', s.site, s.side)"
          @keydown.space.prevent="picking && emit('pick', s.site, s.side)"
        >
          <circle v-if="s.asked !== undefined" :cx="s.x" :cy="s.y" :r="Math.min(15, 3 + 6 * s.asked)" class="asked" />
          <template v-if="s.mark?.share !== undefined">
            <circle :cx="s.x" :cy="s.y" r="14" class="may-take" />
            <circle
              :cx="s.x"
              :cy="s.y"
              r="14"
              :class="['takes', { over: s.mark.share > 1.005 }]"
              :stroke-dasharray="`${AROUND * Math.min(1, s.mark.share)} ${AROUND}`"
              :transform="`rotate(-90 ${s.x} ${s.y})`"
            />
          </template>
          <circle v-if="picking" :cx="s.x" :cy="s.y" r="13.5" class="reach" />
          <circle
            v-if="picking || s.mark"
            :cx="s.x"
            :cy="s.y"
            r="10.5"
            :class="['dot', { over: s.asked !== undefined }]"
          />
          <text v-if="s.mark?.text && s.asked === undefined" :x="s.x" :y="s.y + 4.5" text-anchor="middle">
            {{ s.mark.text }}
          </text>
        </g>
        <text class="side" x="-90" y="2">{{ p.view === 'front' ? 'right' : 'left' }}</text>
        <text class="side" x="90" y="2" text-anchor="end">{{ p.view === 'front' ? 'left' : 'right' }}</text>
      </svg>
      <figcaption>{{ p.view }}</figcaption>
    </figure>
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
figcaption {
  text-align: center;
  color: var(--quiet);
  font-size: 0.85rem;
}
.body {
  fill: var(--card);
  stroke: var(--line);
  stroke-width: 1.4;
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
.spot .dot {
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
.spot.marked .dot {
  fill: var(--copper);
  stroke: var(--copper);
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
