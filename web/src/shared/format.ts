import type { Load, Units } from './api/types'

const POUNDS_PER_KG = 1 / 0.45359237

// What a trainer calls by other words than the core.
const CALLED: Record<string, string> = { HOUSEHOLD: 'jug, can or bag', NEUTRAL: 'thumb up', NOTHING: 'empty hands' }

/** A name of the core in words: TOP_OUTER_SHOULDER becomes "top outer shoulder". */
export function words(name: string): string {
  if (CALLED[name]) return CALLED[name]
  return name.toLowerCase().replaceAll('_', ' ')
}

/** The same with a capital. */
export function title(name: string): string {
  const text = words(name)
  return text.charAt(0).toUpperCase() + text.slice(1)
}

function trim(value: number, decimals: number): string {
  return Number(value.toFixed(decimals)).toString()
}

/** A mass in the client's units, for example "6 kg" or "13.2 lb". */
export function mass(kg: number, units: Units): string {
  return units === 'LB_FT' ? `${trim(kg * POUNDS_PER_KG, 1)} lb` : `${trim(kg, 2)} kg`
}

/** What fields of masses and lengths show and take in the client's units, and what that is in kg and m. */
export function fieldsIn(units: Units) {
  const pounds = units === 'LB_FT'
  const kg = pounds ? POUNDS_PER_KG : 1
  const metre = pounds ? 1 / 0.0254 : 100
  return {
    mass: pounds ? 'lb' : 'kg',
    length: pounds ? 'in' : 'cm',
    massOf: (value: number) => Number((value * kg).toFixed(2)),
    kgOf: (value: number | string | null) => Math.round((Number(value) / kg) * 100) / 100,
    lengthOf: (value: number) => Number((value * metre).toFixed(pounds ? 1 : 0)),
    metresOf: (value: number | string | null) => Number(value) / metre,
  }
}

const MASS = /(\d+(?:\.\d+)?) (kg|lb)\b(?: with add-on)?/g

/** A mass as it is said, in the client's own unit; nothing where it is said in that. */
function own(number: string, unit: string, units: Units): string | undefined {
  if ((unit === 'lb') === (units === 'LB_FT')) return undefined
  return unit === 'lb' ? `${trim(Number(number) / POUNDS_PER_KG, 1)} kg` : mass(Number(number), units)
}

/** A load as it is stamped on the thing or called, and beside it the client's own unit where that is another. */
export function load(value: Load, units: Units): string {
  return inUnits(value.label, units)
}

/** What a load is in the client's own unit, to stand small beside it; nothing where the thing is stamped in that. */
export function besideLoad(value: Load, units: Units): string | undefined {
  const said = [...value.label.matchAll(MASS)][0]
  return said && own(said[1]!, said[2]!, units)
}

/** A sentence of the core with its dates as people say them. */
export function dated(sentence: string): string {
  return sentence.replace(/\b\d{4}-\d{2}-\d{2}\b/g, (iso) => date(iso))
}

/** The same, with the client's own unit beside each mass that is said in the other, once. */
export function inUnits(sentence: string, units: Units): string {
  const told = new Set<string>()
  return dated(sentence).replace(MASS, (said: string, number: string, unit: string) => {
    const beside = own(number, unit, units)
    if (!beside || told.has(beside)) return said
    told.add(beside)
    return `${said} (${beside})`
  })
}

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })

/** A date as "Tue 24 Nov". */
export function date(iso: string): string {
  return day.format(new Date(`${iso}T12:00:00`))
}

/** A time of day as "9:30". */
export function timeOfDay(iso: string): string {
  return iso.slice(0, 5).replace(/^0/, '')
}

/** A date against today: "today", "tomorrow", "yesterday", "in 3 days", "12 days ago". */
export function relative(iso: string, today: string): string {
  const days = Math.round((Date.parse(`${iso}T12:00:00Z`) - Date.parse(`${today}T12:00:00Z`)) / 86_400_000)
  if (days === 0) return 'today'
  if (days === 1) return 'tomorrow'
  if (days === -1) return 'yesterday'
  return days > 0 ? `in ${days} days` : `${-days} days ago`
}

/** Seconds as "1:05". */
export function clock(seconds: number): string {
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** What a step of a warm-up asks: a load and repetitions, repetitions alone, or time. */
export function warmUpDose(step: { load?: Load; reps: number; seconds: number }, units: Units): string {
  if (!step.reps) return `${clock(step.seconds)} min`
  return step.load ? `${load(step.load, units)} × ${step.reps}` : `${step.reps} repetitions`
}

/** A repetition range as "8–12" or "10". */
export function reps(range: { low: number; high: number }): string {
  return range.low === range.high ? String(range.high) : `${range.low}–${range.high}`
}

/** What was typed into a field; nothing when it is empty. */
export function typed(value: string | number | undefined): string | undefined {
  return value ? String(value) : undefined
}
