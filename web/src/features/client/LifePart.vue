<script setup lang="ts">
import DayPicker from '@/shared/DayPicker.vue'
import TextField from '@/shared/TextField.vue'
import type { Intake } from './intake'

/** What the arms do outside these sessions: it draws on the same joints. */
const draft = defineModel<Intake>({ required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()
</script>

<template>
  <section class="panel">
    <h2>What the arms do besides</h2>
    <TextField
      v-model="draft.life"
      label="What days and work ask of the arms"
      :wrong="wrong('life')"
      help="For example: rings bells twice a week, pushes a wheelchair, gardens."
    />
    <TextField
      v-model="draft.otherTraining"
      label="Other training that uses the arms"
      :wrong="wrong('otherTraining')"
      help="For example: rows on Saturdays, presses in a class on Tuesdays."
    />
    <DayPicker v-model="draft.heavyDays" label="Days that are heavy for the arms" />
    <fieldset>
      <legend class="fs-6 mb-1">Coming up</legend>
      <div v-for="(e, n) in draft.events" :key="n" class="event">
        <TextField v-model="e.name" label="What" :wrong="wrong(`events[${n}].name`)" />
        <TextField v-model="e.on" type="date" label="When" :wrong="wrong(`events[${n}].on`)" />
        <BButton
          size="sm"
          variant="outline-primary"
          :aria-label="`Remove ${e.name || 'this line'}`"
          @click="draft.events.splice(n, 1)"
        >
          Remove
        </BButton>
      </div>
      <BButton size="sm" variant="outline-primary" @click="draft.events.push({ name: '', on: '' })">
        Add an event
      </BButton>
    </fieldset>
  </section>
</template>

<style scoped>
.event {
  display: grid;
  grid-template-columns: 1fr 10rem auto;
  gap: 0.8rem;
  align-items: center;
}
</style>
