<script setup lang="ts">
import { onMounted } from 'vue'
import { useDays } from './useDays'
import VisitsPart from './VisitsPart.vue'
import WeeksPart from './WeeksPart.vue'

/** A client's days: what is booked, and what the weeks are for. */
const props = defineProps<{ clientId: string }>()
const emit = defineEmits<{ changed: [] }>()
// One for each, so that what is wrong with a visit is not said of the weeks.
const visits = useDays(props.clientId)
const weeks = useDays(props.clientId)
onMounted(async () => {
  await visits.load()
  weeks.days.value = visits.days.value
})
</script>

<template>
  <div class="days">
    <VisitsPart :client-id="clientId" :from="visits" @changed="emit('changed')" />
    <WeeksPart :from="weeks" :client-id="clientId" @changed="emit('changed')" />
  </div>
</template>

<style scoped>
.days {
  display: grid;
  gap: 1rem;
}
</style>
