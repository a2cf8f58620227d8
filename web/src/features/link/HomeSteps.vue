<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { HomeAsked, Side, Site } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import { besideLoad, date, inUnits, words } from '@/shared/format'
import MovingFigure from '@/shared/MovingFigure.vue'
import PainScale from '@/shared/PainScale.vue'
import RestRing from '../floor/RestRing.vue'
import { setUpLine } from '@/shared/setUp'
import type { HomeDraft } from './home'

/** A session at home, one exercise at a time: the figure, how to set it up, what to watch, a press for each set, and its rest. */
const props = defineProps<{ home: HomeAsked; busy: boolean }>()
const draft = defineModel<HomeDraft>({ required: true })
const emit = defineEmits<{ send: [] }>()

const slots = computed(() => props.home.plan.units.flatMap((u) => u.slots.map((s) => ({ slot: s, unit: u }))))
const now = computed(() => slots.value[draft.value.at])
const guide = computed(() => props.home.guides.find((g) => g.exerciseKey === now.value?.slot.exerciseKey))
const NOTHING = { sets: 0, felt: undefined }
watch(
  now,
  (n) => {
    if (n) draft.value.said[n.slot.exerciseKey] ??= { ...NOTHING }
  },
  { immediate: true },
)
const said = computed(() => draft.value.said[now.value!.slot.exerciseKey] ?? { ...NOTHING })
const started = ref(Object.values(draft.value.said).some((s) => s.sets > 0))
const ends = ref<number | null>(null)
const hurting = ref(false)
const left = computed(() => (now.value ? now.value.slot.sets - said.value.sets : 0))

function setDone() {
  said.value.sets += 1
  ends.value = left.value > 0 ? Date.now() + now.value!.unit.restSeconds * 1000 : null
}
function undo() {
  said.value.sets = Math.max(0, said.value.sets - 1)
  ends.value = null
}
function on(by: number) {
  draft.value.at = Math.max(0, draft.value.at + by)
  ends.value = null
  hurting.value = false
}
function pick(site: Site, side: Side) {
  said.value.hurt = { site, side, pain: said.value.hurt?.pain }
}
const marks = computed(() =>
  said.value.hurt
    ? [{ site: said.value.hurt.site, side: said.value.hurt.side, text: said.value.hurt.pain?.toString() ?? '?' }]
    : props.home.soreSites.map((s) => ({ site: s.site, side: s.side, text: String(s.usual) })),
)
const each = computed(() => {
  const s = now.value!.slot
  const arms = s.arms === 'IN_TURN' ? (Object.keys(s.sides).length === 1 ? 'one arm only' : 'each arm') : 'both arms'
  return `${s.reps.low === s.reps.high ? s.reps.low : `${s.reps.low} to ${s.reps.high}`} repetitions, ${arms}`
})
const feels = [
  { value: 'EASY', text: 'easy' },
  { value: 'RIGHT', text: 'right' },
  { value: 'HARD', text: 'hard' },
] as const
</script>

