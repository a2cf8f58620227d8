import type { Goal } from './api/types'

/** The two answers to a plain question, in the order that is usual for it. */
export const yesNo = [
  { value: true, text: 'yes' },
  { value: false, text: 'no' },
]
export const noYes = [...yesNo].reverse()
const goalWords: Record<Goal, string> = {
  FUNCTION: 'everyday strength',
  ARM_SIZE: 'arm size',
  STRENGTH: 'strength',
  KEEP: 'keep what is there',
  RETURN: 'back after a break',
  LOOK: 'look',
}
/** What a client, or a block of weeks, aims at. */
export const goals = Object.entries(goalWords).map(([value, text]) => ({ value: value as Goal, text }))
