<script setup lang="ts">
import { computed } from 'vue'
import type { Equipment } from '@/shared/api/types'
import NumberField from '@/shared/NumberField.vue'
import { restamped, stampedIn } from './equipment'
import StampedIn from './StampedIn.vue'

/** A bar or handle and the pairs of plates that go on it. */
type Plated = NonNullable<Equipment['handle']>
const model = defineModel<Plated | undefined>()
const pounds = defineModel<boolean>('pounds', { required: true })
defineProps<{ name: string; field: string; wrong: (field: string) => string | undefined }>()

const stamped = computed(() => stampedIn(pounds.value))
function stamp(lb: boolean) {
  pounds.value = lb
  const pairs = model.value!.pairs.map((p) => ({ ...p, plateKg: restamped(p.plateKg, lb) }))
  model.value = { emptyKg: restamped(model.value!.emptyKg, lb), pairs }
}
function change(part: Partial<Plated>) {
  if (model.value) model.value = { ...model.value, ...part }
}
function pair(n: number, part: Partial<Plated['pairs'][number]>) {
  change({ pairs: model.value!.pairs.map((p, i) => (i === n ? { ...p, ...part } : p)) })
}
</script>

<template>
  <fieldset class="mb-3">
    <legend class="fs-6 mb-1">{{ name }}</legend>
    <BButton v-if="!model" size="sm" variant="outline-primary" @click="model = { emptyKg: stamped.kg(2), pairs: [] }">
      There is one
    </BButton>
    <template v-else>
      <div class="field-line">
        <NumberField
          :model-value="stamped.shown(model.emptyKg)"
          :label="`Empty, ${stamped.unit}`"
          :wrong="wrong(`${field}.emptyKg`)"
          @update:model-value="(v) => change({ emptyKg: stamped.kg(v ?? 0) })"
        />
        <StampedIn :model-value="pounds" :name="name" class="level" @update:model-value="stamp" />
        <BButton size="sm" variant="outline-primary" @click="model = undefined">There is none</BButton>
      </div>
      <div v-for="(p, n) in model.pairs" :key="n" class="field-line">
        <NumberField
          :model-value="stamped.shown(p.plateKg)"
          :label="`Plate, ${stamped.unit}`"
          :wrong="wrong(`${field}.pairs[${n}].plateKg`)"
          @update:model-value="(v) => pair(n, { plateKg: stamped.kg(v ?? 0) })"
        />
        <NumberField
          :model-value="p.count"
          label="Pairs of it"
          :wrong="wrong(`${field}.pairs[${n}].count`)"
          @update:model-value="(v) => pair(n, { count: v ?? 0 })"
        />
        <BButton size="sm" variant="outline-primary" @click="change({ pairs: model.pairs.filter((_, i) => i !== n) })">
          Remove
        </BButton>
      </div>
      <BButton
        size="sm"
        variant="outline-primary"
        @click="change({ pairs: [...model.pairs, { plateKg: stamped.kg(1.25), count: 1 }] })"
      >
        Add a pair of plates
      </BButton>
    </template>
  </fieldset>
</template>
