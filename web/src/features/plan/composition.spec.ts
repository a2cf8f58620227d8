import { describe, expect, it } from 'vitest'
import type { Composition, Plan, WrittenUnit } from '@/shared/api/types'
import { apart, banned, inTurn, moved, orderOf, pinned, rewritten, setReps, swapped, writtenFrom } from './composition'

const none: Composition = { pinned: [], banned: [], order: [] }
const plan = {
  units: [
    {
      layout: 'PAIRS',
      restSeconds: 75,
      slots: [
        { exerciseKey: 'press', sets: 3, reps: { low: 8, high: 10 }, load: { kg: 8 }, targetEffort: 7 },
        { exerciseKey: 'curl', sets: 3, reps: { low: 8, high: 10 }, load: { kg: 5 }, targetEffort: 7.5 },
      ],
    },
    { layout: 'STRAIGHT', restSeconds: 60, slots: [{ exerciseKey: 'hammer', sets: 2, load: { kg: 4 } }] },
  ],
} as unknown as Plan

describe('a composition worked on', () => {
  it('keeps in and leaves out, never both, and lets go again', () => {
    const kept = pinned(none, 'curl')
    expect(kept.pinned).toEqual(['curl'])
    const out = banned(kept, 'curl')
    expect([out.pinned, out.banned]).toEqual([[], ['curl']])
    expect(banned(out, 'curl').banned).toEqual([])
    expect(pinned(kept, 'curl').pinned).toEqual([])
  })
  it('swaps in place', () => {
    const swap = swapped({ ...none, order: ['press', 'curl'], pinned: ['curl'] }, 'curl', 'hammer')
    expect(swap).toEqual({ pinned: ['hammer'], banned: ['curl'], order: ['press', 'hammer'] })
  })
  it('moves a unit and stays inside the list', () => {
    expect(moved(['a', 'b', 'c'], 2, 0)).toEqual(['c', 'a', 'b'])
    expect(moved(['a', 'b'], 0, -1)).toEqual(['a', 'b'])
    expect(orderOf(plan)).toEqual(['press', 'hammer'])
  })
  it('is written on by hand from what stands there', () => {
    const written = writtenFrom(plan)
    expect(written[0]!.slots[1]).toEqual({
      exerciseKey: 'curl',
      sets: 3,
      reps: { low: 8, high: 10 },
      loadKg: 5,
      effort: 7.5,
    })
    const fewer = rewritten(written, 0, 1, { sets: 1 }) as WrittenUnit[]
    expect(fewer[0]!.slots.map((s) => s.sets)).toEqual([3, 1])
    expect(rewritten(written, 1, 0, null)).toHaveLength(1)
  })

  it('puts exercises in turn and apart again', () => {
    const slot = (exerciseKey: string) => ({ exerciseKey, sets: 2, reps: { low: 8, high: 12 } })
    const alone = ['curl', 'press', 'hammer'].map((k) => ({
      layout: 'STRAIGHT' as const,
      restSeconds: 60,
      slots: [slot(k)],
    }))
    const pair = inTurn(alone, 0)
    expect(pair.map((u) => u.slots.map((s) => s.exerciseKey))).toEqual([['curl', 'press'], ['hammer']])
    expect(pair[0]!.layout).toBe('PAIRS')
    expect(inTurn(alone, 2)).toEqual(alone)
    expect(apart(pair, 0)).toEqual(alone)
  })

  it('reads repetitions set by set', () => {
    expect(setReps('30, 15 15')).toEqual([30, 15, 15])
    expect(setReps('')).toBeUndefined()
    expect(setReps('8-12')).toBeUndefined()
  })
})
