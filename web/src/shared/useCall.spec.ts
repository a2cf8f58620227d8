import { describe, expect, it } from 'vitest'
import { ApiError } from './api/client'
import { useCall } from './useCall'

const refusal = new ApiError({ status: 422, title: 'Please check', detail: 'no', fields: [] })
const settled = () => new Promise((resolve) => setTimeout(resolve, 5))

describe('a call and the finger on the screen', () => {
  it('keeps what a refusal said until the next answer, so that nothing jumps while it is asked again', async () => {
    const { problem, run } = useCall()
    await run(() => Promise.reject(refusal))
    expect(problem.value?.status).toBe(422)
    let answer: (v: string) => void = () => undefined
    const again = run(() => new Promise<string>((resolve) => (answer = resolve)))
    expect(problem.value?.status).toBe(422)
    answer('yes')
    expect(await again).toBe('yes')
    expect(problem.value).toBeNull()
  })

  it('gives an answer only when the finger has left the screen', async () => {
    const { problem, run } = useCall()
    window.dispatchEvent(new Event('pointerdown'))
    let answered = false
    void run(() => Promise.resolve('yes')).then(() => (answered = true))
    void useCall().run(() => Promise.reject(refusal))
    await settled()
    expect(answered).toBe(false)
    window.dispatchEvent(new Event('pointerup'))
    await settled()
    expect(answered).toBe(true)
    expect(problem.value).toBeNull()
  })
})
