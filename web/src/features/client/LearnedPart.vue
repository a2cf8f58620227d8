<script setup lang="ts">
import { computed } from 'vue'
import type { LearnedPlace } from '@/shared/api/types'
import { title, words } from '@/shared/format'
import WhyValue from '@/shared/WhyValue.vue'

/** What this client's joints taught: what a place takes in a week, what each exercise asks of it, and what tomorrow will say. */
const props = defineProps<{ learned: LearnedPlace[] }>()
const SHOWN = 5
const places = computed(() =>
  props.learned.map((p) => {
    const top = Math.max(p.tolerance.high, p.forecast?.week ?? 0) * 1.15 || 1
    const at = (dose: number) => `${(100 * Math.min(1, dose / top)).toFixed(1)}%`
    return {
      ...p,
      name: title(`${words(p.side)} ${words(p.site)}`),
      low: at(p.tolerance.low),
      width: at(p.tolerance.high - p.tolerance.low),
      week: p.forecast ? at(p.forecast.week) : undefined,
      told: p.exercises.filter((e) => e.counts.answered + e.counts.said > 0).slice(0, SHOWN),
    }
  }),
)
const ofTen = (chance: number) => Math.round(chance * 10)
const number = (dose: number) => Math.round(dose / 5) * 5
const chance = (c: number) => (c < 0.05 ? 'under 1 in 20' : `${Math.max(1, ofTen(c))} in 10`)
</script>

<template>
  <section v-if="places.length" class="learned" aria-label="What the joints taught">
    <h2>What the joints taught</h2>
    <article v-for="p in places" :key="p.site + p.side" class="panel mb-2">
      <h3>{{ p.name }}</h3>
      <p v-if="p.usualMoved" class="ask">
        Its doors no longer stand where the last screen put its usual: screen it again.
      </p>
      <p v-if="p.forecast" class="forecast">
        <WhyValue :reason="p.forecast.reason">
          Tomorrow: go {{ chance(p.forecast.go) }}, same {{ chance(p.forecast.same) }}, ease
          {{ chance(p.forecast.ease) }}
        </WhyValue>
        <span class="quiet small">
          <WhyValue :reason="p.forecasts.reason">
            {{
              p.forecasts.visits
                ? `right at ${p.forecasts.right} of ${p.forecasts.visits} visits so far`
                : 'nothing to check it by yet'
            }}
          </WhyValue>
        </span>
      </p>
      <div class="band" aria-hidden="true">
        <span class="takes" :style="{ left: p.low, width: p.width }" />
        <span v-if="p.week" class="week" :style="{ left: p.week }" />
      </div>
      <p class="small mb-2 told">
        <WhyValue :reason="p.tolerated">
          {{ p.tolerance.learned ? 'Takes' : 'Probably takes' }} {{ number(p.tolerance.low) }} to
          {{ number(p.tolerance.high) }} repetitions a week, as of {{ p.reference }}
        </WhyValue>
        <span v-if="p.forecast" class="quiet">with this visit {{ number(p.forecast.week) }}</span>
        <span class="quiet">quiet after {{ p.tolerance.quiet }} of {{ p.tolerance.answered }} mornings</span>
      </p>
      <p v-if="p.trial" class="ask">{{ p.trial.exact }}</p>
      <table v-if="p.told.length" class="counts">
        <caption class="visually-hidden">What each exercise asked of it</caption>
        <tbody>
          <tr v-for="e in p.told" :key="e.counts.exerciseKey">
            <th scope="row">{{ e.name }}</th>
            <td>
              <WhyValue :reason="e.reason">{{ e.counts.worse }} of {{ e.counts.answered }} mornings worse</WhyValue>
            </td>
            <td class="quiet">{{ e.counts.hurt ? `hurt at ${e.counts.hurt} of ${e.counts.said}` : '' }}</td>
            <td :class="{ more: e.counts.weight >= 1.25, less: e.counts.weight <= 0.8 }">
              {{ e.counts.weight >= 1.25 ? 'asks more here' : e.counts.weight <= 0.8 ? 'asks less here' : 'as usual' }}
            </td>
          </tr>
        </tbody>
      </table>
    </article>
  </section>
</template>

<style scoped>
h3 {
  font-size: 1.05rem;
  margin-bottom: 0.2rem;
}
.forecast {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
  align-items: baseline;
  margin-bottom: 0.3rem;
  font-size: 1.05rem;
}
.told {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 1rem;
  align-items: baseline;
}
.ask {
  border-left: 4px solid var(--same);
  padding-left: 0.6rem;
}
.band {
  position: relative;
  height: 16px;
  background: color-mix(in srgb, var(--line) 18%, var(--card));
  border-radius: 8px;
  margin-bottom: 0.3rem;
}
.takes {
  position: absolute;
  inset-block: 3px;
  background: var(--tide);
  opacity: 0.55;
  border-radius: 5px;
}
.week {
  position: absolute;
  inset-block: -2px;
  width: 4px;
  margin-left: -2px;
  background: var(--ink);
}
.counts {
  width: 100%;
}
.counts th,
.counts td {
  padding: 0.1rem 0.6rem 0.1rem 0;
  font-weight: 400;
  text-align: left;
  border-top: 1px solid color-mix(in srgb, var(--line) 25%, transparent);
}
.more {
  color: var(--ease);
  font-weight: 650;
}
.less {
  color: var(--go);
}
</style>
