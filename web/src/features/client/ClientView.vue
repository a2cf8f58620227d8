<script setup lang="ts">
import { computed, onMounted, ref, provide } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { Assessment, ClientStory, ClientView, Limit, NextView, StrandItem } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import { date, dated, relative, timeOfDay, title, words } from '@/shared/format'
import NotAskedThen from '@/shared/NotAskedThen.vue'
import MorningRibbon from '@/shared/MorningRibbon.vue'
import LimitList from '@/shared/LimitList.vue'
import PlanUnits from '@/shared/PlanUnits.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import StrandLine from '@/shared/StrandLine.vue'
import { units } from '@/shared/units'
import WhyValue from '@/shared/WhyValue.vue'
import { useCall } from '@/shared/useCall'
import DaysPart from '../plan/DaysPart.vue'
import ChangesPanel from '@/shared/ChangesPanel.vue'
import { SORE_PLACES } from '@/shared/sorePlaces'
import GlancePart from './GlancePart.vue'
import HomePart from './HomePart.vue'
import LearnedPart from './LearnedPart.vue'
import ReviewPart from './ReviewPart.vue'
import RulingChoice from './RulingChoice.vue'
import NextStep from './NextStep.vue'
import StoryPart from './StoryPart.vue'
import StrengthPart from './StrengthPart.vue'

const props = defineProps<{ id: string }>()
const router = useRouter()
const { problem, run } = useCall()
const client = ref<ClientView | null>(null)
const next = ref<NextView | null>(null)
const assessment = ref<Assessment | null>(null)
const limits = ref<Limit[]>([])
const story = ref<ClientStory | null>(null)
const sore = ref<{ site: never; side: never; text?: string }[]>([])
provide(SORE_PLACES, () => sore.value)
const strand = ref<StrandItem[]>([])
// The day before which there is more of it; missing when it is all there.
const strandBefore = ref<string>()
const screenedOn = ref('')

async function load() {
  const path = { params: { path: { clientId: props.id } } }
  const all = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id } } })),
      ask(() => api.GET('/api/clients/{clientId}/next', path)),
      ask(() => api.GET('/api/clients/{clientId}/screen', path)),
      ask(() => api.GET('/api/clients/{clientId}/strand', path)),
      ask(() => api.GET('/api/clients/{clientId}/limits', path)),
      ask(() => api.GET('/api/clients/{clientId}/story', path)),
    ]),
  )
  if (!all) return
  client.value = all[0]
  units.value = all[0].details.units
  next.value = all[1]
  assessment.value = all[2].now ?? null
  limits.value = all[4].limits.map((k) => k.limit)
  story.value = all[5]
  screenedOn.value = all[2].screen?.takenOn ?? ''
  sore.value = (all[2].screen?.answers.soreSites ?? []).map((s) => ({
    site: s.site as never,
    side: s.side as never,
    text: s.usualPain === undefined ? '' : String(s.usualPain),
  }))
  strand.value = all[3].items
  strandBefore.value = all[3].before
}
async function earlier() {
  const path = { params: { path: { clientId: props.id }, query: { before: strandBefore.value } } }
  const more = await run(() => ask(() => api.GET('/api/clients/{clientId}/strand', path)))
  if (!more) return
  strand.value = [...more.items, ...strand.value]
  strandBefore.value = more.before
}
onMounted(load)

