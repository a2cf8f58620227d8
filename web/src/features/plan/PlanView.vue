<script setup lang="ts">
import { computed, onMounted, ref, provide } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { MorningView, SessionView } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import ChangesPanel from '@/shared/ChangesPanel.vue'
import { clock, date, inUnits, load } from '@/shared/format'
import PlanUnits from '@/shared/PlanUnits.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import { SORE_PLACES } from '@/shared/sorePlaces'
import DoneSets from './DoneSets.vue'
import FeltAfter from './FeltAfter.vue'
import FoldPart from '@/shared/FoldPart.vue'

const props = defineProps<{ id: string }>()
const { problem, run } = useCall()
const session = ref<SessionView | null>(null)
const felt = ref<MorningView | null>(null)
provide(SORE_PLACES, () => session.value?.soreSites ?? [])

onMounted(async () => {
  const view = await run(() => ask(() => api.GET('/api/sessions/{id}', { params: { path: { id: props.id } } })))
  if (view) {
    session.value = view
    units.value = view.units
    const path = { params: { path: { id: props.id } } }
    if (view.morningPossible)
      felt.value = (await run(() => ask(() => api.GET('/api/sessions/{id}/morning', path)))) ?? null
  }
})
/** What a warm-up step takes: load and repetitions, or its time. */
function amount(w: SessionView['plan']['warmUp'][number]): string {
  return w.load ? `${load(w.load, units.value)} × ${w.reps}` : `${clock(w.seconds)} min`
}
const open = computed(() => session.value?.status === 'PLANNED' || session.value?.status === 'RUNNING')
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem" />
    <template v-if="session">
      <div class="d-flex flex-wrap gap-3 align-items-baseline mb-3">
        <h1>
          <RouterLink :to="`/clients/${session.clientId}`">{{ session.clientName }}</RouterLink>
          {{ open ? 'today' : `on ${date(session.visitOn)}` }}
        </h1>
        <span class="quiet">
          {{ session.plan.minutes.warmUp }} min warm-up, {{ session.plan.minutes.work }} min work
        </span>
        <a :href="`/api/sessions/${id}/sheet.pdf`" target="_blank" class="no-print">On paper</a>
        <RouterLink v-if="open" :to="`/sessions/${id}/floor`" class="btn btn-primary ms-auto">
          {{ session.status === 'RUNNING' ? 'Go on on the floor' : 'To the floor' }}
        </RouterLink>
        <RouterLink
          v-else-if="session.morningPossible"
          :to="`/sessions/${id}/morning`"
          class="btn btn-outline-primary ms-auto"
        >
          Morning check
        </RouterLink>
      </div>
      <p v-if="session.stopSign" class="stopped">Stopped: {{ session.stopSign }}</p>
      <div class="beside-arms">
        <aside>
          <ArmsMap
            :marks="session.soreSites.map((s) => ({ site: s.site, side: s.side, text: String(s.usual) }))"
            caption="Sore places when this was planned"
          />
          <h2 class="mt-3">Warm-up</h2>
          <ol class="warm">
            <li v-for="(w, i) in session.plan.warmUp" :key="i">
              <WhyValue :reason="w.reason" :about="w.words">{{ inUnits(w.words, units) }}</WhyValue>
              <span class="quiet">{{ amount(w) }}</span>
            </li>
          </ol>
          <p class="small quiet">
            Stop if pain grows over the easy sets, or at pressure in chest, jaw or arm, dizziness, sudden headache,
            numbness or weakness.
          </p>
        </aside>
        <section>
          <DoneSets v-if="session.sets.length || session.notes.length" :session="session" class="mb-3" />
          <FeltAfter v-if="felt" :morning="felt" class="mb-3" />
          <ChangesPanel :changes="session.changes" :signals="session.signals" class="mb-3" />
          <PlanUnits :plan="session.plan" :guides="session.guides" />
          <FoldPart :title="`Why not the others (${session.plan.whyNot.length})`" class="panel">
            <ul class="mt-2 mb-0">
              <li v-for="w in session.plan.whyNot" :key="w.exerciseKey">
                <strong>{{ w.name }}</strong>
                <span class="tag">{{ w.byLimit ? 'left out' : 'allowed, not chosen' }}</span>
                {{ inUnits(w.reasons.map((r) => r.exact).join(' '), units) }}
              </li>
            </ul>
          </FoldPart>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.warm {
  padding-left: 1.2rem;
}
/* The number stands beside the first line. */
.warm :deep(.value) {
  vertical-align: top;
}
.stopped {
  background: var(--ink);
  color: var(--ground);
  padding: 0.6rem 1rem;
}
@media (max-width: 900px) {
  .beside-arms section {
    order: -1;
  }
}
</style>
