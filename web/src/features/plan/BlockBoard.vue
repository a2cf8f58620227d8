<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { Composition, Goal, Reason, Week } from '@/shared/api/types'
import DayPicker from '@/shared/DayPicker.vue'
import { date, inUnits } from '@/shared/format'
import { goals } from '@/shared/options'
import NumberField from '@/shared/NumberField.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import WhyValue from '@/shared/WhyValue.vue'
import SelectField from '@/shared/SelectField.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import { useDays } from './useDays'
import FoldPart from '@/shared/FoldPart.vue'

/** The weeks ahead as they go if every visit goes as planned: is the rise right, and do the days fit? */
const props = defineProps<{ clientId: string; composition: Composition }>()
const { problem, busy, run } = useCall()
const own = useDays(props.clientId)
const ownProblem = own.problem
const days = ref<string[]>([])
const aim = ref<Goal>('FUNCTION')
const lighter = ref('6')
const newExercises = ref(false)
const at = ref('')
const kept = ref('')
const weeks = ref<Week[]>([])
const rise = ref<Reason>()
const howMany = ref<number | undefined>(6)

/** What is usual for this client, when it is first opened. */
async function open() {
  if (own.days.value || !(await own.load())) return
  const { usual, appointments } = own.days.value!
  days.value = usual.days.length ? usual.days : ['MONDAY', 'THURSDAY']
  aim.value = usual.goal
  at.value = appointments[0]?.at.slice(0, 5) ?? ''
}
const weekChoices = computed(() =>
  Array.from({ length: howMany.value ?? 0 }, (_, w) => ({ value: String(w + 1), text: `week ${w + 1}` })),
)
// The last week stays the lighter one when a block is made longer or shorter.
watch(howMany, (n, before) => {
  if (n && lighter.value && (Number(lighter.value) === before || Number(lighter.value) > n)) lighter.value = String(n)
})
const lighterWeek = () => (lighter.value ? Number(lighter.value) : undefined)

async function keep() {
  const { today, usual } = own.days.value!
  const block = {
    startsOn: today,
    weeks: howMany.value ?? 0,
    aim: aim.value,
    lighterWeek: lighterWeek(),
    newExercises: newExercises.value,
  }
  if (!(await own.keepWeeks(block))) return
  kept.value = 'These weeks are kept.'
  if (!at.value) return
  const slot = { on: today, at: at.value, minutes: props.composition.minutes ?? usual.minutes, placeId: usual.placeId }
  if (await own.bookWeeks({ ...slot, placeId: props.composition.placeId ?? usual.placeId }, days.value, block.weeks))
    kept.value = 'These weeks are kept and their visits booked.'
}

async function plan() {
  kept.value = ''
  const body = {
    clientId: props.clientId,
    composition: { ...props.composition, written: undefined },
    weeks: howMany.value ?? 0,
    days: days.value as never,
    aim: aim.value,
    lighterWeek: lighterWeek(),
    newExercises: newExercises.value,
  }
  const answer = await run(() => ask(() => api.POST('/api/plan/block', { body })))
  weeks.value = answer?.weeks ?? []
  rise.value = answer?.sets
}
const sets = (visit: Week['visits'][number], group: string) =>
  visit.result.plan?.units
    .filter((u) => !u.care)
    .flatMap((u) => u.slots)
    .filter((s) => s.group === group)
    .reduce((sum, s) => sum + s.sets, 0) ?? 0
const names = (visit: Week['visits'][number]) =>
  visit.result.plan?.units.flatMap((u) => u.slots.map((s) => s.name)).join(', ') ?? ''
</script>

<template>
  <FoldPart title="The weeks ahead" class="panel" @opened="open">
    <ProblemNotice :problem="problem ?? ownProblem" />
    <div class="ask">
      <DayPicker v-model="days" label="Days of training" />
      <NumberField v-model="howMany" label="Weeks, 1 to 6" />
      <SelectField v-model="aim" label="For" :options="goals" />
      <SelectField v-model="lighter" label="Lighter week" empty="none" :options="weekChoices" />
    </div>
    <BFormCheckbox v-model="newExercises" class="mb-3">
      other exercises than in the weeks before, where others fit
    </BFormCheckbox>
    <BButton size="sm" variant="outline-primary" :disabled="busy || !days.length" @click="plan">Lay them out</BButton>
    <p v-if="weeks.length" class="quiet small">
      As it goes if every visit goes as planned; what is lifted and what mornings say will change it.
    </p>
    <div v-if="weeks.length" class="keep">
      <BButton size="sm" variant="primary" :disabled="own.busy.value" @click="keep">Keep these weeks</BButton>
      <label>
        and book their visits at
        <BFormInput
          v-model="at"
          type="time"
          size="sm"
          class="time"
          aria-label="Time of the visits; empty books nothing"
        />
      </label>
      <span v-if="kept" aria-live="polite">
        {{ kept }}
        <RouterLink :to="`/clients/${clientId}`">See the client’s days</RouterLink>
      </span>
    </div>
    <p v-if="rise" class="small mb-2">
      <WhyValue :reason="rise" about="the sets of the weeks">{{ inUnits(rise.exact, units) }}</WhyValue>
    </p>
    <ol v-if="weeks.length" class="weeks">
      <li v-for="w in weeks" :key="w.number" :class="{ lighter: w.lighter }">
        <h3>
          Week {{ w.number }}
          <span v-if="w.lighter" class="tag">lighter</span>
        </h3>
        <p class="quiet small mb-1">{{ w.sets.EXTENSORS }} sets back, {{ w.sets.FLEXORS }} front</p>
        <div v-for="v in w.visits" :key="v.on" class="visit" :title="names(v)">
          <strong>{{ date(v.on) }}</strong>
          <template v-if="v.result.plan">
            <span class="figure">{{ sets(v, 'EXTENSORS') }} + {{ sets(v, 'FLEXORS') }} sets</span>
            <span class="quiet small">{{ v.result.plan.minutes.warmUp + v.result.plan.minutes.work }} min</span>
          </template>
          <span v-else class="small">{{ inUnits(v.result.refusals[0]?.exact ?? '', units) }}</span>
        </div>
      </li>
    </ol>
  </FoldPart>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.4rem;
  margin-top: 0.6rem;
}
.ask > * {
  min-width: 8rem;
}
.time {
  display: inline-block;
  width: auto;
}
.keep {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: center;
  margin: 0 0 0.8rem;
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