const plan = computed(() => next.value?.plan)
// Of places that are sore now; the rest of the story is further down.
const ribbons = computed(() =>
  (story.value?.places ?? []).filter((p) => sore.value.some((s) => s.site === p.place.site && s.side === p.place.side)),
)
// The one asked about first.
const sorest = computed(() => [...sore.value].sort((a, b) => Number(b.text) - Number(a.text))[0])
/** What else draws on the arms, and what is coming up. */
const besides = computed(() => {
  const d = client.value?.details
  const today = next.value?.today
  if (!d || !today) return ''
  const heavy = (d.heavyDays ?? []).map((day) => title(day).slice(0, 3)).join(', ')
  const events = (d.events ?? []).filter((e) => e.on >= today).map((e) => `${e.name} ${date(e.on)}`)
  // Often the same words as in the life beside the name.
  const other = d.life.includes(d.otherTraining ?? '') ? '' : d.otherTraining
  return [other, heavy && `heavy for the arms: ${heavy}`, events.length && `coming up: ${events.join(', ')}`]
    .filter(Boolean)
    .join(' · ')
})
function select(item: StrandItem) {
  if (item.kind === 'SESSION') void router.push(`/sessions/${item.id}`)
  if (item.kind === 'SCREEN') void router.push(`/clients/${props.id}/screens/${item.id}`)
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem">
      <BButton size="sm" variant="outline-primary" class="me-3" @click="load">Try again</BButton>
      <RouterLink to="/">Back to today</RouterLink>
    </ProblemNotice>
    <template v-if="client && next">
      <div class="head">
        <h1>{{ client.details.name }}</h1>
        <span class="quiet">
          {{ client.age }}, {{ words(client.details.hand) }}-handed
          <span class="life">· {{ client.details.life }}</span>
        </span>
        <nav aria-label="More of this client">
          <RouterLink :to="`/exercises?client=${id}`">Exercises</RouterLink>
          <RouterLink :to="`/clients/${id}/compose`">Compose</RouterLink>
          <RouterLink :to="`/clients/${id}/intake`">Intake</RouterLink>
          <RouterLink :to="`/clients/${id}/screens`">Screens</RouterLink>
          <RouterLink :to="`/clients/${id}/screen`">New screen</RouterLink>
          <RouterLink :to="`/clients/${id}/review`">Review</RouterLink>
          <RouterLink :to="`/clients/${id}/record`">Record</RouterLink>
        </nav>
      </div>
      <p v-if="besides" class="quiet small mb-1">{{ besides }}</p>
      <StrandLine :items="strand" :today="next.today" :more="!!strandBefore" @select="select" @earlier="earlier" />
      <div class="beside-arms">
        <aside>
          <ArmsMap :marks="sore" :caption="`Sore places of ${client.details.name}`" />
          <p class="small quiet mb-2">
            {{ sore.length ? 'Usual pain at each sore place' : 'Nothing is sore'
            }}{{ screenedOn ? `, screened ${relative(screenedOn, next.today)}` : '' }}
          </p>
          <MorningRibbon v-for="p in ribbons" :key="p.words" :story="p" />
          <p
            v-for="f in plan ? (assessment?.findings ?? []) : []"
            :key="f.reason.ruleId + f.side + f.site"
            class="refer"
          >
            <WhyValue :reason="f.reason" :about="f.whatToDo">{{ f.whatToDo }}</WhyValue>
            <span class="quiet">{{ dated(f.reason.exact) }}</span>
          </p>
          <h2>Limits</h2>
          <LimitList :limits="limits" />
          <p class="small mt-2 mb-0">
            <RouterLink :to="`/clients/${id}/limits`">Change limits</RouterLink>
            ·
            <RouterLink :to="`/clients/${id}/clearance`">Referral and clearance</RouterLink>
          </p>
          <p v-for="n in assessment?.notes ?? []" :key="n" class="small mt-2 mb-0">{{ dated(n) }}</p>
          <NotAskedThen :questions="assessment?.notAskedThen ?? []" class="mt-2" />
        </aside>
        <section>
          <NextStep :next="next" :client-id="id" />
          <GlancePart :next="next" :limits="limits" :stories="ribbons" :sorest="sorest" />
          <div v-if="next.plan && next.whatToDo.length" class="panel mb-3">
            <p v-for="t in next.whatToDo" :key="t" class="todo mb-1">{{ dated(t) }}</p>
            <RouterLink :to="`/clients/${id}/screen`">Screen again</RouterLink>
            <RouterLink :to="`/clients/${id}/clearance`" class="ms-3">Referral and clearance</RouterLink>
          </div>
          <ChangesPanel v-if="plan" :changes="next.changes" :signals="next.signals" class="mb-3">
            <template #change="{ change }">
              <RulingChoice
                :key="`${change.kind} ${change.key}`"
                :change="change"
                :client-id="id"
                :open="!next.openSessionId"
                @ruled="load"
              />
            </template>
          </ChangesPanel>
          <template v-if="plan">
            <div class="d-flex flex-wrap gap-3 align-items-baseline">
              <h2>Next session, {{ date(next.visitOn) }}{{ next.booked ? `, ${timeOfDay(next.booked.at)}` : '' }}</h2>
              <span class="quiet">
                {{ plan.minutes.warmUp }} min warm-up, {{ plan.minutes.work }} min work{{
                  next.booked ? ` of ${next.booked.minutes} min booked, ${next.placeName}` : ''
                }}. The door check may still change it.
              </span>
            </div>
            <PlanUnits :plan="plan" />
          </template>
          <StoryPart v-if="story" :story="story" class="mt-3" />
          <ReviewPart :key="`review ${id}`" :client-id="id" class="mt-3" />
          <LearnedPart :learned="next.learned" class="mt-3" />
          <HomePart :key="`home ${id}`" :client-id="id" :today="next.today" class="mt-3" @changed="load" />
          <DaysPart :key="id" :client-id="id" class="mt-3" @changed="load" />
          <StrengthPart :key="id" :client-id="id" class="mt-3" />
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
  align-items: baseline;
}
.head nav {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  margin-left: auto;
}
.head nav a {
  min-height: 24px;
  line-height: 24px;
}
@media (max-width: 600px) {
  .head nav {
    margin: 0;
    gap: 0 0.75rem;
    font-size: 0.95rem;
  }
  .life {
    display: none;
  }
}
.todo {
  font-weight: 650;
}
.refer {
  border-left: 4px solid var(--refer);
  padding-left: 0.7rem;
}
@media (max-width: 900px) {
  .beside-arms section {
    order: -1;
  }
}
</style>
