<script setup lang="ts">
const model = defineModel<number | undefined>()
const props = defineProps<{ label: string; low?: string; high?: string; usual?: number }>()
</script>

<template>
  <fieldset class="scale">
    <legend>
      {{ props.label }}
      <span v-if="props.usual !== undefined" class="quiet">usual {{ props.usual }}</span>
    </legend>
    <div class="steps">
      <button
        v-for="n in 11"
        :key="n"
        type="button"
        :aria-pressed="model === n - 1"
        :class="{ on: model === n - 1 }"
        @click="model = n - 1"
      >
        {{ n - 1 }}
      </button>
    </div>
    <div class="ends quiet" aria-hidden="true">
      <span>{{ props.low ?? 'none' }}</span>
      <span>{{ props.high ?? 'worst' }}</span>
    </div>
  </fieldset>
</template>

<style scoped>
.scale {
  max-width: 34rem;
  margin-bottom: 0.6rem;
}
legend {
  font-size: 1rem;
  margin-bottom: 0.25rem;
}
.steps {
  display: grid;
  grid-template-columns: repeat(11, 1fr);
  gap: 1px;
}
.steps button {
  min-height: 44px;
  border: 1px solid var(--line);
  background: var(--card);
  color: var(--ink);
  font-variant-numeric: tabular-nums;
  padding: 0;
}
.steps button:first-child {
  border-radius: 6px 0 0 6px;
}
.steps button:last-child {
  border-radius: 0 6px 6px 0;
}
.steps button.on {
  background: var(--copper);
  border-color: var(--copper);
  color: var(--card);
  font-weight: 700;
}
.ends {
  display: flex;
  justify-content: space-between;
  font-size: 0.8rem;
}
</style>
