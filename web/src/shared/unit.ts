import type { Slot, Unit, Units } from './api/types'
import { load, reps, words } from './format'

const ARMS = ['LEFT', 'RIGHT'] as const

/** What a unit of a session is called: "Pair A", "Circuit B", "Care C", or only its letter for an exercise alone. */
export function unitTitle(unit: Pick<Unit, 'layout' | 'letter' | 'care'>): string {
  if (unit.care) return `Care ${unit.letter}`
  const names = { PAIRS: 'Pair ', BLOCKS: 'Block ', CIRCUIT: 'Circuit ', STRAIGHT: '' }
  return names[unit.layout] + unit.letter
}

/** "3 rounds" of a pair, "3 sets" of an exercise alone. */
export function rounds(unit: Unit): string {
  const most = Math.max(...unit.slots.map((s) => s.sets))
  const word = unit.layout === 'STRAIGHT' ? 'set' : 'round'
  return `${most} ${word}${most === 1 ? '' : 's'}`
}

/** Repetitions of a slot: a range, set by set, to the last clean one, or the clock's seconds. */
export function slotReps(slot: Pick<Slot, 'reps' | 'setReps' | 'stationSeconds' | 'manner' | 'sides'>): string {
  if (slot.stationSeconds) return `${slot.stationSeconds} s, about ${slot.reps.high}`
  if (slot.manner?.toLastClean) return `to the last clean one (${reps(slot.reps)})`
  return slot.setReps?.length ? slot.setReps.join(', ') : ownOrShared(slot, (dose) => reps(dose.reps))
}

/** What both arms share, or what each has where they differ: "12–16 left, 9–13 right". */
function ownOrShared<T extends Pick<Slot, 'sides'>>(
  slot: T,
  words: (dose: T | Slot['sides'][string]) => string,
): string {
  const own = ARMS.flatMap((arm) => (slot.sides?.[arm] ? [[words(slot.sides[arm]), arm] as const] : []))
  const differ = new Set(own.map(([said]) => said)).size > 1
  return differ ? own.map(([said, arm]) => `${said} ${arm.toLowerCase()}`).join(', ') : words(slot)
}

/** The load of a slot; of each arm where they have their own. */
export function slotLoad(slot: Pick<Slot, 'load' | 'sides'>, units: Units): string {
  return ownOrShared(slot, (dose) => load(dose.load, units))
}

/** How the arms share the sets of a slot. */
export function armsOf(slot: Pick<Slot, 'arms' | 'sides'>): string {
  if (slot.arms === 'ALTERNATING') return ', each arm, changing every repetition'
  if (slot.arms !== 'IN_TURN') return ''
  const working = Object.keys(slot.sides ?? {})
  return working.length === 1 ? `, ${words(working[0]!)} arm only` : ', each arm'
}
