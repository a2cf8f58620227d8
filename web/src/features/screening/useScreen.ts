import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { api, ApiError, ask, type Problem } from '@/shared/api/client'
import type { Assessment, Clearance, ClientView, DraftView, Earlier, Figure, ScreenQuestions } from '@/shared/api/types'
import { useCall } from '@/shared/useCall'
import { emptyDraft, sameSite, toAnswers, type Draft } from './answers'

const SAVE_AFTER_MS = 700
const ASSESS_AFTER_MS = 200

/** What this device has not yet got through to the server. */
interface Unsaved {
  version?: number
  draft: Draft
}

/**
 * A screen being taken: loaded where it was left on any device, saved as it is filled in, assessed as answers change. What
 * the server has not acknowledged is kept on this device.
 */
export function useScreen(clientId: string) {
  const key = `kinesia.screen.${clientId}`
  const path = { params: { path: { clientId } } }
  const { problem, run } = useCall()
  const assessing = useCall()
  const draft = ref<Draft>(emptyDraft())
  const client = ref<ClientView | null>(null)
  const questions = ref<ScreenQuestions | null>(null)
  const figures = ref<Record<string, Figure>>({})
  const clearances = ref<Clearance[]>([])
  const assessment = ref<Assessment | null>(null)
  const earlier = ref<Earlier>({})
  const saved = ref<'saved' | 'saving' | 'here'>('saved')
  const theirs = ref<DraftView | null>(null)
  const saveProblem = ref<Problem | null>(null)
  const resumed = ref(false)
  const answers = computed(() =>
    toAnswers(draft.value, client.value?.details.cautions ?? {}, client.value?.details.cautionDetails ?? {}),
  )
  let version: number | undefined
  let ended = false
  // Opening a screen begins nothing: only an answer does.
  let ready = false

  onMounted(load)
  async function load() {
    const all = await run(() =>
      Promise.all([
        ask(() => api.GET('/api/clients/{id}', { params: { path: { id: clientId } } })),
        ask(() => api.GET('/api/screening/questions')),
        ask(() => api.GET('/api/screening/figures')),
        ask(() => api.GET('/api/clients/{clientId}/screen', path)),
        ask(() => api.GET('/api/clients/{clientId}/clearances', path)),
        ask(() => api.GET('/api/clients/{clientId}/screen-draft', path)),
      ]),
    )
    if (!all) return
    const unsaved = localStorage.getItem(key)
    if (unsaved) {
      const mine = JSON.parse(unsaved) as Unsaved
      draft.value = { ...emptyDraft(), ...mine.draft }
      version = mine.version
      resumed.value = true
    } else if (all[5].draft) {
      take(all[5])
      resumed.value = true
    } else {
      draft.value.soreSites = (all[3].screen?.answers.soreSites ?? []).map(sameSite)
    }
    questions.value = all[1]
    figures.value = all[2] as Record<string, Figure>
    earlier.value = all[3].earlier
    clearances.value = all[4].filter((c) => c.holds).map((c) => c.clearance)
    client.value = all[0]
    await nextTick()
    ready = true
    if (unsaved) void save()
  }

  function take(view: DraftView) {
    draft.value = { ...emptyDraft(), ...(view.draft as Draft) }
    version = view.version
  }

  // One question to the server at a time; an answer given meanwhile is asked about as soon as the last one is back.
  let assessTimer = 0
  let stale = false
  async function assess() {
    if (assessing.busy.value) {
      stale = true
      return
    }
    do {
      stale = false
      const result = await assessing.run(() =>
        ask(() => api.POST('/api/clients/{clientId}/screen/assess', { ...path, body: answers.value })),
      )
      if (result) assessment.value = result
    } while (stale)
  }
  watch([answers, client], () => {
    if (!client.value) return
    clearTimeout(assessTimer)
    assessTimer = window.setTimeout(assess, ASSESS_AFTER_MS)
  })

  let saveTimer = 0
  let saving = false
  let again = false
  async function save() {
    clearTimeout(saveTimer)
    if (saving || ended || theirs.value) {
      again = true
      return
    }
    saving = true
    saved.value = 'saving'
    do {
      again = false
      try {
        const view = await ask(() =>
          api.PUT('/api/clients/{clientId}/screen-draft', {
            ...path,
            body: { version, screenId: draft.value.id, draft: draft.value },
          }),
        )
        version = view.version
        saveProblem.value = null
        if (!again) {
          saved.value = 'saved'
          localStorage.removeItem(key)
        }
      } catch (e) {
        if (!(e instanceof ApiError)) throw e
        saved.value = 'here'
        again = false
        saveProblem.value = e.problem
        if (e.problem.status === 409) theirs.value = (e.problem.current as DraftView | undefined) ?? null
        else saveTimer = window.setTimeout(save, 10 * SAVE_AFTER_MS)
      }
    } while (again && !ended)
    saving = false
  }
  watch(
    draft,
    () => {
      if (!ready || ended) return
      // Kept here at once, and on the server as soon as the typing rests.
      localStorage.setItem(key, JSON.stringify({ version, draft: draft.value } satisfies Unsaved))
      saved.value = saved.value === 'here' ? 'here' : 'saving'
      clearTimeout(saveTimer)
      saveTimer = window.setTimeout(save, SAVE_AFTER_MS)
    },
    { deep: true },
  )
  onBeforeUnmount(() => {
    clearTimeout(assessTimer)
    if (saved.value !== 'saved' && !ended) void save()
  })

  /** Somebody else went on with it: take theirs, or put mine over it. */
  function resolve(mine: boolean) {
    const view = theirs.value
    theirs.value = null
    saveProblem.value = null
    if (!view) return
    if (mine) {
      version = view.version
      void save()
    } else {
      localStorage.removeItem(key)
      take(view)
    }
  }

  /** The screen is kept: nothing of the draft is needed any more. */
  function end() {
    ended = true
    clearTimeout(saveTimer)
    localStorage.removeItem(key)
  }

  return {
    draft,
    client,
    questions,
    figures,
    clearances,
    assessment,
    earlier,
    answers,
    problem,
    assessing,
    saved,
    saveProblem,
    theirs,
    resumed,
    resolve,
    end,
    load,
  }
}
