<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { MorningView } from '@/shared/api/types'
import { date, words } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import MorningForm from './MorningForm.vue'
import { asAnswers, emptyMorning, type MorningDraft } from './morning'

const props = defineProps<{ id: string }>()
const router = useRouter()
const { busy, problem, run } = useCall()
const view = ref<MorningView | null>(null)
const draft = ref<MorningDraft>(emptyMorning([]))

onMounted(async () => {
  const path = { params: { path: { id: props.id } } }
  const answer = await run(() => ask(() => api.GET('/api/sessions/{id}/morning', path)))
  if (answer) show(answer)
})

function show(answer: MorningView) {
  view.value = answer
  const said = answer.answers
  draft.value = {
    places: answer.places.map((p) => ({
      ...p,
      pain: said?.sites.find((s) => s.site === p.site && s.side === p.side)?.pain,
    })),
    soreness: said?.muscleSoreness,
    soreMuscle: said?.soreMuscle,
    soreArms: said?.soreMuscle && (said.soreSide ?? 'both'),
    stiffMinutes: said?.stiffMinutes,
    sleepHours: said?.sleepHours,
    nothingElse: said ? !(said.sharp || said.tinglingStays || said.flags.length) : undefined,
    sharp: said?.sharp ?? false,
    tingling: said?.tinglingStays ?? false,
    flags: said?.flags ?? [],
  }
}

/** What was answered from another screen meanwhile; until one of the two is chosen nothing of it is overwritten. */
const theirs = computed(() =>
  problem.value?.status === 409 ? (problem.value.current as MorningView | undefined) : undefined,
)
const theirWords = computed(() => {
  const a = theirs.value?.answers
  if (!a) return ''
  const sore = a.sites.filter((s) => s.pain > 0).map((s) => `${words(s.side)} ${words(s.site)} ${s.pain}`)
  return [
    sore.length ? sore.join(', ') : 'no joint pain',
    `muscle soreness ${a.muscleSoreness}${a.soreSide ? `, ${words(a.soreSide)} arm alone` : ''}`,
    ...(a.sharp ? ['sharp or catching'] : []),
    ...(a.tinglingStays ? ['tingling that stays'] : []),
  ].join('; ')
})
function takeTheirs() {
  const answer = theirs.value
  problem.value = null
  if (answer) show(answer)
}
async function keepMine() {
  if (view.value && theirs.value) view.value.version = theirs.value.version
  await save()
}

const sending = useCall()
const sent = ref('')
async function sendLink() {
  const path = { params: { path: { id: props.id } } }
  const answer = await sending.run(() => ask(() => api.POST('/api/sessions/{id}/morning/link', path)))
  if (answer) {
    sent.value = answer.sent.length
      ? `It lies in the outbox for ${answer.sent[0]!.address}.`
      : 'Not sent: the client has not agreed to be asked. See the intake.'
  }
}

async function save() {
  const saved = await run(() =>
    ask(() =>
      api.PUT('/api/sessions/{id}/morning', {
        params: { path: { id: props.id } },
        body: { version: view.value?.version, ...asAnswers(draft.value) },
      }),
    ),
  )
  if (saved) await router.push(`/clients/${saved.clientId}`)
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem">
      <div v-if="theirs" class="mt-2">
        <p class="mb-2">Theirs: {{ theirWords }}.</p>
        <div class="d-flex flex-wrap gap-2">
          <BButton size="sm" variant="primary" @click="takeTheirs">Take theirs</BButton>
          <BButton size="sm" variant="outline-primary" @click="keepMine">Keep mine</BButton>
        </div>
      </div>
    </ProblemNotice>
    <template v-if="view">
      <h1 class="mb-1">The morning after: {{ view.clientName }}</h1>
      <p class="quiet">Session on {{ date(view.sessionOn) }}. Joint and tendon pain apart from sore muscle.</p>
      <p v-if="!view.mayAnswer" class="panel">The morning after this session is still to come; ask tomorrow.</p>
      <template v-else>
        <p class="quiet small">
          Usual and now, place by place.
          <button type="button" class="plain" :disabled="sending.busy.value" @click="sendLink">
            Send {{ view.clientName }} the link instead
          </button>
          <span role="status">{{ sent }}</span>
        </p>
        <MorningForm
          v-model="draft"
          :signs="view.signs"
          :ask-muscle-from="view.askMuscleFrom"
          :busy="busy"
          send="Keep, and see what changes"
          @send="save"
        />
      </template>
    </template>
  </div>
</template>
