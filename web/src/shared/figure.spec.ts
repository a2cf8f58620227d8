import { describe, expect, it } from 'vitest'
import type { Figure } from './api/types'
import { bodyLines, frameBox } from './figure'

const point = (x: number, y: number) => ({ x, y, z: 0 })
const figure = (over: Partial<Figure> = {}): Figure => ({
  implement: 'DUMBBELL',
  stance: 'STANDING',
  upperArmSupported: false,
  peakDemandNm: 20,
  peakBendDeg: 90,
  frames: [0, 1].map((progress) => ({
    progress,
    bendDeg: 90 * progress,
    demandNm: 20 * progress,
    head: point(0, 0.2),
    hip: point(0, -0.5),
    elbow: point(0, -0.3),
    grip: point(0.33 * progress, -0.3 - 0.33 * (1 - progress)),
  })),
  ...over,
})

describe('the drawn figure', () => {
  it('holds every joint and the anchor inside its box', () => {
    const f = figure({ anchor: point(0.4, 0.7) })
    const [x, y, width, height] = frameBox(f).split(' ').map(Number) as [number, number, number, number]
    for (const p of [...f.frames.flatMap((g) => [g.head, g.hip, g.elbow, g.grip]), f.anchor!]) {
      expect(p.x).toBeGreaterThan(x)
      expect(p.x).toBeLessThan(x + width)
      expect(-p.y).toBeGreaterThan(y)
      expect(-p.y).toBeLessThan(y + height)
    }
  })
  it('gives a seated client a chair and a push-up no weight in the hand', () => {
    const joints = { head: [0, 0.2], hip: [0, -0.5], elbow: [0, -0.3], grip: [0.3, -0.3] } as never
    expect(bodyLines(figure({ stance: 'SEATED' }), joints).props.length).toBeGreaterThan(0)
    expect(bodyLines(figure({ implement: 'BODY_WEIGHT' }), joints).weight).toBe(0)
  })
})
