<script setup lang="ts">
import { computed } from 'vue'
import type { CautionDetail, ScreenQuestions, Side } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { typed } from '@/shared/format'
import TextField from '@/shared/TextField.vue'

/** Medical cautions and abilities: each is answered, because a missing answer is never a no. */
const model = defineModel<Record<string, boolean>>({ required: true })
const details = defineModel<Record<string, CautionDetail>>('details', { required: true })
const props = defineProps<{ cautions: ScreenQuestions['cautions'] }>()
const open = computed(() => props.cautions.filter((c) => model.value[c.id] === undefined).length)

function set(id: string, value: boolean) {
  model.value = { ...model.value, [id]: value }
}
function tell(id: string, part: Partial<CautionDetail>) {
  details.value = { ...details.value, [id]: { ...details.value[id], ...part } }
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
          <div v-if="model[c.id] && (c.sided || c.which || c.weeksAfterDose)" class="told">
            <ChoiceGroup
              v-if="c.sided"
              :model-value="details[c.id]?.side"
              label="Which arm"
              :options="[
                { value: 'LEFT', text: 'left' },
                { value: 'RIGHT', text: 'right' },
              ]"
              @update:model-value="(v) => tell(c.id, { side: v as Side })"
            />
            <TextField
              v-if="c.which"
              :model-value="details[c.id]?.what"
              :label="c.which"
              @update:model-value="(v) => tell(c.id, { what: typed(v) })"
            />
            <TextField
              v-if="c.weeksAfterDose"
              :model-value="details[c.id]?.lastDoseOn"
              type="date"
              label="Last dose on"
              @update:model-value="(v) => tell(c.id, { lastDoseOn: typed(v) })"
            />
          </div>
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
.questions li:has(.told) {
  align-items: start;
}
.told {
  margin-top: 0.4rem;
  max-width: 20rem;
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
