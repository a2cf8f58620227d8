<script setup lang="ts">
import { computed } from 'vue'
import type { SiteStress, Site } from '@/shared/api/types'
import { title, words } from '@/shared/format'
import WhyValue from '@/shared/WhyValue.vue'

/** What each site pays, sore ones first, each with its reason. */
const props = defineProps<{
  parts: SiteStress[]
  said: Record<string, string>
  sore: Site[]
  name: string
  before?: SiteStress[]
}>()
const rows = computed(() =>
  [...props.parts].sort(
    (a, b) => Number(props.sore.includes(b.site)) - Number(props.sore.includes(a.site)) || b.value - a.value,
  ),
)
function was(site: Site): number | undefined {
  return props.before?.find((p) => p.site === site)?.value
}
/** What it was, where that can be seen in the figure shown. */
function changed(row: SiteStress): string | undefined {
  const before = was(row.site)
  if (before === undefined || before.toFixed(1) === row.value.toFixed(1)) return undefined
  return `${row.value < before ? 'less' : 'more'}, was ${before.toFixed(1)}`
}
</script>

<template>
  <ul class="list">
    <li v-for="r in rows" :key="r.site" :class="{ sore: sore.includes(r.site) }">
      <span>{{ title(r.site) }}</span>
      <span class="says">
        <WhyValue :reason="r.reason" :about="`stress of ${name} at the ${words(r.site)}`">
          {{ changed(r) ?? said[r.site] }}
        </WhyValue>
        <span class="quiet number">{{ r.value.toFixed(1) }}</span>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 0;
  margin: 0;
  font-size: 0.92rem;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 0.5rem;
}
.says {
  flex: none;
  white-space: nowrap;
}
.number {
  margin-left: 0.5rem;
  display: inline-block;
  width: 2rem;
}
.sore > :first-child {
  color: var(--copper);
  font-weight: 650;
}
</style>
