<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { LinkView, Sign } from '@/shared/api/types'
import { api, ask } from '@/shared/api/client'
import { date } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import { useDraft } from '@/shared/useDraft'
import MorningForm from '../response/MorningForm.vue'
import { asAnswers, emptyMorning, type MorningDraft } from '../response/morning'
import HomeSteps from './HomeSteps.vue'
import { emptyHome, asExercises, type HomeDraft } from './home'

/** What a private link opens: the morning check, a session at home, or both. No sign-in, nothing else. */
const token = window.location.hash.slice(1)
const header = { headers: { 'Kinesia-Link': token } }
const { busy, problem, run } = useCall()
const view = ref<LinkView | null>(null)
const thanks = ref('')
const call = ref<Sign>()
// Kept on the phone under the first letters of the link until it is sent, so that a bad line loses nothing.
const kept = useDraft<{ id: string; homeId: string; morning: MorningDraft; home: HomeDraft }>(
  `kinesia.link.${token.slice(0, 12)}`,
  { id: crypto.randomUUID(), homeId: crypto.randomUUID(), morning: emptyMorning([]), home: emptyHome() },
)
const draft = kept.draft

async function load() {
  const answer = await run(() => ask(() => api.GET('/api/link', { params: { header: {} }, ...header })))
  if (!answer) return
  view.value = answer
  draft.value.morning.flags ??= [] // a draft of the version before
  if (answer.morning && !draft.value.morning.places.length)
    draft.value.morning.places = answer.morning.places.map((p) => ({ ...p, pain: undefined }))
}
onMounted(load)

async function sendMorning() {
  const body = { answerId: draft.value.id, ...asAnswers(draft.value.morning) }
  const taken = await run(() => ask(() => api.POST('/api/link/morning', { params: { header: {} }, ...header, body })))
  if (!taken) return
  call.value = taken.call
  done(taken.isAll, 'Thank you. Your trainer knows before the next session.')
  if (view.value) view.value.morning = undefined
}
async function sendHome() {
  const body = { answerId: draft.value.homeId, exercises: asExercises(draft.value.home) }
  const taken = await run(() => ask(() => api.POST('/api/link/home', { params: { header: {} }, ...header, body })))
  if (!taken) return
  done(taken.isAll, 'Well done. It counts like a session in the room.')
  if (view.value) view.value.home = undefined
}
function done(isAll: boolean, words: string) {
  thanks.value = words
  if (isAll) kept.clear()
}
</script>

<template>
  <div class="page to-you">
    <ProblemNotice v-if="problem && problem.status !== 404" :problem="problem">
      <BButton v-if="!view" size="sm" variant="outline-primary" @click="load">Try again</BButton>
    </ProblemNotice>
    <section v-if="problem?.status === 404" class="panel">
      <h1>This link opens nothing</h1>
      <p class="mb-0">It may be answered already, too old, or not whole. Ask your trainer for a new one.</p>
    </section>
    <template v-else-if="view">
      <h1>Good day, {{ view.firstName }}</h1>
      <p v-if="call" class="call" role="alert">
        <strong>{{ call.words }}.</strong>
        {{ call.call }}
      </p>
      <p v-if="thanks" class="panel thanks" role="status">{{ thanks }}</p>
      <p v-if="view.opensOn > view.today && !view.home" class="panel">
        The questions come on the morning of {{ date(view.opensOn) }}. Open this link again then.
      </p>
      <section v-if="view.morning" aria-label="Your arms this morning">
        <p class="quiet">How are your arms after {{ date(view.morning.sessionOn) }}?</p>
        <MorningForm
          v-model="draft.morning"
          :signs="view.morning.signs"
          :ask-muscle-from="view.morning.askMuscleFrom"
          :busy="busy"
          send="Send"
          @send="sendMorning"
        />
      </section>
      <HomeSteps v-if="view.home" v-model="draft.home" :home="view.home" :busy="busy" @send="sendHome" />
    </template>
    <p v-else-if="!problem" class="quiet">One moment …</p>
    <p class="quiet small foot">
      Chest pressure, sudden breathlessness, or face, arm or speech changed: call your local emergency number.
    </p>
  </div>
</template>

<style scoped>
.to-you {
  max-width: 56rem;
  font-size: 1.1rem;
}
.thanks {
  font-size: 1.25rem;
  border-left: 6px solid var(--go);
}
.call {
  background: var(--ink);
  color: var(--ground);
  padding: 1.1rem;
  border-radius: 8px;
  font-size: 1.4rem;
}
.foot {
  margin-top: 1.2rem;
}
</style>
