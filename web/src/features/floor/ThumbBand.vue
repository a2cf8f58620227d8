<script setup lang="ts">
import { onBeforeUnmount } from 'vue'
import type { SaidEffort, Units } from '@/shared/api/types'
import { load as loadText, title } from '@/shared/format'

/**
 * The four targets under the thumb. A press says how hard it was and logs the set; held down, it opens the exact numbers with that
 * effort chosen. On a trial set each word shows the set that it leads to.
 */
const props = defineProps<{
  said: SaidEffort[]
  effort?: number
  exactly: string
  trial: boolean
  units: Units
  settling: boolean
  undoable: boolean
}>()
const emit = defineEmits<{ log: [effort?: number]; exact: [effort: number]; hurts: []; undo: [] }>()

const LONG_MS = 550
let held = 0
let opened = false
function down(effort: number) {
  opened = false
  held = window.setTimeout(() => {
    opened = true
    emit('exact', effort)
  }, LONG_MS)
}
const up = () => clearTimeout(held)
function press(effort: number) {
  up()
  // What was held down long enough to open the numbers has logged nothing.
  if (!opened) emit('log', effort)
  opened = false
}
onBeforeUnmount(up)
const word = (s: SaidEffort) => title(s.word)
const settles = () => props.settling || undefined
</script>

<template>
  <section class="thumb">
    <BButton
      v-if="effort !== undefined"
      variant="primary"
      class="done whole"
      :aria-disabled="settles()"
      @click="emit('log')"
    >
      Done: {{ exactly }}, effort {{ effort }}
    </BButton>
    <template v-else>
      <BButton
        v-for="s in said"
        :key="s.word"
        variant="primary"
        class="done"
        :aria-disabled="settles()"
        @pointerdown="down(s.effort)"
        @pointerleave="up"
        @pointercancel="up"
        @contextmenu.prevent
        @click="press(s.effort)"
      >
        {{ word(s) }}
        <small v-if="s.then">then {{ s.then.reps }} × {{ loadText(s.then.load, units) }}</small>
      </BButton>
    </template>
    <BButton variant="outline-primary" class="hurts" @click="emit('hurts')">It hurts</BButton>
    <div class="under">
      <span v-if="trial" class="quiet">A trial set: how hard it felt finds the load.</span>
      <BButton
        v-else-if="effort === undefined"
        variant="outline-primary"
        :aria-disabled="settles()"
        @click="emit('log')"
      >
        Done, effort not said
      </BButton>
      <BButton variant="outline-primary" :disabled="!undoable" @click="emit('undo')">Undo</BButton>
    </div>
  </section>
</template>

<style scoped>
.thumb {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 0.6rem;
  /* The next press is always in the same place, however long the words above it are. */
  position: sticky;
  bottom: 0;
  padding: 0.4rem 0 0.6rem;
  background: var(--ground);
  touch-action: manipulation;
  user-select: none;
}
.thumb > .btn {
  min-height: 4.4rem;
  font-size: 1.7rem;
  line-height: 1.1;
}
.thumb .done {
  font-weight: 700;
}
.thumb small {
  display: block;
  font-size: 1.05rem;
  font-weight: 400;
}
.thumb .whole {
  grid-column: span 3;
}
.under {
  grid-column: 1 / -1;
  display: flex;
  gap: 0.6rem;
  justify-content: space-between;
  align-items: center;
}
.under .btn {
  min-height: 44px;
  padding: 0.2rem 1.2rem;
}
.under .btn:last-child {
  margin-left: auto;
}
.hurts {
  --bs-btn-color: var(--copper);
  --bs-btn-border-color: var(--copper);
  --bs-btn-hover-color: var(--copper);
  --bs-btn-hover-border-color: var(--copper);
  --bs-btn-hover-bg: color-mix(in srgb, var(--copper) 12%, var(--card));
}
@media (max-width: 700px) {
  .thumb > .btn {
    font-size: 1.2rem;
    padding: 0.3rem;
  }
  .thumb small {
    font-size: 0.85rem;
  }
}
</style>
