<script setup lang="ts">
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { yesNo } from '@/shared/options'
import TextField from '@/shared/TextField.vue'
import type { Draft } from './answers'

const readiness = defineModel<Draft['readiness']>('readiness', { required: true })
const pressure = defineModel<Draft['pressure']>('pressure', { required: true })
defineProps<{ wrong: (field: string) => string | undefined; cleared: boolean }>()

type Reading = Draft['pressure']['readings'][number]

function reading(n: number, part: Reading) {
  const readings = [0, 1].map((i) => ({ ...pressure.value.readings[i], ...(i === n ? part : {}) }))
  pressure.value = { ...pressure.value, readings }
}
const number = (v: string | number | undefined) => (v === '' || v === undefined ? undefined : Number(v))
</script>

<template>
  <ChoiceGroup
    :model-value="readiness.symptoms"
    label="Symptoms of heart, metabolic or kidney disease"
    help="Breathless at rest, lying flat or on mild effort, ankle swelling, palpitations, dizziness, leg pain on walking that eases with rest, a known heart murmur, unusual tiredness."
    :options="yesNo"
    @update:model-value="(v) => (readiness = { ...readiness, symptoms: v })"
  />
  <ChoiceGroup
    :model-value="readiness.knownDisease"
    label="A known disease of heart, metabolism (diabetes) or kidneys"
    :options="yesNo"
    @update:model-value="(v) => (readiness = { ...readiness, knownDisease: v })"
  />
  <ChoiceGroup
    v-if="readiness.knownDisease && cleared"
    :model-value="readiness.changedSinceClearance"
    label="Anything about their health changed since the clearance on record"
    :options="yesNo"
    @update:model-value="(v) => (readiness = { ...readiness, changedSinceClearance: v })"
  />
  <ChoiceGroup
    :model-value="readiness.regularlyActive"
    label="Regularly active: at least 30 minutes on three days a week for the last three months"
    :options="yesNo"
    @update:model-value="(v) => (readiness = { ...readiness, regularlyActive: v })"
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
      <TextField
        :model-value="pressure.readings[n - 1]?.systolic"
        type="number"
        :label="`Reading ${n}: upper (mmHg)`"
        :wrong="wrong('systolic')"
        @update:model-value="(v) => reading(n - 1, { systolic: number(v) })"
      />
      <TextField
        :model-value="pressure.readings[n - 1]?.diastolic"
        type="number"
        label="lower (mmHg)"
        :wrong="wrong('diastolic')"
        @update:model-value="(v) => reading(n - 1, { diastolic: number(v) })"
      />
      <TextField
        :model-value="pressure.readings[n - 1]?.pulse"
        type="number"
        label="pulse a minute"
        :wrong="wrong('pulse')"
        @update:model-value="(v) => reading(n - 1, { pulse: number(v) })"
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
