import { describe, expect, it } from 'vitest'
import type { Figure } from './api/types'
import { arrow, momentAt, otherAnchor, project } from './figure'
import { figure, p } from './figure.fixture'
import { box, drawn, ghost, placeOf } from './figureBody'
import { progressAt } from './useTempo'

describe('the drawn figure', () => {
  it('shows the client’s right arm on the left of a front view and forward to the right of a side view', () => {
    expect(project(p(0, 0, 0.5), 'FRONT')[0]).toBeLessThan(0)
    expect(project(p(0.3, 0.1), 'SIDE')[0]).toBeGreaterThan(0.25)
    expect(project(p(0.3, 0.1), 'SIDE')[1]).toBe(-0.1)
  })
  it('keeps everything that is drawn inside its box, at every moment and from every side', () => {
    for (const f of [
      figure(),
      figure({ anchor: p(0.4, 0.7, 0.6), implement: 'BAND' }),
      figure({ implement: 'STRAIGHT_BAR' }),
    ]) {
      for (const view of ['SIDE', 'THREE_QUARTER', 'FRONT'] as const) {
        const b = box(f, view)
        for (const progress of [0, 0.5, 1]) {
          for (const [left, top, right, bottom] of drawn(f, momentAt(f, progress), view).map((s) => s.bounds)) {
            expect(left).toBeGreaterThanOrEqual(b.x)
            expect(top).toBeGreaterThanOrEqual(b.y)
            expect(right).toBeLessThanOrEqual(b.x + b.width)
            expect(bottom).toBeLessThanOrEqual(b.y + b.height)
          }
        }
        expect(b.y + b.height).toBeGreaterThan(-f.floorY)
      }
    }
  })
  it('moves evenly between frames and never past them', () => {
    expect(momentAt(figure(), 0.5).grip.x).toBeCloseTo(0.165)
    expect(momentAt(figure(), 0.5).bendDeg).toBeCloseTo(45)
    expect(momentAt(figure(), 2).grip.x).toBeCloseTo(0.33)
    expect(momentAt(figure(), -1).grip.x).toBeCloseTo(0)
  })
  const of = (f: Figure, tone: string, view: Figure['view'] = 'SIDE', progress = 0.5) =>
    drawn(f, momentAt(f, progress), view).filter((s) => s.tone === tone)
  const middle = (b: [number, number, number, number]) => [(b[0] + b[2]) / 2, (b[1] + b[3]) / 2]

  it('has the hand of the model in what it holds, and the feet on the ground', () => {
    const f = figure({ bothArms: false, implement: 'CABLE_HANDLE' })
    const [x, y] = middle(of(f, 'hollow')[0]!.bounds)
    const [gx, gy] = project(momentAt(f, 0.5).grip, 'SIDE')
    expect(x).toBeCloseTo(gx, 2)
    expect(y).toBeCloseTo(gy, 2)
    const lowest = Math.max(...drawn(f, momentAt(f, 0), 'SIDE').map((s) => s.bounds[3]))
    expect(lowest).toBeCloseTo(-f.floorY, 2)
  })
  it('draws a dumbbell end-on as one plate and along as a bar with two, in each hand that lifts', () => {
    expect(of(figure({ bothArms: false }), 'thing', 'FRONT')).toHaveLength(3)
    expect(of(figure(), 'thing', 'FRONT')).toHaveLength(6)
    const endOn = figure({ bothArms: false, frames: figure().frames.map((m) => ({ ...m, handle: p(1, 0) })) })
    expect(of(endOn, 'thing', 'FRONT')).toHaveLength(1)
    expect(of(figure({ implement: 'BODY_WEIGHT' }), 'thing')).toHaveLength(0)
    expect(of(figure({ oneWeight: true }), 'thing')).toHaveLength(2)
    expect(of(figure({ implement: 'STRAIGHT_BAR' }), 'thing', 'FRONT')).toHaveLength(3)
    expect(of(figure({ implement: 'HOUSEHOLD' }), 'thing')).toHaveLength(4)
  })
  it('swells the working muscle with what is asked of it', () => {
    const size = (progress: number) => {
      const b = of(figure({ bothArms: false }), 'muscle', 'SIDE', progress)[0]!.bounds
      return b[2] - b[0]
    }
    expect(size(1)).toBeGreaterThan(size(0) * 1.2)
    expect(of(figure({ works: undefined }), 'muscle')).toHaveLength(0)
    expect(of(figure(), 'muscle')).toHaveLength(2)
  })
  it('draws the muscle in front for bending and behind for straightening', () => {
    const at = (works: Figure['works']) => middle(of(figure({ bothArms: false, works }), 'muscle')[0]!.bounds)[0]!
    expect(at('FLEXORS')).toBeGreaterThan(at('EXTENSORS'))
  })
  it('tells palm up, thumb up and palm down apart', () => {
    const turned = (palm: ReturnType<typeof p>) =>
      figure({ bothArms: false, frames: figure().frames.map((m) => ({ ...m, palm })) })
    const fingers = (palm: ReturnType<typeof p>) => of(turned(palm), 'finger', 'FRONT').length
    const thumb = (palm: ReturnType<typeof p>) =>
      Math.min(...of(turned(palm), 'thumb', 'FRONT', 0).map((t) => middle(t.bounds)[0]!))
    // Hanging, seen from the front: palms forward show fingers and thumbs outward, palms back neither.
    expect(fingers(p(1, 0))).toBeGreaterThan(fingers(p(-1, 0)))
    expect(thumb(p(1, 0))).toBeLessThan(0)
    expect(thumb(p(-1, 0))).toBeGreaterThan(0)
    expect(thumb(p(0, 0, -1))).toBeGreaterThan(thumb(p(1, 0)))
  })
  it('rings a sore place where it is', () => {
    const m = momentAt(figure(), 0)
    const [x] = placeOf(figure(), m, 'FRONT', 'OUTER_ELBOW', 'RIGHT')
    const [inner] = placeOf(figure(), m, 'FRONT', 'INNER_ELBOW', 'RIGHT')
    const [left] = placeOf(figure(), m, 'FRONT', 'OUTER_ELBOW', 'LEFT')
    expect(x).toBeLessThan(inner)
    expect(left).toBeGreaterThan(inner)
    expect(ghost(figure(), m, 'FRONT').path()).toMatch(/^M.*Z$/)
  })
  it('points along the pull, and not at all when nothing pulls or it comes straight at the eye', () => {
    const m = momentAt(figure(), 0.5)
    expect(arrow(m, 'SIDE')!.head[0]![1]).toBeGreaterThan(project(m.grip, 'SIDE')[1])
    expect(arrow({ ...m, pull: p(0, 0) }, 'SIDE')).toBeNull()
    expect(arrow({ ...m, pull: p(1, 0) }, 'FRONT')).toBeNull()
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
