<script setup lang="ts">
import { computed } from 'vue'
import type { Adjustment } from '@/shared/api/types'

/** Bands side by side, wound up, and calibrated from two pulls on a luggage scale. */
const adjustment = defineModel<Adjustment>({ required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()

const GRAVITY = 9.80665
const band = computed(() => adjustment.value.band)
const metres = (value: string) => Number(value) / 100
const target = (e: Event) => (e.target as HTMLInputElement).value

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
      <input
        type="number"
        min="1"
        max="8"
        class="form-control"
        :value="adjustment.bandCount"
        @change="turn({ bandCount: Number(target($event)) })"
      />
    </label>
    <label>
      Wound up, cm
      <input
        type="number"
        min="0"
        max="100"
        class="form-control"
        :value="Math.round(adjustment.bandWrapM * 100)"
        @change="turn({ bandWrapM: metres(target($event)) })"
      />
    </label>
    <div v-for="f in ['bandCount', 'bandWrapM']" :key="f" class="wide">
      <div v-if="wrong(f)" class="invalid-feedback d-block">{{ wrong(f) }}</div>
    </div>
    <label class="wide tick">
      <input type="checkbox" :checked="!!band" @change="measure(!band)" />
      measured with a luggage scale
    </label>
    <template v-if="band">
      <label class="wide">
        Free length, cm
        <input
          type="number"
          class="form-control"
          :value="Math.round(band.freeLengthM * 100)"
          @change="turn({ band: { ...band, freeLengthM: metres(target($event)) } })"
        />
      </label>
      <template v-for="p in ['firstPull', 'secondPull'] as const" :key="p">
        <label>
          {{ p === 'firstPull' ? 'Pulled to, cm' : 'and to, cm' }}
          <input
            type="number"
            class="form-control"
            :value="Math.round(band[p].lengthM * 100)"
            @change="pull(p, { lengthM: metres(target($event)) })"
          />
        </label>
        <label>
          reads, kg
          <input
            type="number"
            step="0.1"
            class="form-control"
            :value="Number((band[p].forceN / GRAVITY).toFixed(2))"
            @change="pull(p, { forceN: Number(target($event)) * GRAVITY })"
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
.tick {
  display: flex;
  gap: 0.5rem;
  align-items: center;
}
</style>
