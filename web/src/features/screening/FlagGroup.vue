<script setup lang="ts">
import { computed } from 'vue'
import type { ScreenQuestions, Side } from '@/shared/api/types'
import type { Draft } from './answers'

const model = defineModel<Draft['flags']>({ required: true })
const props = defineProps<{ flags: ScreenQuestions['flags']; title: string; lead: string }>()
const open = computed(() => props.flags.filter((f) => !model.value[f.id]).length)

function set(id: string, present: boolean, side?: Side) {
  model.value = { ...model.value, [id]: { present, side } }
}
function noneOfThese() {
  model.value = { ...Object.fromEntries(props.flags.map((f) => [f.id, { present: false }])), ...model.value }
}
</script>

<template>
  <section class="panel mb-3">
    <div class="d-flex flex-wrap gap-3 align-items-center">
      <h2 class="mb-0">{{ title }}</h2>
      <BButton v-if="open" size="sm" variant="outline-primary" @click="noneOfThese">
        {{ open === flags.length ? 'None of these' : `None of the other ${open}` }}
      </BButton>
      <span v-else class="quiet">all answered</span>
    </div>
    <p class="quiet mb-1">{{ lead }}</p>
    <ul>
      <li v-for="f in flags" :key="f.id" :class="{ yes: model[f.id]?.present }">
        <div>
          {{ f.ask }}
          <strong v-if="model[f.id]?.present" class="do">{{ f.whatToDo }}</strong>
        </div>
        <div class="choice" role="group" :aria-label="f.ask">
          <template v-if="f.scope === 'ARM'">
            <button
              v-for="s in ['LEFT', 'RIGHT'] as Side[]"
              :key="s"
              type="button"
              :aria-pressed="model[f.id]?.present === true && model[f.id]?.side === s"
              @click="set(f.id, true, s)"
            >
              {{ s === 'LEFT' ? 'left' : 'right' }}
            </button>
          </template>
          <button v-else type="button" :aria-pressed="model[f.id]?.present === true" @click="set(f.id, true)">
            yes
          </button>
          <button type="button" :aria-pressed="model[f.id]?.present === false" @click="set(f.id, false)">no</button>
        </div>
      </li>
    </ul>
  </section>
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
.choice {
  flex-shrink: 0;
  flex-wrap: nowrap;
}
.do {
  display: block;
  color: var(--refer);
}
</style>
