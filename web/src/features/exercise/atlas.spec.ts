import { describe, expect, it } from 'vitest'
import type { AtlasItem, ExerciseDetail } from '@/shared/api/types'
import { anything, choices, found, workedOutAt } from './atlas'
import { said, sliders, suggestedName, untouched } from './workbench'

const item = (key: string, over: Partial<AtlasItem> = {}): AtlasItem =>
  ({
    key,
    name: key,
    movement: 'curl-at-side',
    role: 'MAIN',
    implement: 'DUMBBELL',
    stance: 'STANDING',
    group: 'FLEXORS',
    methods: ['seated'],
    stimulus: { BRACHIALIS: 0.7 },
    works: ['BRACHIALIS'],
    stress: { WRIST: 1 },
    whyNot: [],
    modelled: true,
    ...over,
  }) as unknown as AtlasItem

const all = [
  item('Seated curl', { stance: 'SEATED', stress: { WRIST: 1.2 } }),
  item('Bar curl', { implement: 'STRAIGHT_BAR', methods: [], stress: { WRIST: 2 } }),
  item('Press-down', { group: 'EXTENSORS', stimulus: { TRICEPS_LONG_HEAD: 0.2 }, works: [], stress: { WRIST: 0.4 } }),
  item('Side raise', { role: 'COMPANION', stimulus: {}, works: [], stress: { WRIST: 0.3 } }),
  item('Band curl', { implement: 'BAND', whyNot: [{ exact: 'no' }] as never, stress: { WRIST: 0.1 } }),
]
const names = (items: AtlasItem[]) => items.map((i) => i.name)

describe('finding in the atlas', () => {
  it('keeps the order of worth and shows main work first', () => {
    expect(names(found(all, anything))).toEqual(['Seated curl', 'Bar curl', 'Press-down', 'Band curl'])
  })
  it('narrows by each filter, and by all words of the search', () => {
    expect(names(found(all, { ...anything, implement: 'BAND' }))).toEqual(['Band curl'])
    expect(names(found(all, { ...anything, stance: 'SEATED' }))).toEqual(['Seated curl'])
    expect(names(found(all, { ...anything, method: 'seated', allowedOnly: true }))).toEqual([
      'Seated curl',
      'Press-down',
    ])
    expect(names(found(all, { ...anything, text: ' curl  straight ' }))).toEqual(['Bar curl'])
    expect(names(found(all, { ...anything, role: '', group: 'FLEXORS' }))).not.toContain('Side raise')
    expect(names(found(all, { ...anything, role: '' }))).toContain('Side raise')
  })
  it('finds by the head that is worked', () => {
    expect(names(found(all, { ...anything, head: 'TRICEPS_LONG_HEAD' }))).toEqual([])
    expect(found(all, { ...anything, head: 'BRACHIALIS' })).toHaveLength(3)
  })
  it('puts the kindest to a site first, and what is left out last', () => {
    expect(names(found(all, { ...anything, site: 'WRIST' }))).toEqual([
      'Press-down',
      'Seated curl',
      'Bar curl',
      'Band curl',
    ])
  })
  it('offers each value once', () => {
    expect(choices(all, 'implement').map((c) => c.text)).toEqual(['band', 'dumbbell', 'straight bar'])
  })
})

const detail = (over: object = {}) =>
  ({
    item: { name: 'Curl', implement: 'DUMBBELL' },
    scope: { armForwardDeg: { from: -60, to: 80.4 }, grips: [], implementChoices: [] },
    ...over,
  }) as unknown as ExerciseDetail

describe('the workbench', () => {
  it('says about how much equal effort is, and exactly what was used', () => {
    const at = (ruleId: string) => workedOutAt(detail({ item: { loadKg: 11.148 }, loadReason: { ruleId } }), 'KG_CM')
    expect(at('LOAD-equal-effort')).toBe('about 11.1 kg')
    expect(at('LOAD-body')).toBe('the body’s own weight')
    expect(at('LOAD-none')).toBe('empty hands')
    expect(workedOutAt(detail({ item: { loadKg: 11.25 }, loadReason: { ruleId: 'LOAD-last-used' } }), 'KG_CM')).toBe(
      '11.25 kg',
    )
  })

  it('offers only what this exercise leaves free, in whole degrees', () => {
    const list = sliders(detail())
    expect(list.map((s) => s.field)).toEqual(['armForwardDeg', 'driftDeg'])
    expect(list[0]!.to).toBe(80)
    const cable = sliders(detail({ item: { name: 'Cable', implement: 'CABLE_ROPE' }, scope: { grips: [] } }))
    expect(cable.map((s) => s.field)).toEqual(['anchorUpM', 'anchorForwardM'])
    expect(sliders(detail({ item: { name: 'Machine', implement: 'MACHINE' }, scope: { grips: [] } }))).toEqual([])
  })
  it('says what is turned, and names a variation after it', () => {
    const list = sliders(detail())
    expect(said(list[0]!, 0)).toBe('as it was')
    expect(said(list[0]!, -15)).toBe('15° back')
    expect(said({ ...list[0]!, unit: 'm', low: 'lower', high: 'higher' }, 0.15)).toBe('15 cm higher')
    expect(suggestedName(detail(), untouched, list)).toBe('')
    expect(suggestedName(detail(), { ...untouched, armForwardDeg: 15, grip: 'NEUTRAL' }, list)).toBe(
      'Curl, upper arm 15° forward, thumb up',
    )
    expect(suggestedName(detail(), { ...untouched, rangeFrom: 0.2 }, list)).toContain('part of the range')
  })
})
