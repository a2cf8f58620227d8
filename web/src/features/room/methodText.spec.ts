import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parse } from 'yaml'
import { added, blank, formOf, keyOf, removed, written } from './methodText'

// The tests run in web/.
const RULES = '../core/src/main/resources/kinesia/rules/methods.yaml'
const house = readFileSync(RULES, 'utf8')
  .split(/^ {2}- (?=key:)/m)
  .slice(1)
  .map((text) => text.replace(/^ {4}/gm, ''))

describe('a method in fields', () => {
  it('shows each of the house’s, and writing what is there changes nothing', () => {
    expect(house.length).toBeGreaterThan(10)
    for (const text of house) {
      const form = formOf(text)!
      expect(form.name).not.toBe('')
      expect(form.sections.flatMap((s) => s.picks).length).toBeGreaterThan(0)
      const again = written(written(text, ['name'], form.name), ['sections', 0, 'rounds'], form.sections[0]!.rounds)
      expect(parse(again)).toEqual(parse(text))
    }
  })
  it('changes one place and leaves the rest as it was written', () => {
    const text = blank.replace('near: []', 'near: [form-first] # kin')
    const then = written(text, ['sections', 0, 'reps'], [8, 12])
    expect(then).toContain('near: [form-first] # kin')
    expect(then).toContain('    reps: [8, 12]')
    expect(formOf(then)!.sections[0]!.reps).toEqual([8, 12])
    expect(written(then, ['sections', 0, 'reps'], undefined)).not.toContain('reps')
  })
  it('adds and removes exercises, and forgets what was asked pick by pick', () => {
    const asking = house.find((text) => /^asks:/m.test(text) && /^needs:/m.test(text))!
    const more = added(asking, ['sections', 0, 'picks'])
    expect(parse(more)).not.toHaveProperty('asks')
    const picks = formOf(more)!.sections[0]!.picks
    expect(picks).toHaveLength(formOf(asking)!.sections[0]!.picks.length + 1)
    expect(formOf(removed(more, ['sections', 0, 'picks', picks.length - 1]))!.sections[0]!.picks).toHaveLength(
      picks.length - 1,
    )
    expect(formOf(added(blank, ['sections']))!.sections).toHaveLength(2)
  })
  it('names what only the text shows', () => {
    const form = formOf('name: a\nsections: [{as: pairs, light: yes, picks: [{for: flexors, at-side: yes}]}]')!
    expect(form.sections[0]!.more).toBe('light')
    expect(form.sections[0]!.picks[0]!.more).toBe('at side')
  })
  it('has no fields for what is no method', () => {
    expect(['key: [', 'a line', 'sections: 3', 'sections: [1]', ''].map(formOf)).toEqual(Array(5).fill(undefined))
  })
  it('makes a key of a name', () => {
    expect(keyOf('Our quiet évening, slowly')).toBe('our-quiet-evening-slowly')
    expect(keyOf('é')).toBe('our-e')
  })
})
