<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { BoardVisit, WeekBoard } from '@/shared/api/types'
import { date, timeOfDay } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import { addDays, addMinutes } from './week'

/** Who comes when this week, and does it fit? Moved by dragging to a day, or with the arrow keys; the last move is undone. */
const { busy, problem, run } = useCall()
const board = ref<WeekBoard | null>(null)
const said = ref('')
const before = ref<{ visit: BoardVisit; on: string; at: string } | null>(null)
const held = ref<BoardVisit | null>(null)
const STEP_MINUTES = 15

async function load(of?: string) {
  const answer = await run(() => ask(() => api.GET('/api/week', { params: { query: of ? { of } : {} } })))
  if (answer) board.value = answer
}
onMounted(() => load())
const days = computed(() =>
  board.value
    ? Array.from({ length: 7 }, (_, i) => {
        const on = addDays(board.value!.monday, i)
        return { on, visits: board.value!.visits.filter((v) => v.on === on) }
      })
    : [],
)

async function move(visit: BoardVisit, on: string, at: string, undoing = false) {
  if (busy.value || (on === visit.on && at === visit.at)) return
  const from = { on: visit.on, at: visit.at }
  const done = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/appointments/{id}', {
        params: { path: { clientId: visit.clientId, id: visit.id } },
        body: { version: visit.version, on, at, minutes: visit.minutes, placeId: visit.placeId },
      }),
    ),
  )
  if (!done) return
  said.value = `${visit.clientName}: ${date(on)}, ${timeOfDay(at)}`
  await load(board.value!.monday)
  const now = board.value?.visits.find((v) => v.id === visit.id)
  before.value = now && !undoing ? { visit: now, ...from } : null
  await nextTick()
  document.getElementById(`visit-${visit.id}`)?.focus()
}
function keys(e: KeyboardEvent, v: BoardVisit) {
  const day = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0
  const time = e.key === 'ArrowDown' ? STEP_MINUTES : e.key === 'ArrowUp' ? -STEP_MINUTES : 0
  if (!day && !time) return
  e.preventDefault()
  void move(v, addDays(v.on, day), addMinutes(v.at, time))
}
function drop(on: string) {
  const visit = held.value
  held.value = null
  if (visit) void move(visit, on, visit.at)
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem" />
    <template v-if="board">
      <div class="d-flex flex-wrap gap-3 align-items-baseline mb-2">
        <h1>Week of {{ date(board.monday) }}</h1>
        <span class="quiet no-print">Drag a visit to another day, or move it with the arrow keys.</span>
        <span class="ms-auto no-print">
          <a :href="`/api/week.pdf?of=${board.monday}`" class="me-3">On paper</a>
          <button type="button" class="plain" @click="load(addDays(board.monday, -7))">Week before</button>
          <button type="button" class="plain ms-3" @click="load(addDays(board.monday, 7))">Week after</button>
        </span>
      </div>
      <p v-if="said" class="moved no-print" role="status">
        {{ said }}
        <button v-if="before" type="button" class="plain ms-2" @click="move(before.visit, before.on, before.at, true)">
          Undo
        </button>
      </p>
      <div class="week">
        <section
          v-for="d in days"
          :key="d.on"
          :class="{ today: d.on === board.today, past: d.on < board.today }"
          :aria-label="date(d.on)"
          @dragover.prevent
          @drop.prevent="drop(d.on)"
        >
          <h2>{{ date(d.on) }}</h2>
          <article v-for="v in d.visits" :key="v.id">
            <button
              :id="`visit-${v.id}`"
              type="button"
              :draggable="d.on >= board.today"
              :disabled="d.on < board.today"
              aria-description="Arrow keys move it to another day or time"
              @dragstart="held = v"
              @dragend="held = null"
              @keydown="keys($event, v)"
            >
              <b class="figure">{{ timeOfDay(v.at) }}</b>
              <span>{{ v.clientName }}</span>
              <span class="quiet small">{{ v.minutes }} min</span>
            </button>
            <RouterLink :to="`/clients/${v.clientId}`" class="small no-print">open</RouterLink>
          </article>
          <p v-if="!d.visits.length" class="quiet small">nobody</p>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.week {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 0.6rem;
}
section {
  background: var(--card);
  border: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
  border-radius: 8px;
  padding: 0.5rem;
  min-height: 16rem;
}
section.today {
  border: 2px solid var(--tide);
}
h2 {
  font-size: 1rem;
}
article {
  margin-bottom: 0.5rem;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
  padding-top: 0.3rem;
}
article button {
  display: grid;
  width: 100%;
  min-height: 2.75rem;
  border: 0;
  padding: 0.2rem 0.3rem;
  border-radius: 6px;
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: grab;
}
article button:disabled {
  cursor: default;
  color: var(--quiet);
}
.moved {
  margin-bottom: 0.4rem;
}
@media (max-width: 900px) {
  .week {
    grid-template-columns: minmax(0, 1fr);
  }
  section {
    min-height: 0;
  }
}
</style>
