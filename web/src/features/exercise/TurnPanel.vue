<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Adjustment, ExerciseDetail } from '@/shared/api/types'
import { inUnits, title, words } from '@/shared/format'
import { units } from '@/shared/units'
import { workedOutAt } from './atlas'
import MeasuredBandFields from './MeasuredBandFields.vue'
import { said, sliders, untouched } from './workbench'

/** Everything that can be turned on this exercise; each value is refused at its own slider. */
const props = defineProps<{
  detail: ExerciseDetail
  original: ExerciseDetail
  wrong: (field: string) => string | undefined
}>()
const adjustment = defineModel<Adjustment>('adjustment', { required: true })
const load = defineModel<number | undefined>('load')
const id = useId()
const list = computed(() => sliders(props.detail))
const ownLoad = computed(() => !['BODY_WEIGHT', 'FIXED', 'NOTHING'].includes(props.detail.item.implement))
const lastUsed = computed(() => props.original.loadReason.ruleId === 'LOAD-last-used')
const bends = computed(() => props.original.curve.elbowBendDeg)
const bendAt = (share: number) => Math.round(bends.value[Math.round(share * (bends.value.length - 1))] ?? 0)

function turn(change: Partial<Adjustment>) {
  adjustment.value = { ...adjustment.value, ...change }
}
function implement(value: string) {
  load.value = undefined
  turn({
    implement: value as Adjustment['implement'],
    grip: undefined,
    anchorUpM: 0,
    anchorForwardM: 0,
    band: undefined,
  })
}
const target = (e: Event) => (e.target as HTMLInputElement).value
</script>

<template>
  <section>
    <div class="d-flex align-items-baseline gap-2">
      <h2>Turn</h2>
      <button
        type="button"
        class="plain ms-auto"
        @click="((adjustment = { ...untouched, ...original.adjustment }), (load = undefined))"
      >
        all back
      </button>
    </div>
    <label v-if="detail.scope.implementChoices.length > 1" class="row-field">
      <span>With</span>
      <select class="form-select" :value="detail.item.implement" @change="implement(target($event))">
        <option v-for="i in detail.scope.implementChoices" :key="i" :value="i">{{ title(i) }}</option>
      </select>
      <span v-if="wrong('implement')" class="invalid-feedback d-block">{{ wrong('implement') }}</span>
    </label>
    <label v-if="detail.scope.grips.length > 1" class="row-field">
      <span>Grip</span>
      <select
        class="form-select"
        :value="detail.item.grip"
        @change="turn({ grip: target($event) as Adjustment['grip'] })"
      >
        <option v-for="g in detail.scope.grips" :key="g" :value="g">{{ title(g) }}</option>
      </select>
      <span v-if="wrong('grip')" class="invalid-feedback d-block">{{ wrong('grip') }}</span>
    </label>
    <div v-for="s in list" :key="s.field" class="slider">
      <label :for="`${id}-${s.field}`">{{ s.label }}</label>
      <output :for="`${id}-${s.field}`">{{ said(s, adjustment[s.field]) }}</output>
      <input
        :id="`${id}-${s.field}`"
        type="range"
        :min="s.from"
        :max="s.to"
        :step="s.step"
        :value="adjustment[s.field]"
        :aria-valuetext="said(s, adjustment[s.field])"
        @input="turn({ [s.field]: Number(target($event)) })"
      />
      <input
        type="number"
        class="typed"
        :aria-label="`${s.label}, typed`"
        :step="s.step"
        :value="adjustment[s.field]"
        @change="turn({ [s.field]: Number(target($event)) })"
      />
      <div v-if="wrong(s.field)" class="invalid-feedback d-block">{{ wrong(s.field) }}</div>
    </div>
    <div class="slider">
      <label :for="`${id}-from`">Starts at</label>
      <output>{{ bendAt(adjustment.rangeFrom) }}° of bend</output>
      <input
        :id="`${id}-from`"
        type="range"
        min="0"
        max="0.9"
        step="0.02"
        :value="adjustment.rangeFrom"
        @input="turn({ rangeFrom: Number(target($event)) })"
      />
      <div v-if="wrong('rangeFrom')" class="invalid-feedback d-block">{{ wrong('rangeFrom') }}</div>
    </div>
    <div class="slider">
      <label :for="`${id}-to`">Ends at</label>
      <output>{{ bendAt(adjustment.rangeTo) }}° of bend</output>
      <input
        :id="`${id}-to`"
        type="range"
        min="0.1"
        max="1"
        step="0.02"
        :value="adjustment.rangeTo"
        @input="turn({ rangeTo: Number(target($event)) })"
      />
      <div v-if="wrong('rangeTo')" class="invalid-feedback d-block">{{ wrong('rangeTo') }}</div>
    </div>
    <MeasuredBandFields v-if="detail.item.implement === 'BAND'" v-model="adjustment" :wrong="wrong" />
    <label v-if="ownLoad" class="row-field">
      <span>Load</span>
      <select
        class="form-select"
        :value="load ?? ''"
        @change="load = target($event) === '' ? undefined : Number(target($event))"
      >
        <option value="">
          {{ load === undefined ? workedOutAt(detail, units) : 'back to' }}
          {{ lastUsed ? 'last used' : 'equal effort' }}
        </option>
        <option v-for="l in detail.loads" :key="l.label" :value="l.kg">{{ inUnits(l.label, units) }}</option>
      </select>
      <span v-if="!detail.loads.length" class="small quiet">This place has no {{ words(detail.item.implement) }}.</span>
      <span v-if="wrong('loadKg')" class="invalid-feedback d-block">{{ wrong('loadKg') }}</span>
    </label>
  </section>
</template>

<style scoped>
.row-field {
  display: block;
  margin-bottom: 0.6rem;
}
.row-field > span:first-child {
  color: var(--quiet);
  font-size: 0.9rem;
}
.slider {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: baseline;
  margin-bottom: 0.55rem;
}
.slider output {
  font-size: 0.9rem;
  color: var(--quiet);
}
.slider input[type='range'] {
  width: 100%;
  min-height: 1.7rem;
  accent-color: var(--tide);
}
.slider .typed {
  width: 4.2rem;
  margin-left: 0.6rem;
  background: var(--card);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 4px;
  min-height: 1.7rem;
}
.slider .invalid-feedback {
  grid-column: 1 / -1;
}
</style>
