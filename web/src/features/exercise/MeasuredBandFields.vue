<script setup lang="ts">
import { computed } from 'vue'
import type { Adjustment } from '@/shared/api/types'
import { fieldsIn } from '@/shared/format'
import { units } from '@/shared/units'

/** Bands side by side, wound up, and calibrated from two pulls on a luggage scale. */
const adjustment = defineModel<Adjustment>({ required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()

const GRAVITY = 9.80665
const band = computed(() => adjustment.value.band)
const fields = computed(() => fieldsIn(units.value))
const scale = (p: { forceN: number }) => fields.value.massOf(p.forceN / GRAVITY)
const newtons = (value: string | number | null) => fields.value.kgOf(value) * GRAVITY

function turn(change: Partial<Adjustment>) {
  adjustment.value = { ...adjustment.value, ...change }
}
function measure(on: boolean) {
  turn({
    band: on
      ? {
          freeLengthM: 0.6,
          firstPull: { lengthM: 0.9, forceN: 3 * GRAVITY },
          secondPull: { lengthM: 1.2, forceN: 5 * GRAVITY },
        }
      : undefined,
  })
}
function pull(which: 'firstPull' | 'secondPull', change: Partial<{ lengthM: number; forceN: number }>) {
  if (!band.value) return
  turn({ band: { ...band.value, [which]: { ...band.value[which], ...change } } })
}
</script>

<template>
  <fieldset class="band">
    <legend>Band</legend>
    <label>
      Side by side
      <BFormInput
        type="number"
        :model-modifiers="{ lazy: true }"
        min="1"
        max="8"
        :model-value="adjustment.bandCount"
        @update:model-value="(v) => turn({ bandCount: Number(v) })"
      />
    </label>
    <label>
      Wound up, {{ fields.length }}
      <BFormInput
        type="number"
        :model-modifiers="{ lazy: true }"
        min="0"
        max="100"
        :model-value="fields.lengthOf(adjustment.bandWrapM)"
        @update:model-value="(v) => turn({ bandWrapM: fields.metresOf(v) })"
      />
    </label>
    <div v-for="f in ['bandCount', 'bandWrapM']" :key="f" class="wide">
      <div v-if="wrong(f)" class="invalid-feedback d-block">{{ wrong(f) }}</div>
    </div>
    <BFormCheckbox class="wide" :model-value="!!band" @update:model-value="(on) => measure(!!on)">
      measured with a luggage scale
    </BFormCheckbox>
    <template v-if="band">
      <label class="wide">
        Free length, {{ fields.length }}
        <BFormInput
          type="number"
          :model-modifiers="{ lazy: true }"
          :model-value="fields.lengthOf(band.freeLengthM)"
          @update:model-value="(v) => turn({ band: { ...band!, freeLengthM: fields.metresOf(v) } })"
        />
      </label>
      <template v-for="p in ['firstPull', 'secondPull'] as const" :key="p">
        <label>
          {{ p === 'firstPull' ? 'Pulled to' : 'and to' }}, {{ fields.length }}
          <BFormInput
            type="number"
            :model-modifiers="{ lazy: true }"
            :model-value="fields.lengthOf(band[p].lengthM)"
            @update:model-value="(v) => pull(p, { lengthM: fields.metresOf(v) })"
          />
        </label>
        <label>
          reads, {{ fields.mass }}
          <BFormInput
            type="number"
            :model-modifiers="{ lazy: true }"
            step="0.1"
            :model-value="scale(band[p])"
            @update:model-value="(v) => pull(p, { forceN: newtons(v) })"
          />
        </label>
      </template>
      <div v-for="f in ['freeLengthM', 'lengthM', 'forceN']" :key="f" class="wide">
        <div v-if="wrong(f)" class="invalid-feedback d-block">{{ wrong(f) }}</div>
      </div>
    </template>
  </fieldset>
</template>

<style scoped>
.band {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.3rem 0.6rem;
  margin-bottom: 0.6rem;
  font-size: 0.9rem;
}
legend {
  font-size: 1rem;
  margin: 0;
}
.wide {
  grid-column: 1 / -1;
}
</style>
