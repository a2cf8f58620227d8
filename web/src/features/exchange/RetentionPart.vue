<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { RetentionView } from '@/shared/api/types'
import { date } from '@/shared/format'
import NumberField from '@/shared/NumberField.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import { useDone } from '@/shared/useDone'
import { session } from '@/session'

/** How long are records kept here, and whose time is over? Nothing is erased by itself. */
const { busy, problem, run, wrong } = useCall()
const done = useDone()
const owns = computed(() => session.view?.person?.role === 'OWNER')
const view = ref<RetentionView>()
const months = ref<number>()
const days = ref<number>()

function show(answer: RetentionView | undefined) {
  if (!answer) return
  view.value = answer
  months.value = answer.keeping.keepMonths
  days.value = answer.keeping.backupDays
}
onMounted(async () => show(await run(() => ask(() => api.GET('/api/retention')))))
async function choose() {
  const body = { keepMonths: months.value, backupDays: days.value }
  const answer = await run(() => ask(() => api.PUT('/api/retention', { body })))
  show(answer)
  if (answer) done('Kept.')
}
</script>

<template>
  <section class="panel">
    <h2>How long records are kept</h2>
    <p class="quiet">
      After the last visit; local law may ask for longer. Whose time is over is listed here; a person erases them.
    </p>
    <ProblemNotice v-if="problem && !problem.fields.length" :problem="problem" />
    <form v-if="owns" class="fields" novalidate @submit.prevent="choose">
      <NumberField v-model="months" label="Months, empty: no end" :wrong="wrong('keepMonths')" />
      <NumberField v-model="days" label="Days a backup is kept" :wrong="wrong('backupDays')" />
      <BButton type="submit" variant="outline-primary" :disabled="busy">Keep this</BButton>
    </form>
    <p v-else-if="view">
      {{ view.keeping.keepMonths ? `${view.keeping.keepMonths} months` : 'Without an end' }}; backups
      {{ view.keeping.backupDays ? `for ${view.keeping.backupDays} days` : 'until they are deleted' }}.
      <span class="quiet">The owner of the room chooses.</span>
    </p>
    <ul v-if="view?.over.length" class="mb-0">
      <li v-for="o in view.over" :key="o.clientId">
        <RouterLink :to="`/clients/${o.clientId}/record`">{{ o.name }}</RouterLink>
        <span class="quiet">, last here {{ date(o.lastSeen) }} {{ o.lastSeen.slice(0, 4) }}</span>
      </li>
    </ul>
    <p v-else-if="view?.keeping.keepMonths" class="mb-0">Nobody’s time is over.</p>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 0 1rem;
  align-items: start;
}
.fields > .btn {
  margin-top: 1.9rem;
}
@media (max-width: 600px) {
  .fields {
    grid-template-columns: 1fr;
  }
}
</style>
