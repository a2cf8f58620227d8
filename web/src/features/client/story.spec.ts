import { describe, expect, it } from 'vitest'
import type { Reason, ReviewsView } from '@/shared/api/types'
import { growthOf, outcomesOf, ribbonOf, weeksOf } from './story'

describe('a client’s story as charts', () => {
  it('leaves a gap for a morning that was not answered, and a shape for each signal', () => {
    const chart = ribbonOf({
      place: { site: 'WRIST', side: 'LEFT' },
      words: 'left wrist',
      sessions: [
        { on: '2026-03-02', usual: 2, during: 1, morning: 3, signal: 'GO' },
        { on: '2026-03-05', usual: 2, during: 4, signal: 'WAITING' },
      ],
    })
    const morning = chart.lines.find((l) => l.name === 'next morning')!
    expect(morning.values).toEqual([3, null])
    expect(new Set(morning.shapes).size).toBe(2)
    expect(chart.top).toBe(10)
  })
  it('draws load over the days it was lifted', () => {
    const days = [{ on: '2026-03-02', loadKg: 4, load: '4 kg', reps: 12, sets: 3 }]
    const chart = growthOf({ exerciseKey: 'curl', name: 'Curl', days }, 'KG_CM')
    expect(chart.lines.map((l) => l.values)).toEqual([[12], [4]])
  })
  const week = (flexorsAim: number, extensorsAim: number) => ({
    monday: '2026-03-02',
    flexors: { hard: 6, easy: 1 },
    extensors: { hard: 4, easy: 2 },
    flexorsAim,
    extensorsAim,
    most: 12,
    aim: {} as Reason,
  })
  it('has both muscles beside each other for each week, against its aim and the most', () => {
    const chart = weeksOf([week(6, 6)])
    expect(chart.days).toEqual(['2026-03-02'])
    expect(chart.lines.map((l) => [l.name, ...l.values])).toEqual([
      ['front of the arm', 6],
      ['easy', 1],
      ['back of the arm', 4],
      ['easy', 2],
      ['aim', 6],
      ['most in seven days', 12],
    ])
  })
  it('draws two aims where the muscles have their own', () => {
    expect(weeksOf([week(6, 6), week(6, 8)]).lines.map((l) => l.name)).toContain('aim, back')
  })
  it('draws what matters review by review, the first one first, with a gap where it was not asked', () => {
    const review = (on: string, ...activities: { name: string; score: number }[]) =>
      ({ on, outcomes: { activities } }) as unknown as ReviewsView['reviews'][number]
    const chart = outcomesOf([
      review('2026-11-14', { name: 'the bell', score: 8 }, { name: 'the kettle', score: 7 }),
      review('2026-10-03', { name: 'the bell', score: 4 }),
    ])
    expect(chart.days).toEqual(['2026-10-03', '2026-11-14'])
    expect(chart.lines.map((l) => [l.name, ...l.values])).toEqual([
      ['the bell', 4, 8],
      ['the kettle', null, 7],
    ])
  })
})
