<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClientToday } from '@/shared/api/types'
import { date, relative, timeOfDay } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SignalMark from '@/shared/SignalMark.vue'
import { useCall } from '@/shared/useCall'

const { busy, problem, run } = useCall()
const today = ref('')
const clients = ref<ClientToday[] | null>(null)

async function load() {
  const view = await run(() => ask(() => api.GET('/api/today')))
  if (view) {
    today.value = view.today
    clients.value = view.clients
  }
}
onMounted(load)

const groups = computed(() => [
  { title: 'To do today', rows: clients.value?.filter((c) => c.action !== 'REST' && c.action !== 'HELD') ?? [] },
  { title: 'On hold', rows: clients.value?.filter((c) => c.action === 'HELD') ?? [] },
  { title: 'Coming up', rows: clients.value?.filter((c) => c.action === 'REST') ?? [] },
])

const actions: Record<ClientToday['action'], { text: string; to: (c: ClientToday) => string }> = {
  SCREEN: { text: 'Take the first screen', to: (c) => `/clients/${c.id}/screen` },
  HELD: { text: 'See what is held and why', to: (c) => `/clients/${c.id}` },
  CONTINUE_SESSION: { text: 'Go on with the session', to: (c) => `/sessions/${c.sessionId}/floor` },
  MORNING_CHECK: { text: 'Ask about the morning', to: (c) => `/sessions/${c.sessionId}/morning` },
  SESSION: { text: 'Plan today’s session', to: (c) => `/clients/${c.id}/door` },
  REST: { text: 'See the next session', to: (c) => `/clients/${c.id}` },
}
</script>

<template>
  <div class="page">
    <div class="d-flex flex-wrap gap-3 align-items-center mb-3">
      <h1>Today</h1>
      <RouterLink to="/clients/new" class="btn btn-outline-primary ms-auto">Add a client</RouterLink>
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
      <section v-if="g.rows.length" class="mb-4">
        <h2>{{ g.title }}</h2>
        <ul class="rows">
          <li v-for="c in g.rows" :key="c.id" class="panel">
            <div class="time figure">{{ c.at ? timeOfDay(c.at) : '' }}</div>
            <div class="who">
              <RouterLink :to="`/clients/${c.id}`" class="client-name">{{ c.name }}</RouterLink>
              <span v-if="c.unreadable" class="unread">{{ c.unreadable }}</span>
              <span v-else class="quiet">{{ c.age }} · {{ c.life }}</span>
            </div>
            <div class="sore">
              <span v-for="s in c.sorePlaces" :key="s">{{ s }}</span>
              <span v-if="!c.sorePlaces.length && !c.unreadable" class="none">nothing sore</span>
              <RouterLink v-if="c.reviewDue" :to="`/clients/${c.id}/screen`" class="small">
                look at the limits again, due {{ relative(c.reviewDue, today) }}
              </RouterLink>
            </div>
            <div class="last">
              <!-- The last session's "go" beside a hold would say the opposite of it. -->
              <SignalMark v-if="c.signal && c.action !== 'HELD'" :signal="c.signal" />
              <span v-if="!c.unreadable" class="quiet">
                {{ c.lastOn ? `last session ${relative(c.lastOn, today)}` : 'no session yet' }}
              </span>
            </div>
            <RouterLink
              :to="actions[c.action].to(c)"
              :class="['btn', c.action === 'REST' || c.action === 'HELD' ? 'btn-outline-primary' : 'btn-primary']"
            >
              {{ actions[c.action].text }}{{ c.action === 'REST' ? `, ${date(c.on)}` : '' }}
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
  padding: 0;
  display: grid;
  gap: 0.6rem;
}
.rows li {
  display: grid;
  grid-template-columns: 3.2rem minmax(0, 2.2fr) minmax(0, 1fr) minmax(0, 1fr) 17rem;
  gap: 1rem;
  align-items: center;
}
.who,
.last,
.sore {
  display: grid;
}
.time {
  font-size: 1.2rem;
  font-weight: 650;
}
.client-name {
  font-size: 1.2rem;
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
@media (max-width: 900px) {
  .rows li {
    grid-template-columns: 1fr 1fr;
  }
  .time:empty {
    display: none;
  }
  .time,
  .who,
  .rows .btn {
    grid-column: 1 / -1;
  }
}
</style>
