<script setup lang="ts">
import { computed } from 'vue'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import TextField from '@/shared/TextField.vue'
import { feetAndInches, inInches, type Intake } from './intake'

const draft = defineModel<Intake>({ required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()
const tall = computed(() => feetAndInches(draft.value.stature))
</script>

<template>
  <section class="panel">
    <h2>Person</h2>
    <TextField v-model="draft.name" label="Name" :wrong="wrong('name')" />
    <TextField v-model="draft.bornOn" label="Born on" type="date" :wrong="wrong('bornOn')" help="Age 18 to 110." />
    <ChoiceGroup
      v-model="draft.sex"
      label="Sex (for the arm’s measures)"
      :options="[
        { value: 'FEMALE', text: 'female' },
        { value: 'MALE', text: 'male' },
      ]"
      :wrong="wrong('sex')"
    />
    <ChoiceGroup
      v-model="draft.units"
      label="Units"
      :options="[
        { value: 'KG_CM', text: 'kg and cm' },
        { value: 'LB_FT', text: 'lb and inches' },
      ]"
    />
    <div class="two">
      <div v-if="draft.units === 'LB_FT'" class="two">
        <TextField
          :model-value="tall.feet"
          type="number"
          label="Stature, ft"
          :wrong="wrong('statureM')"
          @update:model-value="(v) => (draft.stature = inInches(v, tall.inches))"
        />
        <TextField
          :model-value="tall.inches"
          type="number"
          step="any"
          label="and in"
          @update:model-value="(v) => (draft.stature = inInches(tall.feet, v))"
        />
      </div>
      <TextField
        v-else
        v-model="draft.stature"
        type="number"
        step="any"
        label="Stature (cm)"
        :wrong="wrong('statureM')"
      />
      <TextField
        v-model="draft.bodyMass"
        type="number"
        step="any"
        :label="`Body mass (${draft.units === 'LB_FT' ? 'lb' : 'kg'})`"
        :wrong="wrong('bodyMassKg')"
      />
    </div>
    <ChoiceGroup
      v-model="draft.hand"
      label="Writes with the"
      :options="[
        { value: 'RIGHT', text: 'right hand' },
        { value: 'LEFT', text: 'left hand' },
      ]"
      :wrong="wrong('hand')"
    />
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
}
</style>
