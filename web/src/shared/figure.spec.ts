import { describe, expect, it } from 'vitest'
import type { Figure } from './api/types'
import { arrow, box, held, momentAt, otherAnchor, project } from './figure'
import { progressAt } from './useTempo'

const p = (x: number, y: number, z = 0) => ({ x, y, z })
const figure = (over: Partial<Figure> = {}): Figure => ({
  implement: 'DUMBBELL',
  stance: 'STANDING',
  bothArms: true,
  oneWeight: false,
  upperArmSupported: false,
  peakDemandNm: 20,
  peakBendDeg: 90,
  floorY: -1.35,
  props: [],
  frames: [0, 1].map((progress) => ({
    progress,
    bendDeg: 90 * progress,
    demandNm: 20 * progress,
    head: p(0, 0.2, -0.2),
    shoulder: p(0, 0),
    otherShoulder: p(0, 0, -0.4),
    hip: p(0, -0.5, -0.2),
    leg: [p(0, -0.5, -0.1), p(0, -0.9, -0.1), p(0, -1.3, -0.1)],
    otherLeg: [p(0, -0.5, -0.3), p(0, -0.9, -0.3), p(0, -1.3, -0.3)],
    elbow: p(0, -0.3),
    grip: p(0.33 * progress, -0.3 - 0.33 * (1 - progress)),
    otherElbow: p(0, -0.3, -0.4),
    otherGrip: p(0.33 * progress, -0.3 - 0.33 * (1 - progress), -0.4),
    handle: p(0, 0, 1),
    pull: p(0, -1),
  })),
  ...over,
})

describe('the drawn figure', () => {
  it('shows the client’s right arm on the left of a front view and forward to the right of a side view', () => {
    expect(project(p(0.3, 0.1, 0.5), 'side')).toEqual([0.3, -0.1])
    expect(project(p(0.3, 0.1, 0.5), 'front')).toEqual([-0.5, -0.1])
  })
  it('holds every joint, the anchor and the floor inside its box, from both sides', () => {
    const f = figure({ anchor: p(0.4, 0.7, 0.6) })
    for (const view of ['side', 'front'] as const) {
      const b = box(f, view)
      const inside = [...f.frames.flatMap((g) => [g.head, g.hip, g.elbow, g.otherGrip, ...g.leg]), f.anchor!]
      for (const [x, y] of inside.map((q) => project(q, view))) {
        expect(x).toBeGreaterThan(b.x)
        expect(x).toBeLessThan(b.x + b.width)
        expect(y).toBeGreaterThan(b.y)
        expect(y).toBeLessThan(b.y + b.height)
      }
      expect(b.y + b.height).toBeGreaterThan(-f.floorY)
    }
  })
  it('moves evenly between frames and never past them', () => {
    expect(momentAt(figure(), 0.5).grip.x).toBeCloseTo(0.165)
    expect(momentAt(figure(), 0.5).bendDeg).toBeCloseTo(45)
    expect(momentAt(figure(), 2).grip.x).toBeCloseTo(0.33)
    expect(momentAt(figure(), -1).grip.x).toBeCloseTo(0)
  })
  it('draws a dumbbell end-on as one plate and along as a bar with two', () => {
    const m = momentAt(figure(), 0.5)
    expect(held(figure(), m, 'side')).toHaveLength(2)
    expect(held(figure(), m, 'front').filter((piece) => piece.kind === 'line')).toHaveLength(6)
    expect(held(figure({ implement: 'BODY_WEIGHT' }), m, 'side')).toHaveLength(0)
    expect(held(figure({ bothArms: false }), m, 'side')).toHaveLength(1)
    expect(held(figure({ oneWeight: true }), m, 'side')).toHaveLength(2)
    expect(held(figure({ implement: 'STRAIGHT_BAR', oneWeight: true }), m, 'front')).toHaveLength(3)
    expect(held(figure({ implement: 'HOUSEHOLD' }), m, 'side')).toHaveLength(4)
    expect(held(figure({ implement: 'CABLE_HANDLE' }), m, 'side')).toHaveLength(2)
  })
  it('points along the pull, and not at all when nothing pulls or it comes straight at the eye', () => {
    const m = momentAt(figure(), 0.5)
    expect(arrow(m, 'side')!.head[0]![1]).toBeGreaterThan(project(m.grip, 'side')[1])
    expect(arrow({ ...m, pull: p(0, 0) }, 'side')).toBeNull()
    expect(arrow({ ...m, pull: p(1, 0) }, 'front')).toBeNull()
  })
  it('mirrors the anchor for the other arm', () => {
    expect(otherAnchor(p(0.2, 0.4, 0.1), momentAt(figure(), 0))).toEqual(p(0.2, 0.4, -0.5))
  })
})

describe('the tempo', () => {
  const tempo = { upS: 1, holdS: 1, downS: 3 }
  it('lifts, holds, lowers and rests a moment', () => {
    expect(progressAt(0.5, tempo)).toBeCloseTo(0.5)
    expect(progressAt(1.5, tempo)).toBe(1)
    expect(progressAt(3.5, tempo)).toBeCloseTo(0.5)
    expect(progressAt(5.3, tempo)).toBe(0)
    expect(progressAt(5.5 + 0.5, tempo)).toBeCloseTo(0.5)
  })
})
