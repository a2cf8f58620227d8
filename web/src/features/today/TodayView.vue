<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClientToday } from '@/shared/api/types'
import { date, relative, timeOfDay } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SignalMark from '@/shared/SignalMark.vue'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import { notYetSent } from '@/shared/device'

/** The day in order: who comes when, what each one's morning said, and the one thing to do next with each. */
const { busy, problem, run } = useCall()
const today = ref('')
const clients = ref<ClientToday[] | null>(null)
const unsent = ref(notYetSent())

async function load() {
  const view = await run(() => ask(() => api.GET('/api/today')))
  if (view) {
    today.value = view.today
    clients.value = view.clients
    unsent.value = notYetSent()
  }
}
onMounted(load)

const rows = (...actions: ClientToday['action'][]) => clients.value?.filter((c) => actions.includes(c.action)) ?? []
const groups = computed(() => [
  { title: 'In the room today', rows: rows('CONTINUE_SESSION', 'SESSION') },
  { title: 'To ask', rows: rows('MORNING_CHECK', 'SCREEN') },
  { title: 'On hold', rows: rows('HELD') },
  { title: 'Coming up', rows: rows('REST') },
])
const counted = (n: number, one: string, more: string) => (n ? [`${n} ${n === 1 ? one : more}`] : [])
const glance = computed(() =>
  [
    ...counted(rows('CONTINUE_SESSION', 'SESSION').length, 'visit', 'visits'),
    ...counted(rows('MORNING_CHECK').length, 'morning to ask', 'mornings to ask'),
    ...counted(rows('SCREEN').length, 'first screen', 'first screens'),
    ...counted(rows('HELD').length, 'on hold', 'on hold'),
    ...counted((clients.value ?? []).filter((c) => c.reviewDue).length, 'review due', 'reviews due'),
    ...counted(unsent.value, 'thing not sent yet', 'things not sent yet'),
  ].join(', '),
)

const actions: Record<ClientToday['action'], { text: string; to: (c: ClientToday) => string }> = {
  SCREEN: { text: 'Take the first screen', to: (c) => `/clients/${c.id}/screen` },
  HELD: { text: 'See what is held and why', to: (c) => `/clients/${c.id}` },
  CONTINUE_SESSION: { text: 'Go on with the session', to: (c) => `/sessions/${c.sessionId}/floor` },
  MORNING_CHECK: { text: 'Ask about the morning', to: (c) => `/sessions/${c.sessionId}/morning` },
  SESSION: { text: 'Plan today’s session', to: (c) => `/clients/${c.id}/door` },
  REST: { text: 'See the next session', to: (c) => `/clients/${c.id}` },
}
const waits = (c: ClientToday) => c.action === 'REST' || c.action === 'HELD'
/** When it is: the time today, the day later on. */
const when = (c: ClientToday) =>
  c.action === 'REST'
    ? date(c.on).replace(/^\w+ /, '')
    : c.at
      ? timeOfDay(c.at)
      : c.action === 'SESSION'
        ? 'any time'
        : ''
const outOf10 = (chance: number) => Math.round(chance * 10)
</script>

<template>
  <div class="page">
    <div class="d-flex flex-wrap gap-3 align-items-baseline mb-3">
      <h1>{{ today ? `Today, ${date(today)}` : 'Today' }}</h1>
      <span v-if="clients?.length" class="quiet">{{ glance || 'nothing to do today' }}</span>
      <RouterLink to="/week" class="ms-auto">The week</RouterLink>
      <RouterLink to="/clients/new" class="btn btn-outline-primary">Add a client</RouterLink>
    </div>
    <ProblemNotice :problem="problem">
      <BButton size="sm" variant="outline-primary" @click="load">Try again</BButton>
    </ProblemNotice>
    <p v-if="busy && !clients" class="quiet">Fetching the clients …</p>
    <div v-if="clients && !clients.length" class="panel">
      <h2>No clients yet</h2>
      <p>Add the first one: a page of intake, then the screen, then a plan for today.</p>
      <RouterLink to="/clients/new" class="btn btn-primary">Add a client</RouterLink>
    </div>
    <template v-for="g in groups" :key="g.title">
      <section v-if="g.rows.length" class="mb-3">
        <h2>{{ g.title }}</h2>
        <ul class="rows panel">
          <li v-for="c in g.rows" :key="c.id">
            <div class="time figure">{{ when(c) }}</div>
            <div class="who">
              <RouterLink :to="`/clients/${c.id}`" class="client-name">{{ c.name }}</RouterLink>
              <span v-if="c.unreadable" class="unread">{{ c.unreadable }}</span>
              <span v-else class="quiet life">{{ c.age }} · {{ c.life }}</span>
            </div>
            <div class="said">
              <span>
                <!-- The last session's "go" beside a hold would say the opposite of it. -->
                <WhyValue v-if="c.signal && c.action !== 'HELD'" :reason="c.said" :about="`the signal of ${c.name}`">
                  <SignalMark :signal="c.signal" />
                </WhyValue>
                <span v-if="!c.unreadable" class="quiet small ms-1">
                  {{ c.lastOn ? relative(c.lastOn, today) : 'no session yet' }}
                </span>
              </span>
              <WhyValue v-if="c.forecast" :reason="c.forecast.reason" :about="`the forecast for ${c.name}`">
                <span class="small">{{ outOf10(c.forecast.go) }} in 10 that today is a go</span>
              </WhyValue>
            </div>
            <div class="sore">
              <span v-for="s in c.sorePlaces" :key="s">{{ s }}</span>
              <span v-if="!c.sorePlaces.length && !c.unreadable" class="none">nothing sore</span>
              <RouterLink v-if="c.reviewDue" :to="`/clients/${c.id}/screen`" class="small">
                look again, due {{ relative(c.reviewDue, today) }}
              </RouterLink>
            </div>
            <RouterLink
              :to="actions[c.action].to(c)"
              :class="['btn', 'btn-sm', waits(c) ? 'btn-outline-primary' : 'btn-primary']"
            >
              {{ actions[c.action].text }}
              <span v-if="c.action === 'REST'" class="visually-hidden">, {{ date(c.on) }}</span>
            </RouterLink>
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>

<style scoped>
.rows {
  list-style: none;
  margin: 0;
  padding: 0.2rem 1rem;
}
.rows li {
  display: grid;
  grid-template-columns: 4.2rem minmax(0, 2fr) minmax(0, 1.1fr) minmax(0, 1.1fr) 14.5rem;
  gap: 0.2rem 1rem;
  align-items: center;
  padding: 0.4rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.rows li:first-child {
  border-top: 0;
}
.who,
.said,
.sore {
  display: grid;
  justify-items: start;
  line-height: 1.3;
}
.life {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.time {
  font-size: 1.15rem;
  font-weight: 650;
}
.client-name {
  font-size: 1.15rem;
  font-weight: 650;
  color: var(--ink);
}
.sore,
.unread {
  color: var(--copper);
}
.none {
  color: var(--quiet);
}
.btn {
  min-height: 2.4rem;
  font-size: 1rem;
  display: inline-grid;
  place-items: center;
}
@media (max-width: 900px) {
  .rows li {
    grid-template-columns: 10.2rem minmax(0, 1fr);
  }
  .time:empty {
    display: none;
  }
  .said,
  .sore {
    align-self: start;
  }
  .rows .btn,
  .who:first-child,
  .time:empty + .who {
    grid-column: 1 / -1;
  }
  .rows .btn {
    min-height: 2.75rem;
  }
}
</style>
