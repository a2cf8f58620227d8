<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClientView, Keeping } from '@/shared/api/types'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { date } from '@/shared/format'
import { useDone } from '@/shared/useDone'
import TextField from '@/shared/TextField.vue'
import OldLogPart from './OldLogPart.vue'
import { useCall } from '@/shared/useCall'

/** What is kept of this client, in which form may they or somebody else have it, and shall it go? */
const props = defineProps<{ id: string }>()
const router = useRouter()
const { busy, problem, run, wrong } = useCall()
const client = ref<ClientView | null>(null)
const name = ref('')
const keeping = ref<Keeping>()
const erasing = ref(false)
const said = useDone()

onMounted(async () => {
  client.value =
    (await run(() => ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id } } })))) ?? null
  keeping.value = (await run(() => ask(() => api.GET('/api/retention'))))?.keeping
})
const files = [
  { file: 'record.pdf', what: 'Everything, to read', to: 'the client’s own copy, as PDF' },
  {
    file: 'record.json',
    what: 'Everything, as JSON',
    to: 'for the client, or to be brought in again here or elsewhere',
  },
  {
    file: 'record.fhir.json',
    what: 'FHIR R4 bundle',
    to: 'for a clinic: person, measurements, screens, blocks, referrals',
  },
  { file: 'sets.csv', what: 'Sets, as a table', to: 'one line a set, for a spreadsheet' },
  { file: 'mornings.csv', what: 'Mornings, as a table', to: 'one line for each place and morning' },
  { file: 'visits.ics', what: 'Visits, for a calendar', to: 'booked, moved and taken off' },
]

async function erase() {
  const done = await run(() =>
    ask(() =>
      api.POST('/api/clients/{clientId}/erase', {
        params: { path: { clientId: props.id } },
        body: { name: name.value },
      }),
    ),
  )
  if (!done) return
  said(done.backupsUntil ? `Erased. From ${date(done.backupsUntil)} on no backup holds it.` : 'Erased.')
  await router.push('/')
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem && !problem.fields.length ? problem : null" />
    <template v-if="client">
      <h1 class="mb-3">
        Record of
        <RouterLink :to="`/clients/${id}`">{{ client.details.name }}</RouterLink>
      </h1>
      <div class="halves">
        <section class="panel">
          <h2>Hand out</h2>
          <ul class="files">
            <li v-for="f in files" :key="f.file">
              <a :href="`/api/clients/${id}/${f.file}`" download>{{ f.what }}</a>
              <span class="quiet">{{ f.to }}</span>
            </li>
          </ul>
          <p class="mb-0">
            <a :href="`/api/clients/${id}/letter.pdf`">Letter to a clinician</a>
            ·
            <RouterLink :to="`/clients/${id}/review`">Reviews</RouterLink>
            ·
            <RouterLink :to="`/clients/${id}/clearance`">Referral</RouterLink>
          </p>
        </section>
        <OldLogPart :client-id="id" />
        <section class="panel">
          <h2>What is kept, and why</h2>
          <p>
            The intake, screens, limits, plans, sets, mornings, reviews and visits: loads and limits of the next session
            are worked out from them. The contact is kept only while the client agrees to be asked, with the day of it:
            <RouterLink :to="`/clients/${id}/intake`">change it on the intake</RouterLink>
          </p>
          <h2>Erase</h2>
          <p>
            Everything of this client goes from here at once and cannot be brought back without a file handed out
            before. What stays is that a record was erased, when and by whom, and how many sessions it had; nothing of
            whose it was. Backups made before hold it
            <template v-if="keeping?.backupDays">for {{ keeping.backupDays }} days more (</template>
            <template v-else>until they are deleted (</template>
            <RouterLink to="/records">how long they are kept</RouterLink>
            ). Local law may ask some records to be kept: hand them out first.
          </p>
          <BButton v-if="!erasing" variant="outline-primary" @click="erasing = true">Erase this record …</BButton>
          <form v-else novalidate @submit.prevent="erase">
            <TextField
              :model-value="name"
              :label="`Type the name, ${client.details.name}`"
              :wrong="wrong('name')"
              @update:model-value="(v) => (name = String(v ?? ''))"
            />
            <BButton type="submit" variant="danger" :disabled="busy || !name">Erase it now</BButton>
            <button type="button" class="plain ms-3" @click="erasing = false">Leave it</button>
          </form>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(28rem, 100%), 1fr));
  gap: 1.2rem;
  align-items: start;
}
.files {
  list-style: none;
  padding: 0;
}
.files li {
  display: grid;
  padding: 0.4rem 0;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.files a {
  font-size: 1.1rem;
}
</style>
