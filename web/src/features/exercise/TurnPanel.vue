<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Adjustment, ExerciseDetail } from '@/shared/api/types'
import { inUnits, title } from '@/shared/format'
import SelectField from '@/shared/SelectField.vue'
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
const choice = <T extends string>(all: T[]) => all.map((value) => ({ value, text: title(value) }))
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
    <SelectField
      v-if="detail.scope.implementChoices.length > 1"
      :model-value="detail.item.implement"
      label="With"
      :options="choice(detail.scope.implementChoices)"
      :wrong="wrong('implement')"
      @update:model-value="(i) => implement(String(i))"
    />
    <SelectField
      v-if="detail.scope.grips.length > 1"
      :model-value="detail.item.grip"
      label="Grip"
      :options="choice(detail.scope.grips)"
      :wrong="wrong('grip')"
      @update:model-value="(grip) => turn({ grip: grip || undefined })"
    />
    <div v-for="s in list" :key="s.field" class="slider">
      <label :for="`${id}-${s.field}`">{{ s.label }}</label>
      <output :for="`${id}-${s.field}`">{{ said(s, adjustment[s.field]) }}</output>
      <BFormInput
        :id="`${id}-${s.field}`"
        type="range"
        :min="s.from"
        :max="s.to"
        :step="s.step"
        :model-value="adjustment[s.field]"
        :aria-valuetext="said(s, adjustment[s.field])"
        @update:model-value="(v) => turn({ [s.field]: Number(v) })"
      />
      <BFormInput
        type="number"
        size="sm"
        class="typed"
        :aria-label="`${s.label}, typed`"
        :step="s.step"
        :model-value="adjustment[s.field]"
        :model-modifiers="{ lazy: true }"
        @update:model-value="(v) => turn({ [s.field]: Number(v) })"
      />
      <div v-if="wrong(s.field)" class="invalid-feedback d-block">{{ wrong(s.field) }}</div>
    </div>
    <div class="slider ends">
      <label :for="`${id}-from`">Starts at</label>
      <output>{{ bendAt(adjustment.rangeFrom) }}° of bend</output>
      <BFormInput
        :id="`${id}-from`"
        type="range"
        min="0"
        max="0.9"
        step="0.02"
        :model-value="adjustment.rangeFrom"
        @update:model-value="(v) => turn({ rangeFrom: Number(v) })"
      />
      <div v-if="wrong('rangeFrom')" class="invalid-feedback d-block">{{ wrong('rangeFrom') }}</div>
    </div>
    <div class="slider ends">
      <label :for="`${id}-to`">Ends at</label>
      <output>{{ bendAt(adjustment.rangeTo) }}° of bend</output>
      <BFormInput
        :id="`${id}-to`"
        type="range"
        min="0.1"
        max="1"
        step="0.02"
        :model-value="adjustment.rangeTo"
        @update:model-value="(v) => turn({ rangeTo: Number(v) })"
      />
      <div v-if="wrong('rangeTo')" class="invalid-feedback d-block">{{ wrong('rangeTo') }}</div>
    </div>
    <MeasuredBandFields v-if="detail.item.implement === 'BAND'" v-model="adjustment" :wrong="wrong" />
    <template v-if="ownLoad">
      <SelectField
        :model-value="load === undefined ? '' : String(load)"
        label="Load"
        :empty="`${load === undefined ? workedOutAt(detail, units) : 'back to'} ${lastUsed ? 'last used' : 'equal effort'}`"
        :options="detail.loads.map((l) => ({ value: String(l.kg), text: inUnits(l.label, units) }))"
        :wrong="wrong('loadKg')"
        @update:model-value="(v) => (load = v === '' ? undefined : Number(v))"
      />
    </template>
  </section>
</template>

<style scoped>
.slider {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 5.2rem;
  align-items: baseline;
  margin-bottom: 0.55rem;
}
.slider output {
  text-align: right;
  font-size: 0.9rem;
  color: var(--quiet);
}
.slider .typed {
  margin-left: 0.6rem;
  width: auto;
}

.slider.ends {
  grid-template-columns: 1fr auto;
}
.slider.ends :deep(.form-range) {
  grid-column: 1 / -1;
}
.slider .invalid-feedback {
  grid-column: 1 / -1;
}
</style>
