import { computed, ref, shallowRef, watch } from 'vue'
import { api, ApiError, ask, type Problem } from '@/shared/api/client'
import type { Composed, Composition, CompositionView } from '@/shared/api/types'
import { useCall } from '@/shared/useCall'

const PAUSE_MS = 34
const MOST_STEPS = 50

/**
 * A composition being worked on: every change asks the server for the session it makes, one question at a time and after it
 * the newest, so that the answer keeps up with a moving slider. Changes can be taken back and done again.
 */
export function useComposer(clientId: string) {
  const { problem, run } = useCall()
  const view = ref<CompositionView | null>(null)
  const composition = ref<Composition>({ pinned: [], banned: [], order: [] })
  const composed = shallowRef<Composed | null>(null)
  const refused = ref<Problem | null>(null)
  const past = ref<Composition[]>([])
  const future = ref<Composition[]>([])
  const kept = ref('')
  /** The client whose composition this is, while it is unchanged. */
  const takenFrom = ref<{ id: string; name: string } | null>(null)
  /** The client that the differences in {@link composed} are from. */
  const differsFrom = ref<{ id: string; name: string } | null>(null)
  const changed = computed(() => JSON.stringify(composition.value) !== kept.value)

  async function load() {
    const path = { params: { path: { clientId } } }
    const answer = await run(() => ask(() => api.GET('/api/clients/{clientId}/composition', path)))
    if (!answer) return
    view.value = answer
    composition.value = answer.composition
    kept.value = JSON.stringify(answer.composition)
  }

  let asking = false
  let again = false
  async function compose() {
    if (asking) {
      again = true
      return
    }
    asking = true
    const from = takenFrom.value
    const body = { clientId, composition: composition.value, takenFrom: from?.id }
    try {
      composed.value = await ask(() =>
        composition.value.written ? api.POST('/api/plan/check', { body }) : api.POST('/api/plan/compose', { body }),
      )
      differsFrom.value = from
      refused.value = null
    } catch (e) {
      if (!(e instanceof ApiError)) throw e
      refused.value = e.problem
    } finally {
      asking = false
      if (again) {
        again = false
        window.setTimeout(compose, PAUSE_MS)
      }
    }
  }

  /** Changes the composition; `silent` while a slider moves, so that the way it took is not a step to take back. */
  function change(next: Composition, silent = false) {
    if (!silent) {
      past.value = [...past.value.slice(-MOST_STEPS), composition.value]
      future.value = []
    }
    takenFrom.value = null
    composition.value = next
  }
  /** Takes a template's composition, or another client's. */
  function take(next: Composition, from?: { id: string; name: string }) {
    change(next)
    takenFrom.value = from ?? null
  }
  function step(from: typeof past, to: typeof past) {
    const next = from.value[from.value.length - 1]
    if (!next) return
    to.value = [...to.value, composition.value]
    takenFrom.value = null
    from.value = from.value.slice(0, -1)
    composition.value = next
  }
  const undo = () => step(past, future)
  const redo = () => step(future, past)
  watch(composition, compose)

  /** Keeps it for the client's next visits. */
  async function keep() {
    const body = { version: view.value?.version, composition: composition.value }
    const path = { params: { path: { clientId } }, body }
    const answer = await run(() => ask(() => api.PUT('/api/clients/{clientId}/composition', path)))
    if (!answer) return
    view.value = answer
    kept.value = JSON.stringify(body.composition)
  }

  return {
    view,
    composition,
    composed,
    refused,
    problem,
    past,
    future,
    changed,
    differsFrom,
    load,
    change,
    take,
    undo,
    redo,
    keep,
  }
}
