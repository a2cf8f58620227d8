<script setup lang="ts">
import { computed } from 'vue'
import type { Composition, CompositionView } from '@/shared/api/types'
import SelectField from '@/shared/SelectField.vue'

/** How the session is worked: method, place and minutes. */
const props = defineProps<{ view: CompositionView; composition: Composition; nearest?: string }>()
const emit = defineEmits<{ change: [next: Composition, silent?: boolean] }>()

const methods = computed(() => props.view.methods.map((m) => ({ value: m.key, text: m.name })))
const places = computed(() => props.view.places.map((p) => ({ value: p.id, text: p.name })))
const method = computed({
  get: () => props.composition.method ?? '',
  set: (key) => emit('change', { ...props.composition, method: key || undefined, order: [], written: undefined }),
})
const place = computed({
  get: () => props.composition.placeId ?? props.view.usualPlaceId,
  set: (id) => emit('change', { ...props.composition, placeId: id === props.view.usualPlaceId ? undefined : id }),
})
const rule = computed({
  get: () => props.composition.rule ?? '',
  set: (key) => emit('change', { ...props.composition, rule: key || undefined }),
})
const rules = [{ value: 'TWO_FOR_TWO' as const, text: 'last set two over the aim, twice' }]
const minutes = computed(() => props.composition.minutes ?? props.view.usualMinutes)
function setMinutes(e: Event, silent: boolean) {
  const value = Number((e.target as HTMLInputElement).value)
  if (Number.isFinite(value) && value >= 8 && value <= 120) {
    emit('change', { ...props.composition, minutes: value }, silent)
  }
}
const about = computed(() => props.view.methods.find((m) => m.key === props.composition.method))
const near = computed(() => props.view.methods.find((m) => m.key === props.nearest))
</script>

<template>
  <div class="panel controls">
    <SelectField v-model="method" label="Way of working" :options="methods" empty="What fits best, in pairs" />
    <SelectField v-model="place" label="Place" :options="places" />
    <div class="minutes">
      <label for="minutes" class="mb-1">Minutes: {{ minutes }}</label>
      <BFormInput
        id="minutes"
        type="range"
        min="8"
        max="90"
        :model-value="minutes"
        @input="setMinutes($event, true)"
        @change="setMinutes($event, false)"
      />
    </div>
    <SelectField
      v-model="rule"
      label="The next load is earned by"
      :options="rules"
      empty="the top of the range, twice"
      class="earned"
    />
    <p v-if="about" class="quiet small mb-0 about">
      {{ about.what }}
      <span v-for="r in about.against" :key="r.ruleId" class="copper">{{ r.exact }}</span>
    </p>
    <p v-if="near" class="mb-0 about">
      <BButton size="sm" variant="outline-primary" @click="method = near.key">Work by {{ near.name }} instead</BButton>
    </p>
  </div>
</template>

<style scoped>
.controls {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 1.2rem;
  padding-bottom: 0.6rem;
  margin-bottom: 0.8rem;
}
.controls :deep(.mb-3) {
  margin-bottom: 0.4rem !important;
}
.earned {
  grid-column: 1 / 3;
}
.about {
  grid-column: 1 / -1;
}
.copper {
  color: var(--copper);
}
@media (min-width: 1100px) {
  .controls {
    grid-template-columns: minmax(0, 1.3fr) minmax(0, 0.8fr) minmax(0, 0.7fr) minmax(0, 1.3fr);
  }
  .earned {
    grid-column: auto;
  }
}
@media (max-width: 900px) {
  .controls {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  .earned {
    grid-column: auto;
  }
}
@media (max-width: 700px) {
  .controls {
    grid-template-columns: minmax(0, 1fr);
  }
  .earned {
    grid-column: auto;
  }
}
</style>
