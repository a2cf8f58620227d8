import type {
  CautionDetail,
  CheckResult,
  ScreenAnswers,
  ScreenQuestions,
  Side,
  Site,
  SiteRecord,
} from '@/shared/api/types'

/** The screen as it is filled in; what is not answered is not there. */
export interface Draft {
  id: string
  flags: Record<string, { present: boolean; side?: Side; since?: string }>
  readiness: {
    regularlyActive?: boolean
    knownDisease?: boolean
    symptoms?: boolean
    changedSinceClearance?: boolean
    symptomsSince?: string
    symptom?: string
    disease?: string
    diseaseSince?: string
    pressureAlone?: boolean
  }
  pressure: {
    concern?: boolean
    readings: {
      systolic?: number
      diastolic?: number
      pulse?: number
      newlyIrregular?: boolean
      quietMinutes?: number
    }[]
    noMeter?: boolean
  }
  /** Whether a clinician has seen what stopped us last, and allowed training. */
  stopSeen?: boolean
  soreSites: SiteRecord[]
  nothingSore: boolean
  checks: CheckResult[]
  cuffs: Record<string, boolean>
}

export function emptyDraft(): Draft {
  return {
    id: crypto.randomUUID(),
    flags: {},
    readiness: {},
    pressure: { readings: [] },
    soreSites: [],
    nothingSore: false,
    checks: [],
    cuffs: {},
  }
}

export function newSite(site: Site, side: Side): SiteRecord {
  return { site, side, provokedBy: [], flags: {} }
}

/** A re-screen knows the places of last time and what provokes them; how they are now is asked anew. */
export function sameSite(before: SiteRecord): SiteRecord {
  return { ...newSite(before.site, before.side), provokedBy: before.provokedBy, sinceWeeks: before.sinceWeeks }
}

type Flag = ScreenQuestions['flags'][number]

/** Whether a question is to be asked, given what was answered before it. */
export function isAsked(flag: Pick<Flag, 'when'>, flags: Draft['flags']): boolean {
  return !flag.when || flags[flag.when]?.present === true
}

/** What one check showed, with part of it changed. */
export function withCheck(checks: CheckResult[], key: string, side: Side, part: Partial<CheckResult>): CheckResult[] {
  const at = checks.findIndex((c) => c.check === key && c.side === side)
  const changed = { ...(checks[at] ?? { check: key, side }), ...part }
  return at < 0 ? [...checks, changed] : checks.map((c, i) => (i === at ? changed : c))
}

/** What the server is asked: half-typed readings and arcs stay out, a missing answer stays missing. */
export function toAnswers(
  draft: Draft,
  cautions: Record<string, boolean>,
  details: Record<string, CautionDetail>,
): ScreenAnswers {
  const readings = draft.pressure.readings.flatMap((r) => {
    const whole = r.systolic && r.diastolic
    const pressure = { systolic: whole ? r.systolic : undefined, diastolic: whole ? r.diastolic : undefined }
    return whole || r.pulse
      ? [{ ...pressure, pulse: r.pulse, newlyIrregular: r.newlyIrregular, quietMinutes: r.quietMinutes }]
      : []
  })
  return {
    flags: draft.flags,
    readiness: draft.readiness,
    pressure: { concern: draft.pressure.concern, readings, noMeter: draft.pressure.noMeter },
    cautions: { ...cautions, ...draft.cuffs },
    details,
    // Copied, so that a change deep inside one place is seen by whoever watches the answers.
    soreSites:
      draft.soreSites.length || draft.nothingSore
        ? draft.soreSites.map((s) => ({ ...s, provokedBy: [...s.provokedBy], flags: { ...s.flags } }))
        : undefined,
    checks: draft.checks.map((c) =>
      c.arcFromDeg === undefined || (c.arcToDeg !== undefined && c.arcToDeg < c.arcFromDeg)
        ? { ...c, arcFromDeg: c.arcFromDeg, arcToDeg: undefined }
        : { ...c },
    ),
    // Clearances, stops and earlier readings are on record at the server.
    clearances: [],
    earlier: { stopSeen: draft.stopSeen },
  }
}
