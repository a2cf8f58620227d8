<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Muscle, Side, Sign, Site } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { title, words } from '@/shared/format'
import PainScale from '@/shared/PainScale.vue'
import { isComplete, type MorningDraft, type PlaceNow } from './morning'

/** The questions of a morning, for a thumb: as usual is one press, everything else two. */
const props = defineProps<{ signs: Sign[]; askMuscleFrom: number; busy: boolean; send: string }>()
const draft = defineModel<MorningDraft>({ required: true })
const emit = defineEmits<{ send: [] }>()
const complete = computed(() => isComplete(draft.value, props.askMuscleFrom))
const elsewhere = ref(false)
const opened = ref(new Set<string>())
const key = (p: PlaceNow) => p.site + p.side

function say(place: PlaceNow, pain: number | undefined) {
  place.pain = pain
  opened.value.delete(key(place))
}
const isOpen = (p: PlaceNow) => opened.value.has(key(p)) || p.added || (p.pain !== undefined && p.pain !== p.usual)

function addPlace(site: Site, side: Side) {
  const at = draft.value.places.findIndex((p) => p.site === site && p.side === side)
  if (at < 0) draft.value.places.push({ site, side, usual: 0, pain: undefined, added: true })
  else if (draft.value.places[at]!.added) draft.value.places.splice(at, 1)
}
const marks = computed(() =>
  draft.value.places.map((p) => ({ site: p.site, side: p.side, text: p.pain === undefined ? '?' : String(p.pain) })),
)

function nothing() {
  Object.assign(draft.value, { nothingElse: true, sharp: false, tingling: false, flags: [] })
}
function something() {
  draft.value.nothingElse = false
}
const chosen = computed(() => props.signs.filter((s) => draft.value.flags.includes(s.id)))
// What cannot wait speaks for all of them.
const call = computed(() => (chosen.value.find((s) => s.now) ?? chosen.value[0])?.call)
function sign(id: string, on: unknown) {
  const others = draft.value.flags.filter((f) => f !== id)
  draft.value.flags = on ? [...others, id] : others
}

const stiffness = [
  { value: 0, text: 'no' },
  { value: 5, text: 'to 10' },
  { value: 20, text: 'to 30' },
  { value: 40, text: 'to 45' },
  { value: 60, text: 'longer' },
]
const muscles: { value: Muscle; text: string }[] = [
  { value: 'FLEXORS', text: 'front' },
  { value: 'EXTENSORS', text: 'back' },
]
const arms: { value: 'both' | Side; text: string }[] = [
  { value: 'LEFT', text: 'left' },
  { value: 'both', text: 'both alike' },
  { value: 'RIGHT', text: 'right' },
]
const sleep = [4, 5, 6, 7, 8, 9].map((h) => ({
  value: h,
  text: h === 4 ? '≤ 4' : h === 9 ? '9 +' : `${h}`,
}))
</script>

