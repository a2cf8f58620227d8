<script setup lang="ts">
import { computed } from 'vue'
import type { ClientStory } from './api/types'
import { title } from './format'
import WhyValue from './WhyValue.vue'

/** Is it getting better? A place's mornings after each session as bars over the line of its usual, and what they come to. */
const props = defineProps<{ story: ClientStory['places'][number] }>()
const MOST = 20
const bars = computed(() => props.story.sessions.slice(-MOST))
const usual = computed(() => bars.value[bars.value.length - 1]?.usual ?? 0)
const directions = { BETTER: 'better', ABOUT_THE_SAME: 'about the same', WORSE: 'worse' }
const x = (i: number) => 2 + (i * 196) / MOST
</script>

<template>
  <div class="ribbon">
    <div class="d-flex gap-2 align-items-baseline">
      <span class="place">{{ title(story.words) }}</span>
      <WhyValue v-if="story.trend" :reason="story.trend.reason" :about="`how the ${story.words} goes`">
        <b :class="story.trend.direction.toLowerCase()">{{ directions[story.trend.direction] }}</b>
      </WhyValue>
      <span v-else class="quiet small">too few mornings to say</span>
    </div>
    <svg viewBox="0 0 200 34" aria-hidden="true">
      <template v-for="(s, i) in bars" :key="s.on">
        <rect
          v-if="s.morning !== undefined"
          :x="x(i)"
          :y="32 - 3 * s.morning"
          width="7"
          :height="Math.max(1, 3 * s.morning)"
          :class="{ over: s.morning > s.usual + 1 }"
        />
        <circle v-else :cx="x(i) + 3.5" cy="28" r="2" />
      </template>
      <line x1="0" x2="200" :y1="32 - 3 * usual" :y2="32 - 3 * usual" />
    </svg>
  </div>
</template>

<style scoped>
.ribbon {
  margin-bottom: 0.5rem;
}
.place {
  color: var(--copper);
}
svg {
  display: block;
  width: 100%;
}
rect {
  fill: color-mix(in srgb, var(--copper) 45%, var(--card));
}
rect.over {
  fill: var(--copper);
}
circle {
  fill: none;
  stroke: var(--line);
  stroke-dasharray: 1.5 1.5;
}
line {
  stroke: var(--ink);
  stroke-width: 0.8;
  stroke-dasharray: 3 2;
}
.better {
  color: var(--go);
}
.worse {
  color: var(--ease);
}
</style>
