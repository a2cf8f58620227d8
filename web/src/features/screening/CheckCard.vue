<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment, CheckResult, Figure, ScreenQuestions, Side } from '@/shared/api/types'
import FigureDrawing from '@/shared/FigureDrawing.vue'
import { words } from '@/shared/format'
import CheckSide from './CheckSide.vue'

/** A movement check: how it is done, drawn, and what it shows left and right. The side that is asked comes first. */
const props = defineProps<{
  check: ScreenQuestions['checks'][number]
  figure?: Figure
  asks: Assessment['checks']
  results: CheckResult[]
  readings: Assessment['readings']
  wrong?: string
}>()
const emit = defineEmits<{ change: [side: Side, part: Partial<CheckResult>] }>()

const own = computed(() => props.asks.filter((a) => a.check === props.check.key))
const sides = computed<Side[]>(() => (own.value[0]?.side === 'LEFT' ? ['LEFT', 'RIGHT'] : ['RIGHT', 'LEFT']))
const of = (side: Side) => props.results.find((r) => r.check === props.check.key && r.side === side)
const read = (side: Side) => props.readings.find((r) => r.check === props.check.key && r.side === side)
</script>

<template>
  <article class="check">
    <div class="how">
      <h3>{{ check.name }}</h3>
      <FigureDrawing v-if="figure" :figure="figure" :progress="1" ghost class="drawn" />
      <p class="mb-1">{{ check.how }}</p>
      <p v-for="a in own" :key="a.side" class="small quiet mb-1">{{ words(a.side) }}: {{ a.because }}.</p>
      <p v-if="check.norm !== undefined" class="small quiet mb-0">
        A guide: about {{ check.norm }}° ({{ check.normSource }}, quoted from memory). Under 5° is measurement error.
      </p>
    </div>
    <CheckSide
      v-for="s in sides"
      :key="s"
      :check="check"
      :side="s"
      :result="of(s)"
      :reading="read(s)"
      :wrong="wrong"
      @change="(part) => emit('change', s, part)"
    />
  </article>
</template>

<style scoped>
.check {
  display: grid;
  grid-template-columns: 10.5rem repeat(2, minmax(17.5rem, 1fr));
  gap: 1rem;
  padding: 1rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 40%, transparent);
}
h3 {
  font-size: 1.1rem;
  font-weight: 650;
}
.drawn {
  height: 9rem;
}
@media (max-width: 1230px) {
  .check {
    grid-template-columns: repeat(auto-fit, minmax(17.5rem, 1fr));
  }
  .how {
    grid-column: 1 / -1;
  }
}
</style>
