<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, provide } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { Adjustment, AtlasView, ExerciseDetail } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import { SORE_PLACES } from '@/shared/sorePlaces'
import { workedOutAt } from './atlas'
import EasePanel from './EasePanel.vue'
import HeadBars from './HeadBars.vue'
import KeepPanel from './KeepPanel.vue'
import StressList from './StressList.vue'
import TurnedViews from './TurnedViews.vue'
import TurnPanel from './TurnPanel.vue'
import { useWorkbench } from './useWorkbench'
import { untouched } from './workbench'

/** How must this exercise be turned so that it loads the muscle and not the sore place? */
const props = defineProps<{ exercise: string }>()
const route = useRoute()
const client = computed(() => (route.query.client as string | undefined) || undefined)
const { problem: loadProblem, run } = useCall()
const original = shallowRef<ExerciseDetail | null>(null)
const forWhom = ref<AtlasView['forWhom'] | null>(null)
const baseKey = ref('')
const adjustment = ref<Adjustment>({ ...untouched })
const loadKg = ref<number | undefined>()
const { detail, problem, answer, wrong } = useWorkbench(baseKey, client, adjustment, loadKg)

async function load() {
  const query = { clientId: client.value }
  const all = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/atlas/{key}', { params: { path: { key: props.exercise }, query } })),
      ask(() => api.GET('/api/atlas/for', { params: { query } })),
    ]),
  )
  if (!all) return
  original.value = all[0]
  forWhom.value = all[1]
  adjustment.value = { ...untouched, ...all[0].adjustment }
  baseKey.value = all[0].item.baseKey
  await answer()
}
onMounted(load)

const query = computed(() => (client.value ? `?client=${client.value}` : ''))
const sore = computed(() => forWhom.value?.soreSites.map((s) => s.site) ?? [])
const marks = computed(() => forWhom.value?.soreSites.map(({ site, side }) => ({ site, side })) ?? [])
provide(SORE_PLACES, () => marks.value)
const general = computed(() => (problem.value && problem.value.fields.length === 0 ? problem.value : null))
const turnedWrongWay = computed(() => {
  const now = detail.value?.curve.summary.peakDemandNm ?? 0
  const before = original.value?.curve.summary.peakDemandNm ?? 0
  return Math.sign(now) !== Math.sign(before) && Math.abs(now) > 0.5
})
const hurtsAt = ref<number | undefined>()
function use(change: Adjustment, kg: number) {
  adjustment.value = { ...untouched, ...change }
  loadKg.value = kg
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="loadProblem">
      <BButton size="sm" variant="outline-primary" class="me-3" @click="load">Try again</BButton>
      <RouterLink :to="`/exercises${query}`">Back to the exercises</RouterLink>
    </ProblemNotice>
    <template v-if="original && detail && forWhom">
      <div class="d-flex flex-wrap gap-3 align-items-baseline mb-2">
        <RouterLink :to="`/exercises/${exercise}${query}`">Back</RouterLink>
        <h1>Workbench: {{ original.item.name }}</h1>
        <span class="quiet">{{ forWhom.clientName ? `for ${forWhom.clientName}` : 'for nobody in particular' }}</span>
      </div>
      <div class="bench">
        <TurnPanel
          v-model:adjustment="adjustment"
          v-model:load="loadKg"
          :detail="detail"
          :original="original"
          :wrong="wrong"
          class="panel turn"
        />
        <section class="panel answer">
          <ProblemNotice :problem="general" />
          <p v-if="turnedWrongWay" class="warn">Turned like this it loads the muscles on the other side of the arm.</p>
          <p v-if="detail.band?.slackAtStart" class="warn">The band is slack at the start: shorter, or further away.</p>
          <p v-if="detail.band?.extrapolated" class="warn">
            Part of the range lies outside the two pulls: the force there is extrapolated.
          </p>
          <TurnedViews :detail="detail" :original="original" :mark="hurtsAt" />
          <p class="small mb-1">
            <WhyValue :reason="detail.loadReason" about="the load">With {{ workedOutAt(detail, units) }}</WhyValue>
            ·
            <WhyValue :reason="detail.item.worthReason" about="what it is worth now">
              {{ detail.item.beforeNext }}
            </WhyValue>
          </p>
          <p v-for="r in detail.item.whyNot" :key="r.ruleId + r.exact" class="small out mb-1">
            <WhyValue :reason="r" about="what stands against it">{{ r.exact }}</WhyValue>
          </p>
        </section>
        <section class="panel cost">
          <ArmsMap :marks="marks" :stress="detail.item.stress" caption="Stress as turned; rings are sore places" />
          <h2>What the joints pay</h2>
          <StressList
            :parts="detail.stressParts"
            :said="detail.item.stressWords"
            :before="original.stressParts"
            :sore="sore"
            :name="detail.item.name"
          />
          <h2 class="mt-3">What the muscles get</h2>
          <HeadBars :stimulus="detail.item.stimulus" />
        </section>
      </div>
      <EasePanel
        v-model:hurts-at="hurtsAt"
        :detail="detail"
        :client-id="client"
        :sore="sore"
        :adjustment="adjustment"
        :base-key="baseKey"
        class="panel mt-3"
        @use="use"
      />
      <KeepPanel
        :original="original"
        :detail="detail"
        :adjustment="adjustment"
        :base-key="baseKey"
        class="panel mt-3"
      />
    </template>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  gap: 1rem;
  grid-template-columns: 19rem minmax(0, 1fr) 19rem;
}
@media (max-width: 1000px) {
  .bench {
    grid-template-columns: 1fr;
  }
  .answer {
    order: -1;
  }
}
.warn {
  color: var(--ease);
  font-weight: 650;
  margin-bottom: 0.4rem;
}
.out {
  color: var(--copper);
}
</style>
