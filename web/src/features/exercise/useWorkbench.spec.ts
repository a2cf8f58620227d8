import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { api } from '@/shared/api/client'
import type { Adjustment, ExerciseDetail } from '@/shared/api/types'
import { useWorkbench } from './useWorkbench'
import { untouched } from './workbench'

type Answer = { data?: unknown; error?: unknown; response: Response }
const good = (name: string): Answer => ({ data: { item: { name } }, response: new Response(null, { status: 200 }) })
const refused: Answer = {
  error: {
    title: 'Please check the values',
    detail: 'One field needs another value.',
    fields: [{ field: 'adjustment.benchDeg', message: 'must be from -45 to 30 degrees, was 70' }],
  },
  response: new Response(null, { status: 422 }),
}

describe('the workbench asking', () => {
  let waiting: ((answer: Answer) => void)[]
  beforeEach(() => {
    waiting = []
    vi.spyOn(api, 'POST').mockImplementation((() => new Promise((done) => waiting.push(done))) as never)
  })

  function bench() {
    const adjustment = ref<Adjustment>({ ...untouched })
    const load = ref<number | undefined>()
    return { adjustment, load, ...useWorkbench(ref('incline-curl'), ref(undefined), adjustment, load) }
  }
  const asked = () => vi.mocked(api.POST).mock.calls.map((c) => (c[1] as { body: { adjustment: Adjustment } }).body)

  it('asks once at a time, and afterwards only for the newest of what was turned meanwhile', async () => {
    const b = bench()
    void b.answer()
    for (const degrees of [1, 2, 3, 4]) {
      b.adjustment.value = { ...b.adjustment.value, benchDeg: degrees }
      await flushPromises()
    }
    expect(waiting).toHaveLength(1)
    waiting[0]!(good('flat'))
    await vi.waitFor(() => expect(waiting).toHaveLength(2))
    expect(asked()[1]!.adjustment.benchDeg).toBe(4)
    waiting[1]!(good('steep'))
    await flushPromises()
    expect((b.detail.value as ExerciseDetail).item.name).toBe('steep')
    expect(waiting).toHaveLength(2)
  })

  it('keeps the last good answer while a value is refused, and says so at the field', async () => {
    const b = bench()
    void b.answer()
    waiting[0]!(good('flat'))
    await flushPromises()
    b.adjustment.value = { ...b.adjustment.value, benchDeg: 70 }
    await flushPromises()
    waiting[1]!(refused)
    await flushPromises()
    expect(b.detail.value!.item.name).toBe('flat')
    expect(b.wrong('benchDeg')).toContain('must be from -45 to 30')
    expect(b.wrong('flareDeg')).toBeUndefined()
    b.adjustment.value = { ...b.adjustment.value, benchDeg: 10 }
    await flushPromises()
    waiting[2]!(good('steeper'))
    await flushPromises()
    expect(b.wrong('benchDeg')).toBeUndefined()
  })

  it('says that the server is away without losing what is on the bench', async () => {
    const b = bench()
    void b.answer()
    waiting[0]!(good('flat'))
    await flushPromises()
    vi.mocked(api.POST).mockRejectedValue(new TypeError('network'))
    b.load.value = 5
    await flushPromises()
    expect(b.problem.value!.title).toBe('No connection')
    expect(b.detail.value!.item.name).toBe('flat')
  })
})
