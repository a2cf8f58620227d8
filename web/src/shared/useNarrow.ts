import { onBeforeUnmount, ref } from 'vue'

/** Whether the page is too narrow for the arms to stand beside what it shows. */
export function useNarrow(below = 900) {
  const query = window.matchMedia?.(`(max-width: ${below}px)`)
  const narrow = ref(query?.matches ?? false)
  const change = (e: MediaQueryListEvent) => (narrow.value = e.matches)
  query?.addEventListener('change', change)
  onBeforeUnmount(() => query?.removeEventListener('change', change))
  return narrow
}
