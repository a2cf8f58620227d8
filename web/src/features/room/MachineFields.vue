<script setup lang="ts">
import type { Equipment } from '@/shared/api/types'
import { title } from '@/shared/format'
import { machines, stampedAs } from './equipment'
import StackFields from './StackFields.vue'

/** Machines with a stack of their own; one that is not there has none. */
type Machine = NonNullable<Equipment['machines']>[number]
const model = defineModel<Machine[]>({ required: true })
const inPounds = defineModel<string[]>('inPounds', { required: true })
defineProps<{ wrong: (field: string) => string | undefined }>()

function change(name: string, stack: Machine['stack'] | undefined) {
  const others = model.value.filter((m) => m.name !== name)
  model.value = stack ? [...others, { name, stack }] : others
}
const at = (name: string) => model.value.findIndex((m) => m.name === name)
</script>

<template>
  <StackFields
    v-for="name in machines"
    :key="name"
    :model-value="model[at(name)]?.stack"
    :name="title(name)"
    :field="`machines[${at(name)}].stack`"
    :wrong="wrong"
    :pounds="inPounds.includes(name)"
    @update:pounds="(lb) => (inPounds = stampedAs(inPounds, name, lb))"
    @update:model-value="(stack) => change(name, stack)"
  />
</template>
