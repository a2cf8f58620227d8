import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, ApiError, ask, type Problem } from '@/shared/api/client'
import type { Adjustment, ExerciseDetail } from '@/shared/api/types'

const PAUSE_MS = 34

/**
 * Asks the server for what is on the bench whenever something is turned: one question at a time, and after it the newest,
 * so that the answer keeps up with a moving slider. The last good answer stays while a value is refused.
 */
export function useWorkbench(
  exerciseKey: Ref<string>,
  clientId: Ref<string | undefined>,
  adjustment: Ref<Adjustment>,
  loadKg: Ref<number | undefined>,
) {
  // Answers are replaced as a whole: nothing inside them needs watching.
  const detail = shallowRef<ExerciseDetail | null>(null)
  const problem = ref<Problem | null>(null)
  let asking = false
  let again = false

  async function answer() {
    if (!exerciseKey.value) return
    if (asking) {
      again = true
      return
    }
    asking = true
    try {
      detail.value = await ask(() =>
        api.POST('/api/workbench', {
          body: {
            clientId: clientId.value,
            exerciseKey: exerciseKey.value,
            adjustment: adjustment.value,
            loadKg: loadKg.value,
          },
        }),
      )
      problem.value = null
    } catch (e) {
      if (!(e instanceof ApiError)) throw e
      problem.value = e.problem
    } finally {
      if (again) {
        again = false
        // Two frames between answers, so that drawing one does not hold up the slider.
        window.setTimeout(next, PAUSE_MS)
      } else {
        asking = false
      }
    }
  }
  function next() {
    asking = false
    void answer()
  }
  watch([exerciseKey, adjustment, loadKg], answer, { deep: true })

  /** What is wrong with a field, if anything. */
  function wrong(field: string): string | undefined {
    return problem.value?.fields.find((f) => f.field === field || f.field.endsWith(`.${field}`))?.message
  }

  return { detail, problem, answer, wrong }
}
