<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { ExerciseDetail, FeltTrial, FeltTrialView, Site } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { date, inUnits, mass, title, words } from '@/shared/format'
import PainScale from '@/shared/PainScale.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'

/** Two exercises tried with a light load: which one does this joint prefer? */
const props = defineProps<{
  clientId: string
  pair: ExerciseDetail[] | null
  sites: Site[]
  trials: FeltTrialView[]
}>()
const emit = defineEmits<{ kept: [trial: FeltTrialView] }>()
const { problem, run, busy } = useCall()

const LIGHT_SHARE = 0.5
const all: Site[] = [
  'FRONT_OF_SHOULDER',
  'TOP_OUTER_SHOULDER',
  'TOP_JOINT_OF_SHOULDER',
  'BACK_OF_ELBOW',
  'CROOK_OF_ELBOW',
  'OUTER_ELBOW',
  'INNER_ELBOW',
  'WRIST',
]
const site = ref<Site>(props.sites[0] ?? 'BACK_OF_ELBOW')
const hardest = [
  { value: 'START', text: 'start' },
  { value: 'MIDDLE', text: 'middle' },
  { value: 'END', text: 'end' },
  { value: 'EVEN', text: 'all the way' },
] as { value: FeltTrial['first']['hardest']; text: string }[]
const rated = reactive(
  [0, 1].map(() => ({
    loadKg: undefined as number | undefined,
    joint: 0,
    muscle: 5,
    hardest: 'MIDDLE' as FeltTrial['first']['hardest'],
  })),
)
const id = ref(crypto.randomUUID())

/** About half of equal effort, the nearest load there is. */
function light(d: ExerciseDetail): number {
  const aim = d.item.loadKg * LIGHT_SHARE
  const loads = d.loads.map((l) => l.kg)
  return loads.reduce((best, kg) => (Math.abs(kg - aim) < Math.abs(best - aim) ? kg : best), loads[0] ?? aim)
}
const pair = computed(() => props.pair)

async function keep() {
  const [a, b] = pair.value ?? []
  if (!a || !b) return
  const felt = (d: ExerciseDetail, i: number) => ({
    ...rated[i]!,
    exerciseKey: d.item.key,
    loadKg: rated[i]!.loadKg ?? light(d),
  })
  const kept = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/felt-trials/{id}', {
        params: { path: { clientId: props.clientId, id: id.value } },
        body: { site: site.value, first: felt(a, 0), second: felt(b, 1) },
      }),
    ),
  )
  if (kept) {
    emit('kept', kept)
    id.value = crypto.randomUUID()
  }
}
</script>

<template>
  <section class="panel no-print">
    <h2>Felt trial</h2>
    <template v-if="pair">
      <p class="quiet">Try both with a light load, one after the other. Stop if it hurts more than usual.</p>
      <SelectField v-model="site" label="Watching" :options="all.map((value) => ({ value, text: title(value) }))" />
      <div class="two">
        <div v-for="(d, i) in pair" :key="d.item.key">
          <b>{{ d.item.name }}</b>
          <label class="d-block mb-2">
            with
            <BFormSelect
              v-model="rated[i]!.loadKg"
              :options="[
                { value: undefined, text: `${mass(light(d), units)} (light)` },
                ...d.loads.map((l) => ({ value: l.kg, text: inUnits(l.label, units) })),
              ]"
            />
          </label>
          <PainScale v-model="rated[i]!.joint" :label="`The ${words(site)}, 0 quiet to 10`" />
          <PainScale v-model="rated[i]!.muscle" label="The muscle, 0 nothing to 10" />
          <ChoiceGroup v-model="rated[i]!.hardest" label="Hardest at the" :options="hardest" />
        </div>
      </div>
      <ProblemNotice :problem="problem" />
      <BButton variant="primary" :disabled="busy" @click="keep">Keep this trial</BButton>
    </template>
    <p v-else class="quiet">Compare two exercises to try them against each other with a light load.</p>
    <ul v-if="trials.length" class="kept">
      <li v-for="t in trials" :key="t.id">
        <span class="quiet">{{ date(t.triedOn) }}, {{ t.triedBy }}:</span>
        {{ t.firstName }} against {{ t.secondName }}.
        <WhyValue :reason="t.says" about="what the trial says">{{ t.says.exact }}</WhyValue>
        <span class="quiet">The model: {{ t.firstStress.toFixed(1) }} against {{ t.secondStress.toFixed(1) }}.</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  gap: 1.2rem;
}
@media (min-width: 760px) {
  .two {
    grid-template-columns: 1fr 1fr;
  }
}
.kept {
  margin: 1rem 0 0;
  padding-left: 1.1rem;
}
</style>
