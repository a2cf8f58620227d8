import type { Figure } from './api/types'

/** A curl with both arms, for tests and measurements of the drawing. */
export const p = (x: number, y: number, z = 0) => ({ x, y, z })
export const figure = (over: Partial<Figure> = {}): Figure => ({
  implement: 'DUMBBELL',
  stance: 'STANDING',
  build: { headM: 0.1, trunkM: 0.1, upperArmM: 0.042, forearmM: 0.034, thighM: 0.085, shankM: 0.05 },
  works: 'FLEXORS',
  view: 'SIDE',
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
    palm: p(1, 0),
    front: p(1, 0),
    pull: p(0, -1),
  })),
  ...over,
})
