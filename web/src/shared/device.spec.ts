import { beforeEach, describe, expect, it } from 'vitest'
import { forgetThisDevice, notYetSent } from './device'

describe('what is on the device', () => {
  beforeEach(() => {
    localStorage.clear()
    sessionStorage.clear()
  })

  it('is counted by sets, notes and drafts, and all of it leaves', () => {
    expect(notYetSent()).toBe(0)
    localStorage.setItem('kinesia.queue', '[{}, {}]')
    localStorage.setItem('kinesia.aside', '[]')
    localStorage.setItem('kinesia.intake.new', '{"name": "Somebody"}')
    localStorage.setItem('another.program', 'stays')
    sessionStorage.setItem('kinesia.warm.1', '2')
    expect(notYetSent()).toBe(3)
    forgetThisDevice()
    expect(notYetSent()).toBe(0)
    expect(sessionStorage).toHaveLength(0)
    expect(localStorage.getItem('another.program')).toBe('stays')
  })
})
