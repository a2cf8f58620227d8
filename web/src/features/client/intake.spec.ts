import { describe, expect, it } from 'vitest'
import { emptyIntake, fromDetails, toDetails } from './intake'

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
})
