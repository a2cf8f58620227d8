import { beforeEach, describe, expect, it } from 'vitest'
import { looking, openElsewhere } from './open'

describe('the sessions open on this device', () => {
  beforeEach(() => localStorage.clear())
  it('names the others, until they are over or hours old', () => {
    looking('a', 'Maren', false, 1000)
    looking('b', 'Jorun', false, 2000)
    expect(openElsewhere('a', 3000).map((o) => o.name)).toEqual(['Jorun'])
    looking('b', '', true, 4000)
    expect(openElsewhere('a', 5000)).toEqual([])
    expect(openElsewhere('b', 6000).map((o) => o.id)).toEqual(['a'])
    expect(openElsewhere('b', 1000 + 5 * 3_600_000)).toEqual([])
  })
})
