<script setup lang="ts">
import { inUnits, warmUpDose } from '@/shared/format'
import type { SessionView } from '@/shared/api/types'
import StepClock from './StepClock.vue'

defineProps<{ session: SessionView; at: number }>()
defineEmits<{ done: []; skip: [] }>()
</script>

<template>
  <section class="warm">
    <p class="quiet mb-1">Warm-up {{ at + 1 }} of {{ session.plan.warmUp.length }}</p>
    <h1>{{ inUnits(session.plan.warmUp[at]!.words, session.units) }}</h1>
    <StepClock
      v-if="!session.plan.warmUp[at]!.reps"
      :name="`${session.id}.warm.${at}`"
      :seconds="session.plan.warmUp[at]!.seconds"
      over="Warm-up step done"
    />
    <p v-else class="big">
      {{ warmUpDose(session.plan.warmUp[at]!, session.units) }}
    </p>
    <p class="quiet">{{ inUnits(session.plan.warmUp[at]!.reason.plain, session.units) }}</p>
    <p class="quiet">Pain that eases over the easy sets is a go; pain that grows is a swap.</p>
    <div class="thumb">
      <BButton variant="primary" size="lg" class="done" @click="$emit('done')">Done</BButton>
      <BButton variant="outline-primary" size="lg" @click="$emit('skip')">Skip the warm-up</BButton>
    </div>
  </section>
</template>

<style scoped>
.warm {
  max-width: 46rem;
  margin: 0 auto;
  padding: 1.2rem;
  min-height: 82vh;
  display: flex;
  flex-direction: column;
}
h1 {
  font-size: 2rem;
}
.big {
  font-size: 3.4rem;
  font-weight: 700;
}
.thumb {
  margin-top: auto;
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 0.6rem;
}
.done {
  min-height: 4.4rem;
  font-size: 1.4rem;
}
</style>
