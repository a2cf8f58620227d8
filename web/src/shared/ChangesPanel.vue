<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Change, SiteSignal } from './api/types'
import { inUnits, words } from './format'
import SignalMark from './SignalMark.vue'
import { units } from './units'
import WhyValue from './WhyValue.vue'

/** What the last session said, and what is different because of it. */
const props = defineProps<{ changes: Change[]; signals: SiteSignal[]; bare?: boolean }>()

/** The changes of one exercise together, each reason once. */
const groups = computed(() => {
  const byName = new Map<string, Change[]>()
  for (const c of props.changes) byName.set(c.exerciseName, [...(byName.get(c.exerciseName) ?? []), c])
  return [...byName].map(([name, changes]) => ({
    name,
    changes,
    reasons: changes.map((c) => c.reason).filter((r, i, all) => all.findIndex((o) => o.exact === r.exact) === i),
  }))
})

// More lines than these nobody reads beside a client; the rest is a press away.
const READ = 5
const all = ref(false)
const shown = computed(() => (all.value ? groups.value : groups.value.slice(0, READ)))

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
  <section v-if="changes.length || signals.length || bare" :class="['changes', { panel: !bare }]">
    <h2 v-if="!bare">What changed since the last session</h2>
    <p v-for="s in signals" :key="s.place.site + s.place.side" class="mb-2">
      <SignalMark :signal="s.signal" class="me-2" />
      <WhyValue :reason="s.reason" :about="`the signal of the ${words(s.place.side)} ${words(s.place.site)}`">
        {{ words(s.place.side) }} {{ words(s.place.site) }}
      </WhyValue>
    </p>
    <p v-if="!changes.length" class="quiet mb-0">Nothing: the same session{{ bare ? '' : ' again' }}.</p>
    <ul>
      <li v-for="g in shown" :key="g.name">
        <strong>{{ g.name }}</strong>
        <span class="differences">
          <span v-for="c in g.changes" :key="c.kind">
            <WhyValue :reason="c.reason" :about="`${g.name} changed`">
              <span class="kind">{{ kinds[c.kind] }}</span>
              {{ difference(c) }}
            </WhyValue>
          </span>
        </span>
        <span v-for="r in g.reasons" :key="r.exact" class="reason">
          {{ inUnits(r.exact, units) }}
        </span>
        <template v-for="c in g.changes" :key="`ruling ${c.kind}`"><slot name="change" :change="c" /></template>
      </li>
    </ul>
    <BButton v-if="groups.length > READ" size="sm" variant="link" :aria-expanded="all" @click="all = !all">
      {{ all ? 'Only the first five' : `And ${groups.length - READ} more` }}
    </BButton>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 0.35rem 0;
  border-top: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.differences {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0 1.2rem;
  margin-left: 0.8rem;
}
.kind {
  color: var(--quiet);
}
.reason {
  display: block;
  font-size: 0.9rem;
  color: var(--quiet);
}
</style>
