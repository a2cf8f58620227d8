import type { Advice, Load, LogSet, SessionView, Side, Slot } from '@/shared/api/types'
import { unitTitle } from '@/shared/unit'

/** One thing to do on the floor: one set of one exercise, of one arm where the arms take turns. */
export interface Step {
  slot: Slot
  /** What the unit is called, as "Pair A". */
  unit: string
  /** Seconds of rest after the round. */
  restSeconds: number
  setNumber: number
  side?: Side
  lastOfRound: boolean
}

/** Every set of the session in the order of the floor: round by round, the arms in turn. */
export function stepsOf(session: SessionView): Step[] {
  const sides: Side[] = session.startsWith === 'LEFT' ? ['LEFT', 'RIGHT'] : ['RIGHT', 'LEFT']
  const steps: Step[] = []
  for (const unit of session.plan.units) {
    const rounds = Math.max(...unit.slots.map((s) => s.sets))
    for (let round = 1; round <= rounds; round++) {
      const before = steps.length
      for (const slot of unit.slots.filter((s) => s.sets >= round)) {
        for (const side of slot.arms === 'IN_TURN' ? sides.filter((s) => works(slot, s)) : [undefined]) {
          steps.push({
            slot: forArm(slot, side),
            unit: unitTitle(unit),
            restSeconds: unit.restSeconds,
            setNumber: round,
            side,
            lastOfRound: false,
          })
        }
      }
      if (steps.length > before) steps[steps.length - 1]!.lastOfRound = true
    }
  }
  return steps
}

/** Whether an arm works in the slot; where limits tell the arms apart, one may rest. */
function works(slot: Slot, side: Side): boolean {
  const apart = slot.sides ?? {}
  return Object.keys(apart).length === 0 || side in apart
}

/** The slot as that arm does it. */
function forArm(slot: Slot, side: Side | undefined): Slot {
  const own = side && slot.sides?.[side]
  return own ? { ...slot, reps: own.reps, load: own.load, targetEffort: own.targetEffort } : slot
}

export type Done = Pick<LogSet, 'exerciseKey' | 'side' | 'setNumber' | 'pain'>

export function isDone(step: Step, done: Done[]): boolean {
  return done.some(
    (d) =>
      d.exerciseKey === step.slot.exerciseKey && (d.side ?? undefined) === step.side && d.setNumber === step.setNumber,
  )
}

/** The next step: not done, and its exercise not ended by the server's advice. */
export function nextStep(steps: Step[], done: Done[], advice: Record<string, Advice>): Step | undefined {
  return steps.find((s) => advice[s.slot.exerciseKey]?.next !== 'END_EXERCISE' && !isDone(s, done))
}

/** What the next set starts from: the server's advice where there is one, else the plan. */
export function startOf(step: Step, advice: Record<string, Advice>): { load: Load; reps: number } {
  const a = advice[step.slot.exerciseKey]
  return a && a.next !== 'END_EXERCISE' ? { load: a.load, reps: a.reps } : { load: step.slot.load, reps: repsIn(step) }
}

/** The repetitions aimed at in the step's set. */
export function repsIn(step: Step): number {
  const bySet = step.slot.setReps ?? []
  return bySet.length ? bySet[Math.min(step.setNumber, bySet.length) - 1]! : step.slot.reps.high
}

/** The aim as it is shown: a range, the repetitions of this set, or the last clean one. */
export function aim(step: Step): string {
  const { low, high } = step.slot.reps
  if (step.slot.manner?.toLastClean) return 'the last clean one'
  return step.slot.setReps?.length ? String(repsIn(step)) : low === high ? String(high) : `${low}–${high}`
}
