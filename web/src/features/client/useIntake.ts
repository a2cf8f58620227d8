import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { ClientDetails, ClientView, ScreenQuestions } from '@/shared/api/types'
import { useCall } from '@/shared/useCall'
import { useDraft } from '@/shared/useDraft'
import { emptyIntake, fromDetails, isWhole, toDetails, type Intake } from './intake'

const SAVE_AFTER_MS = 800

/**
 * An intake that saves as it is typed: on this device at once, on the server as soon as the client is whole and the typing
 * rests. A refused value is said at its field, and what was typed stays.
 */
export function useIntake(id: string | undefined) {
  const loading = useCall()
  const saving = useCall()
  const key = `kinesia.intake.${id ?? 'new'}`
  const { draft, clear, forget, restored } = useDraft<Intake>(key, emptyIntake())
  const places = ref<{ id: string; name: string }[]>([])
  const questions = ref<ScreenQuestions | null>(null)
  const state = ref<'here' | 'saving' | 'saved'>(id ? 'saved' : 'here')
  const loaded = ref(false)
  const theirs = computed(() =>
    saving.problem.value?.status === 409 ? (saving.problem.value.current as ClientView | undefined) : undefined,
  )

  onMounted(load)
  async function load() {
    const all = await loading.run(() =>
      Promise.all([
        ask(() => api.GET('/api/places')),
        ask(() => api.GET('/api/screening/questions')),
        id ? ask(() => api.GET('/api/clients/{id}', { params: { path: { id } } })) : undefined,
      ]),
    )
    if (!all) return
    places.value = all[0]
    questions.value = all[1]
    if (all[2] && !restored) take(all[2])
    // Only now is there anything to type into: what comes from the server never lands on what was typed.
    loaded.value = true
    if (restored && isWhole(draft.value)) void save()
  }

  // What the server holds comes back as the page would write it; only what differs is sent again.
  let stored = ''
  const content = () => JSON.stringify(toDetails(draft.value))
  function take(view: ClientView) {
    draft.value = fromDetails(view)
    stored = content()
  }

  let timer = 0
  watch(
    draft,
    () => {
      if (!loaded.value) return
      if (content() === stored) return forget() // the server has it
      state.value = 'here'
      clearTimeout(timer)
      if (isWhole(draft.value)) timer = window.setTimeout(save, SAVE_AFTER_MS)
    },
    { deep: true },
  )

  let running: Promise<boolean> | null = null
  /** Sends what is there, after whatever is on its way; false when it was refused. */
  async function save(): Promise<boolean> {
    clearTimeout(timer)
    while (running) await running
    if (content() === stored) return true
    running = send()
    const done = await running
    running = null
    return done && content() !== stored ? save() : done
  }
  async function send(): Promise<boolean> {
    const sent = content()
    state.value = 'saving'
    const view = await saving.run(() =>
      ask(() =>
        api.PUT('/api/clients/{id}', {
          params: { path: { id: draft.value.id } },
          body: { version: draft.value.version, details: toDetails(draft.value) as ClientDetails },
        }),
      ),
    )
    state.value = view ? 'saved' : 'here'
    if (!view) return false
    stored = sent
    draft.value.version = view.version
    // What the server has needs no copy here, which would only grow old.
    await nextTick()
    if (content() === stored) localStorage.removeItem(key)
    return true
  }

  function takeTheirs() {
    if (theirs.value) take(theirs.value)
    saving.problem.value = null
  }
  async function keepMine() {
    if (theirs.value) draft.value.version = theirs.value.version
    return save()
  }

  return { draft, clear, places, questions, state, loaded, load, loading, saving, theirs, save, takeTheirs, keepMine }
}
