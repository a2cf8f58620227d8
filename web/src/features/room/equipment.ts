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

export function emptyEquipment(): Equipment {
  return {
    dumbbellsKg: [],
    bands: [],
    furniture: [],
    household: [],
    machines: [],
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
