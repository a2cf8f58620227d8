import type { Figure } from './api/types'

/** A point on the page, metres, y down as SVG has it. */
export type Point = [number, number]
export type View = 'side' | 'front'
type Frame = Figure['frames'][number]
type Vec = Frame['head']

/** Seen from the client's right, or from the front as one stands facing the client. */
export function project(p: Vec, view: View): Point {
  return view === 'side' ? [p.x, -p.y] : [-p.z, -p.y]
}

/** The view that shows more of how the hand travels: from the front for what goes out to the sides. */
export function betterView(figure: Figure): View {
  const sideways = travel(figure, 'z')
  return sideways > 1.3 * travel(figure, 'x') && sideways > 0.08 ? 'front' : 'side'
}

function travel(figure: Figure, axis: 'x' | 'z'): number {
  const values = figure.frames.map((f) => f.grip[axis] - f.shoulder[axis])
  return Math.max(...values) - Math.min(...values)
}

function mix(a: Vec, b: Vec, t: number): Vec {
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
    pull: mix(a.pull, b.pull, t),
  }
}

/** The anchor as the other arm has it: its mirror in the middle plane of the body. */
export function otherAnchor(anchor: Vec, moment: Frame): Vec {
  return { ...anchor, z: moment.shoulder.z + moment.otherShoulder.z - anchor.z }
}

/** The box that holds every moment, so that nothing is cut while it moves. */
export function box(figure: Figure, view: View) {
  const points: Point[] = figure.props.flatMap((p) => p.points.map((q) => project(q, view)))
  for (const f of figure.frames) {
    const joints = [f.hip, f.elbow, f.grip, f.otherElbow, f.otherGrip, ...f.leg, ...f.otherLeg]
    points.push(...joints.map((p) => project(p, view)))
    const [x, y] = project(f.head, view)
    points.push([x - 0.1, y - 0.13], [x + 0.1, y])
    if (figure.anchor) points.push(project(figure.anchor, view))
  }
  const xs = points.map((p) => p[0])
  const ys = points.map((p) => p[1])
  const margin = 0.16
  const x = Math.min(...xs) - margin
  const y = Math.min(...ys) - 0.06
  return { x, y, width: Math.max(...xs) + margin - x, height: Math.max(...ys, -figure.floorY) + 0.06 - y }
}

/** The box of one view made as large as the other's, so that both are drawn to one scale. */
export function pairedBox(figure: Figure, view: View) {
  const own = box(figure, view)
  const other = box(figure, view === 'side' ? 'front' : 'side')
  const width = Math.max(own.width, other.width)
  const height = Math.max(own.height, other.height)
  return { x: own.x - (width - own.width) / 2, y: own.y - (height - own.height), width, height }
}

/** One piece of what is held, as a line of some thickness or a disc, in page metres. */
export type Piece =
  { kind: 'line'; from: Point; to: Point; width: number } | { kind: 'disc'; at: Point; r: number; hollow?: boolean }

const HANDLE = 0.085
const PLATE = 0.055

/** A bar through {@link center} along {@link axis}, with a plate at each end; end-on it is one plate. */
function dumbbell(center: Point, axis: Point, half: number, plate: number): Piece[] {
  const length = Math.hypot(axis[0], axis[1])
  if (length < 0.35) return [{ kind: 'disc', at: center, r: plate }]
  const along: Point = [axis[0] / length, axis[1] / length]
  const reach = half * length
  const end = (s: number): Point => [center[0] + along[0] * reach * s, center[1] + along[1] * reach * s]
  const plateAt = (s: number): Piece => {
    const [x, y] = end(s)
    return {
      kind: 'line',
      from: [x - along[1] * plate, y + along[0] * plate],
      to: [x + along[1] * plate, y - along[0] * plate],
      width: 0.05,
    }
  }
  return [{ kind: 'line', from: end(-1), to: end(1), width: 0.028 }, plateAt(-1), plateAt(1)]
}

/** What the hands hold at one moment. */
export function held(figure: Figure, m: Frame, view: View): Piece[] {
  const grip = project(m.grip, view)
  const other = project(m.otherGrip, view)
  const hands = figure.bothArms ? [grip, other] : [grip]
  const axis = view === 'side' ? ([m.handle.x, -m.handle.y] as Point) : ([-m.handle.z, -m.handle.y] as Point)
  switch (figure.implement) {
    case 'DUMBBELL':
      if (figure.oneWeight) {
        const middle: Point = [(grip[0] + other[0]) / 2, (grip[1] + other[1]) / 2]
        return [
          { kind: 'line', from: grip, to: other, width: 0.03 },
          { kind: 'disc', at: middle, r: 0.075 },
        ]
      }
      return hands.flatMap((hand, i) => dumbbell(hand, i === 0 ? axis : mirrored(axis, view), HANDLE, PLATE))
    case 'STRAIGHT_BAR':
    case 'ANGLED_BAR':
      if (view === 'side') return [{ kind: 'disc', at: grip, r: 0.095 }]
      return bar(grip, other, 0.26, 0.1)
    case 'CABLE_BAR':
      return view === 'side' ? [{ kind: 'disc', at: grip, r: 0.03 }] : bar(grip, other, 0.08, 0)
    case 'HOUSEHOLD':
      return (figure.oneWeight ? [[(grip[0] + other[0]) / 2, grip[1]] as Point] : hands).flatMap(([x, y]) => [
        { kind: 'line', from: [x, y], to: [x, y + 0.05], width: 0.03 } as Piece,
        { kind: 'line', from: [x, y + 0.1], to: [x, y + 0.17], width: 0.11 } as Piece,
      ])
    case 'BODY_WEIGHT':
    case 'FIXED':
    case 'NOTHING':
      return []
    case 'BAND':
      // A band from hand to hand is drawn as what both hold.
      if (figure.oneWeight) return [{ kind: 'line', from: grip, to: other, width: 0.034 }]
      return hands.map((at) => ({ kind: 'disc', at, r: 0.032 }))
    default:
      return hands.map((at) => ({ kind: 'disc', at, r: 0.032, hollow: figure.implement === 'CABLE_HANDLE' }))
  }
}

function mirrored(axis: Point, view: View): Point {
  return view === 'front' ? [-axis[0], axis[1]] : axis
}

function bar(a: Point, b: Point, beyond: number, plate: number): Piece[] {
  const left = Math.min(a[0], b[0]) - beyond
  const right = Math.max(a[0], b[0]) + beyond
  const y = (a[1] + b[1]) / 2
  const pieces: Piece[] = [{ kind: 'line', from: [left, y], to: [right, y], width: 0.028 }]
  for (const x of plate > 0 ? [left + 0.06, right - 0.06] : []) {
    pieces.push({ kind: 'line', from: [x, y - plate], to: [x, y + plate], width: 0.05 })
  }
  return pieces
}

/** An arrow from the hand along the pull: its line and the three points of its head. */
export function arrow(m: Frame, view: View): { line: [Point, Point]; head: Point[] } | null {
  const pull: Point = view === 'side' ? [m.pull.x, -m.pull.y] : [-m.pull.z, -m.pull.y]
  const length = Math.hypot(pull[0], pull[1])
  if (length < 0.3) return null
  const [ux, uy] = [pull[0] / length, pull[1] / length]
  const from = project(m.grip, view)
  const at = (d: number, side = 0): Point => [from[0] + ux * d - uy * side, from[1] + uy * d + ux * side]
  return { line: [at(0.11), at(0.24)], head: [at(0.31), at(0.22, 0.045), at(0.22, -0.045)] }
}
