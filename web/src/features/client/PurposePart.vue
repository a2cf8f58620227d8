<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import DayPicker from '@/shared/DayPicker.vue'
import { goals } from '@/shared/options'
import TextField from '@/shared/TextField.vue'
import type { Intake } from './intake'

const draft = defineModel<Intake>({ required: true })
const props = defineProps<{
  places: { id: string; name: string }[]
  wrong: (field: string) => string | undefined
}>()
const others = computed(() => props.places.filter((p) => p.id !== draft.value.placeId))

function togglePlace(id: string) {
  const has = draft.value.otherPlaces.includes(id)
  draft.value.otherPlaces = has ? draft.value.otherPlaces.filter((p) => p !== id) : [...draft.value.otherPlaces, id]
}
</script>

<template>
  <section class="panel">
    <h2>What for, where and how often</h2>
    <ChoiceGroup v-model="draft.goal" label="Goal" :options="goals" :wrong="wrong('goal')" />
    <TextField
      v-model="draft.visitsSoFar"
      type="number"
      label="Strength sessions so far, here or elsewhere"
      :wrong="wrong('story.visits')"
      help="0 for none; under 24 counts as new to it"
    />
    <ChoiceGroup
      v-model="draft.trainedBefore"
      label="Six months of strength training at any time in the last five years"
      :options="[
        { value: true, text: 'yes' },
        { value: false, text: 'no' },
      ]"
      :wrong="wrong('story.trainedBefore')"
    />
    <ChoiceGroup
      v-model="draft.risesWithoutHands"
      label="Gets up from a chair without the hands"
      :options="[
        { value: true, text: 'yes' },
        { value: false, text: 'no' },
      ]"
      help="Asked once; no lets everything start lighter"
      :wrong="wrong('story.risesWithoutHands')"
    />
    <ChoiceGroup
      v-model="draft.placeId"
      label="Where, as a rule"
      :options="places.map((p) => ({ value: p.id, text: p.name }))"
      :wrong="wrong('placeId')"
    />
    <fieldset v-if="others.length" class="mb-3">
      <legend class="fs-6 mb-1">Also at</legend>
      <div class="choice">
        <button
          v-for="p in others"
          :key="p.id"
          type="button"
          :aria-pressed="draft.otherPlaces.includes(p.id)"
          @click="togglePlace(p.id)"
        >
          {{ p.name }}
        </button>
      </div>
      <RouterLink to="/places" class="small d-block mt-1">A home with other equipment: add the place</RouterLink>
    </fieldset>
    <div class="two">
      <TextField
        v-model="draft.visitsPerWeek"
        type="number"
        label="Visits a week"
        :wrong="wrong('visitsPerWeek')"
        help="1 to 3"
      />
      <TextField v-model="draft.minutes" type="number" label="Minutes" :wrong="wrong('minutes')" help="8 to 120" />
    </div>
    <DayPicker v-model="draft.days" label="Days that suit" />
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
}
</style>
