import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/shared/api/client'
import type { Adjustment, ExerciseDetail, FeltTrialView } from '@/shared/api/types'
import AtlasCard from './AtlasCard.vue'
import EasePanel from './EasePanel.vue'
import FeltTrialPanel from './FeltTrialPanel.vue'
import KeepPanel from './KeepPanel.vue'
import MeasuredBandFields from './MeasuredBandFields.vue'
import TurnPanel from './TurnPanel.vue'
import { units } from '@/shared/units'
import { untouched } from './workbench'

const detail = (over: Record<string, unknown> = {}): ExerciseDetail =>
  ({
    item: {
      key: 'incline-curl',
      baseKey: 'incline-curl',
      name: 'Incline curl',
      implement: 'DUMBBELL',
      grip: 'PALM_UP',
      loadKg: 7.4,
      stressWords: { WRIST: 'usual' },
      whyNot: [],
      modelled: true,
      worth: 1.5,
      says: 'Works the biceps most.',
    },
    curve: { elbowBendDeg: [5, 50, 95, 135], progress: [0, 0.33, 0.66, 1], elbowDemandNm: [1, 2, 3, 2], summary: {} },
    loadReason: { ruleId: 'LOAD-equal-effort', exact: '' },
    scope: {
      benchDeg: { from: -45, to: 30 },
      armForwardDeg: { from: -15, to: 90 },
      flareDeg: { from: -30, to: 75 },
      grips: ['PALM_UP', 'NEUTRAL'],
      implementChoices: ['DUMBBELL', 'BAND'],
    },
    loads: [2, 4, 8].map((kg) => ({ kg, label: `${kg} kg` })),
    ...over,
  }) as unknown as ExerciseDetail

const stubs = {
  FoldPart: { template: '<div><slot /></div>' },
  BButton: { props: ['disabled'], template: '<button :disabled="disabled"><slot /></button>' },
  BFormInput: {
    props: ['modelValue'],
    emits: ['update:modelValue'],
    template: '<input :value="modelValue" @input="$emit(\'update:modelValue\', $event.target.value)" />',
  },
  RouterLink: { template: '<a><slot /></a>' },
  FigureDrawing: true,
  LoadChart: true,
  ProblemNotice: true,
}
const global = { stubs }
const answer = (data: unknown) => ({ data, response: new Response(null, { status: 200 }) }) as never

describe('turning', () => {
  const turn = (wrong: (f: string) => string | undefined = () => undefined, load?: number) =>
    mount(TurnPanel, {
      props: { detail: detail(), original: detail(), wrong, adjustment: { ...untouched }, load },
      global,
    })
  const last = (w: ReturnType<typeof turn>, event: string) => w.emitted(event)!.at(-1)![0]

  it('gives each slider its span, a typed twin and its words', async () => {
    const panel = turn()
    const bench = panel.find('input[type=range]')
    expect([bench.attributes('min'), bench.attributes('max')]).toEqual(['-45', '30'])
    expect(bench.attributes('aria-valuetext')).toBe('as it was')
    await bench.setValue('12')
    expect((last(panel, 'update:adjustment') as Adjustment).benchDeg).toBe(12)
    const typed = panel.find('input[aria-label="Bench, typed"]')
    await typed.setValue('-20')
    await typed.trigger('change')
    expect((last(panel, 'update:adjustment') as Adjustment).benchDeg).toBe(-20)
  })
  it('shows what is wrong at the slider that it is about', () => {
    const panel = turn((f) => (f === 'flareDeg' ? 'must be from -30 to 75 degrees' : undefined))
    const wrong = panel.findAll('.slider').filter((s) => s.text().includes('must be from'))
    expect(wrong).toHaveLength(1)
    expect(wrong[0]!.text()).toContain('Elbows')
  })
  it('forgets load, grip and anchor when another implement is taken', async () => {
    const panel = turn(undefined, 4)
    await panel.findAll('select')[0]!.setValue('BAND')
    expect(last(panel, 'update:adjustment')).toMatchObject({ implement: 'BAND', grip: undefined, anchorUpM: 0 })
    expect(last(panel, 'update:load')).toBeUndefined()
  })
  it('tells start and end in degrees of bend and puts all back at once', async () => {
    const panel = turn()
    expect(panel.text()).toContain('5° of bend')
    expect(panel.text()).toContain('135° of bend')
    await panel.find('button').trigger('click')
    expect(last(panel, 'update:adjustment')).toEqual(untouched)
  })
})

