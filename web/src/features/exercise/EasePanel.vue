<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { Adjustment, EaseAnswer, ExerciseDetail, Site } from '@/shared/api/types'
import FigureDrawing from '@/shared/FigureDrawing.vue'
import { inUnits, title } from '@/shared/format'
import LoadChart from '@/shared/LoadChart.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import FoldPart from '@/shared/FoldPart.vue'

/** It hurts here: which smallest change spares that place and keeps the muscle's work? */
const props = defineProps<{
  detail: ExerciseDetail
  clientId: string | undefined
  sore: Site[]
  adjustment: Adjustment
  baseKey: string
}>()
const emit = defineEmits<{ use: [adjustment: Adjustment, kg: number] }>()
const hurtsAt = defineModel<number | undefined>('hurtsAt')
const { problem, run, busy } = useCall()
const answer = ref<EaseAnswer | null>(null)
const sites: Site[] = [
  'FRONT_OF_SHOULDER',
  'TOP_OUTER_SHOULDER',
  'TOP_JOINT_OF_SHOULDER',
  'BACK_OF_ELBOW',
  'CROOK_OF_ELBOW',
  'OUTER_ELBOW',
  'INNER_ELBOW',
  'WRIST',
]
const site = ref<Site>(props.sore[0] ?? 'BACK_OF_ELBOW')

const bend = computed(() => {
  const bends = props.detail.curve.elbowBendDeg
  return Math.round(bends[Math.round((hurtsAt.value ?? 0) * (bends.length - 1))]!)
})
// An answer belongs to what was asked; turning anything makes it old.
watch([() => props.adjustment, () => props.detail.item.loadKg, site, hurtsAt], () => (answer.value = null), {
  deep: true,
})

async function find() {
  const found = await run(() =>
    ask(() =>
      api.POST('/api/arm/ease', {
        body: {
          clientId: props.clientId,
          exerciseKey: props.baseKey,
          adjustment: props.adjustment,
          loadKg: props.detail.item.loadKg,
          site: site.value,
          progress: hurtsAt.value ?? 0.5,
        },
      }),
    ),
  )
  if (found) answer.value = found
}
const percent = (share: number) => `${Math.round(share * 100)} %`
</script>

<template>
  <section>
    <h2>It hurts here</h2>
    <p class="quiet mb-2">
      Mark the place and the moment of the lift. Every combination of up to four small changes is tried with what this
      room has.
    </p>
    <div class="ask">
      <SelectField v-model="site" label="Place" :options="sites.map((value) => ({ value, text: title(value) }))" />
      <label class="moment">
        Moment: {{ hurtsAt === undefined ? 'not marked' : `at ${bend}° of bend` }}
        <BFormInput
          type="range"
          min="0"
          max="1"
          step="0.01"
          :model-value="hurtsAt ?? 0.5"
          :aria-valuetext="`${bend} degrees of bend`"
          @update:model-value="(v) => (hurtsAt = Number(v))"
        />
      </label>
      <BButton variant="primary" :disabled="busy || hurtsAt === undefined" @click="find">
        Find the smallest change
      </BButton>
    </div>
    <ProblemNotice :problem="problem" />
    <div v-if="answer" aria-live="polite">
      <p v-if="!answer.changes.length" class="mt-2">
        None of {{ answer.tried }} combinations spares that place and keeps the muscle’s work.
        <template v-if="answer.substitute">
          Kindest to it here for the same muscle:
          <RouterLink
            :to="{ path: `/exercises/${answer.substitute.exerciseKey}`, query: clientId ? { client: clientId } : {} }"
          >
            {{ answer.substitute.name }}
          </RouterLink>
          .
        </template>
        <template v-else>Nothing else here is kinder to it for the same muscle.</template>
      </p>
      <div class="changes">
        <article v-for="(c, i) in answer.changes" :key="i" class="change">
          <h3>{{ inUnits(c.changes.join(' and '), units) }}</h3>
          <p class="small mb-1">
            <WhyValue :reason="c.reason" :about="c.changes.join(' and ')">
              {{
                c.avoidsThePose
                  ? `That position is no longer passed, and ${percent(c.worstShare)} of the place’s load stays`
                  : `${percent(c.placeShare)} of the place’s load stays where it hurts, ${percent(c.worstShare)}`
              }}
              over the whole lift; the muscle keeps {{ percent(c.meanShare) }}. {{ c.steps }}
              {{ c.steps === 1 ? 'step' : 'steps' }}.
            </WhyValue>
          </p>
          <div class="pair">
            <div>
              <FigureDrawing :figure="answer.figure" :progress="hurtsAt ?? 0.5" class="small-figure" />
              <span class="small quiet">before</span>
            </div>
            <div>
              <FigureDrawing :figure="c.figure" :progress="hurtsAt ?? 0.5" class="small-figure" />
              <span class="small quiet">after</span>
            </div>
          </div>
          <LoadChart :curve="c.curve" :before="answer.curve" />
          <BButton variant="outline-primary" size="sm" @click="emit('use', c.adjustment, c.loadKg)">Use this</BButton>
        </article>
      </div>
      <FoldPart :title="`What was tried alone and rejected (${answer.tried} combinations tried)`" class="mt-2">
        <ul class="small mb-0">
          <li v-for="r in answer.rejected" :key="r.what + r.why">{{ r.what }}: {{ r.why }}.</li>
        </ul>
      </FoldPart>
    </div>
  </section>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem 1.4rem;
  align-items: end;
}
.moment {
  flex: 1 1 14rem;
}
.moment :deep(.form-range) {
  --range: var(--copper);
  min-height: 2.4rem;
}
.changes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
  gap: 1rem;
  margin-top: 0.8rem;
}
.change {
  border-top: 3px solid var(--tide);
  padding-top: 0.5rem;
}
h3 {
  font-size: 1.05rem;
  font-weight: 650;
}
h3::first-letter {
  text-transform: uppercase;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  text-align: center;
}
.small-figure {
  height: 9rem;
}
</style>
