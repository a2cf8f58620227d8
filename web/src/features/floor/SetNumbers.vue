<script setup lang="ts">
import type { Load, Units } from '@/shared/api/types'
import { besideLoad } from '@/shared/format'

/** Load and repetitions of the set in front, as large as they can be. Pressing them opens exact load, repetitions and effort. */
defineProps<{ load: Load; units: Units; aim: string; each: boolean; target: number }>()
const emit = defineEmits<{ moreLoad: [by: 1 | -1] }>()
const reps = defineModel<number>('reps', { required: true })
const effort = defineModel<number | undefined>('effort')
const exact = defineModel<boolean>('exact', { required: true })
const beside = (l: Load, u: Units) => (besideLoad(l, u) ? `, ${besideLoad(l, u)}` : '')
const EFFORTS = [4, 5, 6, 7, 8, 9, 10]
</script>

<template>
  <div class="numbers" :class="{ exact }">
    <div class="number">
      <button v-if="exact" type="button" class="step" aria-label="Lighter" @click="emit('moreLoad', -1)">−</button>
      <button type="button" class="value" :aria-expanded="exact" @click="exact = !exact">
        <strong :class="{ long: load.label.length > 8 }">{{ load.label }}</strong>
        <small>load{{ beside(load, units) }}</small>
      </button>
      <button v-if="exact" type="button" class="step" aria-label="Heavier" @click="emit('moreLoad', 1)">+</button>
    </div>
    <div class="number">
      <button
        v-if="exact"
        type="button"
        class="step"
        aria-label="One repetition less"
        @click="reps = Math.max(0, reps - 1)"
      >
        −
      </button>
      <button type="button" class="value" :aria-expanded="exact" @click="exact = !exact">
        <strong>{{ reps }}</strong>
        <small>{{ each ? 'each arm' : 'repetitions' }}, aim {{ aim }}</small>
      </button>
      <button
        v-if="exact"
        type="button"
        class="step"
        aria-label="One repetition more"
        @click="reps = Math.min(60, reps + 1)"
      >
        +
      </button>
    </div>
  </div>
  <div v-if="exact" class="effort" role="group" aria-label="How hard was it, of 10">
    <span class="quiet">effort</span>
    <button
      v-for="e in EFFORTS"
      :key="e"
      type="button"
      :aria-pressed="effort === e"
      @click="effort = effort === e ? undefined : e"
    >
      {{ e }}
    </button>
    <span class="quiet">to {{ target }}</span>
  </div>
  <p v-else class="quiet mb-0">effort to {{ target }} of 10</p>
</template>

<style scoped>
.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.6rem;
  margin: 0.4rem 0;
}
.numbers.exact {
  display: grid;
}
.number {
  display: flex;
  align-items: center;
  gap: 0.8rem;
}
.step {
  width: 64px;
  height: 64px;
  font-size: 1.8rem;
  line-height: 1;
  border: 2px solid var(--tide);
  color: var(--tide);
  background: var(--card);
  border-radius: 50%;
  flex: none;
}
.value {
  display: grid;
  text-align: left;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
}
.exact .value {
  min-width: 13rem;
  text-align: center;
}
.value strong {
  font-size: clamp(3.2rem, 8vw, 6.4rem);
  line-height: 1.05;
  border-bottom: 2px dotted var(--line);
}
/* Bands have names, which are longer than weights. */
.value strong.long {
  font-size: clamp(3rem, 3.8vw, 3.2rem);
}
.value small {
  color: var(--quiet);
  font-size: 1rem;
}
.effort {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
}
.effort button {
  width: 44px;
  height: 44px;
  border: 1px solid var(--line);
  background: var(--card);
  color: var(--ink);
  border-radius: 6px;
  font-size: 1.15rem;
}
.effort button[aria-pressed='true'] {
  background: var(--tide);
  border-color: var(--tide);
  color: var(--card);
  font-weight: 700;
}
@media (max-width: 700px) {
  .numbers {
    margin: 0.2rem 0;
    gap: 0.2rem 1.2rem;
  }
  .exact .number {
    justify-content: space-between;
  }
  .step {
    width: 48px;
    height: 48px;
  }
  .value strong {
    font-size: 3.4rem;
  }
  .value strong.long {
    font-size: 3rem;
    line-height: 1;
  }
  .exact .value {
    min-width: 9rem;
  }
  .value small {
    font-size: 0.85rem;
  }
  .effort {
    justify-content: space-between;
  }
  .effort .quiet {
    display: none;
  }
}
</style>
