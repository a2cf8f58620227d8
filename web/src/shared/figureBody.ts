import type { Figure, Side, Site } from './api/types'
import { mix, nearness, otherAnchor, project, type Frame, type Point, type Vec, type View } from './figure'

/**
 * The body of a figure as flat shapes, the farthest first: tapered limbs round the model's joints, as thick as the client's build
 * makes them, the hands on what they hold, and the muscle that works as large as what is asked of it.
 */
export type Tone =
  'near' | 'far' | 'body' | 'finger' | 'thumb' | 'muscle' | 'thing' | 'hollow' | 'line' | 'band' | 'ghost'
export interface Shape {
  /** The outline as SVG has it, worked out only where it is painted. */
  path: () => string
  tone: Tone
  /** Left, top, right and bottom, page metres. */
  bounds: [number, number, number, number]
}
type Ball = { at: Vec; r: number }
type Arm = {
  shoulder: Vec
  elbow: Vec
  grip: Vec
  handle: Vec
  palm: Vec
  front: Vec
  tone: 'near' | 'far'
  holds: boolean
  other: boolean
}

const add = (a: Vec, b: Vec, by = 1): Vec => ({ x: a.x + b.x * by, y: a.y + b.y * by, z: a.z + b.z * by })
const minus = (a: Vec, b: Vec): Vec => add(a, b, -1)
const dot = (a: Vec, b: Vec) => a.x * b.x + a.y * b.y + a.z * b.z
const cross = (a: Vec, b: Vec): Vec => ({
  x: a.y * b.z - a.z * b.y,
  y: a.z * b.x - a.x * b.z,
  z: a.x * b.y - a.y * b.x,
})
const unit = (a: Vec): Vec => {
  const n = Math.hypot(a.x, a.y, a.z) || 1
  return { x: a.x / n, y: a.y / n, z: a.z / n }
}
/** {@link v} as the other half of the body has it. */
const mirrored = (v: Vec, lateral: Vec) => add(v, lateral, -2 * dot(v, lateral))

const AROUND = Array.from({ length: 18 }, (_, i) => [Math.cos((i * Math.PI) / 9), Math.sin((i * Math.PI) / 9)] as Point)

/** The outline round some balls, and the box it lies in. */
function round(balls: Ball[], view: View): Omit<Shape, 'tone'> {
  const discs = balls.map(({ at, r }) => [...project(at, view), r] as const)
  return {
    path: () => convex(discs.flatMap(([x, y, r]) => AROUND.map(([c, s]): Point => [x + r * c, y + r * s]))),
    bounds: [
      Math.min(...discs.map(([x, , r]) => x - r)),
      Math.min(...discs.map(([, y, r]) => y - r)),
      Math.max(...discs.map(([x, , r]) => x + r)),
      Math.max(...discs.map(([, y, r]) => y + r)),
    ],
  }
}

/** The outline of flat points, and the box it lies in. */
function outline(points: Point[]): Omit<Shape, 'tone'> {
  const xs = points.map((p) => p[0])
  const ys = points.map((p) => p[1])
  return {
    path: () => convex(points),
    bounds: [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)],
  }
}

/** The convex outline of {@link points} as a path. */
function convex(points: Point[]): string {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1])
  const half = (all: Point[]) => {
    const kept: Point[] = []
    for (const p of all) {
      while (kept.length > 1 && turn(kept[kept.length - 2]!, kept[kept.length - 1]!, p) <= 0) kept.pop()
      kept.push(p)
    }
    return kept.slice(0, -1)
  }
  const hull = [...half(sorted), ...half(sorted.reverse())]
  return `M${hull.map(([x, y]) => `${Math.round(x * 1e3) / 1e3} ${Math.round(y * 1e3) / 1e3}`).join('L')}Z`
}

function turn(a: Point, b: Point, c: Point): number {
  return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])
}

/** Several outlines as one shape. */
function together(...parts: Omit<Shape, 'tone'>[]): Omit<Shape, 'tone'> {
  return {
    path: () => parts.map((p) => p.path()).join(' '),
    bounds: [
      Math.min(...parts.map((p) => p.bounds[0])),
      Math.min(...parts.map((p) => p.bounds[1])),
      Math.max(...parts.map((p) => p.bounds[2])),
      Math.max(...parts.map((p) => p.bounds[3])),
    ],
  }
}

