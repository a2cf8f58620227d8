import type { ScreenAnswers, Side, Site, SiteRecord } from '@/shared/api/types'

/** The screen as it is filled in; what is not answered is not there. */
export interface Draft {
  id: string
  flags: Record<string, { present: boolean; side?: Side }>
  readiness: { regularlyActive?: boolean; knownDisease?: boolean; symptoms?: boolean; clearedOn?: string }
  pressure: {
    concern?: boolean
    readings: { systolic?: number; diastolic?: number; pulse?: number }[]
    cleared: boolean
  }
  soreSites: SiteRecord[]
  nothingSore: boolean
}

export function emptyDraft(): Draft {
  return {
    id: crypto.randomUUID(),
    flags: {},
    readiness: {},
    pressure: { readings: [], cleared: false },
    soreSites: [],
    nothingSore: false,
  }
}

export function newSite(site: Site, side: Side): SiteRecord {
  return { site, side, provokedBy: [] }
}

/** What the server is asked: half-typed readings stay out, a missing answer stays missing. */
export function toAnswers(draft: Draft, cautions: Record<string, boolean>): ScreenAnswers {
  const readings = draft.pressure.readings.flatMap((r) =>
    r.systolic && r.diastolic && r.pulse ? [{ systolic: r.systolic, diastolic: r.diastolic, pulse: r.pulse }] : [],
  )
  return {
    flags: draft.flags,
    readiness: { ...draft.readiness, clearedOn: draft.readiness.clearedOn || undefined },
    pressure: { concern: draft.pressure.concern, readings, cleared: draft.pressure.cleared },
    cautions,
    // Copied, so that a change deep inside one place is seen by whoever watches the answers.
    soreSites:
      draft.soreSites.length || draft.nothingSore
        ? draft.soreSites.map((s) => ({ ...s, provokedBy: [...s.provokedBy] }))
        : undefined,
  }
}
