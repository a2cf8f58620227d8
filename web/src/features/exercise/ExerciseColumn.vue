<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import type { AtlasView, ExerciseDetail } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import FigureFrames from '@/shared/FigureFrames.vue'
import { words } from '@/shared/format'
import LoadChart from '@/shared/LoadChart.vue'
import { units } from '@/shared/units'
import { useTempo } from '@/shared/useTempo'
import WhyValue from '@/shared/WhyValue.vue'
import { profileOf, workedOutAt } from './atlas'
import BothViews from './BothViews.vue'
import HeadBars from './HeadBars.vue'
import StressList from './StressList.vue'
import FoldPart from '@/shared/FoldPart.vue'

/** One exercise: how it moves, where it loads, what it gives and costs, what rules it out. */
const props = defineProps<{
  detail: ExerciseDetail
  forWhom: AtlasView['forWhom']
  alone: boolean
  top: number
  query: string
}>()
const item = computed(() => props.detail.item)
const still = ref(false)
const progress = useTempo(
  () => props.detail.tempo,
  () => still.value,
)
// The figure does only what limits leave of the whole lift.
const along = computed(() => props.detail.done.from + progress.value * (props.detail.done.to - props.detail.done.from))
const sore = computed(() => props.forWhom.soreSites.map((s) => s.site))
const marks = computed(() => props.forWhom.soreSites.map((s) => ({ site: s.site, side: s.side })))
const t = computed(() => props.detail.tempo)
const g = computed(() => props.detail.guidance)
const label = computed(() => `${item.value.name}, moving, seen from the side and from the front`)
const profile = computed(() => `Hardest ${profileOf(props.detail)}`)
</script>

<template>
  <article class="panel">
    <h2 v-if="!alone">{{ item.name }}</h2>
    <div v-for="r in item.whyNot" :key="r.ruleId + r.exact" class="why-not">
      <WhyValue :reason="r" :about="`${item.name} is left out`">Left out: {{ r.exact }}</WhyValue>
    </div>
    <div :class="['top', { alone }]">
      <BothViews v-if="alone" :detail="detail" :along="along" :label="label" />
      <div v-if="item.modelled">
        <LoadChart :curve="detail.curve" :sore-arc="detail.soreArc" :progress="along" :top="top" />
        <p class="small mb-1">
          <WhyValue :reason="detail.loadReason" about="the load">
            {{ profile }}, with {{ workedOutAt(detail, units) }}
          </WhyValue>
        </p>
      </div>
    </div>
    <FigureFrames :figure="detail.figure" :name="item.name" class="print-only" />
    <p v-if="item.says && (!item.whyNot.length || !item.modelled)" class="mb-2">
      <WhyValue :reason="item.worthReason" about="where it stands">{{ item.says }}</WhyValue>
      <template v-if="item.rangeReason">
        ·
        <WhyValue :reason="item.rangeReason" about="its range">shorter range</WhyValue>
      </template>
    </p>
    <div :class="['facts', { alone }]">
      <div>
        <h3>How</h3>
        <p class="small mb-1">
          {{ words(item.stance) }}, {{ words(item.grip) }}, arms {{ words(item.arms) }} · {{ t.upS }} s up,
          {{ t.holdS }} s held, {{ t.downS }} s down
        </p>
        <ol class="small mb-1">
          <li v-for="s in g.setUp" :key="s">{{ s }}</li>
        </ol>
        <p v-if="g.danger" class="small mb-1 danger">{{ g.danger }}.</p>
        <p v-if="g.up" class="small mb-1">
          <span class="quiet">Up</span>
          {{ g.up }}.
          <span class="quiet">Down</span>
          {{ g.down }}.
        </p>
        <p class="small mb-1">{{ g.cues.join('. ') }}. {{ g.breathing }}. {{ g.landmark }}.</p>
        <p v-if="g.otherArm !== 'nothing'" class="small mb-1">Other arm: {{ g.otherArm }}.</p>
        <p class="small mb-1">
          <span class="quiet">Watch for</span>
          {{ g.faults.join(', ').toLowerCase() }}.
        </p>
        <p class="small mb-2">
          {{ g.homeAlone ? 'May be done alone at home.' : 'Not alone at home.' }} Stop if it hurts.
        </p>
      </div>
      <ArmsMap
        v-if="item.modelled"
        :marks="marks"
        :stress="item.stress"
        :caption="`Stress of ${item.name}; rings are sore places`"
      />
      <div>
        <section v-if="detail.debates.length" class="debates">
          <h3>Where trainers disagree</h3>
          <div v-for="d in detail.debates" :key="d.question" class="small mb-2">
            <strong>{{ d.question }}</strong>
            <div>{{ d.schools }}</div>
            <div>
              <span class="quiet">Here</span>
              {{ d.here }}
            </div>
          </div>
        </section>
        <FoldPart v-if="item.modelled" title="Figures, for muscles and joints">
          <h3>What the muscles get</h3>
          <HeadBars :stimulus="item.stimulus" />
          <p class="small quiet mt-1 mb-0">Which grip or slope reaches which head of the biceps is lore.</p>
          <h3 class="mt-3">What the joints pay</h3>
          <StressList :parts="detail.stressParts" :said="item.stressWords" :sore="sore" :name="item.name" />
        </FoldPart>
      </div>
    </div>
    <RouterLink v-if="item.modelled" :to="`/workbench/${item.key}${query}`" class="btn btn-outline-primary no-print">
      Turn it on the workbench
    </RouterLink>
  </article>
</template>

<style scoped>
h3 {
  font-size: 1rem;
  font-weight: 650;
  margin-bottom: 0.3rem;
}
.danger {
  border-left: 4px solid var(--ease);
  padding-left: 0.5rem;
  font-weight: 650;
}
.why-not {
  color: var(--copper);
}
@media (min-width: 760px) {
  .top.alone {
    display: grid;
    grid-template-columns: 1.4fr 1fr;
    gap: 1.5rem;
  }
  .facts.alone {
    display: grid;
    grid-template-columns: 1.2fr 0.9fr 1.1fr;
    gap: 1.8rem;
  }
}
.facts > * {
  margin-bottom: 0.8rem;
}
.print-only {
  display: none;
}
@media print {
  .print-only {
    display: grid;
  }
}
</style>
