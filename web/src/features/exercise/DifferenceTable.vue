<script setup lang="ts">
import { computed } from 'vue'
import type { ExerciseDetail, Site } from '@/shared/api/types'
import MovingFigure from '@/shared/MovingFigure.vue'
import { units } from '@/shared/units'
import WhyValue from '@/shared/WhyValue.vue'
import { differences } from './differences'

/** Which of these for this client? What differs stands line by line; what is the same is said once. */
const props = defineProps<{ details: ExerciseDetail[]; sore: Site[] }>()
const found = computed(() => differences(props.details, props.sore, units.value))
const same = computed(() => found.value.same.map((f) => `${f.about.toLowerCase()}: ${f.says[0]}`).join(' · '))
</script>

<template>
  <section class="panel">
    <table>
      <thead>
        <tr>
          <td class="quiet">What differs</td>
          <th v-for="d in details" :key="d.item.key" scope="col">
            <MovingFigure :figure="d.figure" :tempo="d.tempo" :name="d.item.name" class="moving" />
            {{ d.item.name }}
            <span v-for="r in d.item.whyNot.slice(0, 1)" :key="r.exact" class="out">
              <WhyValue :reason="r" :about="`${d.item.name} is left out`">Left out</WhyValue>
            </span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in found.differ" :key="f.about" :class="{ sore: f.sore }">
          <th scope="row">{{ f.about }}</th>
          <td v-for="(s, i) in f.says" :key="i">{{ s }}</td>
        </tr>
      </tbody>
    </table>
    <p class="quiet small mb-0">
      <b>The same</b>
      · {{ same }}
    </p>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  margin-bottom: 0.6rem;
}
th,
td {
  padding: 0.3rem 0.8rem 0.3rem 0;
  vertical-align: baseline;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
thead th,
thead td {
  border-top: 0;
  vertical-align: bottom;
}
thead th {
  width: 40%;
}
tbody th {
  font-weight: 400;
  color: var(--quiet);
}
.sore th {
  color: var(--copper);
  font-weight: 650;
}
.moving {
  height: 11rem;
}
.out {
  display: block;
  color: var(--copper);
  font-weight: 400;
}
</style>
