import { beforeEach, describe, expect, it, vi } from 'vitest'

const body = { exerciseKey: 'curl', setNumber: 1, load: { kg: 4, label: '4 kg' }, reps: 10, pain: 0, faults: [] }
const answer = (status: number, data: unknown) =>
  new Response(JSON.stringify(data), { status, headers: { 'Content-Type': 'application/json' } })

describe('the queue of logged sets', () => {
  beforeEach(() => {
    localStorage.clear()
    vi.resetModules()
  })

  async function fresh(fetcher: () => Promise<Response>) {
    vi.stubGlobal(
      'Request',
      class extends Request {
        constructor(input: string, init?: RequestInit) {
          super(new URL(input, 'http://localhost'), init)
        }
      },
    )
    vi.stubGlobal('fetch', vi.fn(fetcher))
    return import('./queue')
  }

  it('keeps a set on the device while the server is away, and sends it once when it is back', async () => {
    let away = true
    const { add, flush, queue } = await fresh(() =>
      away
        ? Promise.reject(new TypeError('network'))
        : Promise.resolve(answer(200, { set: {}, advice: { next: 'AS_PLANNED' } })),
    )
    const heard = vi.fn()
    add({ sessionId: 's', setId: 'a', body })
    await flush(heard)
    expect(queue.waiting).toHaveLength(1)
    expect(queue.offline).toBe(true)
    expect(JSON.parse(localStorage.getItem('kinesia.queue')!)).toHaveLength(1)

    away = false
    await flush(heard)
    expect(queue.waiting).toHaveLength(0)
    expect(heard).toHaveBeenCalledTimes(1)
    expect(JSON.parse(localStorage.getItem('kinesia.queue')!)).toHaveLength(0)
  })

  it('lets who asks meanwhile wait until what is on its way has arrived', async () => {
    let arrive: (r: Response) => void = () => undefined
    const { add, flush, queue } = await fresh(() => new Promise((resolve) => (arrive = resolve)))
    add({ sessionId: 's', setId: 'a', body })
    const logging = flush(() => undefined)
    let finished = false
    const finishing = flush(() => undefined).then(() => (finished = queue.waiting.length === 0))
    await vi.waitFor(() => expect(fetch).toHaveBeenCalledTimes(1))
    expect(finished).toBe(false)
    arrive(answer(200, { set: {}, advice: {} }))
    await Promise.all([logging, finishing])
    expect(finished).toBe(true)
    expect(fetch).toHaveBeenCalledTimes(1)
  })

  it('does not let a refused set block the ones behind it', async () => {
    let n = 0
    const { add, flush, queue } = await fresh(() =>
      Promise.resolve(n++ === 0 ? answer(409, { detail: 'already logged' }) : answer(200, { set: {}, advice: {} })),
    )
    add({ sessionId: 's', setId: 'a', body })
    add({ sessionId: 's', setId: 'b', body: { ...body, setNumber: 2 } })
    await flush(() => undefined)
    expect(queue.waiting).toHaveLength(0)
    expect(queue.refused).toBe('already logged')
  })
})