/** A flat bar of {@link width} along a line, blunt at its ends. */
function blunt(from: Point, to: Point, width: number): Omit<Shape, 'tone'> {
  const n = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1
  const [sx, sy] = [(-(to[1] - from[1]) / n) * (width / 2), ((to[0] - from[0]) / n) * (width / 2)]
  return outline([
    [from[0] + sx, from[1] + sy],
    [from[0] - sx, from[1] - sy],
    [to[0] + sx, to[1] + sy],
    [to[0] - sx, to[1] - sy],
  ])
}

interface Placed extends Shape {
  depth: number
}

/** Every shape of {@link m} in the order of painting. */
export function drawn(figure: Figure, m: Frame, view: View): Shape[] {
  const lateral = unit(minus(m.shoulder, m.otherShoulder))
  const { build } = figure
  const shapes: Placed[] = []
  const put = (s: Omit<Shape, 'tone'>, tone: Tone, depth: number) => shapes.push({ ...s, tone, depth })
  const body = (balls: Ball[], tone: Tone, lift = 0) =>
    put(round(balls, view), tone, Math.max(...balls.map((b) => nearness(b.at, view))) + lift)

  trunk(m, build, lateral, view, put)
  for (const [leg, tone] of [
    [m.leg, 'body'],
    [m.otherLeg, view === 'FRONT' ? 'body' : 'far'],
  ] as const) {
    legs(leg, build, tone, figure.floorY, body)
  }
  for (const arm of bothArms(figure, m, lateral, view)) {
    limb(arm, figure, m, view, put, body)
  }
  return shapes.sort((a, b) => a.depth - b.depth)
}

/** The arm that is followed, and the other as its mirror. */
function bothArms(figure: Figure, m: Frame, lateral: Vec, view: View): Arm[] {
  return [
    {
      shoulder: m.otherShoulder,
      elbow: m.otherElbow,
      grip: m.otherGrip,
      handle: mirrored(m.handle, lateral),
      palm: mirrored(m.palm, lateral),
      front: mirrored(m.front, lateral),
      tone: view === 'FRONT' && figure.bothArms ? 'near' : 'far',
      holds: figure.bothArms,
      other: true,
    },
    { ...m, tone: 'near', holds: true, other: false },
  ]
}

type Body = (balls: Ball[], tone: Tone, lift?: number) => void
type Put = (s: Omit<Shape, 'tone'>, tone: Tone, depth: number) => void

function trunk(m: Frame, build: Figure['build'], lateral: Vec, view: View, put: Put) {
  const middle = mix(m.shoulder, m.otherShoulder, 0.5)
  const half = Math.hypot(...(Object.values(minus(m.shoulder, middle)) as [number, number, number]))
  const across = (at: Vec, share: number, r: number): Ball[] => [
    { at: add(at, lateral, half * share), r },
    { at: add(at, lateral, -half * share), r },
  ]
  const t = build.trunkM
  const hips: Ball[] = [m.leg[0]!, m.otherLeg[0]!].map((at) => ({ at, r: 0.8 * t }))
  const waist = across(mix(middle, m.hip, 0.66), 0.28, 0.72 * t)
  const chest = across(mix(middle, m.hip, 0.3), 0.42, 0.86 * t)
  const up = unit(minus(middle, m.hip))
  const front = cross(up, lateral)
  const r = build.headM * 0.92
  const neck = [
    { at: add(middle, up, 0.01), r: 0.55 * r },
    { at: m.head, r: 0.5 * r },
  ]
  put(
    together(
      round(neck, view),
      round([...across(mix(middle, m.hip, 0.07), 0.68, 0.5 * t), ...chest, ...waist], view),
      round([...waist, ...hips], view),
    ),
    'body',
    nearness(m.hip, view),
  )
  // Somebody lying with the feet toward the eye has the head behind the trunk.
  const behind = nearness(m.head, view) < nearness(m.hip, view) - 0.15
  // Chin and nose: which way the client looks is seen from every side.
  const jaw = { at: add(add(m.head, up, -0.35 * r), front, 0.3 * r), r: 0.74 * r }
  const nose = [
    { at: add(m.head, front, 1.02 * r), r: 0.14 * r },
    { at: add(add(m.head, up, 0.15 * r), front, 0.7 * r), r: 0.2 * r },
  ]
  put(
    together(round([{ at: m.head, r }, jaw], view), round(nose, view)),
    'body',
    behind ? nearness(m.head, view) : nearness(m.hip, view) + 0.001,
  )
}

