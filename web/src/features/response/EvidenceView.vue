<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { EvidenceLine, RuledOn } from '@/shared/api/types'
import { api, ask } from '@/shared/api/client'
import { title, words } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'

/** House weights against what this room's joints answered: counts, never names. */
const { problem, run } = useCall()
const lines = ref<EvidenceLine[]>()
const rulings = ref<RuledOn[]>([])
const against = computed(() => rulings.value.filter((r) => r.softened + r.overruled > 0))
async function load() {
  const both = await run(() => Promise.all([ask(() => api.GET('/api/evidence')), ask(() => api.GET('/api/rulings'))]))
  if (both) [lines.value, rulings.value] = both
}
onMounted(load)
const bySite = computed(() => {
  const sites = [...new Set((lines.value ?? []).map((l) => l.counts.site))]
  return sites.map((site) => ({ site, lines: (lines.value ?? []).filter((l) => l.counts.site === site) }))
})
const changed: Record<RuledOn['kind'], string> = {
  SWAPPED_OUT: 'an exercise left out',
  SWAPPED_IN: 'an exercise put in',
  LOAD: 'a load',
  SETS: 'a number of sets',
  REPS: 'repetitions',
  EFFORT: 'an effort to aim at',
  REST: 'a rest',
}
const meaning = (weight: number) =>
  weight >= 1.05
    ? 'a little harder on it than the house thinks'
    : weight <= 0.95
      ? 'a little kinder'
      : 'as the house thinks'
</script>

<template>
  <div class="page">
    <h1>What this room’s joints answered</h1>
    <p class="quiet">
      Of the sore places that did an exercise and said how it went: for how many it was worse than Kinesia assumes for
      everybody. A new client starts from this. An exercise is listed from three places on.
    </p>
    <ProblemNotice :problem="problem">
      <BButton size="sm" variant="outline-primary" @click="load">Try again</BButton>
    </ProblemNotice>
    <p v-if="lines && !lines.length" class="panel">
      Not enough yet: an exercise is listed once three sore places of the same kind have answered it three times.
    </p>
    <section v-for="s in bySite" :key="s.site" class="panel mb-3">
      <h2>{{ title(words(s.site)) }}</h2>
      <table class="counts">
        <thead>
          <tr>
            <th scope="col">Exercise</th>
            <th scope="col">Worse for</th>
            <th scope="col">For a new client</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in s.lines" :key="l.counts.exerciseKey">
            <th scope="row">{{ l.name }}</th>
            <td>
              <WhyValue :reason="l.reason">{{ l.counts.worse }} of {{ l.counts.joints }} places</WhyValue>
            </td>
            <td class="quiet">{{ meaning(l.counts.weight) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section class="panel mb-3">
      <h2>What this room decided otherwise</h2>
      <p v-if="!against.length" class="quiet mb-0">Every change so far was taken as it came.</p>
      <table v-else class="counts">
        <thead>
          <tr>
            <th scope="col">What Kinesia changed, and by which rule</th>
            <th scope="col">Taken</th>
            <th scope="col">Half of it</th>
            <th scope="col">Not at all</th>
            <th scope="col">Why, the latest first</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in against" :key="r.ruleId">
            <th scope="row">
              {{ changed[r.kind] }}
              <span class="quiet small d-block">{{ r.rule }}</span>
            </th>
            <td>{{ r.accepted }}</td>
            <td>{{ r.softened }}</td>
            <td>{{ r.overruled }}</td>
            <td class="quiet">{{ r.words.join(' · ') }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.counts {
  width: 100%;
}
.counts th,
.counts td {
  padding: 0.25rem 0.6rem 0.25rem 0;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
  text-align: left;
  font-weight: 400;
}
thead th {
  color: var(--quiet);
}
</style>
