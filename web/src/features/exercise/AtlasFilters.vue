<script setup lang="ts">
import { computed } from 'vue'
import type { AtlasItem, AtlasView } from '@/shared/api/types'
import { title, words } from '@/shared/format'
import { sites } from '@/shared/sites'
import TextField from '@/shared/TextField.vue'
import WhyValue from '@/shared/WhyValue.vue'
import { anything, choices, type Filter } from './atlas'

/** Search and filters of the atlas; each narrows, none hides why. */
const props = defineProps<{ items: AtlasItem[]; methods: AtlasView['methods'] }>()
const longLength = defineModel<boolean>('longLength')
const filter = defineModel<Filter>('filter', { required: true })

const heads = [
  'BICEPS_LONG_HEAD',
  'BICEPS_SHORT_HEAD',
  'BRACHIALIS',
  'BRACHIORADIALIS',
  'TRICEPS_LONG_HEAD',
  'TRICEPS_LATERAL_HEAD',
  'TRICEPS_MEDIAL_HEAD',
].map((value) => ({ value, text: words(value) }))
const lists = computed(() => [
  { key: 'role' as const, label: 'Kind', any: 'any kind', options: choices(props.items, 'role') },
  { key: 'implement' as const, label: 'With', any: 'anything', options: choices(props.items, 'implement') },
  { key: 'stance' as const, label: 'Held', any: 'any way', options: choices(props.items, 'stance') },
  { key: 'head' as const, label: 'Works', any: 'any muscle', options: heads },
  {
    key: 'site' as const,
    label: 'Kindest to',
    any: 'any place',
    options: sites.map((value) => ({ value, text: words(value) })),
  },
  {
    key: 'method' as const,
    label: 'Method',
    any: 'any method',
    options: props.methods.map((m) => ({ value: m.key, text: m.name })),
  },
])
const method = computed(() => props.methods.find((m) => m.key === filter.value.method))
function clear() {
  filter.value = { ...anything }
}
</script>

<template>
  <div class="filters">
    <TextField v-model="filter.text" label="Find" />
    <div class="selects">
      <label v-for="l in lists" :key="l.key">
        <span>{{ l.label }}</span>
        <select v-model="filter[l.key]" class="form-select">
          <option value="">{{ l.any }}</option>
          <option v-for="o in l.options" :key="o.value" :value="o.value">{{ title(o.text) }}</option>
        </select>
      </label>
    </div>
    <p v-if="method" class="small quiet mb-1">{{ method.name }}: {{ method.what }}.</p>
    <p v-for="r in method?.against ?? []" :key="r.ruleId" class="small">
      <WhyValue :reason="r" :about="`not ${method!.name}`">Not for this client now: {{ r.exact }}</WhyValue>
    </p>
    <label class="tick">
      <input v-model="filter.allowedOnly" type="checkbox" />
      only what fits
    </label>
    <label class="tick">
      <input v-model="longLength" type="checkbox" />
      count load at long muscle length more
      <span class="tag">contested</span>
    </label>
    <button type="button" class="plain" @click="clear">Clear the filters</button>
  </div>
</template>

<style scoped>
.selects {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.5rem;
  margin-bottom: 0.6rem;
}
.selects span {
  display: block;
  font-size: 0.85rem;
  color: var(--quiet);
}
.tick {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 1.9rem;
  flex-wrap: wrap;
}
.tick input {
  width: 1.2rem;
  height: 1.2rem;
}
</style>
