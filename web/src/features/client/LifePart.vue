<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import DayPicker from '@/shared/DayPicker.vue'
import SelectField from '@/shared/SelectField.vue'
import { oneFile } from '@/shared/oneFile'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { DAYS, type Intake } from './intake'

/** What the arms do outside these sessions: it draws on the same joints. */
const draft = defineModel<Intake>({ required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()
const { problem, run } = useCall()
const brought = ref<number>()
const calendar = ref<File | null>(null)
async function bring(files: File | readonly File[] | null) {
  const file = oneFile(files)
  if (!file) return
  brought.value = undefined
  const text = await file.text()
  const events = await run(() => ask(() => api.POST('/api/imports/events', { body: { text } })))
  calendar.value = null
  if (!events) return
  const fresh = events.filter((n) => !draft.value.events.some((o) => o.name === n.name && o.on === n.on))
  draft.value.events.push(...fresh)
  brought.value = fresh.length
}
const days = DAYS.map((day) => ({ value: day, text: day.charAt(0) + day.slice(1).toLowerCase() }))
const muscles = [
  { value: 'FLEXORS', text: 'Front of the arm' },
  { value: 'EXTENSORS', text: 'Back of the arm' },
]
const hows = [
  { value: 'hard', text: 'Hard' },
  { value: 'light', text: 'Light' },
]
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
    <fieldset class="mb-3">
      <legend class="fs-6 mb-1">Which of that trains the arms, day by day</legend>
      <div v-for="(e, n) in draft.elsewhere" :key="n" class="training">
        <SelectField v-model="e.day" label="Day" :options="days" />
        <SelectField v-model="e.muscle" label="Muscle" :options="muscles" empty="Front and back of the arm" />
        <SelectField
          :model-value="e.hard ? 'hard' : 'light'"
          label="How"
          :options="hows"
          @update:model-value="(how) => (e.hard = how === 'hard')"
        />
        <BButton
          size="sm"
          variant="outline-primary"
          :aria-label="`Remove training ${n + 1}`"
          @click="draft.elsewhere.splice(n, 1)"
        >
          Remove
        </BButton>
      </div>
      <BButton
        size="sm"
        variant="outline-primary"
        @click="draft.elsewhere.push({ day: 'SATURDAY', muscle: '', hard: true })"
      >
        Add a day
      </BButton>
      <div class="quiet small">A hard day counts three sets, and its muscle rests the day after.</div>
    </fieldset>
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
      <BFormFile
        v-model="calendar"
        label="or bring them from a calendar’s file (.ics)"
        accept=".ics,text/calendar"
        size="sm"
        class="from-file"
        @update:model-value="bring"
      />
      <p v-if="problem" class="invalid-feedback d-block" role="alert">{{ problem.detail }}</p>
      <p v-if="brought !== undefined" class="quiet small" role="status">
        {{ brought ? `${brought} of the file brought in.` : 'Nothing new in the file.' }}
      </p>
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
.from-file {
  display: grid;
  max-width: 24rem;
  margin-top: 0.6rem;
}
.training {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.8rem;
  align-items: center;
}
.training > :not(button) {
  flex: 1 1 7rem;
}
.training > :nth-child(2) {
  flex-basis: 11rem;
}
</style>
