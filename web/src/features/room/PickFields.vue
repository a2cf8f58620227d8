<script setup lang="ts">
import FoldPart from '@/shared/FoldPart.vue'
import SelectField from '@/shared/SelectField.vue'
import PairFields from './PairFields.vue'
import { implementChoices, purposes, stanceChoices, type PickForm } from './methodText'

/** Which exercises a section takes: for what, how many, with what and how the client is placed. */
const props = defineProps<{ pick: PickForm; number: number }>()
const emit = defineEmits<{ change: [field: string, value: unknown]; remove: [] }>()
const toggled = (all: string[], value: string) =>
  all.includes(value) ? all.filter((other) => other !== value) : [...all, value]
const groups = [
  { field: 'implements' as const, name: 'With', any: 'With anything', choices: implementChoices },
  { field: 'stances' as const, name: 'Placed', any: 'placed in any way', choices: stanceChoices },
]
/** What is chosen, in a line. */
function said(field: 'implements' | 'stances') {
  const { choices, any } = groups.find((g) => g.field === field)!
  const chosen = props.pick[field].map((value) => choices.find((c) => c.value === value)?.text ?? value)
  return chosen.join(', ') || any
}
</script>

<template>
  <fieldset class="pick">
    <legend class="visually-hidden">Exercises {{ number }}</legend>
    <div class="field-line">
      <SelectField
        :model-value="pick.for"
        label="Exercises for the"
        :options="
          purposes.some((p) => p.value === pick.for) ? purposes : [...purposes, { value: pick.for, text: pick.for }]
        "
        class="wide"
        @update:model-value="(v) => emit('change', 'for', v)"
      />
      <PairFields
        :model-value="pick.count"
        from="at least"
        to="wanted"
        needed
        class="wide"
        @update:model-value="(v) => emit('change', 'count', v)"
      />
      <BButton size="sm" variant="outline-primary" class="level" @click="emit('remove')">Remove</BButton>
    </div>
    <FoldPart :title="`${said('implements')}; ${said('stances')}`" small>
      <div v-for="g in groups" :key="g.field" class="choices">
        <span class="quiet">{{ g.name }}</span>
        <div class="choice" role="group" :aria-label="`${g.name}, exercises ${number}; none pressed: any`">
          <button
            v-for="c in g.choices"
            :key="c.value"
            type="button"
            :aria-pressed="pick[g.field].includes(c.value)"
            @click="emit('change', g.field, toggled(pick[g.field], c.value))"
          >
            {{ c.text }}
          </button>
        </div>
      </div>
    </FoldPart>
    <p v-if="pick.more" class="quiet small mb-0">More of it stands in the text: {{ pick.more }}.</p>
  </fieldset>
</template>

<style scoped>
.pick {
  border-left: 3px solid color-mix(in srgb, var(--line) 60%, transparent);
  padding-left: 0.8rem;
  margin-bottom: 1rem;
}
.choices {
  display: grid;
  grid-template-columns: 4rem minmax(0, 1fr);
  gap: 0.4rem;
  align-items: center;
  margin-bottom: 0.4rem;
}
.wide.wide {
  width: 13rem;
}
</style>
