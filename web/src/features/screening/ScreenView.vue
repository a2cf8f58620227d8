<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { Assessment, ClientView, ScreenQuestions, Side, Site } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import { useDraft } from '@/shared/useDraft'
import { emptyDraft, newSite, toAnswers } from './answers'
import FlagGroup from './FlagGroup.vue'
import OutcomeBox from './OutcomeBox.vue'
import ReadinessPart from './ReadinessPart.vue'
import SiteEditor from './SiteEditor.vue'

const props = defineProps<{ id: string }>()
const router = useRouter()
const { problem, run } = useCall()
const assessing = useCall()
const saving = useCall()
const { draft, clear, restored } = useDraft(`kinesia.screen.${props.id}`, emptyDraft())
const client = ref<ClientView | null>(null)
const questions = ref<ScreenQuestions | null>(null)
const assessment = ref<Assessment | null>(null)
const answers = computed(() => toAnswers(draft.value, client.value?.details.cautions ?? {}))
const wrong = (field: string) => assessing.wrong(field) ?? saving.wrong(field)
const flagsOf = (group: string) => questions.value?.flags.filter((f) => f.group === group) ?? []
const stopped = computed(() => assessment.value?.outcome === 'STOP_NOW')

onMounted(async () => {
  const all = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id } } })),
      ask(() => api.GET('/api/screening/questions')),
      ask(() => api.GET('/api/clients/{clientId}/screen', { params: { path: { clientId: props.id } } })),
    ]),
  )
  if (!all) return
  client.value = all[0]
  questions.value = all[1]
  // A re-screen starts from the places known last time; every flag is asked anew.
  if (!restored) draft.value.soreSites = all[2].screen?.answers.soreSites ?? []
})

// One question to the server at a time; an answer given meanwhile is asked about as soon as the last one is back.
let timer = 0
let stale = false
async function assess() {
  if (assessing.busy.value) {
    stale = true
    return
  }
  do {
    stale = false
    const result = await assessing.run(() => ask(() => api.POST('/api/screening/assess', { body: answers.value })))
    if (result) assessment.value = result
  } while (stale)
}
watch([answers, client], () => {
  if (!client.value) return
  clearTimeout(timer)
  timer = window.setTimeout(assess, 200)
})

function pick(site: Site, side: Side) {
  const at = draft.value.soreSites.findIndex((s) => s.site === site && s.side === side)
  if (at >= 0) draft.value.soreSites.splice(at, 1)
  else draft.value.soreSites.push(newSite(site, side))
  if (draft.value.soreSites.length) draft.value.nothingSore = false
}

async function keep() {
  const kept = await saving.run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/screens/{id}', {
        params: { path: { clientId: props.id, id: draft.value.id } },
        body: answers.value,
      }),
    ),
  )
  if (kept) {
    clear()
    await router.push(`/clients/${props.id}`)
  }
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem" />
    <template v-if="client && questions">
      <h1 class="mb-1">Screen: {{ client.details.name }}</h1>
      <p class="quiet">We choose exercises; we do not diagnose. Questions of health belong to a licensed clinician.</p>
      <div v-if="stopped" class="takeover" role="alert">
        <h2>Stop now</h2>
        <p
          v-for="f in assessment!.findings.filter((x) => x.outcome === 'STOP_NOW')"
          :key="f.reason.ruleId"
          class="fs-4"
        >
          {{ f.whatToDo }}
        </p>
        <p>{{ assessment!.findings[0]?.reason.exact }}</p>
        <BButton variant="light" :disabled="saving.busy.value" @click="keep">
          Keep this screen and hold the client
        </BButton>
      </div>
      <div class="beside-arms">
        <aside>
          <ArmsMap
            :marks="
              draft.soreSites.map((s) => ({
                site: s.site,
                side: s.side,
                text: s.usualPain === undefined ? '?' : String(s.usualPain),
              }))
            "
            picking
            caption="Mark where it is sore"
            @pick="pick"
          />
          <p class="small quiet mb-0">Mark each sore place on the arms.</p>
          <OutcomeBox v-if="assessment" :assessment="assessment" />
        </aside>
        <form @submit.prevent="keep">
          <FlagGroup
            v-model="draft.flags"
            title="Right now"
            lead="Any of these ends everything else."
            :flags="flagsOf('EMERGENCY')"
          />
          <FlagGroup
            v-model="draft.flags"
            title="To be seen today"
            lead="For an arm, say which."
            :flags="flagsOf('SAME_DAY')"
          />
          <FlagGroup
            v-model="draft.flags"
            title="To be seen before loading"
            lead="For an arm, say which."
            :flags="flagsOf('BEFORE_LOADING')"
          />
          <ReadinessPart v-model:readiness="draft.readiness" v-model:pressure="draft.pressure" :wrong="wrong" />
          <SiteEditor
            v-for="(s, i) in draft.soreSites"
            :key="s.site + s.side"
            :model-value="s"
            :questions="questions"
            :wrong="wrong"
            @update:model-value="(v) => (draft.soreSites[i] = v)"
            @remove="pick(s.site, s.side)"
          />
          <section v-if="!draft.soreSites.length" class="panel mb-3">
            <h2>Sore places</h2>
            <p>Mark them on the arms, or:</p>
            <div class="choice">
              <button type="button" :aria-pressed="draft.nothingSore" @click="draft.nothingSore = !draft.nothingSore">
                Nothing is sore
              </button>
            </div>
          </section>
          <p v-if="Object.keys(client.details.cautions).length < questions.cautions.length" class="panel">
            Some cautions of the intake are not answered.
            <RouterLink :to="`/clients/${id}/intake`">Answer them in the intake</RouterLink>
          </p>
          <ProblemNotice :problem="saving.problem.value ?? assessing.problem.value" />
          <BButton type="submit" variant="primary" :disabled="saving.busy.value">
            {{ assessment?.outcome === 'INCOMPLETE' ? 'Keep it unfinished' : 'Keep this screen' }}
          </BButton>
        </form>
      </div>
    </template>
  </div>
</template>

<style scoped>
aside {
  position: sticky;
  top: 0.5rem;
  align-self: start;
  max-height: calc(100vh - 1rem);
  overflow-y: auto;
}
.takeover {
  background: var(--ink);
  color: var(--ground);
  padding: 1.5rem;
  border-radius: 8px;
  margin-bottom: 1rem;
}
.takeover h2 {
  color: var(--ground);
  font-size: 2rem;
}
@media (max-width: 900px) {
  aside {
    position: static;
    max-height: none;
  }
}
</style>
