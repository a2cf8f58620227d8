import type { Muscle, Side, Site } from '@/shared/api/types'

/** What is said of one place: its pain this morning, undefined until it is said. */
export interface PlaceNow {
  site: Site
  side: Side
  usual: number
  pain: number | undefined
  /** Marked this morning, not asked after. */
  added?: boolean
}

/** A morning while it is being answered; what is undefined was not said. */
export interface MorningDraft {
  places: PlaceNow[]
  soreness: number | undefined
  soreMuscle: Muscle | undefined
  /** Which arm is sore: undefined until said. */
  soreArms: 'both' | Side | undefined
  stiffMinutes: number | undefined
  sleepHours: number | undefined
  /** Whether anything else was said, or that there is nothing. */
  nothingElse: boolean | undefined
  sharp: boolean
  tingling: boolean
  flags: string[]
}

export const emptyMorning = (places: PlaceNow[]): MorningDraft => ({
  places,
  soreness: undefined,
  soreMuscle: undefined,
  soreArms: undefined,
  stiffMinutes: undefined,
  sleepHours: undefined,
  nothingElse: undefined,
  sharp: false,
  tingling: false,
  flags: [],
})

/** Whether everything that has to be said is said; sleep and stiffness may stay open. */
export const isComplete = (m: MorningDraft, askMuscleFrom: number) =>
  m.soreness !== undefined &&
  (m.soreness < askMuscleFrom || (m.soreMuscle !== undefined && m.soreArms !== undefined)) &&
  (m.nothingElse === true || m.sharp || m.tingling || m.flags.length > 0) &&
  m.places.every((p) => p.pain !== undefined)

/** As the server takes it. */
export const asAnswers = (m: MorningDraft) => ({
  sites: m.places.map((p) => ({ site: p.site, side: p.side, pain: p.pain ?? 0 })),
  muscleSoreness: m.soreness ?? 0,
  soreMuscle: m.soreMuscle,
  soreSide: m.soreArms !== 'both' ? m.soreArms : undefined,
  sleepHours: m.sleepHours,
  stiffMinutes: m.stiffMinutes,
  sharp: m.sharp,
  tinglingStays: m.tingling,
  flags: m.flags,
})
