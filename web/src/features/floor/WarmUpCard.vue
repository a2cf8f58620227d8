<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Reason, SessionView, Site } from '@/shared/api/types'
import { inUnits, warmUpDose, words } from '@/shared/format'
import PainScale from '@/shared/PainScale.vue'
import EasierPanel from './EasierPanel.vue'
import StepClock from './StepClock.vue'

/**
 * The warm-up step by step. Its easy sets are a test: how does each sore place feel, and does the exercise begin? What the
 * places say is judged by the server; without it the warm-up goes on.
 */
const props = defineProps<{ session: SessionView; at: number }>()
const emit = defineEmits<{ done: []; skip: []; note: [text: string]; leaveOut: [exerciseKey: string, why: string] }>()

const step = computed(() => props.session.plan.warmUp[props.at]!)
const places = computed(() => (step.value.exerciseKey ? props.session.soreSites : []))
const key = (p: { site: string; side: string }) => `${p.side} ${p.site}`
// What each place said in the easy sets of an exercise so far.
const said = reactive<Record<string, number[]>>({})
const now = reactive<Record<string, number | undefined>>({})
watch(
  () => props.at,
  () => Object.keys(now).forEach((k) => delete now[k]),
)
const swap = ref<{ reason: Reason; site: Site } | null>(null)

const isLastEasySet = () => props.session.plan.warmUp[props.at + 1]?.exerciseKey !== step.value.exerciseKey

let asking = false
async function done() {
  if (asking) return
  asking = true
  await judged().finally(() => (asking = false))
}
async function judged() {
  for (const place of places.value) {
    const pain = now[key(place)]
    if (pain === undefined) continue
    const pains = (said[`${step.value.exerciseKey} ${key(place)}`] ??= [])
    pains.push(pain)
    if (!isLastEasySet()) continue
    const params = { path: { id: props.session.id } }
    const body = { site: place.site, side: place.side, pains }
    const answer = await ask(() => api.POST('/api/sessions/{id}/easy-sets', { params, body })).catch(() => undefined)
    if (answer?.swap) {
      swap.value = { reason: answer.swap, site: place.site }
      return
    }
  }
  emit('done')
}
function leaveOut() {
  emit('leaveOut', step.value.exerciseKey!, swap.value!.reason.exact)
  goOn()
}
function goOn(change?: string) {
  if (change) emit('note', `${name.value}, for the ${words(swap.value!.site)}: ${change}`)
  swap.value = null
  emit('done')
}
const slot = computed(() =>
  props.session.plan.units.flatMap((u) => u.slots).find((s) => s.exerciseKey === step.value.exerciseKey),
)
const name = computed(() => slot.value?.name ?? '')
</script>

<template>
  <section v-if="swap && slot" class="warm">
    <h1>{{ inUnits(swap.reason.exact, session.units) }}</h1>
    <EasierPanel
      :client-id="session.clientId"
      :exercise-key="slot.exerciseKey"
      :name="slot.name"
      :load-kg="slot.load.kg"
      :site="swap.site"
      :moment="0.5"
      :units="session.units"
      @use="goOn"
      @leave="goOn()"
      @leave-out="leaveOut"
    />
  </section>
  <section v-else class="warm">
    <p class="quiet mb-1">Warm-up {{ at + 1 }} of {{ session.plan.warmUp.length }}</p>
    <h1>{{ inUnits(step.words, session.units) }}</h1>
    <StepClock v-if="!step.reps" :name="`${session.id}.warm.${at}`" :seconds="step.seconds" over="Warm-up step done" />
    <p v-else class="big">{{ warmUpDose(step, session.units) }}</p>
    <p class="quiet">{{ inUnits(step.reason.plain, session.units) }}</p>
    <template v-if="at === 0">
      <p v-for="note in session.plan.notes" :key="note.ruleId + note.exact">{{ inUnits(note.exact, session.units) }}</p>
    </template>
    <PainScale
      v-for="p in places"
      :key="key(p)"
      v-model="now[key(p)]"
      :label="`${words(p.side)} ${words(p.site)} in this set?`"
      :usual="p.usual"
    />
    <p v-if="step.exerciseKey" class="quiet">Pain that eases over the easy sets is a go; pain that grows is a swap.</p>
    <div class="thumb">
      <BButton variant="primary" size="lg" class="done" @click="done">Done</BButton>
      <BButton variant="outline-primary" size="lg" @click="$emit('skip')">Skip the warm-up</BButton>
    </div>
  </section>
</template>

<style scoped>
.warm {
  max-width: 46rem;
  margin: 0 auto;
  padding: 1.2rem;
  min-height: 82vh;
  display: flex;
  flex-direction: column;
  width: 100%;
}
h1 {
  font-size: 2rem;
}
.big {
  font-size: 3.4rem;
  font-weight: 700;
}
.thumb {
  margin-top: auto;
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 0.6rem;
}
.done {
  min-height: 4.4rem;
  font-size: 1.4rem;
}
</style>
