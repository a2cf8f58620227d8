<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClearanceView, ClientView, NextView, ReferralSummary, ReferralView } from '@/shared/api/types'
import { date, dated, words } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import ClearanceForm from './ClearanceForm.vue'
import { purposeWords } from './purposes'
import ReferralSheet from './ReferralSheet.vue'

/** The way to a clinician and back: the page handed over, and the clearance that came. */
const props = defineProps<{ id: string }>()
const { problem, run } = useCall()
const referring = useCall()
const client = ref<ClientView | null>(null)
const next = ref<NextView | null>(null)
const clearances = ref<ClearanceView[]>([])
const referrals = ref<ReferralView[]>([])
const summary = ref<ReferralSummary | null>(null)
const screenId = ref('')
const to = ref<string | number | undefined>('')
const note = ref<string | number | undefined>('')
const path = { params: { path: { clientId: props.id } } }

async function load() {
  const all = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id } } })),
      ask(() => api.GET('/api/clients/{clientId}/next', path)),
      ask(() => api.GET('/api/clients/{clientId}/clearances', path)),
      ask(() => api.GET('/api/clients/{clientId}/referrals', path)),
      ask(() => api.GET('/api/clients/{clientId}/screen', path)),
    ]),
  )
  if (!all) return
  client.value = all[0]
  next.value = all[1]
  note.value = dated(all[1].referralDraft)
  clearances.value = [...all[2]].reverse()
  referrals.value = [...all[3]].reverse()
  screenId.value = all[4].screen?.id ?? ''
  if (!screenId.value) return
  summary.value =
    (await run(() =>
      ask(() =>
        api.GET('/api/clients/{clientId}/screens/{screenId}/referral-summary', {
          params: { path: { clientId: props.id, screenId: screenId.value } },
        }),
      ),
    )) ?? null
}
onMounted(load)

let referralId = crypto.randomUUID()
async function refer() {
  const made = await referring.run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/referrals/{id}', {
        params: { path: { clientId: props.id, id: referralId } },
        body: { screenId: screenId.value, addressedTo: String(to.value ?? ''), note: String(note.value ?? '') },
      }),
    ),
  )
  if (!made) return
  referralId = crypto.randomUUID()
  to.value = ''
  await load()
}
async function withdraw(id: string) {
  const done = await run(() =>
    ask(() =>
      api.POST('/api/clients/{clientId}/clearances/{id}/withdraw', { params: { path: { clientId: props.id, id } } }),
    ),
  )
  if (done) await load()
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem" />
    <template v-if="client && next">
      <div class="d-flex flex-wrap gap-3 align-items-baseline">
        <h1>Referral and clearance: {{ client.details.name }}</h1>
        <RouterLink :to="`/clients/${id}`" class="ms-auto">Back to {{ client.details.name }}</RouterLink>
      </div>
      <p v-if="next.plan" class="quiet">Nothing holds the planning at present.</p>
      <p v-for="r in next.refusals" v-else :key="r.ruleId" class="held">Held: {{ r.exact }}</p>
      <div class="halves">
        <section class="panel">
          <h2>To a clinician</h2>
          <p v-if="!summary" class="mb-0">There is no screen to refer from yet.</p>
          <template v-else>
            <ReferralSheet :summary="summary" />
            <form novalidate class="mt-3" @submit.prevent="refer">
              <TextField v-model="to" label="Addressed to" :wrong="referring.wrong('addressedTo')" />
              <TextField
                v-model="note"
                label="In your own words (may stay empty)"
                :lines="next.referralDraft ? 7 : 3"
                :help="next.referralDraft ? 'Begun with what was logged; change it as you like.' : undefined"
                :wrong="referring.wrong('note')"
              />
              <ProblemNotice :problem="referring.problem.value" />
              <BButton type="submit" variant="primary" :disabled="referring.busy.value">Make the page</BButton>
            </form>
          </template>
          <template v-if="referrals.length">
            <h2 class="mt-4">Handed over</h2>
            <ul class="rows">
              <li v-for="r in referrals" :key="r.id">
                {{ date(r.madeOn) }}, to {{ r.addressedTo }}, by {{ r.madeBy }}.
                <a :href="`/api/clients/${id}/referrals/${r.id}/pdf`" target="_blank" rel="noopener">
                  Open the PDF to print
                </a>
              </li>
            </ul>
          </template>
        </section>
        <section class="panel">
          <h2>Back from a clinician</h2>
          <ul class="rows mb-3">
            <li v-for="c in clearances" :key="c.id" :class="{ quiet: !c.holds }">
              <strong>{{ purposeWords(c.clearance.purpose) }}</strong>
              {{ c.clearance.side ? `, ${words(c.clearance.side)} ${words(c.clearance.site ?? 'arm')}` : '' }}:
              {{ c.clearance.givenBy }}, {{ date(c.clearance.givenOn) }} to {{ date(c.clearance.expiresOn) }}
              {{ c.clearance.conditions ? `, “${c.clearance.conditions}”` : '' }}.
              <span v-if="c.withdrawnOn">Withdrawn {{ date(c.withdrawnOn) }} by {{ c.withdrawnBy }}.</span>
              <span v-else-if="!c.holds">Does not hold today.</span>
              <BButton v-else size="sm" variant="outline-primary" class="ms-2" @click="withdraw(c.id)">
                No longer holds
              </BButton>
            </li>
          </ul>
          <ClearanceForm :client-id="id" :today="next.today" @done="load" />
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1rem;
  align-items: start;
}
.held {
  border-left: 6px solid var(--refer);
  padding-left: 0.8rem;
}
.rows {
  list-style: none;
  padding: 0;
  margin: 0;
}
.rows li {
  padding: 0.4rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