<template>
  <form class="morning" @submit.prevent="emit('send')">
    <p v-if="chosen.length" class="call" role="alert">
      <strong v-for="s in chosen" :key="s.id" class="sign">{{ s.words }}.</strong>
      {{ call }}
    </p>
    <div class="beside">
      <div class="map">
        <ArmsMap :marks="marks" :picking="elsewhere" caption="Your arms this morning" @pick="addPlace" />
        <button v-if="!elsewhere" type="button" class="quiet-button" @click="elsewhere = true">
          Somewhere else hurts
        </button>
        <p v-else class="small quiet mb-0">Press the place on the arms.</p>
      </div>
      <div>
        <fieldset v-for="p in draft.places" :key="key(p)" class="place">
          <legend>
            <strong>{{ title(`${words(p.side)} ${words(p.site)}`) }}</strong>
            <span class="quiet">now</span>
          </legend>
          <div v-if="!p.added" class="three">
            <button
              type="button"
              :aria-pressed="isOpen(p) && p.pain !== undefined && p.pain < p.usual"
              :disabled="p.usual === 0"
              @click="(opened.add(key(p)), (p.pain = Math.max(0, p.usual - 1)))"
            >
              better
            </button>
            <button type="button" :aria-pressed="p.pain === p.usual" @click="say(p, p.usual)">
              as usual
              <b>{{ p.usual }}</b>
            </button>
            <button
              type="button"
              :aria-pressed="isOpen(p) && (p.pain === undefined || p.pain > p.usual)"
              @click="(opened.add(key(p)), (p.pain = undefined))"
            >
              worse
            </button>
          </div>
          <PainScale v-if="isOpen(p)" v-model="p.pain" label="How much, 0 to 10" :usual="p.usual" />
        </fieldset>
        <PainScale v-model="draft.soreness" label="Sore muscle, in its belly (usual after new work)" high="very" />
        <div v-if="(draft.soreness ?? 0) >= askMuscleFrom" class="sore">
          <ChoiceGroup v-model="draft.soreMuscle" label="Which muscle" :options="muscles" />
          <ChoiceGroup v-model="draft.soreArms" label="Which arm" :options="arms" />
        </div>
        <ChoiceGroup
          v-model="draft.stiffMinutes"
          label="Arms stiff on rising? For how many minutes"
          :options="stiffness"
        />
        <ChoiceGroup v-model="draft.sleepHours" label="Hours slept" :options="sleep" />
        <fieldset class="else">
          <legend>Anything else?</legend>
          <div class="three two">
            <button type="button" :aria-pressed="draft.nothingElse === true" @click="nothing">nothing else</button>
            <button type="button" :aria-pressed="draft.nothingElse === false" @click="something">yes, something</button>
          </div>
          <div v-if="draft.nothingElse === false" class="signs">
            <BFormCheckbox v-model="draft.sharp">sharp, catching or giving way</BFormCheckbox>
            <BFormCheckbox v-model="draft.tingling">tingling that stays</BFormCheckbox>
            <BFormCheckbox
              v-for="s in signs"
              :key="s.id"
              :class="{ now: s.now }"
              :model-value="draft.flags.includes(s.id)"
              @update:model-value="(on) => sign(s.id, on)"
            >
              {{ s.words }}
            </BFormCheckbox>
          </div>
        </fieldset>
        <BButton type="submit" variant="primary" class="send" :disabled="busy || !complete">
          {{ complete ? send : 'Answer what is open' }}
        </BButton>
      </div>
    </div>
  </form>
</template>

<style scoped>
.morning {
  font-size: 1.1rem;
}
.beside {
  display: grid;
  grid-template-columns: minmax(14rem, 19rem) minmax(0, 34rem);
  gap: 1.4rem;
  align-items: start;
}
legend {
  font-size: 1.1rem;
  margin-bottom: 0.3rem;
  display: flex;
  gap: 0.6rem;
  align-items: baseline;
}
.place,
.else {
  margin-bottom: 0.9rem;
}
.three {
  display: grid;
  grid-template-columns: 1fr 1.4fr 1fr;
  gap: 0.4rem;
  margin-bottom: 0.4rem;
}
.two {
  grid-template-columns: 1fr 1fr;
}
.sore {
  display: grid;
  grid-template-columns: 1fr 1.5fr;
  gap: 0.8rem;
}
.three button,
.quiet-button {
  min-height: 52px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
  color: var(--ink);
}
.three button:disabled {
  color: var(--quiet);
}
.three button[aria-pressed='true'] {
  background: var(--tide);
  border-color: var(--tide);
  color: var(--card);
  font-weight: 650;
}
.quiet-button {
  width: 100%;
  min-height: 44px;
  color: var(--tide);
}
.signs {
  display: grid;
  gap: 0.2rem;
}
.signs :deep(.form-check) {
  display: flex;
  gap: 0.7rem;
  align-items: center;
  min-height: 46px;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 35%, transparent);
}
.signs :deep(.form-check-input) {
  flex: none;
  width: 1.5rem;
  height: 1.5rem;
  margin: 0;
}
.signs :deep(.form-check-label) {
  flex: 1;
  padding-block: 0.6rem;
}
.call {
  background: var(--ink);
  color: var(--ground);
  padding: 0.9rem 1rem;
  border-radius: 8px;
  font-size: 1.25rem;
}
.sign {
  display: block;
}
.send {
  width: 100%;
  min-height: 60px;
  font-size: 1.2rem;
}
.morning :deep(.choice) {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
}
.morning :deep(.choice button) {
  min-height: 46px;
  flex: 1 1 auto;
  padding-inline: 0.5rem;
}
@media (max-width: 700px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.6rem;
  }
  .map {
    max-width: 17rem;
    margin-inline: auto;
  }
}
</style>
