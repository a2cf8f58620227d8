<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ReviewResult, ReviewsView } from '@/shared/api/types'
import { date, inUnits, title } from '@/shared/format'
import NumberField from '@/shared/NumberField.vue'
import PainScale from '@/shared/PainScale.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import ComparisonTable from '../screening/ComparisonTable.vue'
import { asSaid, emptyReview, isMeasured, type ReviewDraft } from './review'

/** Did the block do what it was for, beyond what measuring twice differs, and what does the next one change? */
const props = defineProps<{ id: string }>()
const { busy, problem, run, wrong } = useCall()
const view = ref<ReviewsView | null>(null)
const draft = ref<ReviewDraft | null>(null)
const compared = ref<ReviewResult | null>(null)
const asked = ref(false)
let reviewId = crypto.randomUUID()

const path = { params: { path: { clientId: props.id } } }
onMounted(async () => {
  const answer = await run(() => ask(() => api.GET('/api/clients/{clientId}/reviews', path)))
  if (!answer) return
  view.value = answer
  draft.value = emptyReview(answer)
})
const imperial = computed(() => view.value?.units === 'LB_FT')
const arms = [
  { key: 'left' as const, text: 'left' },
  { key: 'right' as const, text: 'right' },
]
const painless = (arm: 'left' | 'right') => view.value?.painless.includes(arm === 'left' ? 'LEFT' : 'RIGHT')

