import type { Figure } from './api/types'

export type Point = [number, number]
interface Joints {
  head: Point
  hip: Point
  elbow: Point
  grip: Point
}

const THIGH = 0.42
const SHANK = 0.42

function add(p: Point, x: number, y: number): Point {
  return [p[0] + x, p[1] + y]
}

/** Legs and trunk, and what the body rests on, for drawing only: the model itself ends at the shoulder. */
export function bodyLines(figure: Figure, j: Joints): { body: Point[][]; props: Point[][]; weight: number } {
  const shoulder: Point = [0, 0]
  const hip = j.hip
  const body: Point[][] = [[shoulder, hip]]
  const props: Point[][] = []
  switch (figure.stance) {
    case 'SEATED': {
      const leaning = hip[0] > 0.1
      const knee = add(hip, THIGH, 0)
      body.push([hip, knee, add(knee, 0.02, -SHANK)])
      props.push([add(hip, -0.16, -0.06), add(hip, 0.2, -0.06)], [add(hip, 0.02, -0.06), add(hip, 0.02, -SHANK)])
      if (leaning) props.push([add(hip, -0.05, -0.1), [-0.11, 0.04]])
      break
    }
    case 'SUPINE':
    case 'FLOOR': {
      const knee = add(hip, 0.3, 0.26)
      body.push([hip, knee, add(knee, 0.16, -0.36)])
      props.push([add(j.head, -0.12, -0.12), add(hip, figure.stance === 'FLOOR' ? 0.6 : 0.1, -0.12)])
      if (figure.stance === 'SUPINE')
        props.push(
          [
            [0, -0.12],
            [0, -0.45],
          ],
          [add(hip, 0, -0.12), add(hip, 0, -0.45)],
        )
      break
    }
    case 'BENT_OVER': {
      const knee = add(hip, 0.05, -THIGH)
      body.push([hip, knee, add(knee, -0.06, -SHANK)])
      props.push(
        [
          [-0.15, -0.56],
          [0.35, -0.56],
        ],
        [
          [0.1, -0.56],
          [0.1, hip[1] - 0.84],
        ],
      )
      break
    }
    default: {
      if (figure.implement === 'BODY_WEIGHT') {
        // The body is one line from shoulder to foot; the hands stand on a bench.
        const length = Math.hypot(hip[0], hip[1])
        const foot: Point = [(hip[0] / length) * 1.3, (hip[1] / length) * 1.3]
        body.push([hip, foot])
        const hand = figure.frames[0]!.grip
        props.push([
          [hand.x - 0.12, hand.y - 0.04],
          [hand.x + 0.25, hand.y - 0.04],
        ])
      } else {
        const knee = add(hip, 0.02, -THIGH)
        body.push([hip, knee, add(knee, -0.02, -SHANK)])
      }
    }
  }
  if (figure.upperArmSupported) {
    const elbow = figure.frames[0]!.elbow
    props.push(
      [
        [0.02, -0.1],
        [elbow.x + 0.04, elbow.y - 0.08],
      ],
      [
        [elbow.x, elbow.y - 0.1],
        [elbow.x, -0.95],
      ],
    )
  }
  const weights: Partial<Record<Figure['implement'], number>> = {
    DUMBBELL: 0.06,
    STRAIGHT_BAR: 0.075,
    ANGLED_BAR: 0.075,
    CABLE_HANDLE: 0.03,
    CABLE_ROPE: 0.03,
    BAND: 0.03,
  }
  return { body, props, weight: weights[figure.implement] ?? 0 }
}

/** A view box that holds every frame, so that nothing is cut while it moves. */
export function frameBox(figure: Figure): string {
  const points: Point[] = figure.frames.flatMap((f) => [
    [f.head.x, f.head.y],
    [f.hip.x, f.hip.y],
    [f.elbow.x, f.elbow.y],
    [f.grip.x, f.grip.y],
  ])
  for (const f of [figure.frames[0]!, figure.frames[figure.frames.length - 1]!]) {
    const joints = {
      head: [f.head.x, f.head.y] as Point,
      hip: [f.hip.x, f.hip.y] as Point,
      elbow: [f.elbow.x, f.elbow.y] as Point,
      grip: [f.grip.x, f.grip.y] as Point,
    }
    const lines = bodyLines(figure, joints)
    points.push(...lines.body.flat(), ...lines.props.flat())
  }
  if (figure.anchor) points.push([figure.anchor.x, figure.anchor.y])
  const xs = points.map((p) => p[0])
  const ys = points.map((p) => -p[1])
  const margin = 0.15
  const x = Math.min(...xs) - margin
  const y = Math.min(...ys) - margin
  const width = Math.max(...xs) + margin - x
  const height = Math.max(...ys) + margin - y
  return `${x} ${y} ${width} ${height}`
}
