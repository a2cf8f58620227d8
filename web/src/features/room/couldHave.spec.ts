import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import CouldHave from './CouldHave.vue'

const answers = vi.hoisted(() => ({ next: null as unknown }))
vi.mock('@/shared/api/client', () => ({
  api: { GET: vi.fn() },
  ask: async () => answers.next,
}))
const global = {
  stubs: {
    BButton: { template: '<button><slot /></button>' },
    ProblemNotice: true,
    FoldPart: { template: '<div><slot /></div>' },
  },
}
const wish = {
  thing: 'a door anchor',
  reason: { exact: 'A door anchor gives 2 exercises to 1 client.' },
  gains: [
    {
      name: 'Ada',
      exercises: ['Band press-down', 'Band curl'],
      steps: [{ exercise: 'Seated curl', from: '5 kg', now: '6 kg', then: '5.5 kg' }],
    },
  ],
}

async function looked(answer: unknown) {
  answers.next = answer
  const part = mount(CouldHave, { props: { placeId: 'one' }, global })
  await part.find('button').trigger('click')
  await flushPromises()
  return part
}

describe('what a place could have', () => {
  beforeEach(() => (answers.next = null))

  it('says what it does, for whom, and whom it leaves out', async () => {
    const part = await looked({ clients: ['Ada'], notCounted: ['Bo'], wishes: [wish] })
    expect(part.text()).toContain('A door anchor gives 2 exercises to 1 client.')
    expect(part.text()).toContain('Band press-down · Band curl')
    expect(part.text()).toContain('From 5 kg to 5.5 kg in place of 6 kg: Seated curl')
    expect(part.text()).toContain('Not for Bo: on hold.')
    await part.setProps({ placeId: 'two' })
    expect(part.text()).not.toContain('door anchor')
  })
  it('says so where nothing would help or nobody trains', async () => {
    expect((await looked({ clients: ['Ada'], notCounted: [], wishes: [] })).text()).toContain('Nothing small')
    expect((await looked({ clients: [], notCounted: [], wishes: [] })).text()).toContain('Nobody who trains here')
  })
})
