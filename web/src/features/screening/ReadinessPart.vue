<script setup lang="ts">
import { computed } from 'vue'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import NumberField from '@/shared/NumberField.vue'
import { yesNo } from '@/shared/options'
import type { Draft } from './answers'

const readiness = defineModel<Draft['readiness']>('readiness', { required: true })
const pressure = defineModel<Draft['pressure']>('pressure', { required: true })
const props = defineProps<{ wrong: (field: string) => string | undefined; cleared: boolean }>()

const questions = computed(() =>
  [
    {
      key: 'symptoms' as const,
      label: 'Symptoms of heart, metabolic or kidney disease',
      help: 'Breathless at rest, lying flat or on mild effort, ankle swelling, palpitations, dizziness, leg pain on walking that eases with rest, a known heart murmur, unusual tiredness.',
      asked: true,
    },
    { key: 'knownDisease' as const, label: 'A known disease of heart, metabolism (diabetes) or kidneys', asked: true },
    {
      key: 'changedSinceClearance' as const,
      label: 'Anything about their health changed since the clearance on record',
      asked: readiness.value.knownDisease === true && props.cleared,
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
  { key: 'systolic' as const, label: 'upper (mmHg)' },
  { key: 'diastolic' as const, label: 'lower (mmHg)' },
  { key: 'pulse' as const, label: 'pulse a minute' },
]

function reading(n: number, part: Reading) {
  const readings = [0, 1].map((i) => ({ ...pressure.value.readings[i], ...(i === n ? part : {}) }))
  pressure.value = { ...pressure.value, readings }
}
</script>

<template>
  <ChoiceGroup
    v-for="q in questions"
    :key="q.key"
    :model-value="readiness[q.key]"
    :label="q.label"
    :help="q.help"
    :options="yesNo"
    @update:model-value="(v) => (readiness = { ...readiness, [q.key]: v })"
  />
  <ChoiceGroup
    :model-value="pressure.concern"
    label="Blood pressure known to be raised or borderline"
    :options="yesNo"
    @update:model-value="(v) => (pressure = { ...pressure, concern: v })"
  />
  <template v-if="pressure.concern">
    <p class="quiet small">
      Sitting. One reading is enough under 160/100 with a pulse to 100; else five quiet minutes before a second, and no
      session between them. The last one decides.
    </p>
    <div v-for="n in 2" :key="n" class="readings">
      <NumberField
        v-for="p in parts"
        :key="p.key"
        :model-value="pressure.readings[n - 1]?.[p.key]"
        :label="p.key === 'systolic' ? `Reading ${n}: ${p.label}` : p.label"
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
  </template>
</template>

<style scoped>
.readings {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8rem, 10rem));
  gap: 1rem;
}
</style>
