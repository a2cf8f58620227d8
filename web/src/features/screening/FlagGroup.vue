<script setup lang="ts">
import { computed } from 'vue'
import type { ScreenQuestions, Side } from '@/shared/api/types'
import TextField from '@/shared/TextField.vue'
import { isAsked, type Draft } from './answers'

/** The questions of one step. Those behind a question stay folded until it is answered yes. */
const model = defineModel<Draft['flags']>({ required: true })
const props = defineProps<{
  gates: ScreenQuestions['gates']
  flags: ScreenQuestions['flags']
  lead: string
  /** What clearances on record are for: they answer only what they knew of. */
  cleared: string[]
}>()

type Row = { id: string; ask: string; whatToDo?: string; arm: boolean; behind: boolean; clearedBy?: string }
/** Each gate with what lies behind it, then the rest, in the order of the rule file. */
const rows = computed<Row[]>(() => {
  const flag = (f: ScreenQuestions['flags'][number]): Row => ({
    id: f.id,
    ask: f.ask,
    whatToDo: f.whatToDo,
    arm: f.scope === 'ARM',
    behind: !!f.when,
    clearedBy: f.clearedBy,
  })
  const after = (id: string): Row[] =>
    props.flags.filter((f) => f.when === id && (isAsked(f, model.value) || model.value[f.id]?.present)).map(flag)
  return [
    ...props.flags.filter((f) => !f.when).flatMap((f) => [flag(f), ...after(f.id)]),
    ...props.gates.flatMap((g) => [{ id: g.id, ask: g.ask, arm: false, behind: false }, ...after(g.id)]),
  ]
})
const open = computed(() => rows.value.filter((r) => !model.value[r.id]))
defineExpose({ open })

function set(id: string, present: boolean, side?: Side) {
  model.value = { ...model.value, [id]: { present, side } }
}
function since(id: string, day: string | number | undefined) {
  model.value = { ...model.value, [id]: { ...model.value[id]!, since: day ? String(day) : undefined } }
}
function noneOfThese() {
  model.value = { ...Object.fromEntries(open.value.map((r) => [r.id, { present: false }])), ...model.value }
}
</script>

<template>
  <p class="quiet mb-2">{{ lead }}</p>
  <ul>
    <li v-for="r in rows" :key="r.id" :class="{ yes: model[r.id]?.present, behind: r.behind }">
      <div>
        {{ r.ask }}
        <strong v-if="model[r.id]?.present && r.whatToDo" class="do">{{ r.whatToDo }}</strong>
        <TextField
          v-if="model[r.id]?.present && r.clearedBy && cleared.includes(r.clearedBy)"
          :model-value="model[r.id]?.since"
          type="date"
          label="Since when, or first said when if that is later (open: today)"
          class="mt-2"
          @update:model-value="(v) => since(r.id, v)"
        />
      </div>
      <div class="choice" role="group" :aria-label="r.ask">
        <template v-if="r.arm">
          <button
            v-for="s in ['LEFT', 'RIGHT'] as Side[]"
            :key="s"
            type="button"
            :aria-pressed="model[r.id]?.present === true && model[r.id]?.side === s"
            @click="set(r.id, true, s)"
          >
            {{ s === 'LEFT' ? 'left' : 'right' }}
          </button>
        </template>
        <button v-else type="button" :aria-pressed="model[r.id]?.present === true" @click="set(r.id, true)">yes</button>
        <button type="button" :aria-pressed="model[r.id]?.present === false" @click="set(r.id, false)">no</button>
      </div>
    </li>
  </ul>
  <BButton v-if="open.length" variant="primary" class="mt-3 me-3" @click="noneOfThese">
    {{ open.length === rows.length ? 'None of these' : `None of the other ${open.length}` }}
  </BButton>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  align-items: center;
  padding: 0.35rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.behind {
  padding-left: 1.2rem;
  border-left: 3px solid var(--line);
}
.choice {
  flex-shrink: 0;
  flex-wrap: nowrap;
}
.do {
  display: block;
  color: var(--refer);
}
</style>
