import type { LimitKind } from '@/shared/api/types'

/** What a limit added by hand leaves out or keeps, as the trainer would say it. */
export const kindWords: Record<LimitKind['kind'], string> = {
  LARGEST_ELEVATION: 'Upper arm raised at most',
  LARGEST_EXTENSION: 'Upper arm behind the trunk at most',
  LARGEST_ELBOW_BEND: 'Elbow bends at most',
  SMALLEST_ELBOW_BEND: 'Elbow stays short of straight by',
  LARGEST_INWARD_ROTATION: 'Raised arm turned inward at most',
  NO_GRIP: 'A grip',
  NO_IMPLEMENT: 'An implement',
  NO_STANCE: 'A position',
  NO_EXERCISE: 'A movement or exercise',
  NO_METHOD: 'A method',
  NO_BODY_WEIGHT: 'Body weight on the arms',
  NO_ARM_PAD: 'A pad under the upper arm',
  LARGEST_EFFORT: 'Effort at most',
  FEWEST_REPS: 'Repetitions at least',
  MOST_REPS: 'Repetitions at most',
  SETS_PER_EXERCISE: 'Sets an exercise at most',
  SETS_A_WEEK: 'Sets a week, front and back of the arm each, at most',
  HOLDS_ONLY: 'All but held efforts',
  LONGEST_HOLD: 'One hold at most',
  NO_LOADING: 'Any loading',
  MOST_FLOOR_CHANGES: 'Down to the floor in a session at most',
  NO_BREATH_HOLDING: 'Breath-holding',
  NO_CUFFS: 'Restriction cuffs',
  NO_FAST_LOWERING: 'Fast or heavy lowering',
}
