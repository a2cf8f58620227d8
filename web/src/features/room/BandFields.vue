<script setup lang="ts">
import type { Equipment } from '@/shared/api/types'
import NumberField from '@/shared/NumberField.vue'
import TextField from '@/shared/TextField.vue'

/** Bands by name, each measured with two pulls on a luggage scale or by a pull known from elsewhere. */
type Band = Equipment['bands'][number]
const model = defineModel<Band[]>({ required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()
const GRAVITY = 9.80665
const round = (v: number, places: number) => Number(v.toFixed(places))

function change(n: number, part: Partial<Band>) {
  model.value = model.value.map((b, i) => (i === n ? { ...b, ...part } : b))
}
function measure(n: number) {
  change(n, {
    pulls: {
      freeLengthM: 0.6,
      firstPull: { lengthM: 0.9, forceN: 2 * GRAVITY },
      secondPull: { lengthM: 1.2, forceN: 4 * GRAVITY },
    },
  })
}
type Pulls = NonNullable<Band['pulls']>
function pull(n: number, which: 'firstPull' | 'secondPull', part: Partial<Pulls['firstPull']>) {
  const pulls = model.value[n]!.pulls!
  change(n, { pulls: { ...pulls, [which]: { ...pulls[which], ...part } } })
}
</script>

<template>
  <fieldset>
    <legend class="fs-6 mb-1">Bands</legend>
    <div v-for="(b, n) in model" :key="n" class="band">
      <div class="field-line">
        <TextField
          :model-value="b.name"
          label="Name"
          :wrong="wrong(`bands[${n}].name`)"
          @update:model-value="(v) => change(n, { name: String(v ?? '') })"
        />
        <NumberField
          v-if="!b.pulls"
          :model-value="round(b.newtonsAtDoubleLength / GRAVITY, 2)"
          label="At double length, kg"
          :wrong="wrong(`bands[${n}].newtonsAtDoubleLength`)"
          @update:model-value="(v) => change(n, { newtonsAtDoubleLength: (v ?? 0) * GRAVITY })"
        />
        <BButton v-if="!b.pulls" size="sm" variant="outline-primary" @click="measure(n)">
          Measure with two pulls
        </BButton>
        <BButton v-else size="sm" variant="outline-primary" @click="change(n, { pulls: undefined })">
          Take the number instead
        </BButton>
        <BButton size="sm" variant="outline-primary" @click="model = model.filter((_, i) => i !== n)">Remove</BButton>
      </div>
      <div v-if="b.pulls" class="field-line">
        <NumberField
          :model-value="round(b.pulls.freeLengthM * 100, 1)"
          label="Slack length, cm"
          :wrong="wrong(`bands[${n}].pulls.freeLengthM`)"
          @update:model-value="(v) => change(n, { pulls: { ...b.pulls!, freeLengthM: (v ?? 0) / 100 } })"
        />
        <template v-for="which in ['firstPull', 'secondPull'] as const" :key="which">
          <NumberField
            :model-value="round(b.pulls[which].lengthM * 100, 1)"
            :label="which === 'firstPull' ? 'Pulled to, cm' : 'Further, to, cm'"
            :wrong="wrong(`${which}.lengthM`)"
            @update:model-value="(v) => pull(n, which, { lengthM: (v ?? 0) / 100 })"
          />
          <NumberField
            :model-value="round(b.pulls[which].forceN / GRAVITY, 2)"
            label="scale says, kg"
            :wrong="wrong(`${which}.forceN`)"
            @update:model-value="(v) => pull(n, which, { forceN: (v ?? 0) * GRAVITY })"
          />
        </template>
      </div>
    </div>
    <BButton
      size="sm"
      variant="outline-primary"
      @click="model = [...model, { name: `band ${model.length + 1}`, newtonsAtDoubleLength: 30 }]"
    >
      Add a band
    </BButton>
  </fieldset>
</template>

<style scoped>
.band {
  border-left: 3px solid color-mix(in srgb, var(--line) 60%, transparent);
  padding-left: 0.8rem;
  margin-bottom: 0.8rem;
}
</style>
