<script setup lang="ts">
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { yesNo } from '@/shared/options'
import TextField from '@/shared/TextField.vue'
import type { Draft } from './answers'

const readiness = defineModel<Draft['readiness']>('readiness', { required: true })
const pressure = defineModel<Draft['pressure']>('pressure', { required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()

type Reading = Draft['pressure']['readings'][number]

function reading(n: number, part: Reading) {
  const readings = [0, 1].map((i) => ({ ...pressure.value.readings[i], ...(i === n ? part : {}) }))
  pressure.value = { ...pressure.value, readings }
}
const number = (v: string | number | undefined) => (v === '' || v === undefined ? undefined : Number(v))
</script>

<template>
  <section class="panel mb-3">
    <h2>Ready for exercise?</h2>
    <ChoiceGroup
      :model-value="readiness.symptoms"
      label="Symptoms of heart, metabolic or kidney disease: breathless at rest or mild effort, ankle swelling, palpitations, dizziness, unusual tiredness"
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
      :model-value="readiness.regularlyActive"
      label="Regularly active: at least 30 minutes on three days a week for the last three months"
      :options="yesNo"
      @update:model-value="(v) => (readiness = { ...readiness, regularlyActive: v })"
    />
    <TextField
      v-if="readiness.knownDisease"
      :model-value="readiness.clearedOn"
      type="date"
      label="Date of a clinician’s clearance for harder effort, if there is one"
      :wrong="wrong('clearedOn')"
      @update:model-value="(v) => (readiness = { ...readiness, clearedOn: v ? String(v) : undefined })"
    />
    <ChoiceGroup
      :model-value="pressure.concern"
      label="Blood pressure known to be raised or borderline"
      :options="yesNo"
      @update:model-value="(v) => (pressure = { ...pressure, concern: v })"
    />
    <template v-if="pressure.concern">
      <p class="quiet small">Sitting; five quiet minutes before a second reading. The last one decides.</p>
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
      </div>
    </template>
  </section>
</template>

<style scoped>
.readings {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 10rem));
  gap: 1rem;
}
</style>
