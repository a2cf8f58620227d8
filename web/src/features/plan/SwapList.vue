<script setup lang="ts">
import type { Site, Slot, SoreSite, Substitute } from '@/shared/api/types'
import { words } from '@/shared/format'

/** What could take an exercise's place, best first, and what changes with it. */
const props = defineProps<{ slotOf: Slot; substitutes: Substitute[]; sore: SoreSite[] }>()
const emit = defineEmits<{ swap: [key: string]; close: [] }>()

function changes(s: Substitute): string {
  const parts = [s.compared]
  const minutes = Math.round(s.secondsMore / 6) / 10
  if (Math.abs(minutes) >= 0.5) parts.push(`${Math.abs(minutes)} min ${minutes > 0 ? 'longer' : 'shorter'}`)
  for (const { site } of props.sore) {
    const before = props.slotOf.stress[site as Site] ?? 0
    const after = s.stress[site as Site] ?? 0
    if (before.toFixed(1) !== after.toFixed(1)) {
      parts.push(`${words(site)} ${after.toFixed(1)} instead of ${before.toFixed(1)}`)
    }
  }
  return parts.join(' · ')
}
</script>

<template>
  <div class="swaps">
    <p v-if="!substitutes.length" class="quiet mb-1">Nothing else fits in its place today.</p>
    <ul>
      <li v-for="s in substitutes" :key="s.exerciseKey">
        <BButton size="sm" variant="outline-primary" @click="emit('swap', s.exerciseKey)">{{ s.name }}</BButton>
        <span class="quiet small">{{ changes(s) }}</span>
      </li>
    </ul>
    <BButton size="sm" variant="link" @click="emit('close')">Leave it as it is</BButton>
  </div>
</template>

<style scoped>
.swaps {
  border-left: 3px solid var(--tide);
  padding-left: 0.8rem;
  margin: 0.4rem 0;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
  align-items: baseline;
  margin-bottom: 0.3rem;
}
</style>
