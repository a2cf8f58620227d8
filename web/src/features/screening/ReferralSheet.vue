<script setup lang="ts">
import { computed } from 'vue'
import type { ReferralSummary } from '@/shared/api/types'
import { date } from '@/shared/format'

/** What a screen has to say to a clinician, in the order of the page that is handed over. */
const props = defineProps<{ summary: ReferralSummary }>()
const parts = computed(() =>
  [
    { title: 'What we found', lines: props.summary.findings },
    { title: 'Sore places', lines: props.summary.places },
    { title: 'Measured', lines: props.summary.measured },
    { title: 'What is left out until we hear', lines: props.summary.limits },
    { title: 'What we ask', lines: props.summary.questions },
  ].filter((p) => p.lines.length),
)
</script>

<template>
  <p class="quiet mb-2">
    Screened {{ date(summary.screenedOn) }}. Findings and the client’s own words, never a diagnosis.
  </p>
  <section v-for="p in parts" :key="p.title" class="mb-2">
    <h3>{{ p.title }}</h3>
    <ul class="mb-0">
      <li v-for="l in p.lines" :key="l">{{ l }}</li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  font-size: 1rem;
  font-weight: 650;
  margin: 0;
}
</style>
