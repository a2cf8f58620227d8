import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { h } from 'vue'
import type { Assessment, ScreenQuestions } from '@/shared/api/types'
import AngleDial from './AngleDial.vue'
import { emptyDraft, newSite } from './answers'
import FlagGroup from './FlagGroup.vue'
import StopNotice from './StopNotice.vue'
import { steps } from './steps'

const flag = (id: string, group: string, when?: string) => ({
  id,
  group,
  ask: `${id}?`,
  scope: 'ALL',
  whatToDo: 'Call.',
  when,
})
const questions = {
  gates: [{ id: 'GATE', group: 'EMERGENCY', ask: 'gate?' }],
  flags: [flag('A', 'EMERGENCY'), flag('B', 'EMERGENCY', 'GATE'), flag('C', 'SAME_DAY')],
  siteFlags: [],
  cautions: [{ id: 'CAUTION', ask: 'caution?' }],
  cuffQuestions: [],
  sites: [],
  checks: [],
} as unknown as ScreenQuestions
const assessment = (part: Partial<Assessment>) =>
  ({
    outcome: 'INCOMPLETE',
    findings: [],
    limits: [],
    missing: [],
    notes: [],
    checks: [],
    readings: [],
    ...part,
  }) as Assessment

describe('the steps of the screen', () => {
  it('count what is open, and what lies behind a gate only once it is open', () => {
    const draft = emptyDraft()
    expect(steps(questions, draft, {}, null)[0]).toMatchObject({ state: '2 to ask', done: false })
    draft.flags = { A: { present: false }, GATE: { present: true } }
    expect(steps(questions, draft, {}, null)[0]!.state).toBe('1 to ask')
    draft.flags.B = { present: false }
    expect(steps(questions, draft, {}, null)[0]).toMatchObject({ state: 'none of these', done: true })
  })
  it('fold the cautions away once the intake has answered them', () => {
    const keys = (cautions: Record<string, boolean>) => steps(questions, emptyDraft(), cautions, null).map((s) => s.key)
    expect(keys({})).toContain('cautions')
    expect(keys({ CAUTION: false })).not.toContain('cautions')
  })
  it('ask before cuffs only those who were cleared for them', () => {
    const asks = [{ sided: false, id: 'CUFF-clots', ask: 'A blood clot, ever' }]
    const draft = emptyDraft()
    const at = (cuffs: typeof asks) =>
      steps(questions, draft, { CAUTION: false }, null, cuffs).find((s) => s.key === 'cautions')
    expect(at([])).toBeUndefined()
    expect(at(asks)).toMatchObject({ title: 'Before cuffs', state: '1 to ask' })
    draft.cuffs['CUFF-clots'] = false
    expect(at(asks)).toMatchObject({ state: 'answered', done: true })
  })
  it('say how many checks are worth doing', () => {
    const draft = { ...emptyDraft(), soreSites: [newSite('WRIST', 'LEFT')] }
    const asks = [{ check: 'hold-grip', side: 'LEFT' as const, because: 'x' }]
    const with1 = steps(questions, draft, {}, assessment({ checks: asks, missing: ['left wrist: usual pain'] }))
    expect(with1.find((s) => s.key === 'checks')!.state).toBe('1 worth doing')
    expect(with1.find((s) => s.key === 'places')!.state).toBe('1 to ask')
  })
})

const stubs = {
  BButton: {
    setup:
      (_: unknown, { slots }: { slots: { default?: () => unknown } }) =>
      () =>
        h('button', {}, slots.default?.() as never),
  },
}

describe('a group of flags', () => {
  it('answers only what is open with "none of these"', async () => {
    const w = mount(FlagGroup, {
      props: {
        modelValue: { A: { present: true } },
        gates: questions.gates,
        flags: questions.flags.slice(0, 2),
        lead: '',
        cleared: [],
      },
      global: { stubs },
    })
    expect(w.text()).toContain('Call.')
    expect(w.text()).not.toContain('B?')
    await w.findAll('button').at(-1)!.trigger('click')
    expect(w.emitted('update:modelValue')![0]).toEqual([{ A: { present: true }, GATE: { present: false } }])
  })
})

describe('the dial', () => {
  const dial = (props: object) =>
    mount(AngleDial, { props: { least: 0, most: 170, norm: 146, label: 'Elbow bend, left', ...props } })
  it('steps with the arrow keys, within its ends', async () => {
    const w = dial({ value: 169 })
    const knob = w.get('[role=slider]')
    await knob.trigger('keydown', { key: 'PageUp' })
    expect(w.emitted('update:value')![0]).toEqual([170])
    await knob.trigger('keydown', { key: 'ArrowDown' })
    expect(w.emitted('update:value')![1]).toEqual([169])
    expect(knob.attributes('aria-valuetext')).toBe('169 degrees')
  })
  it('starts from the norm when nothing is measured, and says so', async () => {
    const w = dial({})
    expect(w.get('[role=slider]').attributes('aria-valuetext')).toBe('not measured')
    await w.get('[role=slider]').trigger('keydown', { key: 'ArrowUp' })
    expect(w.emitted('update:value')![0]).toEqual([147])
  })
  it('draws the sore arc with a handle at each end', () => {
    const w = dial({ value: 140, from: 90, to: 130 })
    expect(w.findAll('[role=slider]')).toHaveLength(3)
    expect(w.find('.sore').exists()).toBe(true)
  })
})

describe('a stop', () => {
  const found = {
    outcome: 'STOP_NOW',
    whatToDo: 'Call your local emergency number.',
    reason: { ruleId: 'X', exact: 'Because.' },
  }
  it('takes over with what to do, once', () => {
    const w = mount(StopNotice, {
      props: { assessment: assessment({ outcome: 'STOP_NOW', findings: [found, found] as never }), busy: false },
      global: { stubs },
    })
    expect(w.text().match(/Call your local emergency number/g)).toHaveLength(1)
  })
  it('is silent otherwise', () => {
    expect(
      mount(StopNotice, {
        props: { assessment: assessment({ outcome: 'GO' }), busy: false },
        global: { stubs },
      }).text(),
    ).toBe('')
  })
})
