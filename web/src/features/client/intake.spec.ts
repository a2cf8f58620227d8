import { describe, expect, it } from 'vitest'
import { emptyIntake, feetAndInches, fromDetails, inInches, isWhole, toDetails } from './intake'

describe('the intake form', () => {
  it('stores SI whatever units were typed', () => {
    const d = toDetails({ ...emptyIntake(), units: 'LB_FT', stature: '70', bodyMass: '154' })
    // NIST SP 811, quoted from memory: 1 in = 2.54 cm, 1 lb = 0.45359237 kg.
    expect(d.statureM).toBeCloseTo(1.778, 6)
    expect(d.bodyMassKg).toBeCloseTo(69.853, 3)
  })
  it('shows what is stored in the client’s units', () => {
    const view = {
      id: 'x',
      version: 3,
      age: 60,
      placeName: '',
      details: { ...toDetails({ ...emptyIntake(), units: 'LB_FT', stature: 70, bodyMass: 154 }) },
    } as never
    expect(fromDetails(view)).toMatchObject({ stature: 70, bodyMass: 154, version: 3 })
  })
  it('leaves out what was not chosen, so that the server can say it is needed', () => {
    expect(toDetails(emptyIntake()).sex).toBeUndefined()
    expect(toDetails(emptyIntake()).bornOn).toBeUndefined()
  })
  it('says a stature in feet and inches, and takes it so', () => {
    expect(feetAndInches(70)).toEqual({ feet: 5, inches: 10 })
    expect(feetAndInches('')).toEqual({})
    expect(inInches('5', '10')).toBe(70)
    expect(inInches(undefined, '')).toBe('')
  })
  it('is whole once everything is there that a client cannot be without', () => {
    const whole = {
      ...emptyIntake(),
      name: 'Runa',
      bornOn: '1964-03-09',
      sex: 'FEMALE' as const,
      stature: 168,
      bodyMass: 67,
      hand: 'RIGHT' as const,
      goal: 'KEEP' as const,
      visitsSoFar: 0,
      trainedBefore: false,
      placeId: 'x',
    }
    expect(isWhole(whole)).toBe(true)
    expect(isWhole({ ...whole, name: ' ' })).toBe(false)
    expect(isWhole({ ...whole, visitsSoFar: '' })).toBe(false)
    expect(isWhole({ ...whole, trainedBefore: undefined })).toBe(false)
  })
  it('keeps an event that is still being typed from the server', () => {
    const events = [
      { name: 'regatta', on: '' },
      { name: 'concert', on: '2027-05-01' },
    ]
    expect(toDetails({ ...emptyIntake(), events }).events).toEqual([events[1]])
  })
})
