<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { ClientStory } from '@/shared/api/types'
import { date, title } from '@/shared/format'
import { units } from '@/shared/units'
import { growthOf, ribbonOf, weeksOf } from './story'

/** Is it getting better? How each place answered, how each exercise grew, and the sets of the weeks; each also as a table. */
const props = defineProps<{ story: ClientStory }>()
const StoryChart = defineAsyncComponent(() => import('./StoryChart.vue'))
const SHOWN = 6
const all = ref(false)
const exercises = computed(() => (all.value ? props.story.exercises : props.story.exercises.slice(0, SHOWN)))
</script>

<template>
  <section class="story" aria-label="The story so far">
    <template v-if="story.places.length || story.exercises.length">
      <h2>The story so far</h2>
      <figure v-for="p in story.places" :key="p.words" class="panel">
        <figcaption>
          {{ title(p.words) }}
          <span class="quiet small">pain the morning after each session, against the usual</span>
        </figcaption>
        <StoryChart :chart="ribbonOf(p)" class="chart" />
        <details>
          <summary class="small">as a table</summary>
          <table>
            <thead>
              <tr>
                <th scope="col">Session</th>
                <th scope="col">usual</th>
                <th scope="col">during</th>
                <th scope="col">next morning</th>
                <th scope="col">signal</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="s in p.sessions" :key="s.on">
                <th scope="row">{{ date(s.on) }}</th>
                <td>{{ s.usual }}</td>
                <td>{{ s.during }}</td>
                <td>{{ s.morning ?? 'not answered' }}</td>
                <td>{{ s.signal.toLowerCase() }}</td>
              </tr>
            </tbody>
          </table>
        </details>
      </figure>
      <div class="growth">
        <figure v-for="e in exercises" :key="e.exerciseKey" class="panel">
          <figcaption>{{ e.name }}</figcaption>
          <StoryChart :chart="growthOf(e, units)" class="chart" />
          <details>
            <summary class="small">as a table</summary>
            <table>
              <thead>
                <tr>
                  <th scope="col">Session</th>
                  <th scope="col">load</th>
                  <th scope="col">best set</th>
                  <th scope="col">sets</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="d in e.days" :key="d.on">
                  <th scope="row">{{ date(d.on) }}</th>
                  <td>{{ d.load }}</td>
                  <td>{{ d.reps }} repetitions</td>
                  <td>{{ d.sets }}</td>
                </tr>
              </tbody>
            </table>
          </details>
        </figure>
      </div>
      <BButton v-if="story.exercises.length > SHOWN" size="sm" variant="link" @click="all = !all">
        {{ all ? 'Only the most used' : `And ${story.exercises.length - SHOWN} more exercises` }}
      </BButton>
      <figure class="panel">
        <figcaption>Hard sets a week</figcaption>
        <StoryChart :chart="weeksOf(story.weeks)" class="chart" />
        <details>
          <summary class="small">as a table</summary>
          <table>
            <thead>
              <tr>
                <th scope="col">Week of</th>
                <th scope="col">front of the arm</th>
                <th scope="col">back of the arm</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="w in story.weeks" :key="w.monday">
                <th scope="row">{{ date(w.monday) }}</th>
                <td>{{ w.flexors }}</td>
                <td>{{ w.extensors }}</td>
              </tr>
            </tbody>
          </table>
        </details>
      </figure>
    </template>
  </section>
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
  height: 10rem;
}
.growth {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: 0 0.6rem;
}
.growth figcaption {
  font-size: 0.95rem;
}
.growth .chart {
  height: 8.5rem;
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
@media print {
  details {
    display: none;
  }
}
</style>
