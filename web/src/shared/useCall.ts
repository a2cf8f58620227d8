import { ref } from 'vue'
import { ApiError, type Problem } from './api/client'
import { whenReleased } from './press'

/**
 * Runs a call at most once at a time, with its problem kept for the screen to show until the next answer. An answer waits for a
 * finger that is on the screen: whatever it changes, it never moves or replaces what is being pressed.
 */
export function useCall() {
  const busy = ref(false)
  const problem = ref<Problem | null>(null)

  async function run<T>(call: () => Promise<T>): Promise<T | undefined> {
    if (busy.value) return undefined
    busy.value = true
    try {
      const answer = await call()
      await whenReleased()
      problem.value = null
      return answer
    } catch (e) {
      if (!(e instanceof ApiError)) throw e
      await whenReleased()
      problem.value = e.problem
      return undefined
    } finally {
      busy.value = false
    }
  }

  /** What is wrong with a field, if anything; matches the end of the server's path. */
  function wrong(field: string): string | undefined {
    return problem.value?.fields.find((f) => f.field === field || f.field.endsWith(`.${field}`))?.message
  }

  return { busy, problem, run, wrong }
}
