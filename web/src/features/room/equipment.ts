import type { Equipment } from '@/shared/api/types'

export const furniture = [
  'chair',
  'chair back',
  'table',
  'counter',
  'flat bench',
  'adjustable bench',
  'sloped pad',
  'low anchor',
  'middle anchor',
  'high anchor',
  'door anchor',
  'post',
  'rings',
  'dip bars',
  'strap',
  'wrist cuff',
  'towel',
  'mat',
]
export const machines = ['curl machine', 'dip machine', 'extension machine']

const KG_PER_LB = 0.45359237

/** What fields of a thing show and take, in the unit that is stamped on it, and what that is in kg. */
export function stampedIn(pounds: boolean) {
  const kg = pounds ? KG_PER_LB : 1
  return {
    unit: pounds ? 'lb' : 'kg',
    shown: (value: number) => Number((value / kg).toFixed(2)),
    kg: (value: number) => value * kg,
  }
}

/** The same numbers with the other unit stamped beside them. */
export function restamped(value: number, pounds: boolean): number {
  return stampedIn(pounds).kg(stampedIn(!pounds).shown(value))
}

/** What is stamped in pounds, once `thing` is or is not. */
export function stampedAs(inPounds: string[], thing: string, lb: boolean): string[] {
  return lb ? [...new Set([...inPounds, thing])] : inPounds.filter((other) => other !== thing)
}

export function emptyEquipment(): Equipment {
  return {
    dumbbellsKg: [],
    bands: [],
    furniture: [],
    household: [],
    machines: [],
    inPounds: [],
    fixtures: { benchNotchesDeg: [], anchorHeightsM: [], restrictionCuffs: false },
  }
}

/** Numbers typed in one line, "1, 2.5 5", lightest first, each once; what is no number is left out. */
export function numbers(text: string): number[] {
  const found = text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((t) => Number(t.replace(',', '.')))
    .filter((n) => Number.isFinite(n))
  return [...new Set(found)].sort((a, b) => a - b)
}

/** The words in a line that are no numbers. */
export function strays(text: string): string[] {
  return text.split(/[\s,;]+/).filter((t) => t && !Number.isFinite(Number(t)))
}
