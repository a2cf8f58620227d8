<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'

/** One step of the screen: a heading that says how it stands, and its questions while it is open. */
const props = defineProps<{
  number: number
  title: string
  state: string
  done: boolean
  open: boolean
  last?: boolean
}>()
const emit = defineEmits<{ toggle: []; next: [] }>()
const heading = ref<HTMLButtonElement | null>(null)

// Opening moves the eye and the keyboard to the step.
watch(
  () => props.open,
  async (open) => {
    if (!open) return
    await nextTick()
    heading.value?.focus({ preventScroll: true })
    heading.value?.scrollIntoView?.({ block: 'nearest' })
  },
)
</script>

<template>
  <section class="step" :class="{ open, done }">
    <h2>
      <button ref="heading" type="button" :aria-expanded="open" @click="emit('toggle')">
        <span class="number" aria-hidden="true">{{ done ? '✓' : number }}</span>
        <span>{{ title }}</span>
        <span class="state">{{ state }}</span>
      </button>
    </h2>
    <div v-if="open" class="body">
      <slot />
      <BButton v-if="!last" :variant="done ? 'primary' : 'outline-primary'" class="mt-3" @click="emit('next')">
        {{ done ? 'Next' : 'Leave the rest open, next' }}
      </BButton>
    </div>
  </section>
</template>

<style scoped>
.step {
  background: var(--card);
  border: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
  border-radius: 8px;
  margin-bottom: 0.6rem;
}
.open {
  border-color: var(--tide);
}
h2 {
  margin: 0;
  font-size: 1.15rem;
}
h2 button {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: 0.5rem 1rem;
  background: none;
  border: 0;
  color: var(--ink);
  font-weight: 650;
  text-align: left;
}
.number {
  flex: none;
  width: 1.8rem;
  height: 1.8rem;
  display: grid;
  place-items: center;
  border: 2px solid var(--line);
  border-radius: 50%;
  font-size: 0.95rem;
}
.done .number {
  border-color: var(--go);
  color: var(--go);
}
.state {
  margin-left: auto;
  font-weight: 400;
  font-size: 0.95rem;
  color: var(--quiet);
  text-align: right;
}
.body {
  padding: 0.3rem 1rem 1rem;
}
</style>
