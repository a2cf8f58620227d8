<script setup lang="ts">
import { computed } from 'vue'
import type { Composed } from '@/shared/api/types'
import { title, words } from '@/shared/format'
import WhyValue from '@/shared/WhyValue.vue'

/** What the session takes against what there is: time, sets, what each sore place may take, what each head gets. */
const props = defineProps<{ composed: Composed }>()
const plan = computed(() => props.composed.result.plan)
const total = computed(() => (plan.value ? plan.value.minutes.warmUp + plan.value.minutes.work : 0))
const groups = computed(() =>
  (['EXTENSORS', 'FLEXORS'] as const).map((group) => ({
    group,
    budget: props.composed.sets[group],
    most: Math.max(3, ...props.composed.heads.map((h) => h.allowed)),
    heads: props.composed.heads.filter((h) => h.head.startsWith('TRICEPS') === (group === 'EXTENSORS')),
  })),
)
const share = (value: number, most: number) => `${Math.min(100, most ? (100 * value) / most : 0)}%`
</script>

<template>
  <section class="bars">
    <h2>Time</h2>
    <div class="line">
      <span>{{ plan?.minutes.warmUp ?? 0 }} min warm-up, {{ plan?.minutes.work ?? 0 }} min work</span>
      <span class="figure" :class="{ over: total > composed.minutesThereAre }">
        {{ total }} of {{ composed.minutesThereAre }}
      </span>
      <div class="track" :class="{ over: total > composed.minutesThereAre }">
        <i :style="{ width: share(total, composed.minutesThereAre) }" />
      </div>
    </div>
    <template v-if="composed.stress.length">
      <h2>
        Sore places
        <small class="quiet">of what they may take at this visit</small>
      </h2>
      <div v-for="s in composed.stress" :key="s.site + s.side" class="line sore">
        <span>{{ title(s.side) }} {{ words(s.site) }}</span>
        <span class="figure" :class="{ over: s.planned > s.most + 0.5 }">
          <WhyValue :reason="s.reason" :about="`what the ${words(s.side)} ${words(s.site)} may take`">
            {{ Math.round(s.planned) }} of {{ Math.round(s.most) }}
          </WhyValue>
        </span>
        <div class="track" :class="{ over: s.planned > s.most + 0.5 }">
          <i :style="{ width: share(s.planned, s.most) }" />
        </div>
      </div>
    </template>
    <template v-for="g in groups" :key="g.group">
      <h2>
        {{ g.group === 'EXTENSORS' ? 'Back of the arm' : 'Front of the arm' }}
        <small class="quiet">
          <WhyValue :reason="g.budget?.reason" :about="`the sets for the ${words(g.group)}`">
            {{ g.budget?.sets ?? 0 }} sets today
          </WhyValue>
        </small>
      </h2>
      <div v-for="h in g.heads" :key="h.head" class="line thin">
        <span>{{ words(h.head) }}</span>
        <span class="figure">{{ h.sets.toFixed(1) }}</span>
        <div class="track"><i :style="{ width: share(h.sets, g.most) }" /></div>
      </div>
    </template>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1rem;
  font-weight: 650;
  margin: 0.8rem 0 0.2rem;
}
h2 small {
  font-weight: 400;
}
.line {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: baseline;
  font-size: 0.92rem;
  margin-bottom: 0.35rem;
}
.track {
  grid-column: 1 / -1;
  height: 0.5rem;
  border-radius: 3px;
  background: color-mix(in srgb, var(--line) 25%, transparent);
}
.thin .track {
  height: 0.3rem;
}
.track i {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: var(--tide);
}
.sore .track i {
  background: var(--copper);
}
.track.over {
  outline: 2px solid var(--ease);
}
.over.figure {
  color: var(--ease);
  font-weight: 650;
}
</style>
