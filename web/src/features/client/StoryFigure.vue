<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import type { Reason } from '@/shared/api/types'
import WhyValue from '@/shared/WhyValue.vue'
import type { Chart } from './story'
import FoldPart from '@/shared/FoldPart.vue'

/** A chart under its title, with the same as a table: the first column names the row. */
defineProps<{
  title: string
  says?: string
  reason?: Reason
  chart: Chart
  heads: string[]
  rows: (string | number)[][]
}>()
const StoryChart = defineAsyncComponent(() => import('./StoryChart.vue'))
</script>

<template>
  <figure class="panel">
    <figcaption>
      {{ title }}
      <span v-if="says" class="quiet small">
        <WhyValue v-if="reason" :reason="reason" :about="title.toLowerCase()">{{ says }}</WhyValue>
        <template v-else>{{ says }}</template>
      </span>
    </figcaption>
    <StoryChart :chart="chart" class="chart" />
    <FoldPart title="as a table" small>
      <table>
        <thead>
          <tr>
            <th v-for="h in heads" :key="h" scope="col">{{ h }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row[0]">
            <template v-for="(cell, i) in row" :key="i">
              <th v-if="i === 0" scope="row">{{ cell }}</th>
              <td v-else>{{ cell }}</td>
            </template>
          </tr>
        </tbody>
      </table>
    </FoldPart>
  </figure>
</template>

<style scoped>
figure {
  margin: 0 0 0.6rem;
}
figcaption {
  font-weight: 650;
}
figcaption .quiet {
  font-weight: 400;
}
.chart {
  height: 9.5rem;
  overflow: hidden;
}
table {
  width: 100%;
}
th,
td {
  font-weight: 400;
  padding: 0.1rem 0.5rem 0.1rem 0;
  text-align: left;
}
thead th {
  color: var(--quiet);
}
</style>
