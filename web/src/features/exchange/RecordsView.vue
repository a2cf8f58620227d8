<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { BroughtIn, ClientTableRead } from '@/shared/api/types'
import ColumnChoice from './ColumnChoice.vue'
import { oneFile } from '@/shared/oneFile'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import RetentionPart from './RetentionPart.vue'
import { sendFile } from './send'

/** What goes out of this room and what comes in: clients from a table, records from a file, visits in a calendar. */
const table = useCall()
const records = useCall()
const feeds = useCall()

const columns = {
  NAME: 'name',
  BORN_ON: 'born on',
  SEX: 'sex',
  STATURE: 'stature',
  BODY_MASS: 'body mass',
  HAND: 'hand',
  LIFE: 'life and work',
} as const
type Column = keyof typeof columns
const text = ref('')
const read = ref<ClientTableRead | null>(null)
const chosen = ref<Partial<Record<Column, string>>>({})

async function look(keep = false) {
  const body = { text: text.value, columns: chosen.value as Record<Column, string>, keep }
  const answer = await table.run(() => ask(() => api.POST('/api/imports/clients', { body })))
  if (!answer) return
  read.value = answer
  chosen.value = { ...answer.columns }
}
async function chooseTable(file?: File) {
  if (!file) return
  text.value = await file.text()
  chosen.value = {}
  read.value = null
  await look()
}
const states = { NEW: 'new', KNOWN: 'here already', WRONG: 'to mend' }
const count = (state: 'NEW' | 'KNOWN' | 'WRONG') => read.value?.lines.filter((l) => l.state === state).length ?? 0

const sent = ref(0)
const brought = ref<BroughtIn | null>(null)
const broughtWords = computed(() => {
  const b = brought.value
  if (!b) return ''
  const words = [
    ...(b.clients.length ? [`Brought in: ${b.clients.map((c) => c.name).join(', ')}.`] : []),
    ...(b.ofRoom ? [`${b.ofRoom} places, exercises and ways of working are new.`] : []),
  ]
  return words.join(' ') || 'Nothing new.'
})
const record = ref<File | null>(null)
async function bring(file?: File) {
  if (!file) return
  brought.value = null
  brought.value =
    (await records.run(() => sendFile<BroughtIn>('/api/imports/records', file, (share) => (sent.value = share)))) ??
    null
  sent.value = 0
  record.value = null
}

const hasFeed = ref(false)
const address = ref('')
onMounted(async () => {
  hasFeed.value = (await feeds.run(() => ask(() => api.GET('/api/calendar-feed'))))?.exists ?? false
})
async function makeFeed() {
  const made = await feeds.run(() => ask(() => api.POST('/api/calendar-feed')))
  if (!made) return
  address.value = location.origin + made.path
  hasFeed.value = true
}
async function revoke() {
  await feeds.run(() => ask(() => api.DELETE('/api/calendar-feed')))
  if (feeds.problem.value) return
  address.value = ''
  hasFeed.value = false
}
</script>

<template>
  <div class="page">
    <h1 class="mb-3">Records of this room</h1>
    <div class="halves">
      <section class="panel">
        <h2>Clients from a table</h2>
        <ProblemNotice :problem="table.problem.value" />
        <BFormFile
          label="A CSV file with headings in its first line"
          accept=".csv,text/csv"
          class="mb-3"
          @update:model-value="(file) => chooseTable(oneFile(file))"
        />
        <template v-if="read">
          <ColumnChoice
            :model-value="chosen"
            :columns="columns"
            :headings="read.headings"
            :missing="read.missing"
            @update:model-value="(all) => ((chosen = all), look())"
          />
          <p v-if="read.kept" role="status">
            <b>{{ read.kept }} brought in.</b>
            Screen each before the first visit.
          </p>
          <template v-else>
            <p v-if="!read.missing.length">
              {{ count('NEW') }} new, {{ count('KNOWN') }} here already{{
                count('WRONG') ? `, ${count('WRONG')} to mend in the file first` : ''
              }}.
            </p>
            <ul class="lines">
              <li v-for="l in read.lines.slice(0, 50)" :key="l.line" :class="l.state.toLowerCase()">
                <span class="quiet">line {{ l.line }}</span>
                <span>{{ l.name }}</span>
                <span>{{ l.problems.join('; ') || states[l.state] }}</span>
              </li>
            </ul>
            <BButton
              variant="primary"
              :disabled="table.busy.value || !!read.missing.length || !!count('WRONG') || !count('NEW')"
              @click="look(true)"
            >
              Bring in {{ count('NEW') }} {{ count('NEW') === 1 ? 'client' : 'clients' }}
            </BButton>
          </template>
        </template>
      </section>
      <div class="stack">
        <section class="panel">
          <h2>All records</h2>
          <p>
            <a href="/api/records.zip" download>Hand out everything, as one ZIP</a>
            <span class="quiet">: a folder for each client, with JSON and tables.</span>
            <br />
            <a href="/api/room.json" download>Only this room’s places, own exercises and ways of working</a>
            <span class="quiet">, to share them.</span>
          </p>
          <ProblemNotice :problem="records.problem.value" />
          <BFormFile
            v-model="record"
            label="Bring in a record, a room’s file, or a ZIP of them (up to 50 MB)"
            accept=".json,.zip"
            class="mb-2"
            :disabled="records.busy.value"
            @update:model-value="(file) => bring(oneFile(file))"
          />
          <BProgress v-if="records.busy.value" :value="sent * 100" :max="100" class="mb-2" aria-label="Sent so far" />
          <p v-if="records.busy.value && sent === 1" role="status">Sent. It is being read in …</p>
          <p v-if="brought" role="status" class="mb-0">
            {{ broughtWords }}
            <template v-if="brought.unchanged">{{ brought.unchanged }} here already, left as they are.</template>
          </p>
        </section>
        <RetentionPart />
        <section class="panel">
          <h2>Visits in your calendar</h2>
          <p>
            A private address from which a calendar program fetches this room’s visits; moved and cancelled ones follow
            by themselves. Whoever has the address sees names and times.
          </p>
          <ProblemNotice :problem="feeds.problem.value" />
          <p v-if="address" class="address" role="status">
            <code>{{ address }}</code>
            <span class="quiet small d-block">It is shown this once.</span>
          </p>
          <BButton variant="outline-primary" :disabled="feeds.busy.value" @click="makeFeed">
            {{ hasFeed ? 'A new address in place of the old' : 'Make an address' }}
          </BButton>
          <button v-if="hasFeed" type="button" class="plain ms-3" @click="revoke">Take it back</button>
        </section>
      </div>
    </div>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(26rem, 100%), 1fr));
  gap: 1.2rem;
  align-items: start;
}
.stack {
  display: grid;
  gap: 1.2rem;
}
.lines {
  list-style: none;
  padding: 0;
}
.lines li {
  display: grid;
  grid-template-columns: 4rem minmax(0, 1fr) minmax(0, 1.4fr);
  gap: 0.6rem;
  padding: 0.2rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.lines .wrong {
  color: var(--ease);
}
.address code {
  overflow-wrap: anywhere;
}
</style>
