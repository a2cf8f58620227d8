import type { Adjustment, ExerciseDetail } from '@/shared/api/types'
import { words } from '@/shared/format'

/** Nothing turned. */
export const untouched: Adjustment = {
  benchDeg: 0,
  armForwardDeg: 0,
  driftDeg: 0,
  flareDeg: 0,
  anchorUpM: 0,
  anchorForwardM: 0,
  rangeFrom: 0,
  rangeTo: 1,
  bandCount: 1,
  bandWrapM: 0,
}

export type NumberField = Exclude<keyof Adjustment, 'grip' | 'implement' | 'band'>
export interface Slider {
  field: NumberField
  label: string
  from: number
  to: number
  step: number
  unit: string
  low: string
  high: string
}

/** The sliders that make sense for this exercise, with the spans the server gave. */
export function sliders(detail: ExerciseDetail): Slider[] {
  const { benchDeg, armForwardDeg, flareDeg } = detail.scope
  const list: Slider[] = []
  const span = (
    field: NumberField,
    label: string,
    range: { from: number; to: number } | undefined,
    low: string,
    high: string,
  ) => {
    if (range && range.to > range.from) {
      list.push({ field, label, from: Math.ceil(range.from), to: Math.floor(range.to), step: 1, unit: '°', low, high })
    }
  }
  span('benchDeg', 'Bench', benchDeg, 'flatter', 'more upright')
  span('armForwardDeg', 'Upper arm', armForwardDeg, 'back', 'forward')
  span('driftDeg', 'Drift by the top', armForwardDeg && { from: -40, to: 40 }, 'back', 'forward')
  span('flareDeg', 'Elbows', flareDeg, 'in', 'out')
  if (isAnchored(detail)) {
    const metres = { from: -1, to: 1, step: 0.05, unit: 'm' }
    list.push(
      { field: 'anchorUpM', label: 'Anchor height', ...metres, low: 'lower', high: 'higher' },
      { field: 'anchorForwardM', label: 'Anchor distance', ...metres, low: 'back', high: 'forward' },
    )
  }
  return list
}

export function isAnchored(detail: ExerciseDetail): boolean {
  return ['CABLE_HANDLE', 'CABLE_ROPE', 'CABLE_BAR', 'BAND'].includes(detail.item.implement)
}

/** A slider's value in words, for example "10° forward" or "as it was". */
export function said(slider: Slider, value: number): string {
  if (value === 0) return 'as it was'
  const size = slider.unit === 'm' ? `${Math.round(Math.abs(value) * 100)} cm` : `${Math.abs(value)}${slider.unit}`
  return `${size} ${value < 0 ? slider.low : slider.high}`
}

/** What is turned, in a few words: a first name for a variation. */
export function suggestedName(detail: ExerciseDetail, a: Adjustment, list: Slider[]): string {
  const turned = list.filter((s) => a[s.field] !== 0).map((s) => `${s.label.toLowerCase()} ${said(s, a[s.field])}`)
  if (a.grip) turned.push(words(a.grip))
  if (a.implement) turned.push(`with a ${words(a.implement)}`)
  if (a.rangeFrom > 0 || a.rangeTo < 1) turned.push('part of the range')
  return turned.length ? `${detail.item.name}, ${turned.join(', ')}`.slice(0, 80) : ''
}
