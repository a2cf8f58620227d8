<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { OldLogRead } from '@/shared/api/types'
import ColumnChoice from './ColumnChoice.vue'
import { oneFile } from '@/shared/oneFile'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import { useDone } from '@/shared/useDone'

/** What did this client lift before? A log from elsewhere, its names matched to the catalogue, looked at before it comes in. */
const props = defineProps<{ clientId: string }>()
const { busy, problem, run } = useCall()
const done = useDone()

const columns = {
  DAY: 'day',
  EXERCISE: 'exercise',
  LOAD: 'load',
  UNIT: 'unit of the load',
  SETS: 'sets',
  REPS: 'repetitions',
  EFFORT: 'effort of 10',
  ARM: 'arm',
} as const
type Column = keyof typeof columns
const LEFT_OUT = 'left-out'
const text = ref('')
const read = ref<OldLogRead | null>(null)
const chosen = ref<Partial<Record<Column, string>>>({})
const names = ref<Record<string, string>>({})

async function look(keep = false) {
  const body = { text: text.value, columns: chosen.value as Record<Column, string>, names: names.value, keep }
  const params = { path: { clientId: props.clientId } }
  const answer = await run(() => ask(() => api.POST('/api/clients/{clientId}/old-log', { params, body })))
  if (!answer) return
  read.value = answer
  chosen.value = { ...answer.columns }
  if (answer.kept) done(`${answer.kept} sets of before are in.`)
}
async function choose(files: File | readonly File[] | null) {
  const file = oneFile(files)
  if (!file) return
  text.value = await file.text()
  chosen.value = {}
  names.value = {}
  await look()
}
async function mean(name: string, key: string) {
  names.value = { ...names.value, [name]: key === LEFT_OUT ? '' : key }
  await look()
}
const open = computed(() => read.value?.names.filter((n) => n.key === undefined).length ?? 0)
const ready = computed(
  () => !!read.value && !read.value.missing.length && !read.value.wrong.length && !open.value && read.value.fresh > 0,
)
const options = (all: { key: string; name: string }[]) => all.map((e) => ({ value: e.key, text: e.name }))
const value = (key: string | undefined) => (key === '' ? LEFT_OUT : (key ?? null))
</script>

<template>
  <section class="panel">
    <h2>A log from before</h2>
    <p class="quiet">Sets done before this room: they tell strength and first loads, and nothing of pain.</p>
    <ProblemNotice :problem="problem" />
    <BFormFile
      label="A CSV file: a line is one set, or several alike"
      accept=".csv,text/csv"
      class="mb-3"
      @update:model-value="choose"
    />
    <template v-if="read">
      <ColumnChoice
        :model-value="chosen"
        :columns="columns"
        :headings="read.headings"
        :missing="read.missing"
        @update:model-value="(all) => ((chosen = all), look())"
      />
      <ul class="names">
        <li v-for="(n, i) in read.names" :key="n.name">
          <label :for="`name-${i}`">
            {{ n.name }}
            <span class="quiet small d-block">{{ n.lines === 1 ? '1 line' : `${n.lines} lines` }}</span>
          </label>
          <BFormSelect
            :id="`name-${i}`"
            size="sm"
            :class="{ unsure: n.key === undefined }"
            :model-value="value(n.key)"
            @update:model-value="(key) => mean(n.name, String(key))"
          >
            <BFormSelectOption v-if="n.key === undefined" :value="null" disabled>Which one is meant?</BFormSelectOption>
            <BFormSelectOption :value="LEFT_OUT">leave it out</BFormSelectOption>
            <BFormSelectOptionGroup v-if="n.options.length" label="Nearest" :options="options(n.options)" />
            <BFormSelectOptionGroup label="All" :options="options(read.exercises)" />
          </BFormSelect>
        </li>
      </ul>
      <ul v-if="read.wrong.length" class="wrong">
        <li v-for="l in read.wrong.slice(0, 50)" :key="l.line">
          line {{ l.line }}, {{ l.name }}: {{ l.problems.join('; ') }}
        </li>
      </ul>
      <p>
        {{ read.fresh }} sets to bring in{{ read.known ? `, ${read.known} here already` : ''
        }}{{ open ? `; ${open} ${open === 1 ? 'name' : 'names'} to say` : '' }}.
      </p>
      <BButton variant="primary" :disabled="busy || !ready" @click="look(true)">Bring them in</BButton>
    </template>
  </section>
</template>

<style scoped>
.names,
.wrong {
  list-style: none;
  padding: 0;
}
.names li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.8fr);
  gap: 0.6rem;
  align-items: center;
  padding: 0.25rem 0;
}
.unsure {
  border: 2px solid var(--ease);
}
.wrong {
  color: var(--ease);
}
</style>
