import type { AtlasItem, ExerciseDetail, Units } from '@/shared/api/types'
import { mass, words } from '@/shared/format'

/** What the trainer looks for; empty texts mean "any". */
export interface Filter {
  text: string
  group: string
  role: string
  implement: string
  head: string
  stance: string
  site: string
  method: string
  allowedOnly: boolean
}

export const anything: Filter = {
  text: '',
  group: '',
  role: 'MAIN',
  implement: '',
  head: '',
  stance: '',
  site: '',
  method: '',
  allowedOnly: false,
}

/** The items that fit, in the order they came; with a site chosen, the kindest to it first. */
export function found(items: AtlasItem[], f: Filter): AtlasItem[] {
  const wanted = f.text.trim().toLowerCase().split(/\s+/).filter(Boolean)
  const fitting = items.filter((i) => {
    const text =
      `${i.name} ${words(i.movement.replaceAll('-', ' '))} ${words(i.implement)} ${words(i.stance)}`.toLowerCase()
    return (
      wanted.every((w) => text.includes(w)) &&
      (!f.group || (i.group === f.group && Object.keys(i.stimulus).length > 0)) &&
      (!f.role || i.role === f.role) &&
      (!f.implement || i.implement === f.implement) &&
      (!f.head || i.works.some((head) => head === f.head)) &&
      (!f.stance || i.stance === f.stance) &&
      (!f.method || i.methods.includes(f.method)) &&
      (!f.allowedOnly || i.whyNot.length === 0)
    )
  })
  if (!f.site) return fitting
  // Of what the model lacks a joint for nothing is known: it comes after all that is.
  const pays = (i: AtlasItem) => (i.modelled === false ? Infinity : (i.stress[f.site] ?? 0))
  return [...fitting].sort((a, b) => Math.sign(a.whyNot.length) - Math.sign(b.whyNot.length) || order(pays(a), pays(b)))
}

function order(a: number, b: number) {
  return a === b ? 0 : a - b
}

const PROFILES = { EARLY: 'early', MIDDLE: 'in the middle', LATE: 'late', NONE: 'nowhere at the elbow' }
/** Where in the lift the elbow is loaded most. */
export function profileOf(detail: ExerciseDetail): string {
  return PROFILES[detail.curve.summary.profile]
}

/** The values of one field among the items, each once, as choices. */
export function choices(items: AtlasItem[], field: 'implement' | 'stance' | 'role') {
  return [...new Set(items.map((i) => i[field]))]
    .sort()
    .map((value) => ({ value: value as string, text: words(value) }))
}

/** What all of it is worked out with; equal effort gives no load that anybody has, so it is "about". */
export function workedOutAt(detail: ExerciseDetail, units: Units): string {
  const kg = detail.item.loadKg
  switch (detail.loadReason.ruleId) {
    case 'LOAD-body':
      return 'the body’s own weight'
    case 'LOAD-not-modelled':
      return 'next to nothing'
    case 'LOAD-none':
      return 'empty hands'
    case 'LOAD-equal-effort':
      return `about ${mass(Math.round(kg * 10) / 10, units)}`
    default:
      return mass(kg, units)
  }
}
