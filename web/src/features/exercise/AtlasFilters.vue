<script setup lang="ts">
import { computed } from 'vue'
import type { AtlasItem, AtlasView } from '@/shared/api/types'
import { title, words } from '@/shared/format'
import { sites } from '@/shared/sites'
import SelectField from '@/shared/SelectField.vue'
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
      <SelectField
        v-for="l in lists"
        :key="l.key"
        v-model="filter[l.key]"
        :label="l.label"
        :empty="l.any"
        :options="l.options.map((o) => ({ value: o.value, text: title(o.text) }))"
      />
    </div>
    <p v-if="method" class="small quiet mb-1">{{ method.name }}: {{ method.what }}.</p>
    <p v-for="r in method?.against ?? []" :key="r.ruleId" class="small">
      <WhyValue :reason="r" :about="`not ${method!.name}`">Not for this client now: {{ r.exact }}</WhyValue>
    </p>
    <BFormCheckbox v-model="filter.allowedOnly">only what fits</BFormCheckbox>
    <BFormCheckbox v-model="longLength">
      count load at long muscle length more
      <span class="tag">contested</span>
    </BFormCheckbox>
    <button type="button" class="plain" @click="clear">Clear the filters</button>
  </div>
</template>

<style scoped>
.selects {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.3rem 0.6rem;
  margin-bottom: 0.6rem;
}
.selects :deep(.mb-3) {
  margin: 0 !important;
}
</style>
