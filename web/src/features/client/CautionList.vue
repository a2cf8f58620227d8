<script setup lang="ts">
import { computed } from 'vue'
import type { ScreenQuestions } from '@/shared/api/types'

/** Medical cautions and abilities: each is answered, because a missing answer is never a no. */
const model = defineModel<Record<string, boolean>>({ required: true })
const props = defineProps<{ cautions: ScreenQuestions['cautions'] }>()
const open = computed(() => props.cautions.filter((c) => model.value[c.id] === undefined).length)

function set(id: string, value: boolean) {
  model.value = { ...model.value, [id]: value }
}
function restNo() {
  model.value = { ...Object.fromEntries(props.cautions.map((c) => [c.id, false])), ...model.value }
}
</script>

<template>
  <section class="panel">
    <div class="d-flex flex-wrap gap-3 align-items-center mb-2">
      <h2 class="mb-0">Positions, cautions and medicines that change exercise</h2>
      <BButton v-if="open" size="sm" variant="outline-primary" @click="restNo">
        None of the {{ open === cautions.length ? '' : 'other ' }}{{ open }}
      </BButton>
    </div>
    <ul class="questions">
      <li v-for="c in cautions" :key="c.id">
        <div>
          <div>
            {{ c.ask }}
            <span class="quiet small">– {{ c.because }}</span>
          </div>
          <div v-if="model[c.id]" class="small copper">{{ c.why }}</div>
        </div>
        <div class="choice" role="group" :aria-label="c.ask">
          <button type="button" :aria-pressed="model[c.id] === true" @click="set(c.id, true)">yes</button>
          <button type="button" :aria-pressed="model[c.id] === false" @click="set(c.id, false)">no</button>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.questions {
  list-style: none;
  padding: 0;
  margin: 0;
  columns: 2;
  column-gap: 2rem;
}
.questions li {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  align-items: center;
  padding: 0.3rem 0;
  break-inside: avoid;
}
.choice {
  flex-shrink: 0;
}
.copper {
  color: var(--copper);
}
@media (max-width: 800px) {
  .questions {
    columns: 1;
  }
}
</style>
