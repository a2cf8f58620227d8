<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { Side, Site } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { date } from '@/shared/format'
import { grouped, isUsual } from '@/shared/limits'
import { yesNo } from '@/shared/options'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import { useNarrow } from '@/shared/useNarrow'
import { newSite } from './answers'
import ChecksPart from './ChecksPart.vue'
import FlagGroup from './FlagGroup.vue'
import OutcomeBox from './OutcomeBox.vue'
import ReadinessPart from './ReadinessPart.vue'
import SaveState from './SaveState.vue'
import ScreenSection from './ScreenSection.vue'
import SiteEditor from './SiteEditor.vue'
import StopNotice from './StopNotice.vue'
import { steps, type StepKey } from './steps'
import { useScreen } from './useScreen'

const props = defineProps<{ id: string }>()
const router = useRouter()
const narrow = useNarrow()
const screen = useScreen(props.id)
const { draft, client, questions, assessment, clearances, earlier, assessing } = screen
const saving = useCall()
const wrong = (field: string) => assessing.wrong(field) ?? saving.wrong(field)
const cuffAsks = computed(() =>
  clearances.value.some((c) => c.purpose === 'CUFFS') ? (questions.value?.cuffQuestions ?? []) : [],
)
const all = computed(() =>
  questions.value
    ? steps(
        questions.value,
        draft.value,
        client.value?.details.cautions ?? {},
        assessment.value,
        cuffAsks.value,
        !!earlier.value.stop,
      )
    : [],
)
const open = ref<StepKey | null>(null)
// Where to go on is known with the first assessment, which tells what is still missing.
watch(assessment, () => (open.value ??= all.value.find((s) => !s.done)?.key ?? 'result'))

function next(from: StepKey) {
  const at = all.value.findIndex((s) => s.key === from)
  open.value = all.value.slice(at + 1).find((s) => !s.done)?.key ?? 'result'
}
// A step that has just been answered as a whole gives way to the next one that is open.
watch(
  () => all.value.find((s) => s.key === open.value)?.done,
  (done, before) => {
    const flags = ['EMERGENCY', 'SAME_DAY', 'BEFORE_LOADING'].includes(open.value ?? '')
    const quiet = all.value.find((s) => s.key === open.value)?.state === 'none of these'
    if (done && before === false && flags && quiet) next(open.value!)
  },
)

function pick(site: Site, side: Side) {
  const at = draft.value.soreSites.findIndex((s) => s.site === site && s.side === side)
  if (at >= 0) draft.value.soreSites.splice(at, 1)
  else draft.value.soreSites.push(newSite(site, side))
  if (draft.value.soreSites.length) draft.value.nothingSore = false
  open.value = 'places'
}
const marks = computed(() =>
  draft.value.soreSites.map((s) => ({
    site: s.site,
    side: s.side,
    text: s.usualPain === undefined ? '?' : String(s.usualPain),
  })),
)

const limitsSoFar = computed(() => {
  const n = grouped(assessment.value?.limits ?? [])
    .filter((g) => !isUsual(g))
    .flatMap((g) => g.phrases).length
  return n === 1 ? '1 limit so far' : `${n || 'no'} limits so far`
})

