import type { Assessment, ScreenQuestions } from '@/shared/api/types'
import { isAsked, type Draft } from './answers'

export type StepKey =
  'EMERGENCY' | 'SAME_DAY' | 'BEFORE_LOADING' | 'ready' | 'cautions' | 'places' | 'checks' | 'result'

export interface Step {
  key: StepKey
  title: string
  /** How it stands, in a few words. */
  state: string
  done: boolean
}

const count = (n: number, one: string, many: string) => (n === 1 ? `1 ${one}` : `${n} ${many}`)
const groups = { EMERGENCY: 'Right now', SAME_DAY: 'To be seen today', BEFORE_LOADING: 'To be seen before loading' }

/** The steps of the screen in their order, and how each stands. */
export function steps(
  questions: ScreenQuestions,
  draft: Draft,
  cautions: Record<string, boolean>,
  assessment: Assessment | null,
  cuffAsks: ScreenQuestions['cuffQuestions'] = [],
  stopped = false,
): Step[] {
  const flags = (Object.keys(groups) as (keyof typeof groups)[]).map((group) => {
    const asked = [
      ...questions.flags.filter((f) => f.group === group && isAsked(f, draft.flags)),
      ...questions.gates.filter((g) => g.group === group),
    ]
    const trace = group === 'EMERGENCY' && stopped && draft.stopSeen === undefined ? 1 : 0
    const open = asked.filter((q) => !draft.flags[q.id]).length + trace
    const yes = questions.flags.filter((f) => f.group === group && draft.flags[f.id]?.present).length
    return step(group, groups[group], open, yes ? count(yes, 'yes', 'yes') : 'none of these')
  })
  const r = draft.readiness
  const ready = [r.symptoms, r.knownDisease, r.regularlyActive, draft.pressure.concern].filter((a) => a === undefined)
  const readyMissing =
    assessment?.missing.filter((m) => /reading|[Pp]ulse|the clearance|a known disease/.test(m)).length ?? 0
  const unanswered = questions.cautions.filter((c) => cautions[c.id] === undefined).length
  const cuffs = cuffAsks.filter((q) => draft.cuffs[q.id] === undefined).length
  const atPlaces = assessment?.missing.filter((m) => /^(left|right) /.test(m)).length ?? 0
  const told = draft.nothingSore || draft.soreSites.length > 0
  const checks = assessment?.checks.length ?? 0
  return [
    ...flags,
    step('ready', 'Ready for exercise?', ready.length + (ready.length ? 0 : readyMissing), 'answered'),
    ...(unanswered || cuffAsks.length
      ? [step('cautions', unanswered ? 'Cautions of the intake' : 'Before cuffs', unanswered + cuffs, 'answered')]
      : []),
    step(
      'places',
      'Sore places',
      told ? atPlaces : 1,
      draft.soreSites.length ? count(draft.soreSites.length, 'place', 'places') : 'nothing is sore',
    ),
    {
      key: 'checks',
      title: 'Movement checks',
      state: checks ? `${checks} worth doing` : draft.checks.length ? 'done' : 'none needed',
      done: told && !checks,
    },
    { key: 'result', title: 'Outcome and limits', state: '', done: false },
  ]
}

function step(key: StepKey, title: string, open: number, answered: string): Step {
  return { key, title, state: open ? `${open} to ask` : answered, done: !open }
}
