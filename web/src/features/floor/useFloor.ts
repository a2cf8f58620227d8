import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Advice, Load, LogSet, PainKind, SessionView, SetUpView, Side, Site, SitePain } from '@/shared/api/types'
import { load as loadText } from '@/shared/format'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import { add, flush, onHeard, queue, stopNow, type Waiting } from './queue'
import { looking } from './open'
import { about, adviceFor, nextStep, pauseAfter, startOf, stepsOf, type Done, type Step } from './steps'

// Two presses closer together than this are one press that slipped.
const SLIP_MS = 700

interface Kept extends Done {
  setId: string
}

function inWords(name: string, set: LogSet): string {
  const arm = set.side ? `, ${set.side.toLowerCase()} arm` : ''
  return `${name}${arm}, set ${set.setNumber}: ${set.reps} × ${loadText(set.load, units.value)}`
}

/** The state of one session on the floor. What counts is what is logged; everything else follows from it. */
export function useFloor(id: string) {
  const session = ref<SessionView | null>(null)
  const done = ref<Kept[]>([])
  const advice = ref<Record<string, Advice>>({})
  const lastAdvice = ref<(Advice & { name: string }) | null>(null)
  const reading = useCall()
  // Apart, so that an end is never dropped because the session is being read at that moment.
  const ending = useCall()
  const problem = computed(() => ending.problem.value ?? reading.problem.value)

  const warmKey = `kinesia.warm.${id}`
  const restKey = `kinesia.rest.${id}`
  const warm = ref(Number(sessionStorage.getItem(warmKey) ?? 0))
  const restSeconds = ref(60)
  const restEnds = ref<number | null>(Number(sessionStorage.getItem(restKey)) || null)
  watch(warm, (v) => sessionStorage.setItem(warmKey, String(v)))
  watch(restEnds, (v) => sessionStorage.setItem(restKey, String(v ?? 0)))

  // Exercises that were left out by hand in this visit.
  const leftOutKey = `kinesia.leftOut.${id}`
  const leftOut = ref<string[]>(JSON.parse(sessionStorage.getItem(leftOutKey) ?? '[]'))
  const steps = computed(() =>
    (session.value ? stepsOf(session.value) : []).filter((s) => !leftOut.value.includes(s.slot.exerciseKey)),
  )
  const step = computed(() => nextStep(steps.value, done.value, advice.value))
  // What comes after the set in front.
  const after = computed(() => {
    const now = step.value
    if (!now) return undefined
    const then = { ...now.slot, side: now.side, setNumber: now.setNumber, pain: 0 }
    return nextStep(steps.value, [...done.value, then], advice.value)
  })
  const loadAfter = computed(() => after.value && startOf(after.value, advice.value, session.value?.opening).load)
  const warming = computed(
    () => session.value !== null && done.value.length === 0 && warm.value < session.value.plan.warmUp.length,
  )
  const guide = computed(() => session.value?.guides.find((g) => g.exerciseKey === step.value?.slot.exerciseKey))
  const waiting = computed(() => queue.waiting.filter((w) => w.sessionId === id).length)

  // What the server says about the set in front, the words for how hard it was among it.
  const saying = computed(() =>
    step.value && session.value ? adviceFor(step.value, session.value, advice.value) : undefined,
  )

  const load = ref<Load>({ kg: 0, label: '' })
  const reps = ref(0)
  // What the client said of the set in front; nothing until somebody says it, and never the plan.
  const effort = ref<number | undefined>()
  // Faults of form seen in the set in front.
  const faults = ref<string[]>([])
  const inFront = computed(() => {
    const at = step.value
    return at && `${at.slot.exerciseKey} ${at.side} ${at.setNumber}`
  })
  // What was pressed for the set in front stays when an answer to the one before comes in late.
  watch(
    inFront,
    () => {
      effort.value = undefined
      faults.value = []
    },
    { immediate: true },
  )
  watch(
    [inFront, advice],
    () => {
      if (!step.value) return
      const start = startOf(step.value, advice.value, session.value?.opening)
      load.value = start.load
      reps.value = start.reps
    },
    { immediate: true },
  )

  function heard(item: Waiting, answer: Record<string, Advice> | null) {
    if (item.sessionId !== id) return
    if (item.kind !== 'set' || !answer) return void refresh()
    const { exerciseKey, side } = item.body
    advice.value = { ...advice.value, ...answer }
    acknowledged(item.id, item.body)
    const said = answer[about(exerciseKey, side)]
    lastAdvice.value = said ? { ...said, name: nameOf(exerciseKey) } : null
  }
  /** What the server has said that it has is in what a page without it begins from. */
  function acknowledged(setId: string, body: LogSet) {
    if (!session.value || !('caches' in window)) return
    const { faults: seen, ...set } = body
    const sets = [...session.value.sets, { id: setId, set: { ...set, on: session.value.visitOn }, faults: seen }]
    session.value = { ...session.value, sets, advice: advice.value }
    const answer = new Response(JSON.stringify(session.value), { headers: { 'Content-Type': 'application/json' } })
    void caches.open('floor').then((kept) => kept.put(`/api/sessions/${id}`, answer))
  }
  const who = () => session.value?.clientName
  const nameOf = (key: string) => steps.value.find((s) => s.slot.exerciseKey === key)?.slot.name ?? key

  async function refresh() {
    const view = await reading.run(() => ask(() => api.GET('/api/sessions/{id}', { params: { path: { id } } })))
    if (!view) return
    const stop = queue.waiting.find((w) => w.kind === 'stop' && w.sessionId === id)
    session.value = stop?.kind === 'stop' ? { ...view, status: 'STOPPED', stopSign: stop.sign } : view
    units.value = view.units
    looking(id, view.clientName, view.status !== 'PLANNED' && view.status !== 'RUNNING', Date.now())
    advice.value = view.advice
    const undone = new Set(queue.waiting.filter((w) => w.kind === 'undo').map((w) => w.id))
    const stored = view.sets.map((s) => ({ ...s.set, setId: s.id }))
    const pending = queue.waiting.flatMap((w) =>
      w.kind === 'set' && w.sessionId === id && !stored.some((s) => s.setId === w.id)
        ? [{ ...w.body, setId: w.id }]
        : [],
    )
    done.value = [...stored, ...pending].filter((s) => !undone.has(s.setId))
  }

  // A press was just taken; for this long another one is the same press, and the buttons say so.
  const settling = ref(false)
  /** Logs the set in front; `said` is the effort that one of the three words stands for. */
  function log(pain = 0, site?: Site, side?: Side, said = effort.value, kind?: PainKind) {
    const at = step.value
    if (!at || settling.value) return
    settling.value = true
    window.setTimeout(() => (settling.value = false), SLIP_MS)
    const body = {
      exerciseKey: at.slot.exerciseKey,
      side: at.side,
      setNumber: at.setNumber,
      load: load.value,
      reps: reps.value,
      effort: said,
      pain,
      painSite: pain || kind ? site : undefined,
      painSide: pain || kind ? side : undefined,
      painKind: kind,
      faults: faults.value,
    }
    const setId = crypto.randomUUID()
    add({ kind: 'set', sessionId: id, id: setId, body, words: inWords(at.slot.name, body), who: who() })
    lastAdvice.value = null
    done.value = [...done.value, { ...body, setId }]
    restSeconds.value = pauseAfter(at, step.value, steps.value, done.value)
    restEnds.value = restSeconds.value ? Date.now() + restSeconds.value * 1000 : null
    void flush()
  }

  function undo() {
    const last = done.value[done.value.length - 1]
    if (!last) return
    add({ kind: 'undo', sessionId: id, id: last.setId, words: `undo of ${nameOf(last.exerciseKey)}`, who: who() })
    done.value = done.value.slice(0, -1)
    restEnds.value = null
    lastAdvice.value = null
    void flush()
  }

  /** Goes on without an exercise, and keeps why. */
  function leaveOut(exerciseKey: string, why: string) {
    note(`${nameOf(exerciseKey)} left out: ${why}`)
    leftOut.value = [...leftOut.value, exerciseKey]
    sessionStorage.setItem(leftOutKey, JSON.stringify(leftOut.value))
  }

  /** What the sets of the step's exercise, and arm, say about the next one. */
  const adviceOf = (at: Step) => advice.value[about(at.slot.exerciseKey, at.side)]

  /** Keeps something that is no set beside the sets. */
  function note(text: string) {
    add({ kind: 'note', sessionId: id, id: crypto.randomUUID(), words: text, text, who: who() })
    void flush()
  }

  function moreLoad(by: 1 | -1) {
    const loads = guide.value?.loads ?? []
    const next =
      by > 0
        ? loads.find((l) => l.kg > load.value.kg + 0.005)
        : [...loads].reverse().find((l) => l.kg < load.value.kg - 0.005)
    if (next) load.value = next
  }

  async function finish(rightAfter: SitePain[]) {
    await flush()
    if (queue.waiting.some((w) => w.sessionId === id)) return false
    const path = { params: { path: { id } }, body: { rightAfter } }
    const finished = !!(await ending.run(() => ask(() => api.POST('/api/sessions/{id}/finish', path))))
    if (finished) looking(id, '', true, Date.now())
    return finished
  }

  /** Stops here at once, whatever the connection does; the server is told before anything else. */
  function stop(sign: string) {
    if (session.value) session.value = { ...session.value, status: 'STOPPED', stopSign: sign }
    looking(id, '', true, Date.now())
    void stopNow(id, sign, who())
  }

  /** What is remembered of an exercise from now on. */
  function remembered(exerciseKey: string, view: SetUpView) {
    if (!session.value) return
    const guides = session.value.guides.map((g) => (g.exerciseKey === exerciseKey ? { ...g, remembered: view } : g))
    session.value = { ...session.value, guides }
  }

  const unheard = onHeard(heard)
  onMounted(async () => {
    await flush()
    await refresh()
  })
  onBeforeUnmount(unheard)

  return {
    session,
    inFront,
    done,
    steps,
    step,
    after,
    loadAfter,
    warming,
    warm,
    guide,
    saying,
    load,
    reps,
    effort,
    faults,
    remembered,
    restEnds,
    restSeconds,
    lastAdvice,
    settling,
    waiting,
    problem,
    queue,
    log,
    undo,
    note,
    leaveOut,
    adviceOf,
    moreLoad,
    finish,
    stop,
    refresh,
  }
}
