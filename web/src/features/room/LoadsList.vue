<script setup lang="ts">
import type { LoadsOf } from '@/shared/api/types'
import { words } from '@/shared/format'

/** Every load that the place gives, by implement, lightest first. */
defineProps<{ loads: LoadsOf[] }>()
const names: Record<string, string> = { CABLE_HANDLE: 'cable' }
</script>

<template>
  <section class="panel loads" aria-live="polite">
    <h2>The loads this gives</h2>
    <p v-if="!loads.length" class="mb-0">None yet: name what is there.</p>
    <div v-for="l in loads" :key="l.implement" class="mb-2">
      <strong>{{ names[l.implement] ?? words(l.implement) }}</strong>
      <span class="quiet small">, {{ l.loads.length }}</span>
      <div class="list">
        <span v-for="x in l.loads" :key="x.label">{{ x.label }}</span>
      </div>
    </div>
  </section>
</template>

<style scoped>
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.9rem;
}
</style>