async function compare() {
  const body = asSaid(draft.value!, view.value!.units)
  const answer = await run(() =>
    ask(() =>
      api.POST('/api/clients/{clientId}/reviews/compared', {
        ...path,
        body: { ...body, decision: body.decision || 'still to be decided' },
      }),
    ),
  )
  if (!answer) return
  asked.value = true
  compared.value = answer.result ?? null
}
async function keep() {
  const answer = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/reviews/{id}', {
        params: { path: { clientId: props.id, id: reviewId } },
        body: asSaid(draft.value!, view.value!.units),
      }),
    ),
  )
  if (!answer) return
  reviewId = crypto.randomUUID()
  view.value = answer
  draft.value = emptyReview(answer)
  compared.value = null
  asked.value = false
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem && !problem.fields.length ? problem : null" />
    <template v-if="view && draft">
      <div class="d-flex flex-wrap gap-3 align-items-baseline mb-3">
        <h1>
          Review of
          <RouterLink :to="`/clients/${id}`">{{ view.clientName }}</RouterLink>
        </h1>
        <span class="quiet">
          every four to six weeks;
          {{ view.reviews[0] ? `the last on ${date(view.reviews[0].on)}` : 'this is the first' }}
        </span>
        <RouterLink :to="`/clients/${id}/screen`" class="ms-auto">Screen again</RouterLink>
      </div>
      <div class="halves">
        <form class="panel" novalidate @submit.prevent="compare">
          <h2>What matters to the client</h2>
          <p class="quiet small">Three to five things of their own life: 0 cannot, 10 as ever.</p>
          <div v-for="(a, i) in draft.activities" :key="i" class="activity">
            <TextField
              :model-value="a.name"
              :label="`Activity ${i + 1}`"
              :wrong="i === 0 ? wrong('activities') : undefined"
              @update:model-value="(v) => (a.name = String(v ?? ''))"
            />
            <PainScale
              v-model="a.score"
              :label="`How well, ${a.name || `activity ${i + 1}`}`"
              low="cannot"
              high="as ever"
            />
          </div>
          <BButton
            v-if="draft.activities.length < 5"
            size="sm"
            variant="outline-primary"
            class="mb-3"
            @click="draft.activities.push({ name: '', score: undefined })"
          >
            One more
          </BButton>
          <h2>Measured</h2>
          <div class="two">
            <NumberField v-model="draft.pushes" label="Pushes in one go" :wrong="wrong('pushes')" />
            <SelectField
              v-model="draft.rung"
              label="Done on"
              :options="view.rungs.map((r) => ({ value: r, text: r }))"
              :wrong="wrong('rung')"
            />
          </div>
          <template v-for="arm in arms" :key="arm.key">
            <h3>{{ title(arm.text) }} arm</h3>
            <div class="three">
              <NumberField
                v-if="painless(arm.key)"
                v-model="draft.curls[arm.key]"
                :label="`Curls in 30 s, ${arm.text}`"
                :help="`usual ${view.norm.low} to ${view.norm.high} with ${inUnits(`${view.norm.dumbbellKg} kg`, view.units)}`"
                :wrong="wrong(`curls.${arm.text}`)"
              />
              <p v-else class="quiet small">The curl test is left out: a place on this arm is sore.</p>
              <NumberField
                v-model="draft.girth[arm.key]"
                :label="`Girth, ${arm.text} (${imperial ? 'in' : 'cm'})`"
                :wrong="wrong(`girth.${arm.text}`)"
              />
              <NumberField
                v-model="draft.grip[arm.key]"
                :label="`Grip before it hurts, ${arm.text} (${imperial ? 'lb' : 'kg'})`"
                :wrong="wrong(`grip.${arm.text}`)"
              />
            </div>
          </template>
          <p class="quiet small">Strength is taken from the sets that were logged.</p>
          <BButton type="submit" variant="primary" :disabled="busy || !isMeasured(draft)">
            {{ isMeasured(draft) ? 'See what changed' : 'Score three activities' }}
          </BButton>
        </form>
        <div>
          <section v-if="asked" class="panel mb-3" aria-live="polite">
            <h2>{{ compared ? 'What changed' : 'The first review' }}</h2>
            <template v-if="compared">
              <p class="proposal">
                <WhyValue :reason="compared.proposal.reason" about="what the numbers say">
                  {{ compared.proposal.words }}.
                </WhyValue>
              </p>
              <ComparisonTable :lines="compared.lines" :units="view.units" />
              <p v-if="compared.norm" class="quiet small mt-2 mb-0">{{ inUnits(compared.norm, view.units) }}</p>
            </template>
            <p v-else class="quiet">There is nothing to compare it with yet; the next review will be.</p>
            <form class="mt-3" novalidate @submit.prevent="keep">
              <TextField
                :model-value="draft.decision"
                label="What the next block changes"
                :wrong="wrong('decision')"
                @update:model-value="(v) => (draft!.decision = String(v ?? ''))"
              />
              <BButton type="submit" variant="primary" :disabled="busy">Keep the review</BButton>
              <RouterLink :to="`/clients/${id}`" class="ms-3">Set up the next weeks</RouterLink>
            </form>
          </section>
          <section v-for="r in view.reviews" :key="r.id" class="panel mb-3">
            <h2>
              {{ date(r.on) }}
              <span class="quiet small">by {{ r.by }}</span>
            </h2>
            <template v-if="r.compared">
              <p class="proposal">
                <WhyValue :reason="r.compared.proposal.reason" about="what the numbers say">
                  {{ r.compared.proposal.words }}.
                </WhyValue>
              </p>
              <ComparisonTable :lines="r.compared.lines" :units="view.units" />
            </template>
            <ul v-else class="start">
              <li v-for="a in r.outcomes.activities" :key="a.name">{{ title(a.name) }}: {{ a.score }} of 10</li>
            </ul>
            <p class="mb-1 mt-3">
              <b>Decided:</b>
              {{ r.decision }}
            </p>
            <p class="small mb-0">
              For the client, as PDF:
              <a :href="`/api/clients/${id}/reviews/${r.id}/pdf`" target="_blank">A4</a>
              ·
              <a :href="`/api/clients/${id}/reviews/${r.id}/pdf?paper=LETTER`" target="_blank">Letter</a>
            </p>
          </section>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1.2rem;
  align-items: start;
}
.activity {
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
  padding-top: 0.5rem;
}
.two,
.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(9rem, 100%), 1fr));
  gap: 0 1rem;
  align-items: end;
}
h3 {
  font-size: 1.05rem;
  font-weight: 650;
}
.proposal {
  font-size: 1.15rem;
}
.start {
  padding-left: 1.1rem;
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
