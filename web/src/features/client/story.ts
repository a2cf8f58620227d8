import type { ClientStory, ReviewsView, Units } from '@/shared/api/types'
import { mass } from '@/shared/format'

type PlaceStory = ClientStory['places'][number]
type ExerciseStory = ClientStory['exercises'][number]

/** What a chart shows, before it has colours: the library's own terms, with our names of colours. */
export interface Chart {
  kind: 'ribbon' | 'growth' | 'weeks'
  days: string[]
  top?: number
  lines: {
    name: string
    values: (number | null)[]
    as: 'line' | 'step' | 'bar' | 'mark'
    colour: string
    shapes?: string[]
    dotted?: boolean
    faint?: boolean
    /** Bars of one name stand on each other. */
    on?: string
    /** A value in words, where it is no plain number. */
    label?: (value: number) => string
  }[]
}

const shapes: Record<PlaceStory['sessions'][number]['signal'], string> = {
  GO: 'circle',
  SAME: 'rect',
  EASE: 'triangle',
  REFER: 'diamond',
  WAITING: 'emptyCircle',
}

/** Mornings on the ribbon of the usual: a shape for each signal, a step for the usual. */
export function ribbonOf(place: PlaceStory): Chart {
  const at = place.sessions
  return {
    kind: 'ribbon',
    days: at.map((s) => s.on),
    top: 10,
    lines: [
      { name: 'usual', values: at.map((s) => s.usual), as: 'step', colour: 'line' },
      { name: 'during', values: at.map((s) => s.during), as: 'line', colour: 'quiet', dotted: true },
      {
        name: 'next morning',
        values: at.map((s) => s.morning ?? null),
        as: 'mark',
        colour: 'copper',
        shapes: at.map((s) => shapes[s.signal]),
      },
    ],
  }
}

/** Load as a line, repetitions of the best set as bars behind it. */
export function growthOf(exercise: ExerciseStory, units: Units): Chart {
  return {
    kind: 'growth',
    days: exercise.days.map((d) => d.on),
    lines: [
      { name: 'repetitions', values: exercise.days.map((d) => d.reps), as: 'bar', colour: 'line' },
      {
        name: 'load',
        values: exercise.days.map((d) => d.loadKg),
        as: 'step',
        colour: 'tide',
        label: (v) => mass(v, units),
      },
    ],
  }
}

const COLOURS = ['tide', 'ink', 'go', 'quiet', 'same']

/** What matters to the client, review by review, 0 to 10; what was not asked at one leaves a gap. */
export function outcomesOf(reviews: ReviewsView['reviews']): Chart {
  const inOrder = [...reviews].reverse()
  const names = [...new Set(inOrder.flatMap((r) => r.outcomes.activities.map((a) => a.name)))]
  return {
    kind: 'ribbon',
    days: inOrder.map((r) => r.on),
    top: 10,
    lines: names.map((name, n) => ({
      name,
      values: inOrder.map((r) => r.outcomes.activities.find((a) => a.name === name)?.score ?? null),
      as: 'line',
      colour: COLOURS[n % COLOURS.length]!,
      shapes: inOrder.map(() => 'circle'),
    })),
  }
}

/** Sets of both muscles, hard and easy, week by week, against what the week was to have and the most in any seven days. */
export function weeksOf(weeks: ClientStory['weeks']): Chart {
  const front = weeks.map((w) => w.flexorsAim)
  const back = weeks.map((w) => w.extensorsAim)
  const alike = front.every((n, i) => n === back[i])
  return {
    kind: 'weeks',
    days: weeks.map((w) => w.monday),
    lines: [
      { name: 'front of the arm', values: weeks.map((w) => w.flexors.hard), as: 'bar', colour: 'tide', on: 'front' },
      { name: 'easy', values: weeks.map((w) => w.flexors.easy), as: 'bar', colour: 'tide', on: 'front', faint: true },
      { name: 'back of the arm', values: weeks.map((w) => w.extensors.hard), as: 'bar', colour: 'ink', on: 'back' },
      { name: 'easy', values: weeks.map((w) => w.extensors.easy), as: 'bar', colour: 'ink', on: 'back', faint: true },
      { name: alike ? 'aim' : 'aim, front', values: front, as: 'step', colour: 'tide' },
      ...(alike ? [] : [{ name: 'aim, back', values: back, as: 'step' as const, colour: 'ink' }]),
      { name: 'most in seven days', values: weeks.map((w) => w.most), as: 'line', colour: 'quiet', dotted: true },
    ],
  }
}