<template>
  <section class="home" aria-label="Your session at home">
    <template v-if="!started">
      <h2>Your session at home, {{ date(home.on) }}</h2>
      <p>
        {{ slots.length }} exercises, about {{ home.plan.minutes.warmUp + home.plan.minutes.work }} minutes. Warm up
        first:
      </p>
      <ol>
        <li v-for="w in home.plan.warmUp" :key="w.words">{{ inUnits(w.words, home.units) }}</li>
      </ol>
      <p class="quiet">Stop if a joint pain goes over 5, or anything feels wrong.</p>
      <BButton variant="primary" class="wide" @click="started = true">Begin</BButton>
    </template>
    <template v-else-if="now && guide">
      <p class="quiet mb-1">{{ draft.at + 1 }} of {{ slots.length }}</p>
      <h2>{{ now.slot.name }}</h2>
      <div class="stage">
        <MovingFigure :figure="guide.figure" :tempo="now.slot.tempo" :name="now.slot.name" class="figure" />
        <RestRing v-if="ends" :ends="ends" :total="now.unit.restSeconds" />
      </div>
      <p class="dose">
        <strong>{{ now.slot.load.label }}</strong>
        <small v-if="besideLoad(now.slot.load, home.units)" class="quiet">
          {{ besideLoad(now.slot.load, home.units) }}
        </small>
        · {{ each }} · set {{ Math.min(said.sets + 1, now.slot.sets) }} of {{ now.slot.sets }}
      </p>
      <p v-if="guide.danger" class="danger">{{ guide.danger }}.</p>
      <p v-if="guide.firstPull && !said.sets" class="before">{{ guide.firstPull }}</p>
      <ul class="set-up">
        <li v-for="s in guide.setUp" :key="s">{{ s }}</li>
        <li v-if="guide.remembered">{{ setUpLine(guide.remembered.setUp) }}</li>
        <li v-if="guide.up">Up: {{ guide.up }}. Down: {{ guide.down }}.</li>
      </ul>
      <BButton v-if="left > 0" variant="primary" class="wide" @click="setDone">Set done</BButton>
      <template v-else>
        <p class="mb-1">The last one was</p>
        <div class="three">
          <button
            v-for="f in feels"
            :key="f.value"
            type="button"
            :aria-pressed="said.felt === f.value"
            @click="said.felt = f.value"
          >
            {{ f.text }}
          </button>
        </div>
      </template>
      <div v-if="hurting" class="hurt">
        <p class="mb-1">Where?</p>
        <ArmsMap :marks="marks" picking caption="Where it hurt" class="map" @pick="pick" />
        <PainScale
          v-if="said.hurt"
          v-model="said.hurt.pain"
          :label="`${words(said.hurt.side)} ${words(said.hurt.site)}, 0 to 10`"
        />
        <p v-if="(said.hurt?.pain ?? 0) > 5" class="danger" role="alert">Over 5: leave this exercise and go on.</p>
      </div>
      <div class="foot">
        <button type="button" class="plain" :disabled="!draft.at" @click="on(-1)">Back</button>
        <button v-if="said.sets" type="button" class="plain" @click="undo">Undo a set</button>
        <button type="button" class="plain" @click="hurting = !hurting">It hurts</button>
        <BButton :variant="left > 0 ? 'outline-primary' : 'primary'" class="ms-auto" @click="on(1)">
          {{ left > 0 ? 'Leave the rest' : 'Next' }}
        </BButton>
      </div>
    </template>
    <template v-else>
      <h2>Done</h2>
      <p>Your trainer sees what you did and how it felt.</p>
      <div class="foot">
        <button type="button" class="plain" @click="on(-1)">Back</button>
        <BButton variant="primary" class="wide" :disabled="busy" @click="emit('send')">Send</BButton>
      </div>
    </template>
  </section>
</template>

<style scoped>
.home {
  max-width: 34rem;
}
.stage {
  display: flex;
  gap: 0.8rem;
  align-items: center;
}
.figure {
  flex: 1;
  min-width: 0;
}
.figure :deep(svg) {
  max-height: 17rem;
}
.dose {
  font-size: 1.25rem;
  margin-bottom: 0.5rem;
}
.danger {
  border-left: 5px solid var(--ease);
  padding-left: 0.6rem;
  font-weight: 650;
}
.before {
  border-left: 5px solid var(--tide);
  padding-left: 0.6rem;
}
.set-up {
  padding-left: 1.1rem;
}
.wide {
  width: 100%;
  min-height: 64px;
  font-size: 1.25rem;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0.4rem;
}
.three button {
  min-height: 64px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
  color: var(--ink);
  font-size: 1.15rem;
}
.three button[aria-pressed='true'] {
  background: var(--tide);
  border-color: var(--tide);
  color: var(--card);
}
.map {
  max-width: 20rem;
}
.foot {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin-top: 0.8rem;
}
.foot .plain {
  min-height: 44px;
}
</style>
