<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Composition, Reason, Week } from '@/shared/api/types'
import DayPicker from '@/shared/DayPicker.vue'
import { date } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import WhyButton from '@/shared/WhyButton.vue'
import { useCall } from '@/shared/useCall'

/** The weeks ahead as they would go if every visit were "go": is the rise right, and do the days fit? */
const props = defineProps<{ clientId: string; composition: Composition }>()
const { problem, busy, run } = useCall()
const days = ref<string[]>(['MONDAY', 'THURSDAY'])
const weeks = ref<Week[]>([])
const reasons = ref<Reason[]>([])
const howMany = ref(6)

async function plan() {
  const body = {
    clientId: props.clientId,
    composition: { ...props.composition, written: undefined },
    weeks: howMany.value,
    days: days.value as never,
  }
  const answer = await run(() => ask(() => api.POST('/api/plan/block', { body })))
  weeks.value = answer?.weeks ?? []
  reasons.value = answer?.reasons ?? []
}
const sets = (visit: Week['visits'][number], group: string) =>
  visit.result.plan?.units
    .flatMap((u) => u.slots)
    .filter((s) => s.group === group)
    .reduce((sum, s) => sum + s.sets, 0) ?? 0
const names = (visit: Week['visits'][number]) =>
  visit.result.plan?.units.flatMap((u) => u.slots.map((s) => s.name)).join(', ') ?? ''
</script>

<template>
  <details class="panel">
    <summary>The weeks ahead</summary>
    <ProblemNotice :problem="problem" />
    <div class="ask">
      <DayPicker v-model="days" label="Days of training" />
      <label>
        weeks
        <input v-model.number="howMany" type="number" min="1" max="6" />
      </label>
      <BButton size="sm" variant="outline-primary" :disabled="busy || !days.length" @click="plan">Lay them out</BButton>
    </div>
    <p v-if="weeks.length" class="quiet small">
      As it would go if every visit were “go”; what mornings say will change it.
    </p>
    <ul v-if="reasons.length" class="small mb-2">
      <li v-for="r in reasons" :key="r.ruleId">
        {{ r.exact }}
        <WhyButton :reason="r" about="the sets of the weeks" />
      </li>
    </ul>
    <ol v-if="weeks.length" class="weeks">
      <li v-for="w in weeks" :key="w.number" :class="{ lighter: w.lighter }">
        <h3>
          Week {{ w.number }}
          <span v-if="w.lighter" class="tag">lighter</span>
        </h3>
        <p class="quiet small mb-1">{{ w.target.EXTENSORS }} sets back, {{ w.target.FLEXORS }} front</p>
        <div v-for="v in w.visits" :key="v.on" class="visit" :title="names(v)">
          <strong>{{ date(v.on) }}</strong>
          <template v-if="v.result.plan">
            <span class="figure">{{ sets(v, 'EXTENSORS') }} + {{ sets(v, 'FLEXORS') }} sets</span>
            <span class="quiet small">{{ v.result.plan.minutes.warmUp + v.result.plan.minutes.work }} min</span>
          </template>
          <span v-else class="small">{{ v.result.refusals[0]?.exact }}</span>
        </div>
      </li>
    </ol>
  </details>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.4rem;
  align-items: end;
  margin: 0.6rem 0;
}
.ask input {
  width: 4rem;
}
.weeks {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
  gap: 0.6rem;
}
.weeks li {
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 0.5rem 0.7rem;
}
.weeks .lighter {
  border-style: dashed;
}
h3 {
  font-size: 1rem;
  font-weight: 650;
  margin: 0;
}
.visit {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.5rem;
  border-top: 1px solid color-mix(in srgb, var(--line) 40%, transparent);
  padding: 0.25rem 0;
}
</style>
