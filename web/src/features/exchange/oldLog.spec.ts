import { createBootstrap } from 'bootstrap-vue-next/plugins/createBootstrap'
import { BFormFile } from 'bootstrap-vue-next/components/BFormFile'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/shared/api/client'
import OldLogPart from './OldLogPart.vue'

const answer = (change: object) =>
  ({
    data: {
      headings: ['Date', 'Exercise', 'Reps'],
      columns: { DAY: 'Date', EXERCISE: 'Exercise', REPS: 'Reps' },
      missing: [],
      names: [{ name: 'Lever thing', lines: 2, options: [{ key: 'seated-curl', name: 'Seated curl' }] }],
      exercises: [{ key: 'seated-curl', name: 'Seated curl' }],
      wrong: [],
      fresh: 0,
      known: 0,
      kept: 0,
      ...change,
    },
    response: new Response(null, { status: 200 }),
  }) as never

async function chosen(part: VueWrapper) {
  const file = new File(['Date,Exercise,Reps'], 'log.csv')
  file.text = async () => 'Date,Exercise,Reps'
  part.findComponent(BFormFile).vm.$emit('update:modelValue', file)
  await flushPromises()
}

describe('a log from before', () => {
  it('asks what a name means before anything can come in, and sends what was said', async () => {
    const post = vi.spyOn(api, 'POST').mockResolvedValueOnce(answer({}))
    const part = mount(OldLogPart, { props: { clientId: 'c' }, global: { plugins: [createBootstrap()] } })
    await chosen(part)
    const bring = () => part.findAll('button').find((b) => b.text() === 'Bring them in')!
    expect(part.text()).toContain('1 name to say')
    expect(bring().attributes('disabled')).toBeDefined()

    const said = [{ name: 'Lever thing', lines: 2, key: 'seated-curl', options: [] }]
    post.mockResolvedValueOnce(answer({ names: said, fresh: 2 }))
    await part.find('#name-0').setValue('seated-curl')
    await flushPromises()
    expect(post.mock.calls[1]![1]).toMatchObject({ body: { names: { 'Lever thing': 'seated-curl' }, keep: false } })
    expect(bring().attributes('disabled')).toBeUndefined()
  })
  it('names the lines that need mending and keeps all of it out', async () => {
    const wrong = [{ line: 5, name: 'Curl', sets: 0, problems: ['repetitions are a number'] }]
    vi.spyOn(api, 'POST').mockResolvedValueOnce(answer({ names: [], wrong, fresh: 3 }))
    const part = mount(OldLogPart, { props: { clientId: 'c' }, global: { plugins: [createBootstrap()] } })
    await chosen(part)
    expect(part.text()).toContain('line 5, Curl: repetitions are a number')
    expect(
      part
        .findAll('button')
        .find((b) => b.text() === 'Bring them in')!
        .attributes('disabled'),
    ).toBeDefined()
  })
})
