<script setup lang="ts">
import { ref, watch } from 'vue'
import TextField from '@/shared/TextField.vue'
import { numbers, strays } from './equipment'

/** A list of numbers, typed in one line. */
const model = defineModel<number[]>({ required: true })
const props = defineProps<{ label: string; help?: string; wrong?: string }>()
const text = ref<string | number | undefined>(model.value.join(', '))
const stray = ref('')

watch(text, (typed) => {
  const line = String(typed ?? '')
  stray.value = strays(line).length ? `“${strays(line).join(' ')}” is not a number` : ''
  model.value = numbers(line)
})
watch(
  () => model.value,
  (now) => {
    if (JSON.stringify(numbers(String(text.value ?? ''))) !== JSON.stringify(now)) text.value = now.join(', ')
  },
)
</script>

<template>
  <TextField v-model="text" :label="label" :help="props.help" :wrong="stray || props.wrong" />
</template>
