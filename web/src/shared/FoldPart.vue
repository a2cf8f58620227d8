<script setup lang="ts">
import { ref } from 'vue'

/** A part of a page that is folded until asked for; what is inside is built with its first opening. */
const props = withDefaults(defineProps<{ title: string; small?: boolean; startOpen?: boolean }>(), { startOpen: false })
const emit = defineEmits<{ opened: [] }>()
const open = ref(props.startOpen)
</script>

<template>
  <BAccordionItem
    v-model="open"
    :title="title"
    :header-tag="small ? 'div' : 'h2'"
    :class="['fold', { small }]"
    lazy
    @show="emit('opened')"
  >
    <slot />
  </BAccordionItem>
</template>

<style scoped>
.fold {
  --bs-accordion-bg: none;
  --bs-accordion-color: var(--ink);
  --bs-accordion-border-width: 0;
  --bs-accordion-border-radius: 6px;
  --bs-accordion-btn-padding-x: 0;
  --bs-accordion-btn-padding-y: 0.2rem;
  --bs-accordion-btn-color: var(--tide);
  --bs-accordion-btn-bg: none;
  --bs-accordion-active-color: var(--tide);
  --bs-accordion-active-bg: none;
  --bs-accordion-btn-focus-box-shadow: none;
  --bs-accordion-btn-icon: none;
  --bs-accordion-btn-active-icon: none;
  --bs-accordion-body-padding-x: 0;
  --bs-accordion-body-padding-y: 0.4rem;
  background: none;
}
.fold.panel {
  background: var(--card);
  border: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
}
.fold.panel.panel {
  padding: 0.4rem 1.2rem;
}
.fold :deep(.accordion-header) {
  margin: 0;
  font-size: inherit;
}
.fold :deep(.accordion-button) {
  gap: 0.6rem;
  min-height: 2.2rem;
  font-size: inherit;
  font-weight: inherit;
}
.fold.small :deep(.accordion-button) {
  min-height: 1.8rem;
}
.fold :deep(.accordion-button:not(.collapsed)) {
  box-shadow: none;
}
/* The mark turns with the part: a wedge that points at what comes, drawn in the ink of a link. */
.fold :deep(.accordion-button::after) {
  order: -1;
  flex: none;
  width: 0.55em;
  height: 0.55em;
  margin: 0;
  border: solid var(--tide);
  border-width: 0 2px 2px 0;
  transform: rotate(-45deg);
}
.fold :deep(.accordion-button:not(.collapsed)::after) {
  transform: rotate(45deg);
}
</style>
