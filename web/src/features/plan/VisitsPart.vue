<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import type { AppointmentView } from '@/shared/api/types'
import DayPicker from '@/shared/DayPicker.vue'
import { date, timeOfDay } from '@/shared/format'
import NumberField from '@/shared/NumberField.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SlotFields from './SlotFields.vue'
import type { Slot, useDays } from './useDays'

/** When does the client come next, and is the time right? Booked, moved, taken off. */
const props = defineProps<{ clientId: string; from: ReturnType<typeof useDays> }>()
const emit = defineEmits<{ changed: [] }>()
const { busy, problem, wrong, days, book, bookWeeks, cancel } = props.from

const fresh = reactive<Slot>({ on: '', at: '10:00', minutes: undefined, placeId: '' })
const weekly = ref(false)
const onDays = ref<string[]>([])
const weeks = ref<number | undefined>(6)
const moving = ref<AppointmentView | null>(null)
const moved = reactive<Slot>({ on: '', at: '', minutes: undefined, placeId: '' })
const takenOff = ref<AppointmentView | null>(null)
const open = ref(false)
// One id until it is booked: the same press again books the same visit.
const id = ref(crypto.randomUUID())

watch(
  days,
  (d) => {
    if (!d || fresh.placeId) return
    Object.assign(fresh, { on: d.today, minutes: d.usual.minutes, placeId: d.usual.placeId })
    if (d.appointments[0]) fresh.at = d.appointments[0].at.slice(0, 5)
    onDays.value = d.usual.days
  },
  { immediate: true },
)
const list = computed(() => days.value?.appointments ?? [])

async function add() {
  const done = weekly.value
    ? await bookWeeks(fresh, onDays.value, weeks.value ?? 0, id.value)
    : await book(fresh, undefined, id.value)
  if (!done) return
  id.value = crypto.randomUUID()
  open.value = false
  emit('changed')
}
function startMove(visit: AppointmentView) {
  moving.value = visit
  Object.assign(moved, { on: visit.on, at: visit.at.slice(0, 5), minutes: visit.minutes, placeId: visit.placeId })
}
async function move() {
  if (!moving.value || !(await book(moved, moving.value))) return
  moving.value = null
  emit('changed')
}
async function takeOff(visit: AppointmentView) {
  if (!(await cancel(visit))) return
  takenOff.value = visit
  emit('changed')
}
async function putBack() {
  const visit = takenOff.value
  if (!visit) return
  const { on, at, minutes, placeId } = visit
  if (!(await book({ on, at, minutes, placeId }))) return
  takenOff.value = null
  emit('changed')
}
</script>

<template>
  <section class="panel">
    <h2>Visits booked</h2>
    <ProblemNotice :problem="problem && !problem.fields.length ? problem : null" />
    <ul v-if="list.length" class="visits">
      <li v-for="v in list" :key="v.id">
        <span class="when">
          <strong>{{ date(v.on) }}</strong>
          <span class="figure">{{ timeOfDay(v.at) }}</span>
        </span>
        <span class="quiet">{{ v.minutes }} min{{ days!.places.length > 1 ? ` · ${v.placeName}` : '' }}</span>
        <span class="acts">
          <a
            :href="`/api/clients/${clientId}/visits/${v.id}.ics`"
            download
            class="plain"
            :aria-label="`Invitation for ${date(v.on)}`"
          >
            Invitation
          </a>
          <button type="button" class="plain" :aria-label="`Move ${date(v.on)}`" @click="startMove(v)">Move</button>
          <button
            type="button"
            class="plain"
            :aria-label="`Take off ${date(v.on)}`"
            :disabled="busy"
            @click="takeOff(v)"
          >
            Take off
          </button>
        </span>
        <form v-if="moving?.id === v.id" class="edit" @submit.prevent="move">
          <SlotFields v-model="moved" :places="days!.places" :wrong="wrong" day="New day" />
          <BButton type="submit" size="sm" variant="primary" :disabled="busy">Move the visit</BButton>
          <button type="button" class="plain ms-3" @click="moving = null">Leave it</button>
        </form>
      </li>
    </ul>
    <p v-else class="quiet mb-2">
      Nothing is booked; the next session is planned for the client’s own days, as soon as the week allows.
    </p>
    <p v-if="takenOff" aria-live="polite" class="mb-2">
      {{ date(takenOff.on) }} is taken off.
      <button type="button" class="plain" :disabled="busy" @click="putBack">Put it back</button>
    </p>
    <BButton v-if="!open" size="sm" variant="outline-primary" @click="open = true">Book a visit</BButton>
    <form v-else class="edit" @submit.prevent="add">
      <SlotFields
        v-model="fresh"
        :places="days?.places ?? []"
        :wrong="moving ? () => undefined : wrong"
        :day="weekly ? 'From' : 'Day'"
      />
      <BFormCheckbox v-model="weekly" class="mb-3">every week</BFormCheckbox>
      <div v-if="weekly" class="weekly">
        <DayPicker v-model="onDays" label="Days" />
        <NumberField v-model="weeks" label="Weeks" :wrong="wrong('weeks')" />
      </div>
      <BButton type="submit" size="sm" variant="primary" :disabled="busy || (weekly && !onDays.length)">
        {{ weekly ? 'Book these visits' : 'Book it' }}
      </BButton>
      <button type="button" class="plain ms-3" @click="open = false">Leave it</button>
    </form>
  </section>
</template>

<style scoped>
.visits {
  list-style: none;
  margin: 0 0 0.6rem;
  padding: 0;
}
.visits li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  align-items: center;
  border-top: 1px solid color-mix(in srgb, var(--line) 40%, transparent);
  min-height: 2.75rem;
}
.when {
  display: inline-grid;
  grid-template-columns: 6.5rem 3rem;
}
.figure {
  text-align: right;
}
.acts {
  margin-left: auto;
  display: flex;
  gap: 1rem;
}
.acts .plain {
  min-height: 2.75rem;
}
.edit {
  flex: 1 1 100%;
  margin: 0.4rem 0 0.8rem;
}
.weekly {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.5rem;
}
</style>
