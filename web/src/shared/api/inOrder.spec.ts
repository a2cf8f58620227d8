import createClient from 'openapi-fetch'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { inOrder } from './inOrder'

interface Call {
  responses: { 200: { content: { 'application/json': object } } }
}
interface Paths {
  '/visit': { put: Call; delete: Call }
  '/days': { get: Call }
}

/** A server that answers each request when it is told to. */
function slow() {
  const asked: { method: string; answer: () => void; fail: () => void }[] = []
  const fetch = (request: Request) =>
    new Promise<Response>((done, fail) =>
      asked.push({
        method: request.method,
        answer: () => done(new Response('{}', { headers: { 'Content-Type': 'application/json' } })),
        fail: () => fail(new TypeError('no network')),
      }),
    )
  const api = createClient<Paths>({ baseUrl: 'http://room.example', fetch })
  api.use(inOrder())
  return { api, methods: () => asked.map((a) => a.method), asked }
}
const soon = () => vi.advanceTimersByTimeAsync(10)

describe('reads after saves', () => {
  afterEach(() => vi.useRealTimers())

  it('asks for what a page shows once the save before it was answered', async () => {
    vi.useFakeTimers()
    const { api, methods, asked } = slow()
    void api.PUT('/visit')
    void api.GET('/days')
    await soon()
    expect(methods()).toEqual(['PUT'])
    asked[0]!.answer()
    await soon()
    expect(methods()).toEqual(['PUT', 'GET'])
  })
  it('goes on when the save failed, and waits for one that hangs only so long', async () => {
    vi.useFakeTimers()
    const { api, methods, asked } = slow()
    api.PUT('/visit').catch(() => undefined)
    void api.GET('/days')
    await soon()
    asked[0]!.fail()
    await soon()
    expect(methods()).toEqual(['PUT', 'GET'])
    void api.DELETE('/visit')
    void api.GET('/days')
    await vi.advanceTimersByTimeAsync(2900)
    expect(methods()).toHaveLength(3)
    await vi.advanceTimersByTimeAsync(200)
    expect(methods()).toHaveLength(4)
  })
})
