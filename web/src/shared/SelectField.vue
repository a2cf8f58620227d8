<script setup lang="ts" generic="T extends string">
import { computed, useId } from 'vue'

const model = defineModel<T | ''>({ required: true })
const props = defineProps<{ label: string; options: { value: T; text: string }[]; empty?: string; wrong?: string }>()
const id = useId()
const all = computed(() =>
  props.empty === undefined ? props.options : [{ value: '' as const, text: props.empty }, ...props.options],
)
</script>

<template>
  <BFormGroup :label="label" :label-for="id" class="mb-3">
    <BFormSelect
      :id="id"
      v-model="model"
      :options="all"
      :state="wrong ? false : null"
      :aria-describedby="wrong ? `${id}-more` : undefined"
    />
    <BFormInvalidFeedback v-if="wrong" :id="`${id}-more`" :state="false">{{ wrong }}</BFormInvalidFeedback>
  </BFormGroup>
</template>
