<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { MethodsView } from '@/shared/api/types'
import FoldPart from '@/shared/FoldPart.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import MethodForm from './MethodForm.vue'
import { blank, keyOf, written } from './methodText'
import { useCall } from '@/shared/useCall'
import { useDone } from '@/shared/useDone'

/** Which ways of working has this room, and what shall its own say? Written as the house's are, under the same checks. */
const { busy, problem, run, wrong } = useCall()
const done = useDone()
const view = ref<MethodsView>()
const id = ref('')
const text = ref('')
const from = ref('')

async function load() {
  view.value = (await run(() => ask(() => api.GET('/api/methods')))) ?? view.value
}
onMounted(load)

function write(existing?: MethodsView['own'][number]) {
  id.value = existing?.id ?? crypto.randomUUID()
  text.value = existing?.text ?? blank
  from.value = ''
}
/** The house's one under a key and a name of its own. */
function begin(key: string) {
  from.value = key
  const house = view.value?.house.find((m) => m.key === key)
  const name = house && `Our ${house.name.toLowerCase()}`
  text.value = name ? written(written(house.text, ['name'], name), ['key'], keyOf(name)) : blank
}
async function keep() {
  const body = { text: text.value }
  const kept = await run(() => ask(() => api.PUT('/api/methods/{id}', { params: { path: { id: id.value } }, body })))
  if (!kept) return
  done(`${kept.name} can be picked now.`)
  id.value = ''
  await load()
}
async function drop(method: MethodsView['own'][number]) {
  await run(() => ask(() => api.DELETE('/api/methods/{id}', { params: { path: { id: method.id } } })))
  if (problem.value) return
  done(`${method.name} is offered no more.`)
  if (id.value === method.id) id.value = ''
  await load()
}
const choices = computed(() => view.value?.house.map((m) => ({ value: m.key, text: m.name })) ?? [])
</script>

<template>
  <div class="page">
    <div class="d-flex flex-wrap gap-3 align-items-baseline mb-3">
      <h1>Ways of working</h1>
      <RouterLink to="/exercises">Exercises</RouterLink>
    </div>
    <ProblemNotice v-if="problem && !problem.fields.length" :problem="problem" />
    <div v-if="view" class="halves">
      <section class="panel">
        <h2>This room’s own</h2>
        <p v-if="!view.own.length && !id" class="quiet">
          None yet. Begin from one of the house’s and change what you like.
        </p>
        <ul class="rows">
          <li v-for="m in view.own" :key="m.id">
            <span>
              <b>{{ m.name }}</b>
              <span class="quiet small d-block">{{ m.what }}</span>
            </span>
            <button type="button" class="plain ms-auto" :aria-label="`Change ${m.name}`" @click="write(m)">
              Change
            </button>
            <button type="button" class="plain" :aria-label="`Drop ${m.name}`" :disabled="busy" @click="drop(m)">
              Drop
            </button>
          </li>
        </ul>
        <BButton v-if="!id" variant="outline-primary" @click="write()">Write one</BButton>
        <form v-else novalidate @submit.prevent="keep">
          <SelectField
            :model-value="from"
            label="Begin from"
            :options="choices"
            empty="nothing"
            @update:model-value="(key) => begin(String(key))"
          />
          <MethodForm v-model="text" :wrong="wrong('text')" :fresh="!view.own.some((m) => m.id === id)" />
          <BButton type="submit" variant="primary" :disabled="busy || !text.trim()">Keep it</BButton>
          <button type="button" class="plain ms-3" @click="id = ''">Leave it</button>
        </form>
      </section>
      <section class="panel">
        <h2>The house’s</h2>
        <FoldPart v-for="m in view.house" :key="m.key" :title="m.name" small>
          <p class="quiet small mb-1">{{ m.what }}</p>
          <pre>{{ m.text }}</pre>
        </FoldPart>
      </section>
    </div>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
.rows {
  list-style: none;
  padding: 0;
}
.rows li {
  display: flex;
  gap: 0.8rem;
  align-items: baseline;
  padding: 0.4rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
pre {
  font-family: ui-monospace, 'DejaVu Sans Mono', monospace;
  font-size: 0.9rem;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
