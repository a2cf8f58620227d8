<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import type { OutboxView } from '@/shared/api/types'
import { api, ask } from '@/shared/api/client'
import { date } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'

/** What would go out by mail or text message, and what became of its link. */
const { busy, problem, run } = useCall()
const messages = ref<OutboxView[]>()
const states: Record<OutboxView['state'], string> = {
  WAITING: 'goes out that morning',
  OPEN: 'waiting for an answer',
  ANSWERED: 'answered',
  EXPIRED: 'too old, not answered',
  TAKEN_BACK: 'taken back',
}
async function load() {
  messages.value = await run(() => ask(() => api.GET('/api/outbox')))
}
onMounted(load)
async function takeBack(m: OutboxView) {
  const path = { params: { path: { id: m.id } } }
  const answer = await run(() => ask(() => api.POST('/api/outbox/{id}/take-back', path)))
  if (answer) messages.value = messages.value?.map((o) => (o.id === answer.id ? answer : o))
}
const open = (m: OutboxView) => m.state === 'OPEN' || m.state === 'WAITING'
</script>

<template>
  <div class="page">
    <h1>Outbox</h1>
    <p class="quiet">
      Nothing leaves this machine yet: here lies what would be sent, to clients who agreed to it. A link opens one
      morning or one session at home, until it is answered or two days have gone.
    </p>
    <ProblemNotice :problem="problem">
      <BButton size="sm" variant="outline-primary" @click="load">Try again</BButton>
    </ProblemNotice>
    <p v-if="messages && !messages.length" class="panel">
      Nothing here yet. When a session ends, its link is laid here for the next morning, if the client agreed at intake.
    </p>
    <ul v-else-if="messages" class="messages">
      <li v-for="m in messages" :key="m.id" class="panel">
        <p class="head">
          <RouterLink :to="`/clients/${m.clientId}`">{{ m.clientName }}</RouterLink>
          <span class="quiet">{{ m.channel === 'MAIL' ? 'mail' : 'text message' }} to {{ m.address }}</span>
          <span class="quiet">{{ date(m.dueOn) }}</span>
          <span :class="['state', m.state.toLowerCase()]">{{ states[m.state] }}</span>
        </p>
        <p class="words">
          {{ m.words }}
          <a v-if="open(m)" :href="m.path" target="_blank" rel="noopener">open as {{ m.clientName.split(' ')[0] }}</a>
          <span v-else class="quiet">(link closed)</span>
        </p>
        <button v-if="open(m)" type="button" class="plain" :disabled="busy" @click="takeBack(m)">Take it back</button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.messages {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 0.6rem;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
  margin-bottom: 0.3rem;
}
.state {
  margin-left: auto;
  font-weight: 650;
}
.state.answered {
  color: var(--go);
}
.words {
  margin-bottom: 0.2rem;
  border-left: 4px solid color-mix(in srgb, var(--line) 50%, transparent);
  padding-left: 0.7rem;
}
</style>
