import { reactive } from 'vue'
import { api, ApiError, ask } from '@/shared/api/client'
import type { Advice, LogSet } from '@/shared/api/types'

/** A set on its way to the server. It leaves the device only when the server has said that it has it. */
export interface Waiting {
  sessionId: string
  setId: string
  body: LogSet
  undo?: boolean
}

const KEY = 'kinesia.queue'

function stored(): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Waiting[]
  } catch {
    return []
  }
}

export const queue = reactive<{ waiting: Waiting[]; offline: boolean; refused: string | null }>({
  waiting: stored(),
  offline: false,
  refused: null,
})

function keep() {
  localStorage.setItem(KEY, JSON.stringify(queue.waiting))
}

type Heard = (item: Waiting, advice: Advice | null) => void
let sending: Promise<void> | null = null

async function send(item: Waiting): Promise<Advice | null> {
  const params = { path: { id: item.sessionId, setId: item.setId } }
  if (item.undo) {
    await ask(() => api.DELETE('/api/sessions/{id}/sets/{setId}', { params: params }))
    return null
  }
  return (await ask(() => api.PUT('/api/sessions/{id}/sets/{setId}', { params, body: item.body }))).advice
}

/**
 * Sends what waits, in order; stops at a lost connection and tries again on the next call. Who asks while it is sending waits
 * for that to end, and is not told that something waits which is only on its way.
 */
export function flush(heard: Heard): Promise<void> {
  sending ??= sendAll(heard).finally(() => (sending = null))
  return sending
}

async function sendAll(heard: Heard): Promise<void> {
  while (queue.waiting.length) {
    const item = queue.waiting[0]!
    try {
      const advice = await send(item)
      queue.offline = false
      queue.waiting.shift()
      keep()
      heard(item, advice)
    } catch (e) {
      if (!(e instanceof ApiError)) throw e
      if (e.offline || e.problem.status === 401 || e.problem.status >= 500) {
        queue.offline = true
        return
      }
      // Refused for good, for example logged from another screen: it must not block the ones behind it.
      queue.refused = e.problem.detail
      queue.waiting.shift()
      keep()
      heard(item, null)
    }
  }
}

export function add(item: Waiting) {
  queue.waiting.push(item)
  keep()
}
