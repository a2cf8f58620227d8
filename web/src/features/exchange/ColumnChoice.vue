<script setup lang="ts" generic="C extends string">
import { computed } from 'vue'
import SelectField from '@/shared/SelectField.vue'

/** Which heading of a table holds what, and what is still to choose. */
const props = defineProps<{ columns: Record<C, string>; headings: string[]; missing: C[] }>()
const chosen = defineModel<Partial<Record<C, string>>>({ required: true })
const all = computed(() => Object.entries(props.columns) as [C, string][])
</script>

<template>
  <div class="columns">
    <SelectField
      v-for="[column, words] in all"
      :key="column"
      :model-value="chosen[column] ?? ''"
      :label="words"
      empty="not in the table"
      :options="headings.map((h) => ({ value: h, text: h }))"
      @update:model-value="(v: string) => (chosen = { ...chosen, [column]: v || undefined })"
    />
  </div>
  <p v-if="missing.length">Still to choose: {{ missing.map((m) => columns[m]).join(', ') }}.</p>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(9rem, 100%), 1fr));
  gap: 0 1rem;
}
</style>
