<script setup lang="ts">
const emit = defineEmits<{ stop: [sign: string]; cancel: [] }>()
const signs = [
  'pressure in chest, jaw, shoulder or arm',
  'undue breathlessness',
  'dizziness or fainting',
  'sudden headache',
  'irregular pulse',
  'confusion',
  'new weakness or numbness',
]
</script>

<template>
  <section class="stop" aria-label="Stop now">
    <div class="d-flex justify-content-between align-items-baseline">
      <h2>Stop now: what do you see?</h2>
      <button type="button" class="plain" @click="emit('cancel')">back</button>
    </div>
    <p>One tap ends the session and holds the client. In doubt, call your local emergency number.</p>
    <button v-for="s in signs" :key="s" type="button" class="sign" @click="emit('stop', s)">{{ s }}</button>
  </section>
</template>

<style scoped>
.stop {
  background: var(--ink);
  color: var(--ground);
  min-height: 100vh;
  padding: 1rem;
}
.stop h2 {
  color: var(--ground);
}
.sign {
  display: block;
  width: 100%;
  max-width: 40rem;
  min-height: 52px;
  margin-bottom: 0.5rem;
  border: 2px solid var(--ground);
  background: transparent;
  color: var(--ground);
  font-size: 1.15rem;
  text-align: left;
  padding: 0 1rem;
  border-radius: 6px;
}
.plain {
  color: var(--ground);
  min-height: 44px;
}
</style>
