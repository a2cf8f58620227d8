import type { Advice, Load, LogSet, SessionView, Side, Slot } from '@/shared/api/types'
import { unitTitle } from '@/shared/unit'

/** One thing to do on the floor: one set of one exercise, of one arm where the arms take turns. */
export interface Step {
  slot: Slot
  /** What the unit is called, as "Pair A". */
  unit: string
  letter: string
  /** Whether the unit is a circuit, between whose rounds pulse and water are looked after. */
  circuit: boolean
  /** Seconds of rest after the round. */
  restSeconds: number
  /** Seconds from one exercise to the next within a round. */
  changeOverSeconds: number
  setNumber: number
  side?: Side
}

/** Every set of the session in the order of the floor: round by round, the arms in turn. */
export function stepsOf(session: SessionView): Step[] {
  const steps: Step[] = []
  for (const unit of session.plan.units) {
    const rounds = Math.max(...unit.slots.map((s) => s.sets))
    for (let round = 1; round <= rounds; round++) {
      for (const slot of unit.slots.filter((s) => s.sets >= round)) {
        const arms = inOrder(begins(session, slot, round)).filter((s) => works(slot, s))
        for (const side of slot.arms === 'IN_TURN' ? arms : [undefined]) {
          steps.push({
            slot: forArm(slot, side),
            unit: unitTitle(unit),
            letter: unit.letter,
            circuit: unit.layout === 'CIRCUIT',
            restSeconds: unit.restSeconds,
            changeOverSeconds: unit.changeOverSeconds,
            setNumber: round,
            side,
          })
        }
      }
    }
  }
  return steps
}

/** The arm that begins a set of the slot; undefined where both work together. */
export function begins(session: SessionView, slot: Slot, setNumber: number): Side | undefined {
  return session.guides.find((g) => g.exerciseKey === slot.exerciseKey)?.begins[setNumber - 1]
}
const inOrder = (first?: Side): Side[] => (first === 'LEFT' ? ['LEFT', 'RIGHT'] : ['RIGHT', 'LEFT'])

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

/** What advice is kept under: the exercise, and the arm where the arms take turns. */
export const about = (exerciseKey: string, side?: Side) => (side ? `${exerciseKey} ${side}` : exerciseKey)

/** Everything said of an exercise, of each arm where they take turns. */
function saidOf(exerciseKey: string, advice: Record<string, Advice>): Advice[] {
  const keys = [about(exerciseKey), about(exerciseKey, 'LEFT'), about(exerciseKey, 'RIGHT')]
  return keys.flatMap((k) => (advice[k] ? [advice[k]] : []))
}

/**
 * The next step: not done, and its exercise not ended by the server's advice. A round that has not begun begins with the arm
 * that the advice has lead.
 */
export function nextStep(steps: Step[], done: Done[], advice: Record<string, Advice>): Step | undefined {
  const next = steps.find(
    (s) => !isDone(s, done) && saidOf(s.slot.exerciseKey, advice).every((a) => a.next !== 'END_EXERCISE'),
  )
  const leads = next?.side && saidOf(next.slot.exerciseKey, advice).find((a) => a.leads)?.leads
  if (!next || !leads || leads === next.side) return next
  const same = (s: Step) => s.slot.exerciseKey === next.slot.exerciseKey && s.setNumber === next.setNumber
  return steps.find((s) => same(s) && s.side === leads && !isDone(s, done)) ?? next
}

/** Whether nothing of the step's round is left to do. */
export function endsRound(step: Step, steps: Step[], done: Done[]): boolean {
  return !steps.some((s) => s.unit === step.unit && s.setNumber === step.setNumber && !isDone(s, done))
}

/** The round of a circuit that is over while its next one has not begun; undefined anywhere else. */
export function roundOver(next: Step | undefined, steps: Step[], done: Done[]): Round | undefined {
  if (!next?.circuit || next.setNumber === 1) return undefined
  const begun = steps.some((s) => s.letter === next.letter && s.setNumber === next.setNumber && isDone(s, done))
  return begun ? undefined : { letter: next.letter, round: next.setNumber - 1 }
}

export interface Round {
  letter: string
  round: number
}

/** Seconds that are waited after the step: the rest after its round, the change-over within one, none before the other arm. */
export function pauseAfter(step: Step, next: Step | undefined, steps: Step[], done: Done[]): number {
  if (!next) return 0
  if (endsRound(step, steps, done)) return step.restSeconds
  return next.slot.exerciseKey === step.slot.exerciseKey ? 0 : step.changeOverSeconds
}

/** What is said about the step's set: by the sets before it where there were any, else what the first one is. */
export function adviceFor(step: Step, session: SessionView, advice: Record<string, Advice>): Advice | undefined {
  const key = about(step.slot.exerciseKey, step.side)
  return advice[key] ?? session.opening[key]
}

/** What the next set starts from: the server's advice where there is one, else the plan. */
export function startOf(
  step: Step,
  advice: Record<string, Advice>,
  opening: Record<string, Advice> = {},
): { load: Load; reps: number } {
  const key = about(step.slot.exerciseKey, step.side)
  const a = advice[key] ?? (step.setNumber === 1 ? opening[key] : undefined)
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

// A hold of so many seconds is timed; a squeeze at the top is not.
const HELD_FROM_S = 5

/** Seconds that the step's set is timed for: its station, or one hold; 0 where repetitions end it. */
export function clocked(step: Step): number {
  const { stationSeconds, tempo } = step.slot
  if (stationSeconds > 0) return step.side ? Math.round(stationSeconds / 2) : stationSeconds
  return tempo.holdS >= HELD_FROM_S ? tempo.holdS : 0
}
