<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { StrandItem } from './api/types'
import { date } from './format'
import SignalMark from './SignalMark.vue'

/** A client's line of time: screens, sessions, mornings, limits due and the next visit. */
const props = defineProps<{ items: StrandItem[]; today: string; selected?: string; more?: boolean }>()
const emit = defineEmits<{ select: [item: StrandItem]; earlier: [] }>()

// A morning hangs on its session's shape; the strand shows it as a line under it instead of a shape of its own.
const shown = computed(() => props.items.filter((i) => i.kind !== 'MORNING'))
const answered = computed(() => new Set(props.items.filter((i) => i.kind === 'MORNING').map((i) => i.id)))
const selectable = (i: StrandItem) => i.kind === 'SESSION' || i.kind === 'SCREEN' || i.kind === 'NEXT'

// As many as there is room for; the rest is a press away to either side, and nothing scrolls.
const WIDTH_REM = 3.75
const line = ref<HTMLElement>()
const room = ref(18)
/** How many of the latest are out of sight to the right. */
const later = ref(0)
const all = computed(() => shown.value.length)
const fitting = computed(() => Math.max(3, room.value - (later.value ? 1 : 0)))
const first = computed(() => {
  const from = Math.max(0, all.value - later.value - fitting.value)
  return from > 0 || props.more ? Math.min(from + 1, all.value - 1) : 0
})
const seen = computed(() => shown.value.slice(first.value, all.value - later.value))
const step = computed(() => Math.max(1, fitting.value - 2))

function earlierOnes() {
  // What is fetched now comes in front, so that the window stays where it is until the next press.
  if (first.value <= 1 && props.more) emit('earlier')
  else later.value = Math.min(later.value + step.value, Math.max(0, all.value - fitting.value))
}
function laterOnes() {
  later.value = Math.max(0, later.value - step.value)
}
watch(all, (now, before) => {
  if (before && now > before) later.value = Math.min(later.value + step.value, now - fitting.value)
})
const measure = () => {
  const rem = parseFloat(getComputedStyle(document.documentElement).fontSize) || 16
  if (line.value?.clientWidth) room.value = Math.floor(line.value.clientWidth / (WIDTH_REM * rem))
}
const observer = typeof ResizeObserver === 'undefined' ? undefined : new ResizeObserver(measure)
onMounted(() => {
  measure()
  if (line.value) observer?.observe(line.value)
})
onBeforeUnmount(() => observer?.disconnect())
</script>

<template>
  <nav class="strand" aria-label="The client’s line of time">
    <ol ref="line">
      <li v-if="first > 0 || more">
        <button type="button" class="item" @click="earlierOnes">
          <span class="shape">…</span>
          <span class="what">&nbsp;</span>
          <span class="when">earlier</span>
        </button>
      </li>
      <li
        v-for="(i, n) in seen"
        :key="`${i.kind} ${i.id ?? n}`"
        :class="[i.kind.toLowerCase(), { future: i.on > today }]"
      >
        <component
          :is="selectable(i) ? 'button' : 'span'"
          :type="selectable(i) ? 'button' : undefined"
          class="item"
          :aria-current="selectable(i) && (i.kind === 'NEXT' ? !selected : i.id === selected) ? 'true' : undefined"
          @click="selectable(i) && emit('select', i)"
        >
          <span class="shape">
            <SignalMark v-if="i.kind === 'SESSION' && i.status !== 'STOPPED' && i.signal" :signal="i.signal" wordless />
            <span v-else-if="i.status === 'STOPPED'" class="stopped">stop</span>
            <svg v-else viewBox="0 0 20 20" width="18" height="18" aria-hidden="true">
              <rect v-if="i.kind === 'SCREEN'" x="3" y="3" width="14" height="14" rx="2" />
              <path v-else-if="i.kind === 'LIMITS_DUE'" d="M10 2 L18 10 L10 18 L2 10 Z" />
              <path v-else d="M4 10h11M10 4l6 6-6 6" />
            </svg>
          </span>
          <span class="what">
            {{ i.kind === 'SESSION' ? '' : i.kind === 'NEXT' ? 'next' : i.kind === 'SCREEN' ? 'screen' : 'limits due' }}
          </span>
          <span class="when">{{ date(i.on).slice(4) }}</span>
          <span class="visually-hidden">
            {{ i.words }}{{ i.id && answered.has(i.id) && i.kind === 'SESSION' ? ', morning answered' : '' }}
          </span>
        </component>
      </li>
      <li v-if="later">
        <button type="button" class="item" @click="laterOnes">
          <span class="shape">…</span>
          <span class="what">&nbsp;</span>
          <span class="when">later</span>
        </button>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.strand {
  border-bottom: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
  margin-bottom: 1rem;
}
ol {
  display: flex;
  list-style: none;
  margin: 0;
  padding: 0.3rem 0 0.4rem;
}
li {
  flex: 1 1 0;
  max-width: 5.5rem;
  position: relative;
}
li::before {
  content: '';
  position: absolute;
  left: 0;
  right: 0;
  top: 1.05rem;
  border-top: 2px solid var(--line);
  z-index: 0;
}
li.future::before {
  border-top-style: dashed;
}
.item {
  position: relative;
  display: grid;
  justify-items: center;
  width: 100%;
  border: 0;
  background: none;
  color: var(--ink);
  padding: 0.3rem 0.3rem 0.2rem;
  border-radius: 6px;
}
.item[aria-current='true'] {
  box-shadow: inset 0 0 0 2px var(--tide);
}
.shape {
  background: var(--ground);
  padding: 0 0.2rem;
  height: 1.5rem;
  display: inline-flex;
  align-items: center;
}
.shape svg {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.next .shape svg {
  stroke: var(--tide);
  stroke-width: 2.6;
}
.stopped {
  background: var(--ink);
  color: var(--ground);
  font-size: 0.75rem;
  padding: 0 0.3rem;
}
.what,
.when {
  font-size: 0.75rem;
  line-height: 1.1;
  color: var(--quiet);
}
.what {
  white-space: nowrap;
}
.what:empty::before {
  content: '\00a0';
}
</style>
