import { describe, expect, it } from 'vitest'
import { nextTick, ref, watch } from 'vue'
import { emptyDraft, newSite, toAnswers } from './answers'

describe('the screen’s answers', () => {
  it('never turn a missing answer into a no', () => {
    const a = toAnswers(emptyDraft(), {})
    expect(a.flags).toEqual({})
    expect(a.readiness.symptoms).toBeUndefined()
    expect(a.soreSites).toBeUndefined()
  })
  it('tell "nothing is sore" from "not asked"', () => {
    expect(toAnswers({ ...emptyDraft(), nothingSore: true }, {}).soreSites).toEqual([])
    expect(toAnswers({ ...emptyDraft(), soreSites: [newSite('WRIST', 'LEFT')] }, {}).soreSites).toHaveLength(1)
  })
  it('are seen to change when one pain of one place changes', async () => {
    const draft = ref({ ...emptyDraft(), soreSites: [newSite('WRIST', 'LEFT')] })
    let seen = 0
    watch(
      () => toAnswers(draft.value, {}),
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
      cleared: false,
      readings: [{ systolic: 150 }, { systolic: 140, diastolic: 80, pulse: 70 }],
    }
    expect(toAnswers(draft, {}).pressure.readings).toEqual([{ systolic: 140, diastolic: 80, pulse: 70 }])
  })
})
