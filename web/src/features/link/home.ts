import type { ExerciseSaid, Side, Site } from '@/shared/api/types'

/** What is said of one exercise at home while it is being done. */
export interface ExerciseDraft {
  sets: number
  felt: ExerciseSaid['felt']
  hurt?: { site: Site; side: Side; pain: number | undefined }
}
export interface HomeDraft {
  /** The exercise in front, from 0; past the last one it is to be sent. */
  at: number
  said: Record<string, ExerciseDraft>
}

export const emptyHome = (): HomeDraft => ({ at: 0, said: {} })

/** As the server takes it; what was not begun was left out. */
export const asExercises = (draft: HomeDraft): ExerciseSaid[] =>
  Object.entries(draft.said).map(([exerciseKey, said]) => ({
    exerciseKey,
    sets: said.sets,
    felt: said.felt,
    hurt:
      said.hurt?.pain === undefined ? undefined : { site: said.hurt.site, side: said.hurt.side, pain: said.hurt.pain },
  }))
