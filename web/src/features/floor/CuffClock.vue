<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { clock } from '@/shared/format'
import { tell } from './signals'

/**
 * How long the cuffs are on. They come off between exercises, after `seconds` at most, and at once when something is numb, pale or
 * painful: then the card asks, and nothing else is in front. The time is kept through a reload.
 */
const props = defineProps<{ sessionId: string; seconds: number; exerciseKey?: string }>()
const emit = defineEmits<{ note: [text: string]; numb: [] }>()
const due = defineModel<boolean>('due', { required: true })
const key = `kinesia.cuffs.${props.sessionId}`
const kept = JSON.parse(sessionStorage.getItem(key) ?? 'null') as { since: number; on: string } | null
const on = ref(kept)
const now = ref(Date.now())
let timer = 0
// At once: what takes the time off is itself taken away.
watch(on, (v) => sessionStorage.setItem(key, JSON.stringify(v)), { flush: 'sync' })

const left = computed(() =>
  on.value ? Math.max(0, Math.ceil(props.seconds - (now.value - on.value.since) / 1000)) : props.seconds,
)
function look() {
  now.value = Date.now()
  if (on.value && !due.value && (left.value === 0 || on.value.on !== props.exerciseKey)) {
    due.value = true
    tell('Cuffs off')
  }
}
onMounted(() => (timer = window.setInterval(look, 250)))
// At once with the other exercise, so that nothing of it is under a thumb that the card then takes the place of.
watch(() => props.exerciseKey, look)
onBeforeUnmount(() => clearInterval(timer))
function putOn() {
  on.value = { since: Date.now(), on: props.exerciseKey ?? '' }
  now.value = Date.now()
}
function off(numb: boolean) {
  const minutes = on.value ? Math.ceil((Date.now() - on.value.since) / 60_000) : 0
  emit('note', `Cuffs off after ${minutes} min${numb ? ': numb, pale or painful' : ', all well'}`)
  on.value = null
  due.value = false
  if (numb) emit('numb')
}
</script>

<template>
  <section v-if="due" class="off" role="alertdialog" aria-label="Cuffs off now">
    <h1>Cuffs off now.</h1>
    <p class="fs-4">{{ left ? 'Between exercises they come off.' : 'Ten minutes are the most.' }}</p>
    <p class="fs-4">Is an arm numb, pale or painful?</p>
    <div class="d-flex gap-3">
      <BButton variant="primary" size="lg" class="big" @click="off(false)">Off, and all well</BButton>
      <BButton variant="outline-primary" size="lg" class="big" @click="off(true)">Numb, pale or painful</BButton>
    </div>
  </section>
  <p v-else class="cuffs">
    <template v-if="on">
      <b role="timer">Cuffs on: {{ clock(left) }} left</b>
      <button type="button" @click="due = true">Cuffs off</button>
    </template>
    <button v-else-if="exerciseKey" type="button" @click="putOn">Cuffs on</button>
  </p>
</template>

<style scoped>
.cuffs {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin: 0.3rem 0;
  font-size: 1.2rem;
}
.cuffs button {
  min-height: 48px;
  padding: 0 1.2rem;
  border: 2px solid var(--tide);
  border-radius: 6px;
  background: var(--card);
  color: var(--tide);
  font-weight: 650;
}
.off {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 0.8rem;
  max-width: 46rem;
  margin: 0 auto;
}
.big {
  min-height: 4.4rem;
  flex: 1;
}
</style>
