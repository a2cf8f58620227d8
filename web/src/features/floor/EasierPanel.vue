<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { untouched } from '@/features/exercise/workbench'
import { api, ask } from '@/shared/api/client'
import type { EaseAnswer, Site, Units } from '@/shared/api/types'
import FigureDrawing from '@/shared/FigureDrawing.vue'
import { inUnits, words } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'

/** It hurt just now: which smallest change spares the place in the sets to come, or what else does the same work? */
const props = defineProps<{
  clientId: string
  exerciseKey: string
  name: string
  loadKg: number
  site: Site
  moment: number
  units: Units
  /** Whether the exercise has ended already: then a change is for the next time. */
  ended?: boolean
}>()
const emit = defineEmits<{ use: [change: string]; leave: []; leaveOut: []; tryBoth: [other: string] }>()
const { problem, run } = useCall()
const answer = ref<EaseAnswer | null>(null)
onMounted(async () => {
  const { clientId, exerciseKey, loadKg, site, moment } = props
  const body = { clientId, exerciseKey, loadKg, site, progress: moment, adjustment: untouched }
  answer.value = (await run(() => ask(() => api.POST('/api/arm/ease', { body })))) ?? null
})
</script>

<template>
  <section class="easier" aria-label="An easier way">
    <h2>{{ name }}: an easier way for the {{ words(site) }}</h2>
    <ProblemNotice :problem="problem" />
    <p v-if="!answer && !problem" class="quiet">Looking …</p>
    <template v-if="answer">
      <article v-for="c in answer.changes" :key="c.changes.join()" class="change">
        <FigureDrawing :figure="answer.figure" :progress="moment" class="still" />
        <FigureDrawing :figure="c.figure" :progress="moment" class="still" />
        <div>
          <h3>{{ inUnits(c.changes.join(' and '), units) }}</h3>
          <p class="mb-1">{{ inUnits(c.reason.plain, units) }}</p>
          <BButton variant="primary" @click="emit('use', c.changes.join(' and '))">
            {{ ended ? 'Note it for next time' : 'Do it this way' }}
          </BButton>
        </div>
      </article>
      <p v-if="!answer.changes.length">
        No small change spares it.
        <template v-if="answer.substitute">
          Kindest for the same muscle here:
          <strong>{{ answer.substitute.name }}</strong>
          .
          <BButton
            v-if="!ended"
            variant="outline-primary"
            class="mt-1"
            @click="emit('tryBoth', answer.substitute.exerciseKey)"
          >
            Try both side by side
          </BButton>
        </template>
        <template v-else>Leave it for today.</template>
      </p>
    </template>
    <div class="d-flex flex-wrap gap-2 mt-2">
      <BButton v-if="!ended" variant="primary" size="lg" class="leave" @click="emit('leaveOut')">
        Leave it out today
      </BButton>
      <BButton variant="outline-primary" size="lg" class="leave" @click="emit('leave')">
        {{ ended ? 'Go on with the session' : 'Go on as it is' }}
      </BButton>
    </div>
  </section>
</template>

<style scoped>
.easier {
  max-width: 46rem;
  margin: 0 auto;
  padding: 0.6rem 1rem;
  width: 100%;
}
.change {
  display: grid;
  grid-template-columns: 7rem 7rem 1fr;
  gap: 0.8rem;
  align-items: center;
  border-top: 1px solid color-mix(in srgb, var(--line) 40%, transparent);
  padding: 0.5rem 0;
}
.still {
  max-height: 9rem;
}
h3 {
  font-size: 1.2rem;
}
.change .btn,
.leave {
  min-height: 48px;
}
@media (max-width: 700px) {
  .change {
    grid-template-columns: 1fr 1fr;
  }
  .change > div {
    grid-column: 1 / -1;
  }
}
</style>
