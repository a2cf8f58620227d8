<script setup lang="ts">
import { computed } from 'vue'
import { words } from '@/shared/format'

/** Share of a hard set that each head gets. */
const props = defineProps<{ stimulus: Record<string, number> }>()
const rows = computed(() =>
  Object.entries(props.stimulus)
    .sort((a, b) => b[1] - a[1])
    .map(([head, share]) => ({ head, share })),
)
</script>

<template>
  <div v-if="rows.length" class="heads">
    <template v-for="r in rows" :key="r.head">
      <span>{{ words(r.head) }}</span>
      <span class="gauge" aria-hidden="true"><span :style="{ width: `${r.share * 100}%` }" /></span>
      <span class="value">{{ Math.round(r.share * 100) }} %</span>
    </template>
  </div>
  <p v-else class="small quiet mb-0">Gives the elbow’s muscles no set.</p>
</template>

<style scoped>
.heads {
  display: grid;
  grid-template-columns: max-content 1fr 3rem;
  gap: 0.1rem 0.6rem;
  align-items: center;
  font-size: 0.9rem;
}
.gauge {
  height: 0.55rem;
  border-radius: 3px;
  background: color-mix(in srgb, var(--line) 22%, transparent);
}
.gauge span {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: var(--tide);
}
.value {
  text-align: right;
}
</style>
