import { describe, expect, it } from 'vitest'
import { besideLoad, clock, inUnits, load, mass, relative, reps, words } from './format'

describe('format', () => {
  it('shows masses in the client’s units', () => {
    // NIST SP 811, quoted from memory: 1 lb = 0.45359237 kg exactly.
    expect(mass(11.33980925, 'LB_FT')).toBe('25 lb')
    expect(mass(6, 'KG_CM')).toBe('6 kg')
  })
  it('says what is stamped on the thing, with the client’s own unit beside it where that is another', () => {
    expect(load({ kg: 3.9, label: 'green band' }, 'LB_FT')).toBe('green band')
    expect(load({ kg: 6, label: '6 kg' }, 'LB_FT')).toBe('6 kg (13.2 lb)')
    expect(load({ kg: 6.8, label: '15 lb' }, 'KG_CM')).toBe('15 lb (6.8 kg)')
    expect(load({ kg: 6.8, label: '15 lb' }, 'LB_FT')).toBe('15 lb')
    expect(besideLoad({ kg: 6, label: '6 kg with add-on' }, 'LB_FT')).toBe('13.2 lb')
    expect(besideLoad({ kg: 6, label: '6 kg' }, 'KG_CM')).toBeUndefined()
    expect(inUnits('4 kg stays; the next load, 5 kg, is 25 % more', 'LB_FT')).toBe(
      '4 kg (8.8 lb) stays; the next load, 5 kg (11 lb), is 25 % more',
    )
    expect(inUnits('5 kg with add-on; 5 kg first', 'LB_FT')).toBe('5 kg with add-on (11 lb); 5 kg first')
    expect(inUnits('4 kg stays', 'KG_CM')).toBe('4 kg stays')
    expect(inUnits('done on 2026-03-02.', 'KG_CM')).toBe('done on Mon 2 Mar.')
  })
  it('says dates against today', () => {
    expect(relative('2026-03-01', '2026-02-28')).toBe('tomorrow')
    expect(relative('2026-02-20', '2026-02-28')).toBe('8 days ago')
    expect(relative('2026-03-30', '2026-03-28')).toBe('in 2 days') // across the change to summer time
  })
  it('shows clocks, ranges and names', () => {
    expect(clock(65)).toBe('1:05')
    expect(reps({ low: 8, high: 12 })).toBe('8–12')
    expect(reps({ low: 10, high: 10 })).toBe('10')
    expect(words('TOP_JOINT_OF_SHOULDER')).toBe('top joint of shoulder')
  })
})
