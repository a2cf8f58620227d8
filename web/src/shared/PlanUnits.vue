<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, SlotGuide } from './api/types'
import { inUnits } from './format'
import { setUpLine } from './setUp'
import { armsOf, rounds, slotLoad, slotReps, unitTitle } from './unit'
import MovingFigure from './MovingFigure.vue'
import { units } from './units'
import WhyButton from './WhyButton.vue'

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
      {{ inUnits(r.exact, units) }}
      <WhyButton :reason="r" about="this is said on the plan" />
    </li>
  </ul>
  <section v-for="unit in plan.units" :key="unit.letter" class="unit panel">
    <h3>
      {{ unitTitle(unit) }}
      <span class="quiet">
        {{ rounds(unit) }}, rest {{ unit.restSeconds }} s
        <WhyButton :reason="plan.restReason" about="the rest" />
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
            {{ s.name }}
            <span v-if="guide(s.exerciseKey)?.own" class="tag">the room’s own</span>
            <WhyButton :reason="s.why.CHOICE" :about="`${s.name} was chosen`" />
          </h4>
          <dl>
            <dt>load</dt>
            <dd>
              {{ slotLoad(s, units) }}
              <span v-if="s.trial" class="tag">trial sets</span>
              <WhyButton :reason="s.why.LOAD" :about="`this load for ${s.name}`" />
            </dd>
            <dt>sets</dt>
            <dd>
              {{ s.sets }}{{ armsOf(s) }}
              <WhyButton :reason="s.why.SETS" :about="`${s.sets} sets of ${s.name}`" />
            </dd>
            <dt>repetitions</dt>
            <dd>
              {{ slotReps(s) }}
              <WhyButton :reason="s.why.REPS" :about="`the repetitions of ${s.name}`" />
            </dd>
            <dt>effort</dt>
            <dd>
              to {{ s.targetEffort }} of 10
              <WhyButton :reason="s.why.EFFORT" :about="`the effort of ${s.name}`" />
            </dd>
            <dt>tempo</dt>
            <dd>{{ s.tempo.upS }} s up, {{ s.tempo.holdS }} s squeeze, {{ s.tempo.downS }} s down</dd>
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
                {{ Object.keys(s.sides).length === 1 ? 'one works, the other rests' : 'each its own' }}
                <WhyButton :reason="s.why.ARMS" :about="`the arms of ${s.name}`" />
              </dd>
            </template>
            <template v-if="s.why.RANGE">
              <dt>range</dt>
              <dd class="copper">
                shortened
                <WhyButton :reason="s.why.RANGE" :about="`the shortened range of ${s.name}`" />
              </dd>
            </template>
          </dl>
        </div>
      </article>
    </div>
  </section>
  <p v-if="plan.free" class="free">
    {{ plan.free.reason.exact }}
    <WhyButton :reason="plan.free.reason" about="minutes stay free" />
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
  grid-template-columns: 1fr 1fr;
  gap: 1.2rem;
}
.fig {
  height: 11rem;
  margin-bottom: 0.4rem;
}
dl {
  display: grid;
  grid-template-columns: 6rem 1fr;
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
@media (max-width: 700px) {
  .slots {
    grid-template-columns: 1fr;
  }
}
</style>
