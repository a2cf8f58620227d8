import { describe, expect, it } from 'vitest'
import type { Limit } from './api/types'
import { grouped, isUsual, limitPlace, limitWords, shortWords } from './limits'

const limit = (over: Partial<Limit>): Limit => ({
  kind: 'LARGEST_ELBOW_BEND',
  value: 90,
  group: 'EXTENSORS',
  site: 'BACK_OF_ELBOW',
  side: 'RIGHT',
  lookAgainOn: '2026-03-30',
  reason: { ruleId: 'SITE-back-of-elbow-deep-bending', tag: 'HOUSE', inputs: {}, threshold: '', exact: '', plain: '' },
  ...over,
})

describe('limits in words', () => {
  it('say what, how much and where', () => {
    expect(limitWords(limit({}))).toBe('elbow bends to 90° at most in exercises for the back of the arm')
    expect(limitWords(limit({ kind: 'NO_GRIP', target: 'palm-down' }))).toBe('no palm down grips')
    expect(limitWords(limit({ kind: 'LARGEST_EXTENSION', value: 0 }))).toBe('upper arm never behind the trunk')
  })
  it('are short at a glance, and said once', () => {
    expect(shortWords(limit({}))).toBe('bend to 90°')
    expect(shortWords(limit({ kind: 'NO_GRIP', target: 'palm-down' }))).toBe('no palm down grip')
    const palmUp = (target: string) => limit({ kind: 'NO_IMPLEMENT', target, grip: 'PALM_UP' })
    expect(grouped([palmUp('straight bar'), palmUp('dumbbell')], shortWords)[0]!.phrases).toEqual([
      'palm up only with some things',
    ])
  })
  it('stand together at one place as somebody would say them', () => {
    const other = { ...limit({}).reason, ruleId: 'IRRITABILITY-low' }
    const groups = grouped([
      limit({ kind: 'FEWEST_REPS', value: 12 }),
      limit({ kind: 'MOST_REPS', value: 15, reason: other }),
      limit({ kind: 'LARGEST_EFFORT', value: 6, reason: other }),
      limit({ kind: 'SETS_PER_EXERCISE', value: 2, side: 'LEFT' }),
    ])
    expect(groups.map((g) => g.phrases)).toEqual([
      ['12 to 15 repetitions', 'effort to 6'],
      ['at most 2 sets an exercise'],
    ])
    expect(groups[0]!.place).toBe('right back of elbow')
    expect(groups[0]!.limits).toHaveLength(2)
  })
  it('say an arm when no place is named, and the whole person when no side is', () => {
    expect(limitPlace(limit({ site: undefined }))).toBe('right arm')
    expect(limitPlace(limit({ site: undefined, side: undefined }))).toBe('in general')
    expect(limitWords(limit({ kind: 'LARGEST_EXTENSION', value: 0, target: 'press' }))).toBe(
      'upper arm never behind the trunk in presses',
    )
  })
  it('leave what holds for nearly everyone to the last', () => {
    const cuffs = { ...limit({}).reason, ruleId: 'CUFFS-not-cleared' }
    const groups = grouped([limit({ kind: 'NO_CUFFS', site: undefined, side: undefined, reason: cuffs }), limit({})])
    expect(groups.map(isUsual)).toEqual([false, true])
  })
})
