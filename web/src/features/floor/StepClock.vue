<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { clock } from '@/shared/format'
import { tell } from './signals'

/**
 * A clock for what is done by time: a warm-up step, a hold, a station, the cool-down. It is started by hand, goes on through a
 * reload and a sleep, and says when it is over. `name` is what it is kept under.
 */
const props = defineProps<{ name: string; seconds: number; over: string }>()
const emit = defineEmits<{ over: [] }>()
const key = computed(() => `kinesia.clock.${props.name}`)
const ends = ref<number | null>(null)
const now = ref(Date.now())
let timer = 0

function found() {
  ends.value = Number(sessionStorage.getItem(key.value)) || null
}
function start() {
  ends.value = Date.now() + props.seconds * 1000
  now.value = Date.now()
  sessionStorage.setItem(key.value, String(ends.value))
}
function stop() {
  ends.value = null
  sessionStorage.removeItem(key.value)
}
function tick() {
  now.value = Date.now()
  if (ends.value !== null && now.value >= ends.value) {
    stop()
    tell(props.over)
    emit('over')
  }
}
watch(key, found, { immediate: true })
onMounted(() => (timer = window.setInterval(tick, 200)))
onBeforeUnmount(() => clearInterval(timer))
const left = computed(() =>
  ends.value === null ? props.seconds : Math.max(0, Math.ceil((ends.value - now.value) / 1000)),
)
</script>

<template>
  <div class="step-clock">
    <span class="left" role="timer" :aria-label="`${left} seconds`">{{ clock(left) }}</span>
    <button v-if="ends === null" type="button" @click="start">Start the clock</button>
    <button v-else type="button" @click="stop">Stop the clock</button>
  </div>
</template>

<style scoped>
.step-clock {
  display: flex;
  align-items: center;
  gap: 1rem;
}
.left {
  font-size: 3.4rem;
  font-weight: 700;
  line-height: 1;
  min-width: 4.2ch;
}
button {
  min-height: 48px;
  padding: 0 1.2rem;
  border: 2px solid var(--tide);
  border-radius: 6px;
  background: var(--card);
  color: var(--tide);
  font-weight: 650;
}
</style>
