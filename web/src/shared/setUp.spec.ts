import { describe, expect, it } from 'vitest'
import { setUpLine } from './setUp'

describe('what is remembered of a set-up', () => {
  it('is one line in the order of setting up, the word that worked in quotes', () => {
    expect(setUpLine({ cue: 'elbows quiet', bench: 'notch 3', footMark: '1.2 m' })).toBe(
      'notch 3, 1.2 m, “elbows quiet”',
    )
  })
  it('is nothing where nothing is', () => {
    expect(setUpLine({})).toBe('')
    expect(setUpLine(undefined)).toBe('')
  })
})
