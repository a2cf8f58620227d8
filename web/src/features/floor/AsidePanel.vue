<script setup lang="ts">
import { computed } from 'vue'
import { addAfterAll, isOurs, keepAsNote, queue, throwAway } from './queue'

const ours = computed(() => queue.aside.filter((a) => isOurs(a.item)))
</script>

<template>
  <section v-if="ours.length" class="aside beside-page" role="alert" aria-label="Not added">
    <div v-for="a in ours" :key="a.item.id" class="one">
      <p class="mb-1">
        <strong>Not added: {{ a.item.who ? `${a.item.who}, ` : '' }}{{ a.item.words }}.</strong>
        {{ a.why }} It is kept on this device.
      </p>
      <div class="d-flex flex-wrap gap-2">
        <template v-if="a.status !== 404">
          <BButton variant="primary" @click="addAfterAll(a)">
            {{ a.item.kind === 'set' ? 'Add it to the session after all' : 'Try again' }}
          </BButton>
          <BButton v-if="a.item.kind === 'set'" variant="outline-primary" @click="keepAsNote(a)">
            Keep as a note
          </BButton>
        </template>
        <BButton variant="outline-primary" @click="throwAway(a)">Throw away</BButton>
      </div>
    </div>
  </section>
</template>

<style scoped>
.aside {
  margin-block: 0.5rem;
}
.one {
  border: 1px solid var(--same);
  border-left-width: 6px;
  border-radius: 6px;
  background: var(--card);
  padding: 0.6rem 0.9rem;
  margin-bottom: 0.5rem;
}
</style>
