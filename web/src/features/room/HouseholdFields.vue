<script setup lang="ts">
import type { Equipment } from '@/shared/api/types'
import NumberField from '@/shared/NumberField.vue'
import TextField from '@/shared/TextField.vue'

/** Jugs, cans and bags: put on a scale, or told by the water in them. */
type Thing = NonNullable<Equipment['household']>[number]
const model = defineModel<Thing[]>({ required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()

function change(n: number, part: Partial<Thing>) {
  model.value = model.value.map((t, i) => (i === n ? { ...t, ...part } : t))
}
</script>

<template>
  <fieldset>
    <legend class="fs-6 mb-1">Household objects</legend>
    <div v-for="(t, n) in model" :key="n" class="field-line">
      <TextField
        :model-value="t.name"
        label="What"
        :wrong="wrong(`household[${n}].name`)"
        @update:model-value="(v) => change(n, { name: String(v ?? '') })"
      />
      <NumberField
        v-if="!t.water"
        :model-value="t.kg"
        label="On the scale, kg"
        :wrong="wrong(`household[${n}].kg`)"
        @update:model-value="(v) => change(n, { kg: v ?? 0 })"
      />
      <template v-else>
        <NumberField
          :model-value="t.water.litres"
          label="Water, litres"
          :wrong="wrong(`household[${n}].water.litres`)"
          @update:model-value="(v) => change(n, { water: { ...t.water!, litres: v ?? 0 } })"
        />
        <NumberField
          :model-value="t.water.emptyKg"
          label="Empty, kg"
          :wrong="wrong(`household[${n}].water.emptyKg`)"
          @update:model-value="(v) => change(n, { water: { ...t.water!, emptyKg: v ?? 0 } })"
        />
      </template>
      <BButton
        size="sm"
        variant="outline-primary"
        @click="change(n, { water: t.water ? undefined : { litres: 3.8, emptyKg: 0.1 } })"
      >
        {{ t.water ? 'I weighed it' : 'By its water' }}
      </BButton>
      <BButton size="sm" variant="outline-primary" @click="model = model.filter((_, i) => i !== n)">Remove</BButton>
    </div>
    <BButton size="sm" variant="outline-primary" @click="model = [...model, { name: 'jug', kg: 2 }]">
      Add an object
    </BButton>
  </fieldset>
</template>
