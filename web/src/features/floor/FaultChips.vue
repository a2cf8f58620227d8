<script setup lang="ts">
/** Does the set look right? One press for each fault that is seen; the same one twice acts on the next set. */
defineProps<{ faults: string[] }>()
const seen = defineModel<string[]>({ required: true })
const toggle = (fault: string) =>
  (seen.value = seen.value.includes(fault) ? seen.value.filter((f) => f !== fault) : [...seen.value, fault])
</script>

<template>
  <div v-if="faults.length" class="chips" role="group" aria-label="Faults seen in this set">
    <button v-for="f in faults" :key="f" type="button" :aria-pressed="seen.includes(f)" @click="toggle(f)">
      {{ f }}
    </button>
  </div>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 0.4rem;
}
button {
  min-height: 44px;
  padding: 0 0.9rem;
  border: 1px solid var(--line);
  border-radius: 22px;
  background: var(--card);
  color: var(--ink);
}
button[aria-pressed='true'] {
  border-color: var(--ease);
  background: color-mix(in srgb, var(--ease) 14%, var(--card));
  font-weight: 650;
}
</style>
