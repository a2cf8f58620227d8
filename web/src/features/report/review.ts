import type { ReviewsView, SaidReview, Units } from '@/shared/api/types'

/** Both arms of one measure, in the units on the screen. */
export interface Arms {
  left: number | undefined
  right: number | undefined
}

/** A review while it is taken; what is undefined was not measured. */
export interface ReviewDraft {
  activities: { name: string; score: number | undefined }[]
  pushes: number | undefined
  rung: string
  curls: Arms
  girth: Arms
  grip: Arms
  decision: string
}

const none = (): Arms => ({ left: undefined, right: undefined })
const FEWEST = 3

/** Asks after the same activities as the last time. */
export function emptyReview(view: ReviewsView): ReviewDraft {
  const last = view.reviews[0]?.outcomes
  const names = last?.activities.map((a) => a.name) ?? Array<string>(FEWEST).fill('')
  return {
    activities: names.map((name) => ({ name, score: undefined })),
    pushes: undefined,
    rung: last?.rung ?? view.rungs[0] ?? '',
    curls: none(),
    girth: none(),
    grip: none(),
    decision: '',
  }
}

const KG_PER_POUND = 0.45359237
const CM_PER_INCH = 2.54
const scaled = (arms: Arms, by: number) => ({
  left: arms.left === undefined ? undefined : arms.left * by,
  right: arms.right === undefined ? undefined : arms.right * by,
})

/** As the server takes it, in SI. */
export function asSaid(draft: ReviewDraft, units: Units): SaidReview {
  const imperial = units === 'LB_FT'
  return {
    activities: draft.activities
      .filter((a) => a.name.trim() || a.score !== undefined)
      .map((a) => ({ name: a.name.trim(), score: a.score ?? -1 })),
    pushes: draft.pushes,
    rung: draft.pushes === undefined ? undefined : draft.rung,
    curls: draft.curls,
    girth: scaled(draft.girth, imperial ? CM_PER_INCH : 1),
    grip: scaled(draft.grip, imperial ? KG_PER_POUND : 1),
    decision: draft.decision,
  }
}

/** Whether enough is said to compare it: three activities with their scores. */
export const isMeasured = (draft: ReviewDraft) => {
  const said = draft.activities.filter((a) => a.name.trim())
  return said.length >= FEWEST && said.every((a) => a.score !== undefined)
}
