import { reactive } from 'vue'
import { session } from '@/session'
import { api, ApiError, ask } from '@/shared/api/client'
import type { Advice, LogSet } from '@/shared/api/types'

interface Sent {
  sessionId: string
  /** The set's, the note's, or any for a stop. */
  id: string
  /** The room it was pressed in; somebody of another room on the same device neither sends nor sees it. */
  room?: string
  /** What it is, in words that need no other page. */
  words: string
  /** Whose it is. */
  who?: string
}

/** Something pressed, on its way to the server. It leaves the device only when the server has said that it has it. */
export type Waiting = Sent &
  (
    | { kind: 'set'; body: LogSet; late?: boolean }
    | { kind: 'undo' }
    | { kind: 'stop'; sign: string }
    | { kind: 'note'; text: string }
  )

/** Something that the server refused for good, kept until somebody says what is to become of it. */
export interface SetAside {
  item: Waiting
  why: string
  status: number
}

const KEY = 'kinesia.queue'
const ASIDE = 'kinesia.aside'
// Refusals that say nothing against the thing itself: a token too old, a server that is busy or slow.
const LATER = new Set([401, 403, 408, 429])

function stored<T>(key: string): T[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '[]') as T[]
  } catch {
    return []
  }
}

interface Before {
  sessionId: string
  setId: string
  body: LogSet
  undo?: boolean
}

/** What an older page left on the device, as this one writes it. */
function asNow(one: Waiting | Before): Waiting {
  if ('kind' in one) return one
  const words = `${one.body.exerciseKey}, set ${one.body.setNumber}: ${one.body.reps} × ${one.body.load.label}`
  const sent = { sessionId: one.sessionId, id: one.setId, words }
  return one.undo ? { ...sent, kind: 'undo' } : { ...sent, kind: 'set', body: one.body }
}

export const queue = reactive<{ waiting: Waiting[]; aside: SetAside[]; offline: boolean; refused: string | null }>({
  waiting: stored<Waiting | Before>(KEY).map(asNow),
  aside: stored<SetAside>(ASIDE),
  offline: false,
  refused: null,
})

function keep() {
  localStorage.setItem(KEY, JSON.stringify(queue.waiting))
  localStorage.setItem(ASIDE, JSON.stringify(queue.aside))
}

const here = () => session.view?.person?.roomName
/** Whether it belongs to the room that is signed in; what is from before rooms were written down does. */
export const isOurs = (item: Waiting) => !item.room || !here() || item.room === here()

type Heard = (item: Waiting, advice: Record<string, Advice> | null) => void
const listeners = new Set<Heard>()
/** Tells `heard` of everything that arrived or was refused, until what is returned is called. */
export function onHeard(heard: Heard): () => void {
  listeners.add(heard)
  return () => listeners.delete(heard)
}

async function send(item: Waiting): Promise<Record<string, Advice> | null> {
  const id = item.sessionId
  switch (item.kind) {
    case 'set': {
      const params = { path: { id, setId: item.id }, query: item.late ? { late: true } : {} }
      return (await ask(() => api.PUT('/api/sessions/{id}/sets/{setId}', { params, body: item.body }))).advice
    }
    case 'undo':
      await ask(() => api.DELETE('/api/sessions/{id}/sets/{setId}', { params: { path: { id, setId: item.id } } }))
      return null
    case 'stop':
      await ask(() => api.POST('/api/sessions/{id}/stop', { params: { path: { id } }, body: { sign: item.sign } }))
      return null
    case 'note': {
      const params = { path: { id, noteId: item.id } }
      await ask(() => api.PUT('/api/sessions/{id}/notes/{noteId}', { params, body: { text: item.text } }))
      return null
    }
  }
}

let sending: Promise<void> | null = null

/**
 * Sends what waits, in order; stops at a lost connection and tries again on the next call. Who asks while it is sending waits
 * for that to end, and is not told that something waits which is only on its way.
 */
export function flush(): Promise<void> {
  sending ??= sendAll().finally(() => (sending = null))
  return sending
}

async function sendAll(): Promise<void> {
  for (;;) {
    const item = queue.waiting.find(isOurs)
    if (!item || !(await deliver(item))) return
  }
}

/** Sends one; false when it has to wait for the connection, the sign-in or the server. */
async function deliver(item: Waiting): Promise<boolean> {
  try {
    const advice = await send(item)
    queue.offline = false
    drop(item)
    listeners.forEach((heard) => heard(item, advice))
    return true
  } catch (e) {
    if (!(e instanceof ApiError)) throw e
    const { status, detail } = e.problem
    if (e.offline || LATER.has(status) || status >= 500) {
      queue.offline = true
      return false
    }
    // Refused for good, for example because another device finished the session: it must not block the ones behind it, and
    // what becomes of it is for the trainer to say.
    if (item.kind === 'undo') queue.refused = detail
    else queue.aside.push({ item, why: detail, status })
    drop(item)
    listeners.forEach((heard) => heard(item, null))
    return true
  }
}

function drop(item: Waiting) {
  queue.waiting = queue.waiting.filter((w) => w.kind !== item.kind || w.id !== item.id)
  keep()
}

export function add(item: Waiting) {
  queue.waiting.push({ ...item, room: here() })
  keep()
}

/** A stop goes ahead of everything, past what is on its way; the sets pressed before it come in after it. */
export function stopNow(sessionId: string, sign: string, who?: string) {
  const words = `stopped at ${sign}`
  const stop: Waiting = { kind: 'stop', id: crypto.randomUUID(), sessionId, sign, words, who, room: here() }
  const others = queue.waiting.map((w) => (w.kind === 'set' && w.sessionId === sessionId ? { ...w, late: true } : w))
  queue.waiting = [stop, ...others]
  keep()
  return deliver(stop).then(() => flush())
}

function takeBack(aside: SetAside) {
  queue.aside = queue.aside.filter((a) => a !== aside)
}

/** Puts it in after all, beside what is there: into a session that is over, or under the next free number. */
export function addAfterAll(aside: SetAside) {
  takeBack(aside)
  const { item } = aside
  add(item.kind === 'set' ? { ...item, late: true } : item)
  return flush()
}

export function keepAsNote(aside: SetAside) {
  takeBack(aside)
  const { sessionId, words, who } = aside.item
  add({ kind: 'note', id: crypto.randomUUID(), sessionId, words, who, text: `Not among the sets: ${words}` })
  return flush()
}

/** When everything leaves the device with who signs out. */
export function forgetQueue() {
  queue.waiting = []
  queue.aside = []
  queue.refused = null
}

export function throwAway(aside: SetAside) {
  takeBack(aside)
  keep()
}
