<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted } from 'vue'
import { inUnits } from './format'
import { units } from './units'
import { focused, opened, tagWords } from './why'

const open = computed({ get: () => opened.value !== null, set: (v) => !v && (opened.value = null) })

// Escape closes it from anywhere, also in the moment before the panel has taken the focus.
const close = (e: KeyboardEvent) => e.key === 'Escape' && (opened.value = null)
onMounted(() => window.addEventListener('keydown', close))
onBeforeUnmount(() => window.removeEventListener('keydown', close))
</script>

<template>
  <div v-if="focused" class="why-line" aria-live="polite">
    <span class="quiet">Why</span>
    <span>{{ inUnits(focused.exact, units) }}</span>
    <span class="tag">{{ tagWords(focused) }}</span>
  </div>
  <BOffcanvas v-model="open" placement="end" title="Why" header-class="h5" teleport-to="body">
    <template v-if="opened">
      <p class="fs-5">{{ inUnits(opened.exact, units) }}</p>
      <p class="say">To the client: “{{ opened.plain }}”</p>
      <dl class="chain">
        <dt>Rule</dt>
        <dd>{{ opened.ruleId }}</dd>
        <template v-for="(value, name) in opened.inputs" :key="name">
          <dt>{{ name }}</dt>
          <dd>{{ inUnits(value, units) }}</dd>
        </template>
        <template v-if="opened.threshold">
          <dt>Threshold</dt>
          <dd>{{ opened.threshold }}</dd>
        </template>
        <dt>Source</dt>
        <dd>{{ tagWords(opened) }}</dd>
      </dl>
    </template>
  </BOffcanvas>
</template>

<style scoped>
.why-line {
  position: fixed;
  inset: auto 0 0 0;
  z-index: 5;
  display: flex;
  gap: 0.8rem;
  align-items: baseline;
  padding: 0.55rem 1.2rem;
  background: var(--card);
  border-top: 2px solid var(--tide);
}
.say {
  border-left: 3px solid var(--line);
  padding-left: 0.8rem;
}
.chain {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 0.3rem 1rem;
}
.chain dt {
  color: var(--quiet);
  font-weight: 400;
}
.chain dd {
  margin: 0;
}
@media (max-width: 700px) {
  .why-line {
    font-size: 0.9rem;
    flex-wrap: wrap;
    gap: 0.2rem 0.6rem;
  }
}
</style>