async function keep() {
  const kept = await saving.run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/screens/{id}', {
        params: { path: { clientId: props.id, id: draft.value.id } },
        body: screen.answers.value,
      }),
    ),
  )
  if (!kept) return
  screen.end()
  await nextTick()
  await router.push(`/clients/${props.id}`)
}
const readingsAsked = computed(() => {
  const asks = (words: string) => assessment.value?.missing.some((m) => m.startsWith(words))
  return asks('A third reading') ? 3 : asks('A second reading') ? 2 : 1
})
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="screen.problem.value">
      <BButton size="sm" variant="outline-primary" @click="screen.load">Try again</BButton>
    </ProblemNotice>
    <template v-if="client && questions">
      <div class="d-flex flex-wrap gap-3 align-items-baseline">
        <h1 class="mb-1">Screen: {{ client.details.name }}</h1>
        <SaveState :screen="screen" class="ms-auto" />
      </div>
      <p class="quiet mb-2">
        We choose exercises; we do not diagnose. Questions of health belong to a licensed clinician.
      </p>
      <StopNotice v-if="assessment" :assessment="assessment" :busy="saving.busy.value" @keep="keep" />
      <div class="beside-arms">
        <aside v-if="!narrow">
          <ArmsMap :marks="marks" picking caption="Mark where it is sore" @pick="pick" />
          <p class="small quiet mb-0">Mark each place that is sore, stiff, or was operated on or injected lately.</p>
          <OutcomeBox v-if="assessment && open !== 'result'" :assessment="assessment" brief />
        </aside>
        <form @submit.prevent="keep">
          <ScreenSection
            v-for="(s, i) in all"
            :key="s.key"
            :number="i + 1"
            :title="s.title"
            :state="s.state"
            :done="s.done"
            :open="open === s.key"
            :last="s.key === 'result'"
            @toggle="open = open === s.key ? null : s.key"
            @next="next(s.key)"
          >
            <ChoiceGroup
              v-if="s.key === 'EMERGENCY' && earlier.stop"
              v-model="draft.stopSeen"
              :label="`On ${date(earlier.stop.on)} we stopped for this: ${earlier.stop.sign}. Has a clinician seen it since and allowed training?`"
              :options="yesNo"
            />
            <FlagGroup
              v-if="s.key === 'EMERGENCY' || s.key === 'SAME_DAY' || s.key === 'BEFORE_LOADING'"
              v-model="draft.flags"
              :gates="questions.gates.filter((g) => g.group === s.key)"
              :flags="questions.flags.filter((f) => f.group === s.key)"
              :cleared="clearances.map((c) => c.purpose)"
              :lead="s.key === 'EMERGENCY' ? 'Any of these ends everything else.' : 'For an arm, say which.'"
            />
            <ReadinessPart
              v-else-if="s.key === 'ready'"
              v-model:readiness="draft.readiness"
              v-model:pressure="draft.pressure"
              :wrong="wrong"
              :cleared="clearances.length > 0"
              :last="earlier.reading"
              :asked="readingsAsked"
              :heart-medicine="client?.details.cautions['CAUTION-heart-medicine'] ?? false"
            />
            <template v-else-if="s.key === 'cautions'">
              <p v-if="questions.cautions.some((c) => client!.details.cautions[c.id] === undefined)">
                Some cautions of the intake are not answered; what you have said here stays.
                <RouterLink :to="`/clients/${id}/intake`">Answer them in the intake</RouterLink>
              </p>
              <ChoiceGroup
                v-for="q in cuffAsks"
                :key="q.id"
                v-model="draft.cuffs[q.id]"
                :label="q.ask"
                :options="yesNo"
              />
            </template>
            <template v-else-if="s.key === 'places'">
              <ArmsMap v-if="narrow" :marks="marks" picking caption="Mark where it is sore" @pick="pick" />
              <p v-if="!draft.soreSites.length" class="mb-2">
                Mark each place on the arms that is sore, stiff, or was operated on or injected lately, or:
              </p>
              <div v-if="!draft.soreSites.length" class="choice">
                <button type="button" :aria-pressed="draft.nothingSore" @click="draft.nothingSore = !draft.nothingSore">
                  Nothing is sore
                </button>
              </div>
              <SiteEditor
                v-for="(site, n) in draft.soreSites"
                :key="site.site + site.side"
                :model-value="site"
                :questions="questions"
                :cleared="clearances.some((c) => c.site === site.site && c.side === site.side)"
                @update:model-value="(v) => (draft.soreSites[n] = v)"
                @remove="pick(site.site, site.side)"
              />
            </template>
            <ChecksPart
              v-else-if="s.key === 'checks' && assessment"
              v-model="draft.checks"
              :questions="questions"
              :figures="screen.figures.value"
              :sites="draft.soreSites"
              :assessment="assessment"
              :wrong="wrong"
            />
            <template v-else-if="s.key === 'result' && assessment">
              <OutcomeBox :assessment="assessment" />
              <ProblemNotice :problem="saving.problem.value ?? assessing.problem.value" class="mt-3" />
              <BButton type="submit" variant="primary" class="mt-3" :disabled="saving.busy.value">
                {{ assessment.missing.length ? 'Keep it unfinished' : 'Keep this screen' }}
              </BButton>
            </template>
          </ScreenSection>
        </form>
      </div>
      <button v-if="narrow && assessment" type="button" class="foot" @click="open = 'result'">
        {{ limitsSoFar }}, {{ assessment.missing.length }} to ask
      </button>
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
.foot {
  position: sticky;
  bottom: 0;
  width: 100%;
  min-height: 48px;
  border: 1px solid var(--tide);
  border-radius: 8px;
  background: var(--card);
  color: var(--tide);
  font-weight: 650;
}
</style>
