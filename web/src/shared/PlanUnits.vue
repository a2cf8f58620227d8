<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, SlotGuide } from './api/types'
import { inUnits } from './format'
import { setUpLine } from './setUp'
import { armsOf, rounds, slotLoad, slotReps, unitTitle } from './unit'
import MovingFigure from './MovingFigure.vue'
import { units } from './units'
import WhyValue from '@/shared/WhyValue.vue'

/** The units of a session, each line with its why. */
const props = defineProps<{ plan: Plan; guides?: SlotGuide[] }>()
// Where the way of working bends, and what is kept by how a set is done.
const said = computed(() => [...(props.plan.bends ?? []), ...props.plan.notes])
const guide = (key: string) => props.guides?.find((g) => g.exerciseKey === key)
</script>

<template>
  <p v-if="plan.method" class="mb-2">
    Worked as
    <strong>{{ plan.method.name }}</strong>
  </p>
  <ul v-if="said.length" class="said">
    <li v-for="r in said" :key="r.ruleId + r.exact">
      <WhyValue :reason="r" about="this is said on the plan">{{ inUnits(r.exact, units) }}</WhyValue>
    </li>
  </ul>
  <section v-for="unit in plan.units" :key="unit.letter" class="unit panel">
    <h3>
      {{ unitTitle(unit) }}
      <span class="quiet">
        <WhyValue :reason="plan.restReason" about="the rest">
          {{ rounds(unit) }}, rest {{ unit.restSeconds }} s
        </WhyValue>
      </span>
    </h3>
    <div class="slots">
      <article v-for="s in unit.slots" :key="s.exerciseKey">
        <MovingFigure
          v-if="guide(s.exerciseKey)"
          :figure="guide(s.exerciseKey)!.figure"
          :tempo="s.tempo"
          :name="s.name"
          class="fig"
        />
        <div>
          <h4>
            <WhyValue :reason="s.why.CHOICE" :about="`${s.name} was chosen`">{{ s.name }}</WhyValue>
            <span v-if="guide(s.exerciseKey)?.own" class="tag">the room’s own</span>
          </h4>
          <p class="dose">
            <strong class="load">
              <WhyValue :reason="s.why.LOAD" :about="`this load for ${s.name}`">{{ slotLoad(s, units) }}</WhyValue>
            </strong>
            <span v-if="s.trial" class="tag">trial sets</span>
            <span>
              <WhyValue :reason="s.why.SETS" :about="`${s.sets} sets of ${s.name}`">{{ s.sets }}</WhyValue>
              ×
              <WhyValue :reason="s.why.REPS" :about="`the repetitions of ${s.name}`">{{ slotReps(s) }}</WhyValue>
              <span>{{ armsOf(s) }}</span>
            </span>
            <WhyValue :reason="s.why.EFFORT" :about="`the effort of ${s.name}`">
              effort to {{ s.targetEffort }} of 10
            </WhyValue>
            <span class="quiet">{{ s.tempo.upS }} s up, {{ s.tempo.holdS }} s squeeze, {{ s.tempo.downS }} s down</span>
          </p>
          <dl>
            <template v-if="setUpLine(guide(s.exerciseKey)?.remembered?.setUp)">
              <dt>set up</dt>
              <dd>{{ setUpLine(guide(s.exerciseKey)?.remembered?.setUp) }}</dd>
            </template>
            <template v-if="s.manner?.loweringOnly">
              <dt>how</dt>
              <dd>lowering only</dd>
            </template>
            <template v-if="s.manner?.note">
              <dt>note</dt>
              <dd>{{ s.manner.note }}</dd>
            </template>
            <template v-if="s.why.ARMS">
              <dt>arms</dt>
              <dd :class="{ copper: s.why.ARMS.ruleId === 'ARMS-apart' }">
                <WhyValue :reason="s.why.ARMS" :about="`the arms of ${s.name}`">
                  {{ Object.keys(s.sides).length === 1 ? 'one works, the other rests' : 'each its own' }}
                </WhyValue>
              </dd>
            </template>
            <template v-if="s.why.RANGE">
              <dt>range</dt>
              <dd class="copper">
                <WhyValue :reason="s.why.RANGE" :about="`the shortened range of ${s.name}`">shortened</WhyValue>
              </dd>
            </template>
          </dl>
        </div>
      </article>
    </div>
  </section>
  <p v-if="plan.free" class="free">
    <WhyValue :reason="plan.free.reason" about="minutes stay free">{{ plan.free.reason.exact }}</WhyValue>
  </p>
</template>

<style scoped>
.said {
  padding-left: 1.1rem;
  font-size: 0.92rem;
}
.unit {
  margin-bottom: 0.8rem;
}
h3 {
  font-size: 1.05rem;
  font-weight: 650;
}
h3 .quiet {
  font-weight: 400;
  margin-left: 0.6rem;
}
h4 {
  font-size: 1.05rem;
  font-weight: 650;
  margin-bottom: 0.3rem;
}
.slots {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(19rem, 100%), 1fr));
  gap: 1.2rem;
}
.fig {
  height: 11rem;
  margin-bottom: 0.4rem;
}
.dose {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  align-items: baseline;
  margin: 0;
}
.load {
  font-size: 1.2rem;
  font-weight: 650;
}
dl {
  display: grid;
  grid-template-columns: minmax(0, 6rem) minmax(0, 1fr);
  margin: 0;
}
dt {
  font-weight: 400;
  color: var(--quiet);
}
dd {
  margin: 0;
}
.copper {
  color: var(--copper);
}
</style>
