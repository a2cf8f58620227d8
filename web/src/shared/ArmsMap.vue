<script setup lang="ts">
import { computed } from 'vue'
import type { Side, Site } from './api/types'
import { words } from './format'

/** A mark on the drawn arms: a sore place, or a place that a limit protects. */
interface Mark {
  site: Site
  side: Side
  text?: string
}
const props = defineProps<{ marks: Mark[]; picking?: boolean; caption?: string }>()
const emit = defineEmits<{ pick: [site: Site, side: Side] }>()

// Half a body, outward from the midline; the other half is its mirror.
const half =
  'M0 14 L9 14 C10 22 14 25 26 28 C42 31 54 36 58 52 C61 66 62 80 65 96 C70 108 73 130 75 152 C76 166 78 176 78 186' +
  ' C77 194 70 195 67 188 C66 178 65 168 63 156 C58 140 52 126 50 112 C47 98 44 84 41 70 C40 90 39 110 40 128 L42 160 L0 160 Z'
const places: Record<'front' | 'back', Partial<Record<Site, [number, number]>>> = {
  front: {
    FRONT_OF_SHOULDER: [46, 50],
    TOP_JOINT_OF_SHOULDER: [37, 29],
    CROOK_OF_ELBOW: [60, 103],
    INNER_ELBOW: [47, 119],
    WRIST: [71, 166],
  },
  back: {
    TOP_OUTER_SHOULDER: [51, 43],
    BACK_OF_ELBOW: [54, 106],
    OUTER_ELBOW: [73, 117],
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
      })),
    ),
  })),
)
</script>

<template>
  <div class="arms" role="group" :aria-label="caption ?? 'The client’s arms'">
    <figure v-for="p in points" :key="p.view">
      <svg viewBox="-92 0 184 172" :aria-hidden="!picking">
        <g class="body">
          <circle cx="0" cy="6" r="13" />
          <path :d="half" />
          <path :d="half" transform="scale(-1 1)" />
        </g>
        <g
          v-for="s in p.spots"
          :key="s.site + s.side"
          :class="['spot', { marked: s.mark, picking }]"
          :role="picking ? 'button' : undefined"
          :tabindex="picking ? 0 : undefined"
          :aria-label="picking ? `${words(s.side)} ${words(s.site)}` : undefined"
          :aria-pressed="picking ? !!s.mark : undefined"
          @click="picking && emit('pick', s.site, s.side)"
          @keydown.enter.prevent="picking && emit('pick', s.site, s.side)"
          @keydown.space.prevent="picking && emit('pick', s.site, s.side)"
        >
          <circle v-if="picking || s.mark" :cx="s.x" :cy="s.y" r="9.5" />
          <text v-if="s.mark?.text" :x="s.x" :y="s.y + 4.5" text-anchor="middle">{{ s.mark.text }}</text>
        </g>
        <text class="side" x="-88" y="168">{{ p.view === 'front' ? 'right' : 'left' }}</text>
        <text class="side" x="88" y="168" text-anchor="end">{{ p.view === 'front' ? 'left' : 'right' }}</text>
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
  font-size: 9px;
  fill: var(--quiet);
}
.spot circle {
  fill: transparent;
  stroke: var(--line);
  stroke-width: 1.2;
}
.spot.picking {
  cursor: pointer;
}
.spot.picking:hover circle {
  fill: color-mix(in srgb, var(--copper) 25%, transparent);
}
.spot.marked circle {
  fill: var(--copper);
  stroke: var(--copper);
}
.spot:focus-visible {
  outline: none;
}
.spot:focus-visible circle {
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
