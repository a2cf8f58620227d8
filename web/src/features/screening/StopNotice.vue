<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment } from '@/shared/api/types'
import { dated } from '@/shared/format'

/** Takes over the page when the screen says stop now or refer today, with what to do. */
const props = defineProps<{ assessment: Assessment; busy: boolean }>()
defineEmits<{ keep: [] }>()
const stop = computed(() => props.assessment.outcome === 'STOP_NOW')
const shown = computed(() => stop.value || props.assessment.outcome === 'REFER_TODAY')
const findings = computed(() => props.assessment.findings.filter((f) => f.outcome === props.assessment.outcome))
const orders = computed(() => [...new Set(findings.value.map((f) => f.whatToDo))])
</script>

<template>
  <div v-if="shown" class="takeover" :class="{ today: !stop }" role="alert">
    <h2>{{ stop ? 'Stop now' : 'Not today: to be seen by a clinician today' }}</h2>
    <p v-for="o in orders" :key="o" class="fs-4 mb-2">{{ o }}</p>
    <p v-for="f in findings" :key="f.reason.ruleId" class="mb-1">{{ dated(f.reason.exact) }}</p>
    <p class="mb-3">Nothing is planned until a new screen records what happened.</p>
    <BButton variant="light" :disabled="busy" @click="$emit('keep')">Keep this screen and hold the client</BButton>
  </div>
</template>

<style scoped>
.takeover {
  background: var(--ink);
  color: var(--ground);
  padding: 1.5rem;
  border-radius: 8px;
  margin-bottom: 1rem;
}
.today {
  background: var(--refer);
}
.takeover h2 {
  color: inherit;
  font-size: 2rem;
}
</style>
