<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClientView, ScreenComparison, ScreenTaken, ScreenView } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import { date } from '@/shared/format'
import LimitList from '@/shared/LimitList.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import { useCall } from '@/shared/useCall'
import ComparisonTable from './ComparisonTable.vue'
import OutcomeBox from './OutcomeBox.vue'

/** Old screens, readable as they were, and two of them side by side. */
const props = defineProps<{ id: string; screenId?: string }>()
const { problem, run } = useCall()
const comparing = useCall()
const client = ref<ClientView | null>(null)
const taken = ref<ScreenTaken[]>([])
const newer = ref('')
const older = ref('')
const shown = ref<ScreenView | null>(null)
const comparison = ref<ScreenComparison | null>(null)
const path = { params: { path: { clientId: props.id } } }

onMounted(async () => {
  const all = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id } } })),
      ask(() => api.GET('/api/clients/{clientId}/screens', path)),
    ]),
  )
  if (!all) return
  ;[client.value, taken.value] = all
  newer.value = props.screenId ?? taken.value[0]?.id ?? ''
  const at = taken.value.findIndex((s) => s.id === newer.value)
  older.value = taken.value[at + 1]?.id ?? ''
})
watch([newer, older], async () => {
  if (!newer.value) return
  shown.value =
    (await run(() =>
      ask(() =>
        api.GET('/api/clients/{clientId}/screens/{id}', { params: { path: { clientId: props.id, id: newer.value } } }),
      ),
    )) ?? null
  comparison.value = older.value
    ? ((await comparing.run(() =>
        ask(() =>
          api.GET('/api/clients/{clientId}/screens/compare', {
            params: { path: { clientId: props.id }, query: { older: older.value, newer: newer.value } },
          }),
        ),
      )) ?? null)
    : null
})
const options = () => taken.value.map((s) => ({ value: s.id, text: `${date(s.takenOn)}, ${s.takenBy}` }))
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem" />
    <template v-if="client">
      <div class="d-flex flex-wrap gap-3 align-items-baseline">
        <h1>Screens: {{ client.details.name }}</h1>
        <RouterLink :to="`/clients/${id}`" class="ms-auto">Back to {{ client.details.name }}</RouterLink>
      </div>
      <p v-if="!taken.length">
        There is no screen yet.
        <RouterLink :to="`/clients/${id}/screen`">Take the first one</RouterLink>
      </p>
      <div v-else class="beside-arms">
        <aside>
          <ArmsMap
            v-if="shown"
            :marks="
              (shown.answers.soreSites ?? []).map((s) => ({
                site: s.site,
                side: s.side,
                text: String(s.usualPain ?? ''),
              }))
            "
            caption="Sore places of the screen that is shown"
          />
          <p class="small quiet">Usual pain at each sore place</p>
          <OutcomeBox v-if="shown" :assessment="shown.assessment" />
        </aside>
        <section>
          <div class="two">
            <SelectField v-model="newer" label="Screen of" :options="options()" />
            <SelectField v-model="older" label="Compared with" empty="nothing" :options="options()" />
          </div>
          <ProblemNotice :problem="comparing.problem.value" />
          <template v-if="comparison">
            <ComparisonTable :lines="comparison.lines" />
            <div class="two mt-3">
              <div class="panel">
                <h2>Limits that went</h2>
                <LimitList :limits="comparison.limitsGone" none="None." />
              </div>
              <div class="panel">
                <h2>Limits that came</h2>
                <LimitList :limits="comparison.limitsNew" none="None." />
              </div>
            </div>
          </template>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
