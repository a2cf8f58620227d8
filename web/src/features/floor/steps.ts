import type { Advice, Load, LogSet, SessionView, Side, Slot } from '@/shared/api/types'

/** One thing to do on the floor: one set of one exercise, of one arm where the arms take turns. */
export interface Step {
  slot: Slot
  letter: string
  setNumber: number
  side?: Side
  lastOfRound: boolean
}

/** Every set of the session in the order of the floor: round by round, the arms in turn. */
export function stepsOf(session: SessionView): Step[] {
  // The arm that begins changes from visit to visit.
  const day = Math.round(Date.parse(`${session.visitOn}T12:00:00Z`) / 86_400_000)
  const sides: Side[] = day % 2 ? ['LEFT', 'RIGHT'] : ['RIGHT', 'LEFT']
  const steps: Step[] = []
  for (const pair of session.plan.units) {
    const rounds = Math.max(...pair.slots.map((s) => s.sets))
    for (let round = 1; round <= rounds; round++) {
      const before = steps.length
      for (const slot of pair.slots.filter((s) => s.sets >= round)) {
        for (const side of slot.arms === 'IN_TURN' ? sides : [undefined]) {
          steps.push({ slot, letter: pair.letter, setNumber: round, side, lastOfRound: false })
        }
      }
      if (steps.length > before) steps[steps.length - 1]!.lastOfRound = true
    }
  }
  return steps
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
  return a && a.next !== 'END_EXERCISE'
    ? { load: a.load, reps: a.reps }
    : { load: step.slot.load, reps: step.slot.reps.high }
}
