<script setup lang="ts">
import type { Change, SiteSignal } from './api/types'
import { inUnits, words } from './format'
import SignalMark from './SignalMark.vue'
import { units } from './units'
import WhyButton from './WhyButton.vue'

/** What the last session said, and what is different because of it. */
defineProps<{ changes: Change[]; signals: SiteSignal[] }>()

/** From what to what, where there is a number to compare. */
function difference(c: Change): string {
  if (c.kind === 'SWAPPED_OUT' || c.kind === 'SWAPPED_IN') return ''
  return `${inUnits(c.from, units.value)} → ${inUnits(c.to, units.value)}`
}

const kinds: Record<Change['kind'], string> = {
  SWAPPED_OUT: 'left out',
  SWAPPED_IN: 'new',
  LOAD: 'load',
  SETS: 'sets',
  REPS: 'repetitions',
  EFFORT: 'effort',
  REST: 'rest',
}
</script>

<template>
  <section v-if="changes.length || signals.length" class="panel changes">
    <h2>What changed since the last session</h2>
    <p v-for="s in signals" :key="s.place.site + s.place.side" class="mb-2">
      <SignalMark :signal="s.signal" />
      {{ words(s.place.side) }} {{ words(s.place.site) }}
      <WhyButton :reason="s.reason" :about="`the signal of the ${words(s.place.side)} ${words(s.place.site)}`" />
    </p>
    <p v-if="!changes.length" class="quiet mb-0">Nothing: the same session again.</p>
    <ul>
      <li v-for="(c, i) in changes" :key="i">
        <span class="kind">{{ kinds[c.kind] }}</span>
        <span>
          <strong>{{ c.exerciseName }}</strong>
          <span class="difference">{{ difference(c) }}</span>
          <span class="reason">{{ inUnits(c.reason.exact, units) }}</span>
        </span>
        <WhyButton :reason="c.reason" :about="`${c.exerciseName} ${kinds[c.kind]}`" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 6.2rem 1fr max-content;
  gap: 0.5rem;
  padding: 0.3rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.kind {
  color: var(--quiet);
}
.difference {
  margin-left: 0.5rem;
}
.reason {
  display: block;
  font-size: 0.9rem;
  color: var(--quiet);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr max-content;
  }
  .kind {
    grid-column: 1 / -1;
  }
}
</style>
