<script setup lang="ts">
import type { SessionView } from '@/shared/api/types'
import { load, words } from '@/shared/format'

const props = defineProps<{ session: SessionView }>()
const name = (key: string) => props.session.plan.units.flatMap((p) => p.slots).find((s) => s.exerciseKey === key)?.name
</script>

<template>
  <section class="panel">
    <h2>What was done</h2>
    <div class="scroll" tabindex="0">
      <table>
        <thead>
          <tr>
            <th>Exercise</th>
            <th>Set</th>
            <th>Load</th>
            <th>Reps</th>
            <th>Effort</th>
            <th>Pain</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in session.sets" :key="s.id">
            <td>{{ name(s.set.exerciseKey) }}{{ s.set.side ? `, ${words(s.set.side)}` : '' }}</td>
            <td>{{ s.set.setNumber }}</td>
            <td>{{ load(s.set.load, session.units) }}</td>
            <td>{{ s.set.reps }}</td>
            <td>{{ s.set.effort ?? '–' }}</td>
            <td :class="{ copper: s.set.pain > 0 }">
              {{ s.set.pain }}
              <template v-if="s.set.painSite && s.set.painSide">
                {{ words(s.set.painSide) }} {{ words(s.set.painSite) }}
              </template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-for="n in session.notes" :key="n.text" class="mt-2 mb-0">
      <b>Note by {{ n.by }}:</b>
      {{ n.text }}
    </p>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
  max-height: 18rem;
}
table {
  width: 100%;
}
th {
  font-weight: 400;
  color: var(--quiet);
}
th,
td {
  padding: 0.15rem 0.8rem 0.15rem 0;
}
.copper {
  color: var(--copper);
}
</style>
