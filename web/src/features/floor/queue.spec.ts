import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Waiting } from './queue'

const body = { exerciseKey: 'curl', setNumber: 1, load: { kg: 4, label: '4 kg' }, reps: 10, pain: 0, faults: [] }
const set = (id: string, setNumber = 1): Waiting => ({
  kind: 'set',
  sessionId: 's',
  id,
  words: `Curl, set ${setNumber}: 10 × 4 kg`,
  body: { ...body, setNumber },
})
const answer = (status: number, data: unknown) =>
  new Response(JSON.stringify(data), { status, headers: { 'Content-Type': 'application/json' } })
const done = () => answer(200, { set: {}, advice: { next: 'AS_PLANNED' } })
const onDevice = (key: string) => JSON.parse(localStorage.getItem(key)!) as unknown[]

describe('the queue of what was pressed on the floor', () => {
  let asked: Request[] = []
  beforeEach(() => {
    localStorage.clear()
    vi.resetModules()
    asked = []
  })

  async function fresh(fetcher: (request: Request) => Promise<Response> | Response) {
    vi.stubGlobal(
      'Request',
      class extends Request {
        constructor(input: string, init?: RequestInit) {
          super(new URL(input, 'http://localhost'), init)
        }
      },
    )
    vi.stubGlobal('fetch', async (request: Request) => {
      asked.push(request)
      return fetcher(request)
    })
    return import('./queue')
  }
  const away = () => Promise.reject(new TypeError('network'))
  const path = (r: Request) => `${r.method} ${r.url.replace('http://localhost/api/sessions/s', '')}`

  it('keeps a set on the device while the server is away, and sends it once when it is back', async () => {
    let off = true
    const { add, flush, onHeard, queue } = await fresh(() => (off ? away() : done()))
    const heard = vi.fn()
    onHeard(heard)
    add(set('a'))
    await flush()
    expect(queue.waiting).toHaveLength(1)
    expect(queue.offline).toBe(true)
    expect(onDevice('kinesia.queue')).toHaveLength(1)

    off = false
    await flush()
    expect(queue.waiting).toHaveLength(0)
    expect(heard).toHaveBeenCalledTimes(1)
    expect(onDevice('kinesia.queue')).toHaveLength(0)
  })

  it('lets who asks meanwhile wait until what is on its way has arrived', async () => {
    let arrive: (r: Response) => void = () => undefined
    const { add, flush, queue } = await fresh(() => new Promise((resolve) => (arrive = resolve)))
    add(set('a'))
    const logging = flush()
    let finished = false
    const finishing = flush().then(() => (finished = queue.waiting.length === 0))
    await vi.waitFor(() => expect(asked).toHaveLength(1))
    expect(finished).toBe(false)
    arrive(done())
    await Promise.all([logging, finishing])
    expect(finished).toBe(true)
    expect(asked).toHaveLength(1)
  })

  it.each([409, 404, 422])(
    'keeps a set that was refused with %i, and lets the ones behind it through',
    async (status) => {
      let n = 0
      const { add, flush, queue } = await fresh(() => (n++ === 0 ? answer(status, { detail: 'It is over.' }) : done()))
      add(set('a'))
      add(set('b', 2))
      await flush()
      expect(queue.waiting).toHaveLength(0)
      expect(queue.aside.map((a) => [a.item.id, a.why])).toEqual([['a', 'It is over.']])
      expect(onDevice('kinesia.aside')).toHaveLength(1)
    },
  )

  it.each([401, 403, 429, 503])('goes on waiting after %i, which says nothing against the set', async (status) => {
    const { add, flush, queue } = await fresh((r) =>
      r.url.endsWith('/api/session') ? answer(200, {}) : answer(status, { detail: 'not now' }),
    )
    add(set('a'))
    await flush()
    expect(queue.waiting).toHaveLength(1)
    expect(queue.aside).toHaveLength(0)
  })

  it('adds a refused set after all, keeps it as a note or throws it away, as it is told', async () => {
    let refuse = true
    const { add, flush, queue, addAfterAll, keepAsNote, throwAway } = await fresh((r) => {
      if (refuse) return answer(409, { detail: 'It is over.' })
      return r.url.includes('/notes/') ? new Response(null, { status: 204 }) : done()
    })
    for (const id of ['a', 'b', 'c']) add(set(id))
    await flush()
    expect(queue.aside).toHaveLength(3)
    refuse = false
    await addAfterAll(queue.aside[0]!)
    await keepAsNote(queue.aside[0]!)
    throwAway(queue.aside[0]!)
    expect(path(asked[3]!)).toBe('PUT /sets/a?late=true')
    expect(path(asked[4]!)).toMatch(/^PUT \/notes\//)
    expect(await asked[4]!.json()).toEqual({ text: 'Not among the sets: Curl, set 1: 10 × 4 kg' })
    expect(queue.waiting).toHaveLength(0)
    expect(queue.aside).toHaveLength(0)
    expect(asked).toHaveLength(5)
  })

  it('sends a stop past what is on its way, and the sets pressed before it after it', async () => {
    const held: ((r: Response) => void)[] = []
    const { add, flush, stopNow, queue } = await fresh((r) =>
      r.method === 'PUT' && held.length === 0 ? new Promise<Response>((resolve) => held.push(resolve)) : done(),
    )
    add(set('a'))
    add(set('b', 2))
    void flush()
    await vi.waitFor(() => expect(asked).toHaveLength(1))
    const stopping = stopNow('s', 'dizziness or fainting', 'Somebody')
    await vi.waitFor(() => expect(asked.map(path)).toContain('POST /stop'))
    held[0]!(done())
    await stopping
    expect(asked.map(path)).toEqual(['PUT /sets/a', 'POST /stop', 'PUT /sets/b?late=true'])
    expect(queue.waiting).toHaveLength(0)
  })

  it('keeps a stop that was pressed without a connection and sends it before anything else', async () => {
    let off = true
    const { add, flush, stopNow, queue } = await fresh(() => (off ? away() : done()))
    add(set('a'))
    await stopNow('s', 'confusion', 'Somebody')
    expect(queue.waiting.map((w) => w.kind)).toEqual(['stop', 'set'])
    off = false
    asked = []
    await flush()
    expect(asked.map(path)).toEqual(['POST /stop', 'PUT /sets/a?late=true'])
  })

  it('sends what an older page left behind', async () => {
    localStorage.setItem('kinesia.queue', JSON.stringify([{ sessionId: 's', setId: 'a', body }]))
    const { flush, queue } = await fresh(() => done())
    await flush()
    expect(path(asked[0]!)).toBe('PUT /sets/a')
    expect(queue.waiting).toHaveLength(0)
  })
})