// An ankle under this height, metres, stands or rests on the ground.
const ON_THE_GROUND = 0.12

function legs(leg: Vec[], build: Figure['build'], tone: Tone, floorY: number, body: Body) {
  const [hip, knee, ankle] = leg as [Vec, Vec, Vec]
  const [t, s] = [build.thighM, build.shankM]
  body(
    [
      { at: hip, r: 1.12 * t },
      { at: knee, r: 0.66 * t },
    ],
    tone,
    -0.05,
  )
  body(
    [
      { at: knee, r: 1.05 * s },
      { at: mix(knee, ankle, 0.3), r: 1.12 * s },
      { at: ankle, r: 0.62 * s },
    ],
    tone,
    -0.06,
  )
  const down = unit(minus(ankle, knee))
  // A foot stands flat under an upright shank, lies along one that is level, and on its toes where the knee is off the ground.
  const onToes = down.y > -0.35 && ankle.y < floorY + ON_THE_GROUND && knee.y > floorY + ON_THE_GROUND
  const toe =
    down.y < -0.7 ? { x: 1, y: 0, z: 0 } : down.y > -0.35 && !onToes ? down : unit({ x: -down.y, y: down.x, z: 0 })
  const r = 0.45 * s
  const sole = (at: Vec): Vec => ({ ...at, y: Math.max(floorY + 1.2 * r, down.y < -0.7 ? at.y - 0.05 : at.y) })
  body(
    [
      { at: sole(add(ankle, toe, -0.02)), r: 1.2 * r },
      { at: sole(add(ankle, toe, 0.15)), r },
      { at: ankle, r: 0.6 * s },
    ],
    tone,
    -0.055,
  )
}

function limb(arm: Arm, figure: Figure, m: Frame, view: View, put: Put, body: Body) {
  const { upperArmM: u, forearmM: f } = figure.build
  const along = unit(minus(arm.grip, arm.elbow))
  const wrist = add(arm.grip, along, -1.9 * f)
  body(
    [
      { at: arm.shoulder, r: 1.22 * u },
      { at: mix(arm.shoulder, arm.elbow, 0.4), r: 1.05 * u },
      { at: arm.elbow, r: 0.8 * u },
    ],
    arm.tone,
  )
  if (figure.works && arm.holds) {
    const toward = figure.works === 'FLEXORS' ? 1 : -1
    const swells = 0.36 + 0.36 * Math.min(1, Math.abs(m.demandNm) / Math.max(figure.peakDemandNm, 0.001))
    const on = (t: number, r: number): Ball => ({
      at: add(mix(arm.shoulder, arm.elbow, t), arm.front, toward * 0.55 * u),
      r: r * u,
    })
    const seen = nearness(arm.front, view) * toward > -0.5
    const depth = Math.max(nearness(arm.shoulder, view), nearness(arm.elbow, view))
    put(
      round([on(0.2, 0.26), on(0.42, swells), on(0.62, swells), on(0.88, 0.22)], view),
      'muscle',
      depth + (seen ? 0.002 : -0.002),
    )
  }
  body(
    [
      { at: arm.elbow, r: 0.98 * f },
      { at: mix(arm.elbow, wrist, 0.28), r: 1.14 * f },
      { at: wrist, r: 0.66 * f },
    ],
    arm.tone,
    0.003,
  )
  const depth = Math.max(nearness(arm.elbow, view), nearness(arm.grip, view)) + 0.004
  if (arm.holds) {
    held(figure, arm, m, view).forEach((s) => put(s, s.tone, depth))
  }
  fist(arm, along, wrist, f, view, put, depth)
}

