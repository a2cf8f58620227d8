import type { Limit } from './api/types'
import { words } from './format'

const stances: Record<string, string> = {
  floor: 'on the floor',
  supine: 'lying on the back',
  'side lying': 'lying on the side',
  'prone supported': 'lying face down',
  hanging: 'hanging between bench and feet',
  'standing hands busy': 'standing without a hand to hold on',
}
const LOADING = ' in what loads it'
const families: Record<string, string> = {
  dip: 'dips',
  press: 'presses',
  'across body': 'work across the body',
  'pressing down': 'press-downs',
  curl: 'curls',
  'bench press': 'presses lying on a bench',
  'hold bent': 'held curls',
  'hold straightening': 'held push-downs',
}

/** A limit as one short phrase. */
export function limitWords(limit: Limit): string {
  const value = limit.value ?? 0
  const press = limit.target === 'press' || limit.movement === 'press' ? ' in presses' : ''
  const target = (limit.target ?? '').replaceAll('-', ' ')
  const group = limit.group === 'EXTENSORS' ? ' in exercises for the back of the arm' : ''
  const grip = limit.grip ? ` with ${words(limit.grip)} grips` : ''
  const loading = limit.site ? LOADING : ''
  const text: Record<Limit['kind'], string> = {
    LARGEST_ELEVATION: `upper arm raised to ${value}° at most${press}`,
    LARGEST_EXTENSION:
      (value ? `upper arm at most ${value}° behind the trunk` : 'upper arm never behind the trunk') + press,
    LARGEST_INWARD_ROTATION: 'raised arm never turned inward',
    LARGEST_ELBOW_BEND: `elbow bends to ${value}° at most${group}`,
    SMALLEST_ELBOW_BEND: `elbow stays ${value}° short of straight${group}${grip}`,
    LARGEST_OUTWARD_ROTATION: `raised arm turned outward ${value}° at most`,
    LARGEST_TRUNK_BEND: `trunk bent ${value}° at most unless something carries it`,
    COMES_LAST: `${families[target] ?? target} after everything else`,
    OPENS: `${families[target] ?? target} before everything else`,
    LOWEST_RUNG: `no push-up lower than a ${target}`,
    NO_SUPPORT_ON_HAND: limit.site ? 'that hand carries no trunk' : 'that arm carries nothing',
    NO_LOOP: 'nothing tight or looped on that arm',
    NO_GRIP: `no ${target} grips`,
    NO_IMPLEMENT: `no ${target}${grip}${press}`,
    NO_STANCE: `nothing ${stances[target] ?? target}`,
    NO_EXERCISE: `no ${families[target] ?? target}`,
    NO_FLAT_HAND: 'no weight on the flat hand',
    NO_BODY_WEIGHT: 'no body weight on that arm',
    LARGEST_EFFORT: `effort to ${value}${press || grip || loading}`,
    NO_METHOD: `not the method ${target}`,
    NO_ARM_PAD: 'no pad or brace under that arm',
    SETS_A_WEEK: `at most ${value} sets a week for each side of the arm`,
    HOLDS_ONLY: 'held efforts only where it is loaded',
    LONGEST_HOLD: `holds of ${value} s at most${loading}`,
    NO_LOADING: limit.site ? 'nothing that loads it' : 'no loading',
    MOST_FLOOR_CHANGES:
      value === 1 ? 'down to the floor once a session at most' : `down to the floor ${value} times at most`,
    FEWEST_REPS: `at least ${value} repetitions${loading}`,
    MOST_REPS: `at most ${value} repetitions${loading}`,
    SETS_PER_EXERCISE: `at most ${value} sets an exercise${loading}`,
    IN_WORDS: limit.reason.exact.replace(/[.]$/, ''),
    NO_BREATH_HOLDING: 'no breath-holding',
    NO_CUFFS: 'no restriction cuffs',
    NO_FAST_LOWERING: 'no fast or heavy lowering',
  }
  return text[limit.kind]
}

/** The same in as few words as a glance takes, of the place it protects. */
export function shortWords(limit: Limit): string {
  const value = limit.value ?? 0
  const family = families[(limit.target ?? '').replaceAll('-', ' ')] ?? (limit.target ?? '').replaceAll('-', ' ')
  const short: Partial<Record<Limit['kind'], string>> = {
    LARGEST_ELBOW_BEND: `bend to ${value}°`,
    SMALLEST_ELBOW_BEND: `${value}° short of straight`,
    LARGEST_ELEVATION: `arm raised to ${value}°`,
    LARGEST_EXTENSION: value ? `arm back to ${value}°` : 'arm never back',
    OPENS: `${family} first`,
    COMES_LAST: `${family} last`,
    LARGEST_EFFORT: `effort to ${value}`,
    FEWEST_REPS: `${value} repetitions or more`,
    MOST_REPS: `${value} repetitions or fewer`,
    SETS_PER_EXERCISE: `${value} sets each`,
    SETS_A_WEEK: `${value} sets a week`,
    NO_FAST_LOWERING: 'no fast lowering',
    NO_GRIP: `no ${limit.target?.replaceAll('-', ' ')} grip`,
    NO_FLAT_HAND: 'no flat hand',
    NO_ARM_PAD: 'no pad',
    NO_SUPPORT_ON_HAND: 'no leaning on it',
    NO_LOOP: 'nothing tight on it',
  }
  if (limit.kind === 'NO_IMPLEMENT' && limit.grip) return `${words(limit.grip)} only with some things`
  return short[limit.kind] ?? limitWords(limit).replace(LOADING, '')
}

/** What holds at one place: each phrase with the limit that says it. */
export interface LimitGroup {
  place: string
  phrases: string[]
  limits: Limit[]
}

/** Where a limit holds: a place, an arm, or the whole person. */
export function limitPlace(limit: Limit): string {
  if (!limit.side) return 'in general'
  return limit.site ? `${words(limit.side)} ${words(limit.site)}` : `${words(limit.side)} arm`
}

/** Whether it is the rule that holds for nearly everyone. */
export const isUsual = (group: LimitGroup) => group.limits[0]!.reason.ruleId.startsWith('CUFFS-not-')

/** Groups limits by the place they protect, in their order, as somebody would say them of it. */
export function grouped(limits: Limit[], say = (l: Limit) => limitWords(l).replace(LOADING, '')): LimitGroup[] {
  const groups = new Map<string, LimitGroup>()
  for (const limit of limits) {
    // Cuffs are off for everyone who was not cleared for them, and stand apart from what a place asks for.
    const usual = limit.reason.ruleId.startsWith('CUFFS-not-')
    const place = limitPlace(limit)
    const key = `${usual} ${place}`
    const group = groups.get(key) ?? { place, phrases: [], limits: [] }
    const fewest = limit.kind === 'MOST_REPS' ? group.limits.findIndex((l) => l.kind === 'FEWEST_REPS') : -1
    if (fewest >= 0) {
      group.phrases[fewest] = `${group.limits[fewest]!.value} to ${limit.value} repetitions`
    } else {
      const phrase = say(limit)
      if (!group.phrases.includes(phrase)) {
        group.phrases.push(phrase)
        group.limits.push(limit)
      }
    }
    groups.set(key, group)
  }
  return [...groups.values()].sort((a, b) => Number(isUsual(a)) - Number(isUsual(b)))
}
