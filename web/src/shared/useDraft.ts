import { ref, watch, type Ref } from 'vue'

/** A form's content that survives a reload, under `key`, until it is cleared. */
export function useDraft<T>(
  key: string,
  initial: T,
): { draft: Ref<T>; clear: () => void; forget: () => void; restored: boolean } {
  const stored = localStorage.getItem(key)
  let restored = false
  let start = initial
  if (stored) {
    try {
      start = { ...initial, ...(JSON.parse(stored) as T) }
      restored = true
    } catch {
      localStorage.removeItem(key)
    }
  }
  const draft = ref(start) as Ref<T>
  const stop = watch(draft, (value) => localStorage.setItem(key, JSON.stringify(value)), { deep: true })
  return {
    draft,
    restored,
    /** What is there needs to be kept no longer; what is typed from now on is kept again. */
    forget: () => localStorage.removeItem(key),
    clear: () => {
      stop()
      localStorage.removeItem(key)
    },
  }
}
