import { describe, expect, it } from 'vitest'
import type { SessionView } from '@/shared/api/types'
import { clocked, endsRound, nextStep, pauseAfter, roundOver, startOf, stepsOf } from './steps'

const slot = (exerciseKey: string, sets: number, arms: 'TOGETHER' | 'IN_TURN' = 'TOGETHER') => ({
  exerciseKey,
  sets,
  arms,
  load: { kg: 4, label: '4 kg' },
  reps: { low: 8, high: 12 },
})
const session = (visitOn: string) =>
  ({
    visitOn,
    guides: [],
    opening: {},
    plan: {
      restSeconds: 90,
      units: [
        {
          letter: 'A',
          layout: 'PAIRS',
          restSeconds: 75,
          changeOverSeconds: 8,
          slots: [slot('press', 2), slot('curl', 1, 'IN_TURN')],
        },
      ],
    },
  }) as unknown as SessionView

describe('the order of the floor', () => {
  it('goes round by round with the arms in turn and rests after a round', () => {
    const steps = stepsOf(session('2026-03-02'))
    expect(steps.map((s) => s.slot.exerciseKey)).toEqual(['press', 'curl', 'curl', 'press'])
    const done = (n: number) =>
      steps.slice(0, n).map((s) => ({ ...s.slot, side: s.side, setNumber: s.setNumber, pain: 0 }))
    expect([1, 2, 3, 4].map((n) => endsRound(steps[n - 1]!, steps, done(n)))).toEqual([false, false, true, true])
  })
  it('leaves out the arm that rests and takes the own dose of the other and rest', () => {
    const one = session('2026-03-02')
    const curl = one.plan.units[0]!.slots[1]!
    curl.sides = { LEFT: { reps: { low: 12, high: 15 }, load: { kg: 2, label: '2 kg' }, targetEffort: 6 } } as never
    const steps = stepsOf(one).filter((s) => s.slot.exerciseKey === 'curl')
    expect(steps.map((s) => s.side)).toEqual(['LEFT'])
    expect(startOf(steps[0]!, {})).toEqual({ load: { kg: 2, label: '2 kg' }, reps: 15 })
    expect(steps[0]!.restSeconds).toBe(75)
  })
  it('aims at the repetitions of each set where a method has them set by set', () => {
    const one = session('2026-03-02')
    one.plan.units[0]!.slots[0]!.setReps = [30, 15]
    const press = stepsOf(one).filter((s) => s.slot.exerciseKey === 'press')
    expect(press.map((s) => startOf(s, {}).reps)).toEqual([30, 15])
  })
  it('begins with the arm that the server names', () => {
    const guides = (side: string) => [{ exerciseKey: 'curl', begins: [side] }] as never
    const first = (side: string) => stepsOf({ ...session('2026-03-02'), guides: guides(side) })[1]!.side
    expect(first('LEFT')).toBe('LEFT')
    expect(first('RIGHT')).toBe('RIGHT')
  })
  it('skips what is done and what has ended', () => {
    const steps = stepsOf(session('2026-03-02'))
    const done = [{ exerciseKey: 'press', setNumber: 1, pain: 0 }]
    expect(nextStep(steps, done, {})?.slot.exerciseKey).toBe('curl')
    const ended = { curl: { next: 'END_EXERCISE' } } as never
    expect(nextStep(steps, done, ended)).toMatchObject({ setNumber: 2, slot: { exerciseKey: 'press' } })
  })
  it('starts from the advice after a set, else from the plan', () => {
    const step = stepsOf(session('2026-03-02'))[0]!
    expect(startOf(step, {})).toEqual({ load: { kg: 4, label: '4 kg' }, reps: 12 })
    const advice = { press: { next: 'OTHER_LOAD', load: { kg: 5, label: '5 kg' }, reps: 10 } } as never
    expect(startOf(step, advice).load.kg).toBe(5)
    const trial = { press: { next: 'AS_PLANNED', load: { kg: 3, label: '3 kg' }, reps: 8, trial: true } } as never
    expect(startOf(step, {}, trial)).toEqual({ load: { kg: 3, label: '3 kg' }, reps: 8 })
    expect(startOf({ ...step, setNumber: 2 }, {}, trial).reps, 'a first set is no second one').toBe(12)
    expect(startOf(step, advice, trial).load.kg).toBe(5)
  })
  it('goes on for each arm from its own advice and begins a round with the arm that leads', () => {
    const two = session('2026-03-02')
    two.plan.units[0]!.slots[1]!.sets = 2
    const steps = stepsOf(two)
    const done = steps
      .filter((s) => s.setNumber === 1 || s.slot.exerciseKey === 'press')
      .map((s) => ({ ...s.slot, side: s.side, setNumber: s.setNumber, pain: 0 }))
    const said = (reps: number) => ({ next: 'OTHER_REPS', load: { kg: 4, label: '4 kg' }, reps, leads: 'LEFT' })
    const advice = { 'curl RIGHT': said(12), 'curl LEFT': said(10) } as never
    const first = nextStep(steps, done, advice)!
    expect(first.side).toBe('LEFT')
    expect(startOf(first, advice).reps).toBe(10)
    const after = nextStep(steps, [...done, { ...first.slot, side: 'LEFT', setNumber: 2, pain: 0 }], advice)!
    expect(after.side).toBe('RIGHT')
    expect(startOf(after, advice).reps).toBe(12)
  })
  it('times stations and holds and nothing else', () => {
    const step = stepsOf(session('2026-03-02'))[0]!
    const timed = (stationSeconds: number, holdS: number, side?: 'LEFT') =>
      clocked({ ...step, side, slot: { ...step.slot, stationSeconds, tempo: { upS: 1, holdS, downS: 3 } } })
    expect(timed(30, 0)).toBe(30)
    expect(timed(30, 0, 'LEFT')).toBe(15)
    expect(timed(0, 10)).toBe(10)
    expect(timed(0, 1)).toBe(0)
  })
  it('stands between the rounds of a circuit until the next one has begun', () => {
    const circuit = session('2026-03-02')
    circuit.plan.units[0]!.layout = 'CIRCUIT'
    circuit.plan.units[0]!.slots = [slot('press', 2), slot('curl', 2)] as never
    const steps = stepsOf(circuit)
    const done = (n: number) => steps.slice(0, n).map((s) => ({ ...s.slot, setNumber: s.setNumber, pain: 0 }))
    const over = (n: number) => roundOver(nextStep(steps, done(n), {}), steps, done(n))
    expect([0, 1, 3, 4].map(over)).toEqual([undefined, undefined, undefined, undefined])
    expect(over(2)).toEqual({ letter: 'A', round: 1 })
    expect(roundOver(stepsOf(session('2026-03-02'))[3], steps, done(2))).toBeUndefined()
  })
  it('waits for the change-over within a round, for the rest after it, and not before the other arm', () => {
    const steps = stepsOf(session('2026-03-02'))
    const done = (n: number) =>
      steps.slice(0, n).map((s) => ({ ...s.slot, side: s.side, setNumber: s.setNumber, pain: 0 }))
    const after = (n: number) => pauseAfter(steps[n - 1]!, nextStep(steps, done(n), {}), steps, done(n))
    expect([1, 2, 3, 4].map(after)).toEqual([8, 0, 75, 0])
  })
})
