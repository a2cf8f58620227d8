import type { CautionDetail, ClientDetails, ClientView, Side, Units } from '@/shared/api/types'

const CM_PER_INCH = 2.54
const KG_PER_POUND = 0.45359237

/** The days of the week, in its order. */
export const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY']

type Day = NonNullable<ClientDetails['days']>[number]

/** The intake as it is typed: sizes in the client's units, nothing chosen until it is. */
export interface Intake {
  id: string
  version?: number
  name: string
  bornOn: string
  sex?: ClientDetails['sex']
  units: Units
  stature: string | number
  bodyMass: string | number
  hand?: Side
  goal?: ClientDetails['goal']
  life: string
  visitsSoFar: string | number
  trainedBefore?: boolean
  risesWithoutHands?: boolean
  visitsPerWeek: string | number
  minutes: string | number
  placeId?: string
  cautions: Record<string, boolean>
  cautionDetails: Record<string, CautionDetail>
  dislikes: string[]
  otherTraining: string
  elsewhere: { day: string; muscle: string; hard: boolean }[]
  heavyDays: string[]
  days: string[]
  events: { name: string; on: string }[]
  otherPlaces: string[]
}

export function emptyIntake(): Intake {
  return {
    id: crypto.randomUUID(),
    name: '',
    bornOn: '',
    units: 'KG_CM',
    stature: '',
    bodyMass: '',
    life: '',
    visitsSoFar: '',
    visitsPerWeek: 2,
    minutes: 35,
    cautions: {},
    cautionDetails: {},
    dislikes: [],
    otherTraining: '',
    elsewhere: [],
    heavyDays: [],
    days: [],
    events: [],
    otherPlaces: [],
  }
}

/** Whether everything that a client cannot be without has been typed; until then nothing is sent. */
export function isWhole(i: Intake): boolean {
  const typed = [i.name.trim(), i.bornOn, i.stature, i.bodyMass, i.visitsSoFar, i.visitsPerWeek, i.minutes, i.placeId]
  const chosen = [i.sex, i.hand, i.goal, i.trainedBefore]
  return typed.every((t) => t !== '' && t !== undefined) && chosen.every((c) => c !== undefined)
}

/** Inches as people say them: feet, and what is left. Nothing typed gives nothing. */
export function feetAndInches(inches: string | number): { feet?: number; inches?: number } {
  if (inches === '' || !Number.isFinite(Number(inches))) return {}
  const feet = Math.floor(Number(inches) / 12)
  return { feet, inches: Number((Number(inches) - 12 * feet).toFixed(1)) }
}

/** The other way; empty while neither is typed. */
export function inInches(feet: string | number | undefined, inches: string | number | undefined): string | number {
  const typed = (v: string | number | undefined) => v !== '' && v !== undefined
  return typed(feet) || typed(inches) ? 12 * Number(feet ?? 0) + Number(inches ?? 0) : ''
}

const round = (value: number) => Math.round(value * 10) / 10

export function fromDetails(client: ClientView): Intake {
  const d = client.details
  const imperial = d.units === 'LB_FT'
  return {
    ...emptyIntake(),
    ...d,
    elsewhere: (d.elsewhere ?? []).map((e) => ({ day: e.day, muscle: e.group ?? '', hard: e.hard })),
    visitsSoFar: d.story.visits,
    trainedBefore: d.story.trainedBefore,
    risesWithoutHands: d.story.risesWithoutHands,
    id: client.id,
    version: client.version,
    stature: round((d.statureM * 100) / (imperial ? CM_PER_INCH : 1)),
    bodyMass: round(d.bodyMassKg / (imperial ? KG_PER_POUND : 1)),
  }
}

/** What the server stores: SI, and nothing for a field that was left empty. */
export function toDetails(i: Intake): Partial<ClientDetails> {
  const imperial = i.units === 'LB_FT'
  const number = (value: string | number) => (value === '' ? 0 : Number(value))
  return {
    name: i.name,
    bornOn: i.bornOn || undefined,
    sex: i.sex,
    statureM: Number(((number(i.stature) * (imperial ? CM_PER_INCH : 1)) / 100).toFixed(4)),
    bodyMassKg: Number((number(i.bodyMass) * (imperial ? KG_PER_POUND : 1)).toFixed(3)),
    hand: i.hand,
    goal: i.goal,
    life: i.life,
    story: {
      visits: number(i.visitsSoFar),
      trainedBefore: i.trainedBefore ?? false,
      risesWithoutHands: i.risesWithoutHands,
    },
    units: i.units,
    visitsPerWeek: number(i.visitsPerWeek),
    minutes: number(i.minutes),
    placeId: i.placeId,
    cautions: i.cautions,
    cautionDetails: i.cautionDetails,
    dislikes: i.dislikes,
    otherTraining: i.otherTraining,
    elsewhere: i.elsewhere.map((e) => ({
      day: e.day as Day,
      group: (e.muscle || undefined) as 'FLEXORS' | 'EXTENSORS' | undefined,
      hard: e.hard,
    })),
    heavyDays: i.heavyDays as ClientDetails['heavyDays'],
    days: i.days as ClientDetails['days'],
    // A line that is still being typed waits.
    events: i.events.filter((e) => e.name.trim() && e.on),
    otherPlaces: i.otherPlaces,
  }
}
