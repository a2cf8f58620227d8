<script setup lang="ts">
import type { ReviewLine, ScreenComparison, Units } from '@/shared/api/types'
import { inUnits } from '@/shared/format'
import WhyValue from '@/shared/WhyValue.vue'

/** What improved or worsened beyond measurement error, in words, a shape and a colour. */
defineProps<{ lines: (ScreenComparison['lines'][number] | ReviewLine)[]; units?: Units }>()
const words = {
  BETTER: 'better',
  SAME: 'about the same',
  WORSE: 'worse',
  NEW: 'new',
  GONE: 'gone',
  LARGER: 'larger',
  SMALLER: 'smaller',
}
const shapes = { BETTER: '▲', SAME: '=', WORSE: '▼', NEW: '＋', GONE: '－', LARGER: '＋', SMALLER: '－' }
</script>

<template>
  <p v-if="!lines.length">Nothing was asked or measured in both screens.</p>
  <table v-else class="table mb-0">
    <thead>
      <tr>
        <th scope="col">What</th>
        <th scope="col">before</th>
        <th scope="col">after</th>
        <th scope="col">change</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="l in lines" :key="l.what">
        <th scope="row">{{ l.what }}</th>
        <td>{{ units ? inUnits(l.before, units) : l.before }}</td>
        <td>{{ units ? inUnits(l.after, units) : l.after }}</td>
        <td :class="l.change.toLowerCase()">
          <span aria-hidden="true">{{ shapes[l.change] }}</span>
          <WhyValue :reason="l.reason" :about="`${l.what}: ${words[l.change]}`">{{ words[l.change] }}</WhyValue>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  --bs-table-bg: transparent;
  --bs-table-color: var(--ink);
}
th[scope='row'] {
  font-weight: 400;
}
th[scope='row']::first-letter {
  text-transform: uppercase;
}
.better,
.gone {
  color: var(--go);
  font-weight: 650;
}
.worse,
.new {
  color: var(--ease);
  font-weight: 650;
}
</style>
