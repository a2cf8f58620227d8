<script setup lang="ts">
import { computed } from 'vue'
import type { CheckReading, CheckResult, ScreenQuestions, Side } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { words } from '@/shared/format'
import NumberField from '@/shared/NumberField.vue'
import PainScale from '@/shared/PainScale.vue'
import WhyValue from '@/shared/WhyValue.vue'
import AngleDial from './AngleDial.vue'
import { useGauge } from './useGauge'

/** One movement check on one side. */
const props = defineProps<{
  check: ScreenQuestions['checks'][number]
  side: Side
  result?: CheckResult
  reading?: CheckReading
  wrong?: string
}>()
const emit = defineEmits<{ change: [part: Partial<CheckResult>] }>()

const range = computed(() => props.check.kind === 'RANGE')
const gauge = useGauge(props.check.kind === 'GRIP' ? 'grip' : 'inclinometer')
const measured = computed(() => range.value || props.check.kind === 'GRIP')
const label = computed(() => `${props.check.name}, ${words(props.side)}`)

function take() {
  emit('change', { value: gauge.take() })
}
function hurts(on: boolean) {
  const begin = props.result?.value === undefined ? 90 : Math.max(props.check.least, props.result.value - 30)
  emit(
    'change',
    on ? { arcFromDeg: begin, arcToDeg: props.result?.value ?? begin } : { arcFromDeg: undefined, arcToDeg: undefined },
  )
}
</script>

<template>
  <div class="side">
    <h4>{{ words(side) }}</h4>
    <template v-if="measured">
      <AngleDial
        v-if="range"
        :value="result?.value"
        :from="result?.arcFromDeg"
        :to="result?.arcToDeg"
        :least="check.least"
        :most="check.most"
        :norm="check.norm"
        :live="gauge.live.value"
        :label="label"
        @update:value="(v) => emit('change', { value: v })"
        @update:from="(v) => emit('change', { arcFromDeg: v })"
        @update:to="(v) => emit('change', { arcToDeg: v })"
      />
      <p v-else-if="gauge.live.value !== undefined" class="live">{{ gauge.live.value.toFixed(1) }} kg</p>
      <NumberField
        :model-value="result?.value"
        :label="range ? 'Degrees' : 'Kilograms'"
        :wrong="wrong"
        @update:model-value="(v) => emit('change', { value: v })"
      />
      <div class="d-flex flex-wrap gap-2 mb-2">
        <BButton
          v-if="gauge.live.value === undefined"
          size="sm"
          variant="outline-primary"
          @click="gauge.start(check.key, side)"
        >
          Read the {{ range ? 'inclinometer' : 'grip gauge' }}
        </BButton>
        <BButton v-else size="sm" variant="primary" @click="take">
          Take {{ gauge.live.value.toFixed(0) }}{{ range ? '°' : ' kg' }}{{ gauge.steady.value ? '' : ' …' }}
        </BButton>
      </div>
      <p v-if="gauge.lost.value" class="small" role="status">
        The {{ range ? 'inclinometer' : 'grip gauge' }} is not there any more. What was taken stays; slide or type
        instead.
      </p>
      <template v-if="range">
        <BButton v-if="result?.arcFromDeg === undefined" size="sm" variant="outline-primary" @click="hurts(true)">
          It hurts on the way
        </BButton>
        <p v-else class="small mb-1">
          Hurts from {{ result.arcFromDeg }}° to {{ result.arcToDeg ?? result.arcFromDeg }}°.
          <button type="button" class="plain" @click="hurts(false)">It does not</button>
        </p>
      </template>
    </template>
    <PainScale
      v-if="check.kind !== 'TASK'"
      :model-value="result?.pain"
      label="Worst pain while doing it"
      @update:model-value="(v) => emit('change', { pain: v })"
    />
    <ChoiceGroup
      v-else
      :model-value="result?.ability"
      label="It goes"
      :options="[
        { value: 'CAN', text: 'easily' },
        { value: 'SORE', text: 'but it is sore' },
        { value: 'CANNOT', text: 'not at all' },
      ]"
      @update:model-value="(v) => emit('change', { ability: v })"
    />
    <p v-if="reading" class="small mb-0" :class="{ noted: ['NOTED', 'LIMITING'].includes(reading.comparison) }">
      <WhyValue :reason="reading.reason" :about="label">{{ reading.reason.exact }}</WhyValue>
    </p>
  </div>
</template>

<style scoped>
h4 {
  font-size: 1rem;
  font-weight: 650;
}
.live {
  font-size: 1.6rem;
  font-weight: 650;
  color: var(--tide);
  margin: 0;
}
.noted {
  font-weight: 650;
}
.plain {
  background: none;
  border: 0;
  color: var(--tide);
  text-decoration: underline;
  padding: 0;
}
</style>
