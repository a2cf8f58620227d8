<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClientView, KeyedLimit, LimitsView } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import { date } from '@/shared/format'
import { limitPlace, limitWords } from '@/shared/limits'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import AddLimitForm from './AddLimitForm.vue'
import LimitChangeForm from './LimitChangeForm.vue'

const props = defineProps<{ id: string }>()
const { problem, run } = useCall()
const client = ref<ClientView | null>(null)
const view = ref<LimitsView | null>(null)
const changing = ref<string | null>(null)

onMounted(async () => {
  const all = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id } } })),
      ask(() => api.GET('/api/clients/{clientId}/limits', { params: { path: { clientId: props.id } } })),
    ]),
  )
  if (all) [client.value, view.value] = all
})

const place = (k: KeyedLimit) => limitPlace(k.limit)
// Cuffs are off for everyone who was not cleared for them: said last.
const limits = computed(() =>
  [...(view.value?.limits ?? [])].sort(
    (a, b) => Number(a.limit.kind === 'NO_CUFFS') - Number(b.limit.kind === 'NO_CUFFS'),
  ),
)
const marks = computed(() =>
  (view.value?.limits ?? []).flatMap((k) =>
    k.limit.site && k.limit.side ? [{ site: k.limit.site, side: k.limit.side, limit: true }] : [],
  ),
)
const kinds = { STRICTER: 'added', CLINICIAN_NOTE: 'clinician’s note', OVERRIDE: 'set aside for one session' }

function done(limits: LimitsView) {
  view.value = limits
  changing.value = null
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem" />
    <template v-if="client && view">
      <div class="d-flex flex-wrap gap-3 align-items-baseline">
        <h1>Limits: {{ client.details.name }}</h1>
        <RouterLink :to="`/clients/${id}`" class="ms-auto">Back to {{ client.details.name }}</RouterLink>
      </div>
      <div class="beside-arms">
        <aside>
          <ArmsMap :marks="marks" :caption="`Places that limits protect for ${client.details.name}`" />
          <p class="small quiet mb-0">
            {{
              view.screenedOn
                ? `From the screen of ${date(view.screenedOn)}, with what was changed since.`
                : 'Not screened yet.'
            }}
          </p>
        </aside>
        <div>
          <section class="panel mb-3">
            <h2>What to stay out of for now</h2>
            <p v-if="!view.limits.length">No limits.</p>
            <ul class="rows">
              <li v-for="k in limits" :key="k.key + k.limit.lookAgainOn">
                <div class="row-line">
                  <span>
                    <WhyValue :reason="k.limit.reason" :about="limitWords(k.limit)">{{ limitWords(k.limit) }}</WhyValue>
                    <span class="quiet ms-2">{{ place(k) }}</span>
                  </span>
                  <span class="end">
                    <span class="quiet small">look again {{ date(k.limit.lookAgainOn) }}</span>
                    <BButton
                      v-if="k.loosenable"
                      size="sm"
                      variant="outline-primary"
                      :aria-label="`Loosen: ${limitWords(k.limit)}, ${place(k)}`"
                      @click="changing = changing === k.key ? null : k.key"
                    >
                      Loosen
                    </BButton>
                    <span v-else class="quiet small">by clearance only</span>
                  </span>
                </div>
                <LimitChangeForm
                  v-if="changing === k.key"
                  :client-id="id"
                  :keyed="k"
                  @done="done"
                  @cancel="changing = null"
                />
              </li>
            </ul>
            <p class="small quiet mb-0 mt-2">
              A stop, a referral or an unfinished screen is never set aside here: that takes a new screen or a
              clearance.
            </p>
          </section>
          <section v-if="view.setAside.length" class="panel mb-3">
            <h2>Set aside at present</h2>
            <ul class="rows">
              <li v-for="(s, n) in view.setAside" :key="n">
                {{ limitWords(s.limit) }}: {{ s.change.value === undefined ? 'lifted' : `now ${s.change.value}` }},
                {{ kinds[s.change.kind] }} until {{ date(s.change.until) }}. {{ s.change.why }}
              </li>
            </ul>
          </section>
          <section class="panel mb-3">
            <h2>Add a limit</h2>
            <AddLimitForm :client-id="id" @done="done" />
          </section>
          <section v-if="view.log.length" class="panel">
            <h2>On the record</h2>
            <ul class="rows">
              <li v-for="(c, n) in view.log" :key="n">
                {{ date(c.madeOn) }}, {{ c.author }}: {{ kinds[c.kind] }}{{ c.clinician ? ` of ${c.clinician}` : '' }},
                until {{ date(c.until) }}. {{ c.why }}
              </li>
            </ul>
          </section>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.rows {
  list-style: none;
  padding: 0;
  margin: 0;
}
.rows li {
  padding: 0.4rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.row-line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.3rem 1rem;
  align-items: center;
}
@media (max-width: 600px) {
  .row-line {
    grid-template-columns: minmax(0, 1fr);
  }
}
.end {
  display: flex;
  gap: 0.6rem;
  align-items: center;
}
</style>
