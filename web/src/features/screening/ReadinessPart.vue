<script setup lang="ts">
import { computed } from 'vue'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import type { Earlier } from '@/shared/api/types'
import { date, typed } from '@/shared/format'
import NumberField from '@/shared/NumberField.vue'
import { yesNo } from '@/shared/options'
import TextField from '@/shared/TextField.vue'
import type { Draft } from './answers'

const readiness = defineModel<Draft['readiness']>('readiness', { required: true })
const pressure = defineModel<Draft['pressure']>('pressure', { required: true })
const props = defineProps<{
  wrong: (field: string) => string | undefined
  cleared: boolean
  /** The last reading on record. */
  last?: Earlier['reading']
  /** How many readings the server asks for. */
  asked: number
  /** Whether a medicine that slows the heart is named. */
  heartMedicine: boolean
}>()

const questions = computed(() =>
  [
    {
      key: 'symptoms' as const,
      label: 'Symptoms of heart, metabolic or kidney disease',
      help: 'Chest discomfort, fainting, breathless at rest, lying flat or on mild effort, ankle swelling, palpitations, dizziness, leg pain on walking that eases with rest, a known heart murmur, unusual tiredness.',
      asked: true,
    },
    { key: 'knownDisease' as const, label: 'A known disease of heart, metabolism (diabetes) or kidneys', asked: true },
    {
      key: 'changedSinceClearance' as const,
      label: 'Anything about their health changed since the clearance on record',
      asked: props.cleared,
    },
    {
      key: 'regularlyActive' as const,
      label: 'Regularly active: at least 30 minutes on three days a week for the last three months',
      asked: true,
    },
  ].filter((q) => q.asked),
)

type Reading = Draft['pressure']['readings'][number]
const parts = [
  { key: 'systolic' as const, label: 'upper, mmHg' },
  { key: 'diastolic' as const, label: 'lower, mmHg' },
  { key: 'pulse' as const, label: 'pulse a minute' },
  { key: 'quietMinutes' as const, label: 'quiet minutes before' },
]
const typedIn = computed(() => pressure.value.readings.findLastIndex((r) => r.systolic || r.pulse) + 1)
const rows = computed(() => Math.max(1, props.asked, typedIn.value))

const lastTime = computed(() => {
  const r = props.last
  if (!r) return ''
  return `Last time ${r.systolic}/${r.diastolic}${r.pulse ? `, pulse ${r.pulse}` : ''} on ${date(r.on!)}.`
})

function reading(n: number, part: Reading) {
  const readings = [0, 1, 2].map((i) => ({ ...pressure.value.readings[i], ...(i === n ? part : {}) }))
  pressure.value = { ...pressure.value, readings }
}
const said = (part: Partial<Draft['readiness']>) => (readiness.value = { ...readiness.value, ...part })
</script>

<template>
  <template v-for="q in questions" :key="q.key">
    <ChoiceGroup
      :model-value="readiness[q.key]"
      :label="q.label"
      :help="q.help"
      :options="yesNo"
      @update:model-value="(v) => said({ [q.key]: v })"
    />
    <div v-if="q.key === 'symptoms' && readiness.symptoms" class="more">
      <TextField
        :model-value="readiness.symptom"
        label="Which (may stay open)"
        :wrong="wrong('symptom')"
        @update:model-value="(v) => said({ symptom: typed(v) })"
      />
      <TextField
        v-if="cleared"
        :model-value="readiness.symptomsSince"
        type="date"
        label="Known since (open: today)"
        @update:model-value="(v) => said({ symptomsSince: typed(v) })"
      />
    </div>
    <div v-if="q.key === 'knownDisease' && readiness.knownDisease" class="more">
      <TextField
        :model-value="readiness.disease"
        label="Which (may stay open)"
        :wrong="wrong('disease')"
        @update:model-value="(v) => said({ disease: typed(v) })"
      />
      <TextField
        v-if="cleared"
        :model-value="readiness.diseaseSince"
        type="date"
        label="Known since (the month is enough)"
        help="A letter covers what was known when it was given."
        @update:model-value="(v) => said({ diseaseSince: typed(v) })"
      />
    </div>
    <ChoiceGroup
      v-if="q.key === 'knownDisease' && readiness.knownDisease === false && heartMedicine"
      :model-value="readiness.pressureAlone"
      label="The medicine that slows the heart is taken for the blood pressure alone"
      :options="yesNo"
      @update:model-value="(v) => said({ pressureAlone: v })"
    />
  </template>
  <ChoiceGroup
    :model-value="pressure.concern"
    label="Blood pressure known to be raised or borderline, or treated"
    :options="yesNo"
    @update:model-value="(v) => (pressure = { ...pressure, concern: v })"
  />
  <h3 class="fs-6">Pressure and pulse at rest</h3>
  <p class="quiet small mb-2">
    Sitting, after five quiet minutes; the pulse may be counted by hand.
    {{ lastTime }}
    <template v-if="rows > 1">Each after five more quiet minutes; no session between them.</template>
  </p>
  <div v-for="n in rows" :key="n" class="readings" role="group" :aria-label="`Reading ${n}`">
    <b v-if="rows > 1" class="which">Reading {{ n }}</b>
    <NumberField
      v-for="p in parts"
      :key="p.key"
      :model-value="pressure.readings[n - 1]?.[p.key]"
      :label="p.label"
      :wrong="wrong(p.key)"
      @update:model-value="(v) => reading(n - 1, { [p.key]: v })"
    />
    <ChoiceGroup
      v-if="pressure.readings[n - 1]?.pulse"
      :model-value="pressure.readings[n - 1]?.newlyIrregular"
      label="Newly irregular"
      :options="yesNo"
      @update:model-value="(v) => reading(n - 1, { newlyIrregular: v })"
    />
  </div>
  <div class="choice meter">
    <button
      type="button"
      :aria-pressed="pressure.noMeter === true"
      @click="pressure = { ...pressure, noMeter: pressure.noMeter ? undefined : true }"
    >
      There is no meter here
    </button>
  </div>
</template>

<style scoped>
.readings {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8rem, 10rem));
  gap: 0 1rem;
  align-items: end;
}
.which {
  grid-column: 1 / -1;
}
.meter {
  display: flex;
  margin-bottom: 1rem;
}
.more {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 20rem));
  gap: 0 1rem;
}
</style>
