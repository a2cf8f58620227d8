<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import { useCall } from '@/shared/useCall'

/** Exercises this client does not want: never planned. */
const model = defineModel<string[]>({ required: true })
const { problem, run } = useCall()
const names = ref<Record<string, string>>({})
const chosen = ref('')
const options = computed(() =>
  Object.entries(names.value)
    .filter(([key]) => !model.value.includes(key))
    .map(([value, text]) => ({ value, text }))
    .sort((a, b) => a.text.localeCompare(b.text)),
)

async function load() {
  const atlas = await run(() => ask(() => api.GET('/api/atlas')))
  if (atlas) names.value = Object.fromEntries(atlas.items.map((i) => [i.key, i.name]))
}
if (model.value.length) void load()
function add() {
  if (chosen.value) model.value = [...model.value, chosen.value]
  chosen.value = ''
}
</script>

<template>
  <section class="panel">
    <h2>Dislikes</h2>
    <p v-if="!model.length" class="quiet mb-2">Nothing named yet. What is named here is never planned.</p>
    <ul>
      <li v-for="key in model" :key="key">
        {{ names[key] ?? key.replaceAll('-', ' ') }}
        <BButton size="sm" variant="outline-primary" class="ms-2" @click="model = model.filter((k) => k !== key)">
          Not any more
        </BButton>
      </li>
    </ul>
    <ProblemNotice :problem="problem" />
    <BButton v-if="!options.length" size="sm" variant="outline-primary" @click="load">Name an exercise</BButton>
    <template v-else>
      <SelectField v-model="chosen" label="Exercise" empty="choose" :options="options" @update:model-value="add" />
    </template>
  </section>
</template>
