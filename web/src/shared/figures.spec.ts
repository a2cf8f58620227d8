import { readFileSync } from 'node:fs'
import { describe, expect, it, vi } from 'vitest'
import type { Figure } from './api/types'
import { momentAt, project, type Frame, type Point, type View } from './figure'
import { box, drawn, type Shape } from './figureBody'

// Every exercise for three builds, as the server's build wrote them.
const figures = JSON.parse(readFileSync('../server/target/figures.json', 'utf8')) as Record<string, Figure[]>
const MOMENTS = [0, 0.5, 1]
// More than a thousand drawings to a test, beside other work.
vi.setConfig({ testTimeout: 60_000 })
const VIEWS: View[] = ['SIDE', 'THREE_QUARTER', 'FRONT']
const HELD = ['thing', 'hollow', 'band', 'line']

interface Drawing {
  key: string
  figure: Figure
  view: View
  moment: Frame
  shapes: Shape[]
}
function* drawings(): Generator<Drawing> {
  for (const [key, builds] of Object.entries(figures)) {
    for (const figure of builds) {
      for (const view of VIEWS) {
        for (const progress of MOMENTS) {
          const moment = momentAt(figure, progress)
          yield { key, figure, view, moment, shapes: drawn(figure, moment, view) }
        }
      }
    }
  }
}
const told = (d: Drawing) => `${d.key} ${d.view} at ${d.moment.progress}, ${d.figure.build.trunkM}`

/** How far inside the outline {@link path} draws a point lies; negative outside. */
function inside(path: string, [x, y]: Point): number {
  const outlines = path.split('Z').filter((o) => o.trim())
  return Math.max(
    ...outlines.map((outline) => {
      const points = outline
        .replace('M', '')
        .trim()
        .split('L')
        .map((p) => p.trim().split(' ').map(Number) as Point)
      return Math.min(
        ...points.map(([ax, ay], i) => {
          const [bx, by] = points[(i + 1) % points.length]!
          const length = Math.hypot(bx - ax, by - ay)
          // Outlines are written to the millimetre, which bends their shortest edges.
          return length < 0.004 ? Infinity : ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / length
        }),
      )
    }),
  )
}

describe('the drawing of every exercise', () => {
  it('has them all', () => {
    expect(Object.keys(figures).length).toBeGreaterThan(140)
  })
  it('puts nothing outside its frame', () => {
    const out: string[] = []
    for (const d of drawings()) {
      const b = box(d.figure, d.view)
      const [l, t, r, u] = [0, 1, 2, 3].map((i) => d.shapes.map((s) => s.bounds[i]!)) as [
        number[],
        number[],
        number[],
        number[],
      ]
      if (
        Math.min(...l) < b.x ||
        Math.min(...t) < b.y ||
        Math.max(...r) > b.x + b.width ||
        Math.max(...u) > b.y + b.height
      )
        out.push(told(d))
    }
    expect(out).toEqual([])
  })
  it('has shoulder, elbow and hand where the model has them, in the middle of what is drawn', () => {
    const out: string[] = []
    for (const d of drawings()) {
      const { upperArmM: u, forearmM: f } = d.figure.build
      const arm = d.shapes.filter((s) => s.tone === 'near').map((s) => s.path())
      for (const [at, least] of [
        [d.moment.shoulder, 0.6 * u],
        [d.moment.elbow, 0.6 * u],
        [d.moment.grip, 0.5 * f],
      ] as const) {
        if (Math.max(...arm.map((path) => inside(path, project(at, d.view)))) < least) out.push(told(d))
      }
    }
    expect(out).toEqual([])
  })
  it('has the hand on what it holds', () => {
    const out: string[] = []
    for (const d of drawings()) {
      if (['BODY_WEIGHT', 'FIXED', 'NOTHING'].includes(d.figure.implement)) continue
      const [x, y] = project(d.moment.grip, d.view)
      const near = d.shapes.some(
        (s) =>
          HELD.includes(s.tone) &&
          x > s.bounds[0] - 0.02 &&
          x < s.bounds[2] + 0.02 &&
          y > s.bounds[1] - 0.02 &&
          y < s.bounds[3] + 0.02,
      )
      if (!near) out.push(told(d))
    }
    expect(out).toEqual([])
  })
  it('rests the body on the ground or on what stands there, and sinks into neither', () => {
    const out: string[] = []
    for (const d of drawings()) {
      const body = d.shapes.filter((s) => !HELD.includes(s.tone))
      const lowest = Math.max(...body.map((s) => s.bounds[3]))
      const overGround = -d.figure.floorY - lowest
      const last = d.figure.frames.length - 1
      const moves = Math.abs(d.figure.frames[0]!.hip.y - d.figure.frames[last]!.hip.y) > 0.03
      const stands = ['STANDING', 'BENT_OVER', 'SEATED', 'KNEELING', 'FLOOR'].includes(d.figure.stance) && !moves
      if (overGround < -0.06 || (stands && overGround > 0.05)) out.push(`${told(d)}: ${overGround.toFixed(3)}`)
    }
    expect(out).toEqual([])
  })
})
