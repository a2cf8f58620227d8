import { createBootstrap } from 'bootstrap-vue-next/plugins/createBootstrap'
import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import PlacesView from './PlacesView.vue'

const asked = vi.hoisted(() => ({ details: [] as { id: string; answer: (detail: unknown) => void }[] }))
vi.mock('@/shared/api/client', () => ({
  api: {
    GET: (path: string, init?: { params: { path: { id: string } } }) =>
      path === '/api/places'
        ? [
            { id: 'home', name: 'Home' },
            { id: 'room', name: 'The room' },
          ]
        : new Promise((answer) => asked.details.push({ id: init!.params.path.id, answer })),
    POST: () => [],
  },
  ask: async (call: () => unknown) => await call(),
}))
const detail = (id: string, name: string) => ({ id, name, version: 1, equipment: {}, loads: [] })

describe('the places', () => {
  it('opens what was asked last, however quick somebody is', async () => {
    const view = mount(PlacesView, {
      global: { plugins: [createBootstrap()], stubs: { BButton: true, CouldHave: true, GaugePart: true } },
    })
    await flushPromises()
    expect(asked.details.map((d) => d.id)).toEqual(['home'])
    await view.findAll('.choice button')[1]!.trigger('click')
    asked.details[0]!.answer(detail('home', 'Home'))
    await flushPromises()
    expect(asked.details.map((d) => d.id)).toEqual(['home', 'room'])
    asked.details[1]!.answer(detail('room', 'The room'))
    await flushPromises()
    expect((view.find('input').element as HTMLInputElement).value).toBe('The room')
  })
})
