import { describe, expect, it } from 'vitest'
import { nextTick, ref, watch } from 'vue'
import { emptyDraft, isAsked, newSite, sameSite, toAnswers, withCheck } from './answers'

describe('the screen’s answers', () => {
  it('never turn a missing answer into a no', () => {
    const a = toAnswers(emptyDraft(), {}, {})
    expect(a.flags).toEqual({})
    expect(a.readiness.symptoms).toBeUndefined()
    expect(a.soreSites).toBeUndefined()
  })
  it('tell "nothing is sore" from "not asked"', () => {
    expect(toAnswers({ ...emptyDraft(), nothingSore: true }, {}, {}).soreSites).toEqual([])
    expect(toAnswers({ ...emptyDraft(), soreSites: [newSite('WRIST', 'LEFT')] }, {}, {}).soreSites).toHaveLength(1)
  })
  it('are seen to change when one pain of one place changes', async () => {
    const draft = ref({ ...emptyDraft(), soreSites: [newSite('WRIST', 'LEFT')] })
    let seen = 0
    watch(
      () => toAnswers(draft.value, {}, {}),
      () => seen++,
    )
    draft.value.soreSites[0] = { ...draft.value.soreSites[0]!, worstThisWeek: 4 }
    await nextTick()
    expect(seen).toBe(1)
  })
  it('leave half-typed readings out', () => {
    const draft = emptyDraft()
    draft.pressure = {
      concern: true,
      readings: [{ systolic: 150 }, { systolic: 140, diastolic: 80, pulse: 70 }],
    }
    expect(toAnswers(draft, {}, {}).pressure.readings).toEqual([{ systolic: 140, diastolic: 80, pulse: 70 }])
  })
  it('take a pulse without a pressure, and a pressure without a pulse', () => {
    const draft = emptyDraft()
    draft.pressure = { readings: [{ pulse: 68 }, { systolic: 128, diastolic: 80 }], noMeter: true }
    const { readings, noMeter } = toAnswers(draft, {}, {}).pressure
    expect(readings).toEqual([{ pulse: 68 }, { systolic: 128, diastolic: 80 }])
    expect(noMeter).toBe(true)
  })
  it('ask what lies behind a question only after a yes', () => {
    expect(isAsked({}, {})).toBe(true)
    expect(isAsked({ when: 'GATE-injury' }, {})).toBe(false)
    expect(isAsked({ when: 'GATE-injury' }, { 'GATE-injury': { present: false } })).toBe(false)
    expect(isAsked({ when: 'GATE-injury' }, { 'GATE-injury': { present: true } })).toBe(true)
  })
  it('keep one result for each check and side', () => {
    const one = withCheck([], 'elbow-bend', 'LEFT', { value: 120 })
    const two = withCheck(one, 'elbow-bend', 'LEFT', { pain: 2 })
    expect(two).toEqual([{ check: 'elbow-bend', side: 'LEFT', value: 120, pain: 2 }])
    expect(withCheck(two, 'elbow-bend', 'RIGHT', { value: 140 })).toHaveLength(2)
    expect(one[0]).not.toHaveProperty('pain')
  })
  it('of a re-screen know the place and what provokes it, and ask how it is now', () => {
    const before = { ...newSite('WRIST', 'LEFT'), provokedBy: ['gripping-leaning'], usualPain: 4, flags: { a: false } }
    expect(sameSite(before)).toEqual({
      site: 'WRIST',
      side: 'LEFT',
      provokedBy: ['gripping-leaning'],
      sinceWeeks: undefined,
      flags: {},
    })
  })
  it('leave an arc out that ends before it begins', () => {
    const draft = { ...emptyDraft(), checks: withCheck([], 'elbow-bend', 'LEFT', { arcFromDeg: 90, arcToDeg: 60 }) }
    expect(toAnswers(draft, {}, {}).checks[0]).toMatchObject({ arcFromDeg: 90, arcToDeg: undefined })
  })
})
