<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { clock } from '@/shared/format'
import { tell } from './signals'

/** A ring that empties while the client rests. `ends` is a time in milliseconds; null when nobody rests. */
const props = defineProps<{ ends: number | null; total: number }>()
const now = ref(Date.now())
let timer = 0
onMounted(() => (timer = window.setInterval(() => (now.value = Date.now()), 250)))
// Said once, when a rest that was running here ends.
watch(now, (at, before) => {
  if (props.ends !== null && before < props.ends && at >= props.ends) tell('Rest is over')
})
onBeforeUnmount(() => clearInterval(timer))
const left = computed(() => (props.ends === null ? 0 : Math.max(0, Math.ceil((props.ends - now.value) / 1000))))
const share = computed(() => (props.total ? left.value / props.total : 0))
const AROUND = 2 * Math.PI * 42
</script>

<template>
  <div class="ring" role="timer" :aria-label="left ? `${left} seconds of rest left` : 'no rest running'">
    <svg viewBox="0 0 100 100" aria-hidden="true">
      <circle cx="50" cy="50" r="42" class="track" />
      <circle
        cx="50"
        cy="50"
        r="42"
        class="left"
        :stroke-dasharray="AROUND"
        :stroke-dashoffset="AROUND * (1 - share)"
        transform="rotate(-90 50 50)"
      />
    </svg>
    <span class="digits" :class="{ ready: !left }">{{ left ? clock(left) : 'ready' }}</span>
  </div>
</template>

<style scoped>
.ring {
  position: relative;
  width: 5.2rem;
  height: 5.2rem;
  flex: none;
}
circle {
  fill: none;
  stroke-width: 9;
}
.track {
  stroke: color-mix(in srgb, var(--line) 35%, var(--card));
}
.left {
  stroke: var(--tide);
}
.digits {
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  font-size: 1.4rem;
  font-weight: 700;
}
.digits.ready {
  font-size: 1rem;
  font-weight: 400;
  color: var(--quiet);
}
</style>
