<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Plan } from '@/shared/api/types'
import { inUnits } from '@/shared/format'
import { units } from '@/shared/units'
import WhyValue from '@/shared/WhyValue.vue'
import FoldPart from '@/shared/FoldPart.vue'

/** Why not the others: any exercise by name, with what stands against it or what it would cost to have it in. */
const props = defineProps<{ plan: Plan }>()
const emit = defineEmits<{ pin: [key: string] }>()
const words = ref('')
const found = computed(() =>
  props.plan.whyNot.filter((w) => w.name.toLowerCase().includes(words.value.trim().toLowerCase())),
)
</script>

<template>
  <FoldPart :title="`Why not the others (${plan.whyNot.length})`" class="panel">
    <BFormInput v-model="words" class="my-2" placeholder="Search by name" aria-label="Search the others" />
    <ul>
      <li v-for="w in found" :key="w.exerciseKey">
        <strong>{{ w.name }}</strong>
        <span class="tag">{{ w.byLimit ? 'left out' : 'allowed, not chosen' }}</span>
        <WhyValue :reason="w.reasons[0]" :about="`${w.name} is not in it`">
          {{ inUnits(w.reasons[0]?.exact ?? '', units) }}
        </WhyValue>
        <BButton v-if="!w.byLimit" size="sm" variant="link" @click="emit('pin', w.exerciseKey)">
          Have it in
          <span class="visually-hidden">: {{ w.name }}</span>
        </BButton>
      </li>
    </ul>
  </FoldPart>
</template>

<style scoped>
ul {
  padding-left: 1.1rem;
  margin: 0;
  max-height: 24rem;
  overflow: auto;
}
li {
  margin-bottom: 0.25rem;
}
</style>