/** A closed hand: knuckles along the handle; the fingers show from the palm's side, the thumb where it lies. */
function fist(arm: Arm, along: Vec, wrist: Vec, f: number, view: View, put: Put, depth: number) {
  // The thumb of a mirrored hand lies on the other side.
  const side = unit(arm.other ? cross(arm.palm, along) : cross(along, arm.palm))
  const hand = round(
    [
      { at: wrist, r: 0.6 * f },
      { at: add(arm.grip, arm.handle, 0.85 * f), r: 0.82 * f },
      { at: add(arm.grip, arm.handle, -0.85 * f), r: 0.82 * f },
    ],
    view,
  )
  put(hand, arm.tone, depth + 0.001)
  const palm = nearness(arm.palm, view)
  if (palm > 0.3) {
    const row = add(arm.grip, arm.palm, 0.7 * f)
    put(
      round(
        [
          { at: add(row, arm.handle, 0.8 * f), r: 0.42 * f },
          { at: add(row, arm.handle, -0.8 * f), r: 0.42 * f },
        ],
        view,
      ),
      'finger',
      depth + 0.002,
    )
  }
  const base = add(arm.grip, side, 0.75 * f)
  const tip = add(add(base, arm.palm, 0.9 * f), side, 0.35 * f)
  put(
    round(
      [
        { at: add(base, along, -0.7 * f), r: 0.34 * f },
        { at: tip, r: 0.3 * f },
      ],
      view,
    ),
    'thumb',
    depth + 0.003,
  )
}

const HANDLE = 0.085
const PLATE = 0.055

/** What one hand holds; what both hold is drawn with the arm that is followed. */
function held(figure: Figure, arm: Arm, m: Frame, view: View): Shape[] {
  const first = !arm.other
  const grip = project(arm.grip, view)
  const other = project(m.otherGrip, view)
  const shape = (s: Omit<Shape, 'tone'>, tone: Tone = 'thing'): Shape => ({ ...s, tone })
  const disc = (at: Vec, r: number, tone: Tone = 'thing') => shape(round([{ at, r }], view), tone)
  const cable = figure.anchor
    ? [
        shape(
          blunt(
            project(first ? figure.anchor : otherAnchor(figure.anchor, m), view),
            grip,
            figure.implement === 'BAND' ? 0.034 : 0.014,
          ),
          figure.implement === 'BAND' ? 'band' : 'line',
        ),
      ]
    : []
  const middle = mix(m.grip, m.otherGrip, 0.5)
  switch (figure.implement) {
    case 'DUMBBELL':
      if (figure.oneWeight) {
        return first ? [shape(blunt(grip, other, 0.03)), disc(middle, 0.075)] : []
      }
      return dumbbell(arm.grip, arm.handle, view)
    case 'STRAIGHT_BAR':
    case 'ANGLED_BAR':
      return first ? bar(m, 0.26, 0.1, view) : []
    case 'CABLE_BAR':
      return first ? [...cable, ...bar(m, 0.08, 0, view)] : []
    case 'HOUSEHOLD':
      if (!figure.oneWeight) return jug(arm.grip, view)
      return first ? [shape(blunt(grip, other, 0.03)), ...jug(middle, view)] : []
    case 'BODY_WEIGHT':
    case 'FIXED':
    case 'NOTHING':
      return []
    case 'BAND':
      // A band from hand to hand is what both hold.
      if (figure.oneWeight) return first ? [shape(blunt(grip, other, 0.034), 'band')] : []
      return [...cable, disc(arm.grip, 0.034)]
    default:
      return [...cable, disc(arm.grip, 0.034, figure.implement === 'CABLE_HANDLE' ? 'hollow' : 'thing')]
  }
}

/** A handle with a plate at each end; end-on the plates cover each other. */
function dumbbell(at: Vec, axis: Vec, view: View): Shape[] {
  const end = (s: number) => project(add(at, axis, HANDLE * s), view)
  const [a, b] = [end(-1), end(1)]
  const seen = Math.hypot(b[0] - a[0], b[1] - a[1])
  const tone = 'thing' as const
  if (seen < 0.06) return [{ ...round([{ at, r: PLATE }], view), tone }]
  const [ux, uy] = [(b[0] - a[0]) / seen, (b[1] - a[1]) / seen]
  const plate = ([x, y]: Point): Shape => ({
    ...blunt([x - uy * PLATE, y + ux * PLATE], [x + uy * PLATE, y - ux * PLATE], 0.05),
    tone,
  })
  return [{ ...blunt(a, b, 0.028), tone }, plate(a), plate(b)]
}

