<script setup lang="ts">
import { computed, ref } from 'vue'
import TextField from '@/shared/TextField.vue'
import { added, formOf, keyOf, removed, written } from './methodText'
import SectionFields from './SectionFields.vue'

/** One way of working in fields, or as the text that both are: what the fields do not show stays as it is written. */
const text = defineModel<string>({ required: true })
const props = defineProps<{ wrong?: string; fresh: boolean }>()
const form = computed(() => formOf(text.value))
const asText = ref(false)

const write = (path: (string | number)[], value: unknown) => (text.value = written(text.value, path, value))
function rename(name: string) {
  const named = written(text.value, ['name'], name)
  // What is planned by it already knows it by its key.
  text.value = props.fresh ? written(named, ['key'], keyOf(name)) : named
}
</script>

<template>
  <template v-if="form && !asText">
    <TextField :model-value="form.name" label="Name" @update:model-value="(v) => rename(String(v ?? ''))" />
    <TextField
      :model-value="form.what"
      label="What it is, in a line"
      @update:model-value="(v) => write(['what'], String(v ?? ''))"
    />
    <SectionFields
      v-for="(s, i) in form.sections"
      :key="i"
      :section="s"
      :number="i + 1"
      :alone="form.sections.length === 1"
      @change="(path, value) => write(['sections', i, ...path], value)"
      @add="(path) => (text = added(text, ['sections', i, ...path]))"
      @remove="(path) => (text = removed(text, ['sections', i, ...path]))"
    />
    <BButton size="sm" variant="outline-primary" class="mb-3" @click="text = added(text, ['sections'])">
      Add a part
    </BButton>
    <p v-if="form.more" class="quiet small">More of it stands in the text: {{ form.more }}.</p>
    <p v-if="wrong" class="invalid-feedback d-block" role="alert">{{ wrong }}</p>
  </template>
  <TextField
    v-else
    :model-value="text"
    label="The method, line by line"
    :lines="18"
    :wrong="wrong"
    help="Rounds and counts are [fewest, wanted]; rest is [seconds, shortest]; what a pick filters by makes the method."
    class="text"
    @update:model-value="(v) => (text = String(v ?? ''))"
  />
  <p>
    <button v-if="form" type="button" class="plain" @click="asText = !asText">
      {{ asText ? 'In fields' : 'As text' }}
    </button>
    <span v-else class="quiet small">This cannot be shown in fields.</span>
  </p>
</template>

<style scoped>
.text :deep(textarea) {
  font-family: ui-monospace, 'DejaVu Sans Mono', monospace;
  font-size: 0.9rem;
}
</style>
