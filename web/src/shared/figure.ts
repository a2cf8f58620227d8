import type { Figure } from './api/types'

/** A point on the page, metres, y down as SVG has it. */
export type Point = [number, number]
export type View = Figure['view']
export type Frame = Figure['frames'][number]
export type Vec = Frame['head']

const YAW: Record<View, number> = {
  SIDE: (18 * Math.PI) / 180,
  THREE_QUARTER: (50 * Math.PI) / 180,
  FRONT: Math.PI / 2,
}

/** Where a point stands on the page, seen from the client's right side or turned from there toward the front. */
export function project(p: Vec, view: View): Point {
  return [p.x * Math.cos(YAW[view]) - p.z * Math.sin(YAW[view]), -p.y]
}

/** How near a point is to the eye, metres. */
export function nearness(p: Vec, view: View): number {
  return p.x * Math.sin(YAW[view]) + p.z * Math.cos(YAW[view])
}

export function mix(a: Vec, b: Vec, t: number): Vec {
  return { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t, z: a.z + (b.z - a.z) * t }
}

/** The moment at {@link progress} (0 to 1) between the figure's frames, which are evenly spaced. */
export function momentAt(figure: Figure, progress: number): Frame {
  const last = figure.frames.length - 1
  const at = Math.min(Math.max(progress, 0), 1) * last
  const i = Math.min(Math.floor(at), last - 1)
  const a = figure.frames[i]!
  const b = figure.frames[i + 1]!
  const t = at - i
  const point = (k: 'head' | 'shoulder' | 'otherShoulder' | 'hip' | 'elbow' | 'grip' | 'otherElbow' | 'otherGrip') =>
    mix(a[k], b[k], t)
  const line = (k: 'leg' | 'otherLeg') => a[k].map((p, n) => mix(p, b[k][n]!, t))
  return {
    progress,
    bendDeg: a.bendDeg + (b.bendDeg - a.bendDeg) * t,
    demandNm: a.demandNm + (b.demandNm - a.demandNm) * t,
    head: point('head'),
    shoulder: point('shoulder'),
    otherShoulder: point('otherShoulder'),
    hip: point('hip'),
    leg: line('leg'),
    otherLeg: line('otherLeg'),
    elbow: point('elbow'),
    grip: point('grip'),
    otherElbow: point('otherElbow'),
    otherGrip: point('otherGrip'),
    handle: mix(a.handle, b.handle, t),
    palm: mix(a.palm, b.palm, t),
    front: mix(a.front, b.front, t),
    pull: mix(a.pull, b.pull, t),
  }
}

/** The anchor as the other arm has it: its mirror in the middle plane of the body. */
export function otherAnchor(anchor: Vec, moment: Frame): Vec {
  return { ...anchor, z: moment.shoulder.z + moment.otherShoulder.z - anchor.z }
}

/** An arrow from the hand along the pull: its line and the three points of its head. */
export function arrow(m: Frame, view: View): { line: [Point, Point]; head: Point[] } | null {
  const pull = project(m.pull, view)
  const length = Math.hypot(pull[0], pull[1])
  if (length < 0.3) return null
  const [ux, uy] = [pull[0] / length, pull[1] / length]
  const from = project(m.grip, view)
  const at = (d: number, side = 0): Point => [from[0] + ux * d - uy * side, from[1] + uy * d + ux * side]
  return { line: [at(0.13), at(0.26)], head: [at(0.34), at(0.25, 0.045), at(0.25, -0.045)] }
}