function bar(m: Frame, beyond: number, plate: number, view: View): Shape[] {
  const axis = unit(minus(m.grip, m.otherGrip))
  const ends = [add(m.grip, axis, beyond), add(m.otherGrip, axis, -beyond)]
  const [a, b] = ends.map((e) => project(e, view)) as [Point, Point]
  const seen = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1
  const [ux, uy] = [(b[0] - a[0]) / seen, (b[1] - a[1]) / seen]
  const shapes: Shape[] = [{ ...blunt(a, b, 0.028), tone: 'thing' }]
  const real = Math.hypot(...(Object.values(minus(ends[0]!, ends[1]!)) as [number, number, number]))
  // Seen along the bar a plate is round, seen across it a block.
  const flat = Math.max(0.026, plate * Math.sqrt(Math.max(0, 1 - (seen / real) ** 2)))
  for (const [x, y] of plate > 0 ? [a, b] : []) {
    const rim = AROUND.map(([c, s]): Point => [x + ux * flat * c - uy * plate * s, y + uy * flat * c + ux * plate * s])
    shapes.push({ ...outline(rim), tone: 'thing' })
  }
  return shapes
}

function jug(at: Vec, view: View): Shape[] {
  const [x, y] = project(at, view)
  return [
    { ...blunt([x, y], [x, y + 0.06], 0.03), tone: 'thing' },
    { ...blunt([x, y + 0.06], [x, y + 0.17], 0.11), tone: 'thing' },
  ]
}

/** The box that holds every moment, so that nothing is cut while it moves. */
export function box(figure: Figure, view: View) {
  const boxes = figure.frames.flatMap((f) => drawn(figure, f, view).map((s) => s.bounds))
  const things = figure.props.flatMap((p) => p.points.map((q) => project(q, view)))
  if (figure.anchor) things.push(project(figure.anchor, view))
  const xs = [...boxes.flatMap((b) => [b[0], b[2]]), ...things.map((t) => t[0])]
  const ys = [...boxes.flatMap((b) => [b[1], b[3]]), ...things.map((t) => t[1]), -figure.floorY]
  const margin = 0.05
  const x = Math.min(...xs) - margin
  const y = Math.min(...ys) - margin
  return { x, y, width: Math.max(...xs) + margin - x, height: Math.max(...ys) + margin - y }
}

/** The box of one view made as large as the other's, so that both are drawn to one scale. */
export function pairedBox(figure: Figure, view: View) {
  const own = box(figure, view)
  const other = box(figure, view === 'FRONT' ? 'SIDE' : 'FRONT')
  const width = Math.max(own.width, other.width)
  const height = Math.max(own.height, other.height)
  return { x: own.x - (width - own.width) / 2, y: own.y - (height - own.height), width, height }
}

/** The arm that is followed as it lies at {@link m}, for a faint picture of where the lift starts and ends. */
export function ghost(figure: Figure, m: Frame, view: View): Shape {
  const { upperArmM: u, forearmM: f } = figure.build
  const upper = round(
    [
      { at: m.shoulder, r: u },
      { at: m.elbow, r: 0.8 * u },
    ],
    view,
  )
  const lower = round(
    [
      { at: m.elbow, r: f },
      { at: m.grip, r: 0.8 * f },
    ],
    view,
  )
  return { ...together(upper, lower), tone: 'ghost' }
}

/** Where on the page a sore place lies. */
export function placeOf(figure: Figure, m: Frame, view: View, site: Site, side: Side): Point {
  const lateral = unit(minus(m.shoulder, m.otherShoulder))
  const arm = bothArms(figure, m, lateral, view)[side === 'RIGHT' ? 1 : 0]!
  const out = side === 'RIGHT' ? lateral : add({ x: 0, y: 0, z: 0 }, lateral, -1)
  const up = unit(minus(mix(m.shoulder, m.otherShoulder, 0.5), m.hip))
  const ahead = cross(up, lateral)
  const { upperArmM: u, forearmM: f } = figure.build
  const places: Record<Site, Vec> = {
    FRONT_OF_SHOULDER: add(arm.shoulder, ahead, u),
    TOP_JOINT_OF_SHOULDER: add(arm.shoulder, up, u),
    TOP_OUTER_SHOULDER: add(add(arm.shoulder, up, 0.7 * u), out, 0.7 * u),
    CROOK_OF_ELBOW: add(arm.elbow, arm.front, f),
    BACK_OF_ELBOW: add(arm.elbow, arm.front, -f),
    INNER_ELBOW: add(arm.elbow, out, -f),
    OUTER_ELBOW: add(arm.elbow, out, f),
    WRIST: add(arm.grip, unit(minus(arm.grip, arm.elbow)), -1.9 * f),
  }
  return project(places[site], view)
}