describe('a measured band', () => {
  it('asks for two pulls only when it is measured, in centimetres and kilograms', async () => {
    const fields = mount(MeasuredBandFields, { props: { modelValue: { ...untouched }, wrong: () => undefined } })
    expect(fields.findAll('input[type=number]')).toHaveLength(2)
    await fields.find('input[type=checkbox]').setValue(true)
    const measured = fields.emitted('update:modelValue')!.at(-1)![0] as Adjustment
    expect(measured.band!.freeLengthM).toBe(0.6)
    await fields.setProps({ modelValue: measured })
    expect(fields.findAll('input[type=number]')).toHaveLength(7)
    const reads = fields.findAll('input[type=number]')[4]!
    expect((reads.element as HTMLInputElement).value).toBe('3')
    await reads.setValue('4')
    await reads.trigger('change')
    const heavier = fields.emitted('update:modelValue')!.at(-1)![0] as Adjustment
    expect(heavier.band!.firstPull.forceN).toBeCloseTo(4 * 9.80665)
  })
  it('reads inches and pounds for who trains by them', async () => {
    units.value = 'LB_FT'
    const measured = {
      freeLengthM: 0.6096,
      firstPull: { lengthM: 0.9, forceN: 30 },
      secondPull: { lengthM: 1.2, forceN: 50 },
    }
    const fields = mount(MeasuredBandFields, {
      props: { modelValue: { ...untouched, band: measured }, wrong: () => undefined },
    })
    units.value = 'KG_CM'
    const [, , free, , reads] = fields.findAll('input[type=number]')
    expect((free!.element as HTMLInputElement).value).toBe('24')
    expect((reads!.element as HTMLInputElement).value).toBe('6.74')
  })
})

describe('it hurts here', () => {
  const found = {
    placeStress: 20,
    figure: {},
    curve: {},
    tried: 19,
    rejected: [{ what: 'tempo', why: 'the model is quasi-static' }],
    changes: [
      {
        changes: ['bench 15 degrees more upright'],
        steps: 1,
        adjustment: { ...untouched, benchDeg: 15 },
        loadKg: 7,
        avoidsThePose: true,
        placeShare: 0,
        worstShare: 0.8,
        meanShare: 1,
        figure: {},
        curve: {},
        reason: {},
      },
    ],
  }
  const panel = (hurtsAt?: number) =>
    mount(EasePanel, {
      props: {
        detail: detail(),
        clientId: undefined,
        sore: ['FRONT_OF_SHOULDER'],
        adjustment: { ...untouched },
        baseKey: 'incline-curl',
        hurtsAt,
      },
      global,
    })
  beforeEach(() => {
    vi.restoreAllMocks()
  })

  it('waits until a moment is marked, and begins with the sore place', () => {
    expect(panel().find('button').attributes('disabled')).toBeDefined()
    expect((panel(0.3).find('select').element as HTMLSelectElement).value).toBe('FRONT_OF_SHOULDER')
  })
  it('shows the changes, what was rejected, and hands the chosen one on', async () => {
    const post = vi.spyOn(api, 'POST').mockResolvedValue(answer(found))
    const p = panel(0.3)
    await p.find('button').trigger('click')
    await flushPromises()
    expect(post.mock.calls[0]![1]).toMatchObject({
      body: { exerciseKey: 'incline-curl', site: 'FRONT_OF_SHOULDER', progress: 0.3, loadKg: 7.4 },
    })
    expect(p.text()).toContain('bench 15 degrees more upright')
    expect(p.text()).toContain(
      'That position is no longer passed, and 80 % of the place’s load stays over the whole lift; the muscle keeps 100 %. 1 step.',
    )
    expect(p.text()).toContain('tempo: the model is quasi-static')
    await p.findAll('button').at(-1)!.trigger('click')
    expect(p.emitted('use')![0]).toEqual([{ ...untouched, benchDeg: 15 }, 7])
  })
  it('drops an answer once something was turned after it', async () => {
    vi.spyOn(api, 'POST').mockResolvedValue(answer(found))
    const p = panel(0.3)
    await p.find('button').trigger('click')
    await flushPromises()
    await p.setProps({ adjustment: { ...untouched, flareDeg: 5 } })
    expect(p.text()).not.toContain('bench 15 degrees')
  })
  it('says plainly when nothing helps', async () => {
    vi.spyOn(api, 'POST').mockResolvedValue(answer({ ...found, changes: [], tried: 812 }))
    const p = panel(0.3)
    await p.find('button').trigger('click')
    await flushPromises()
    expect(p.text()).toContain('None of 812 combinations')
  })
})

