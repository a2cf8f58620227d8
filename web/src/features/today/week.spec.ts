import { mount, flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { addDays, addMinutes } from './week'
import WeekView from './WeekView.vue'

const visit = {
  id: 'v1',
  version: 3,
  clientId: 'c1',
  clientName: 'Ada',
  on: '2026-03-04',
  at: '09:30:00',
  minutes: 40,
  placeId: 'p1',
}
const moves: unknown[] = []
vi.mock('@/shared/api/client', async (original) => ({
  ...(await original<object>()),
  ask: (call: () => Promise<unknown>) => call(),
  api: {
    GET: () => Promise.resolve({ today: '2026-03-03', monday: '2026-03-02', visits: [visit] }),
    PUT: (_: string, sent: { body: unknown }) => {
      moves.push(sent.body)
      return Promise.resolve({})
    },
  },
}))

describe('the week', () => {
  beforeEach(() => void moves.splice(0))

  it('reckons days over months and times within the day', () => {
    expect(addDays('2026-02-28', 1)).toBe('2026-03-01')
    expect(addDays('2026-03-01', -1)).toBe('2026-02-28')
    expect(addMinutes('09:30:00', 45)).toBe('10:15:00')
    expect(addMinutes('00:00', -15)).toBe('00:00:00')
    expect(addMinutes('23:50', 30)).toBe('23:45:00')
  })

  it('moves a visit with the arrow keys and by dropping it on a day', async () => {
    const view = mount(WeekView, { global: { stubs: { RouterLink: true, ProblemNotice: true } } })
    await flushPromises()
    await view.find('article button').trigger('keydown', { key: 'ArrowRight' })
    await flushPromises()
    await view.find('article button').trigger('keydown', { key: 'ArrowUp' })
    await flushPromises()
    await view.find('article button').trigger('dragstart')
    await view.findAll('section')[5]!.trigger('drop')
    await flushPromises()
    expect(moves).toEqual([
      expect.objectContaining({ on: '2026-03-05', at: '09:30:00', version: 3 }),
      expect.objectContaining({ on: '2026-03-04', at: '09:15:00' }),
      expect.objectContaining({ on: '2026-03-07', at: '09:30:00' }),
    ])
    await view.find('.moved button').trigger('click')
    expect(moves).toHaveLength(3) // what the stand-in answers has not moved, so there is nothing to undo
  })
})
