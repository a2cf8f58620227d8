<script setup lang="ts">
import type { BlockLine } from '@/shared/api/types'
import { load } from '@/shared/format'
import { units } from '@/shared/units'

/** What was in a block: each exercise, how often, and how its load went. */
defineProps<{ done: BlockLine['done'] }>()
function moved(d: BlockLine['done'][number]): string {
  const first = load(d.first, units.value)
  const last = load(d.last, units.value)
  return first === last ? last : `${first}, then ${last}`
}
</script>

<template>
  <table v-if="done.length" class="done">
    <thead class="visually-hidden">
      <tr>
        <th>Exercise</th>
        <th>Visits</th>
        <th>First and last load</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="d in done" :key="d.exerciseKey">
        <td>{{ d.name }}</td>
        <td class="quiet">{{ d.visits === 1 ? '1 visit' : `${d.visits} visits` }}</td>
        <td class="quiet">{{ moved(d) }}</td>
      </tr>
    </tbody>
  </table>
  <p v-else class="quiet mb-0">Nothing was done in it yet.</p>
</template>

<style scoped>
.done {
  width: 100%;
  margin-bottom: 0.8rem;
}
td {
  border-top: 1px solid color-mix(in srgb, var(--line) 40%, transparent);
  padding: 0.25rem 1rem 0.25rem 0;
  vertical-align: top;
}
</style>