describe('keeping a variation', () => {
  it('suggests a name after what is turned, until somebody types one', async () => {
    const p = mount(KeepPanel, {
      props: { original: detail(), detail: detail(), adjustment: { ...untouched }, baseKey: 'incline-curl' },
      global,
    })
    await p.setProps({ adjustment: { ...untouched, benchDeg: 15 } })
    expect((p.find('input').element as HTMLInputElement).value).toBe('Incline curl, bench 15° more upright')
    await p.find('input').setValue('Our incline')
    await p.setProps({ adjustment: { ...untouched, benchDeg: 20 } })
    expect((p.find('input').element as HTMLInputElement).value).toBe('Our incline')
  })
  it('keeps it once under one id, and says at the name what is wrong with it', async () => {
    const put = vi.spyOn(api, 'PUT').mockResolvedValue({
      error: { fields: [{ field: 'name', message: 'is already the name of another variation' }] },
      response: new Response(null, { status: 422 }),
    } as never)
    const p = mount(KeepPanel, {
      props: { original: detail(), detail: detail(), adjustment: { ...untouched }, baseKey: 'incline-curl' },
      global,
    })
    await p.find('button').trigger('click')
    await flushPromises()
    expect(p.text()).toContain('is already the name of another variation')
    put.mockResolvedValue(answer({ key: 'own-1' }))
    await p.find('button').trigger('click')
    await flushPromises()
    expect(p.text()).toContain('Kept.')
    const ids = put.mock.calls.map((c) => (c[1] as { params: { path: { id: string } } }).params.path.id)
    expect(ids[0]).toBe(ids[1])
  })
})

describe('a felt trial', () => {
  const pair = [
    detail(),
    detail({ item: { key: 'bar-curl', name: 'Bar curl', loadKg: 12, implement: 'STRAIGHT_BAR' } }),
  ]
  const trial = (over: Partial<FeltTrialView> = {}) =>
    ({
      id: '1',
      triedOn: '2026-11-20',
      triedBy: 'Oda',
      firstName: 'A',
      secondName: 'B',
      firstStress: 0.5,
      secondStress: 1.2,
      says: { exact: 'A was easier on the wrist by 3 points; the muscle felt the same in both.' },
      ...over,
    }) as FeltTrialView

  it('needs two exercises, proposes about half of equal effort and keeps both ratings', async () => {
    const put = vi.spyOn(api, 'PUT').mockResolvedValue(answer(trial()))
    const p = mount(FeltTrialPanel, { props: { clientId: 'c', pair, sites: ['WRIST'], trials: [] }, global })
    // Half of 7.4 kg is 3.7: of 2, 4 and 8 the nearest is 4.
    expect(p.text()).toContain('4 kg (light)')
    await p.findAll('button').at(-1)!.trigger('click')
    await flushPromises()
    expect(put.mock.calls.at(-1)![1]).toMatchObject({
      body: {
        site: 'WRIST',
        first: { exerciseKey: 'incline-curl', loadKg: 4, joint: 0 },
        // Half of 12 kg lies between 4 and 8: the lighter of the two.
        second: { exerciseKey: 'bar-curl', loadKg: 4 },
      },
    })
    expect(p.emitted('kept')).toHaveLength(1)
  })
  it('lists what was tried beside what the model says', () => {
    const p = mount(FeltTrialPanel, {
      props: { clientId: 'c', pair: null, sites: [], trials: [trial()] },
      global,
    })
    expect(p.text()).toContain('A against B. A was easier on the wrist by 3 points')
    expect(p.text()).toContain('The model: 0.5 against 1.2.')
    expect(p.text()).toContain('Compare two exercises')
  })
})

describe('a card of the atlas', () => {
  const item = (over: Record<string, unknown> = {}) =>
    ({ ...detail().item, key: 'x', name: 'X curl', still: { frames: [] }, worthReason: {}, ...over }) as never
  const card = (over: Record<string, unknown> = {}, full = false) =>
    mount(AtlasCard, {
      props: { item: item(over), to: '/x', watched: ['WRIST'], chosen: false, full },
      global: { stubs, mocks: {} },
    })

  it('says what a colleague would say, why it stands there, and what the watched places pay', () => {
    const c = card({
      still: still(),
      says: 'Kind to the back of the elbow, works the biceps most.',
      beforeNext: 'Kinder to the wrist than bar curl.',
    })
    expect(c.text()).toContain('Kind to the back of the elbow')
    expect(c.text()).toContain('Kinder to the wrist than bar curl.')
    expect(c.text()).not.toContain('worth')
    expect(c.text()).toContain('usual')
  })
  it('says why something is left out instead of its worth', () => {
    const c = card({ whyNot: [{ exact: 'This place has no rings.' }], still: still() })
    expect(c.text()).toContain('Left out: This place has no rings.')
    expect(c.text()).not.toContain('worth')
  })
  it('lets no fourth be chosen for comparing', async () => {
    expect(card({ still: still() }, true).find('input').attributes('disabled')).toBeDefined()
    const c = card({ still: still() })
    await c.find('input').trigger('change')
    expect(c.emitted('choose')).toHaveLength(1)
  })

  function still() {
    const at = { x: 0, y: 0, z: 0 }
    return { frames: [0, 1].map(() => ({ grip: at, shoulder: at })) }
  }
})
