import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { CurveView, SiteStress } from '@/shared/api/types'
import LoadChart from '@/shared/LoadChart.vue'
import HeadBars from './HeadBars.vue'
import StressList from './StressList.vue'

const curve = (over: Partial<CurveView> = {}): CurveView => ({
  progress: [0, 0.25, 0.5, 0.75, 1],
  elbowBendDeg: [110, 85, 60, 35, 10],
  elbowDemandNm: [-18, -20, -15, -8, -3],
  shoulderTorqueNm: [18, 20, 15, 8, 3],
  summary: {} as CurveView['summary'],
  ...over,
})

describe('the load chart', () => {
  it('stands with the bottom of the lift at the bottom, and has a table to read', () => {
    const chart = mount(LoadChart, { props: { curve: curve(), progress: 0 } })
    const dot = chart.find('circle')
    expect(Number(dot.attributes('cy'))).toBe(150)
    expect(chart.findAll('text').map((t) => t.text())).toEqual(expect.arrayContaining(['110°', '10°']))
    const rows = chart.findAll('tbody tr').map((r) => r.findAll('td').map((d) => d.text()))
    expect(rows[1]).toEqual(['25', '85', '20.0', '20.0'])
  })
  it('shades what to stay out of, and says when a pad carries the shoulder', () => {
    const chart = mount(LoadChart, {
      props: { curve: curve({ shoulderTorqueNm: undefined }), soreArc: [{ from: 0, to: 0.2 }] },
    })
    expect(chart.findAll('rect')).toHaveLength(1)
    expect(chart.text()).toContain('pad carries the shoulder')
    expect(chart.text()).toContain('stay out')
  })
  it('shows what it was before only when there was something before', () => {
    expect(mount(LoadChart, { props: { curve: curve() } }).text()).not.toContain('elbow before')
    expect(mount(LoadChart, { props: { curve: curve(), before: curve() } }).text()).toContain('elbow before')
  })
})

const stress = (site: string, value: number) => ({ site, value, reason: { exact: '' } }) as unknown as SiteStress

describe('what the joints pay', () => {
  it('names the sore places first, then the dearest, and what changed', () => {
    const list = mount(StressList, {
      props: {
        parts: [stress('WRIST', 2), stress('BACK_OF_ELBOW', 0.4), stress('OUTER_ELBOW', 1)],
        before: [stress('WRIST', 2), stress('BACK_OF_ELBOW', 0.9), stress('OUTER_ELBOW', 0.8)],
        said: { WRIST: 'much more', BACK_OF_ELBOW: 'little', OUTER_ELBOW: 'usual' },
        sore: ['BACK_OF_ELBOW'],
        name: 'it',
      },
      global: { stubs: {} },
    })
    const rows = list.findAll('li').map((r) => r.text())
    expect(rows[0]).toContain('Back of elbow')
    expect(rows[0]).toContain('less, was 0.9')
    expect(rows[1]).toContain('Wrist')
    expect(rows[1]).toContain('much more')
    expect(rows[1]).not.toContain('was')
    expect(rows[2]).toContain('more, was 0.8')
  })
})

describe('what the muscles get', () => {
  it('lists the heads by share, or says that there is none', () => {
    const bars = mount(HeadBars, { props: { stimulus: { BRACHIALIS: 0.5, BICEPS_LONG_HEAD: 0.72 } } })
    expect(bars.text()).toMatch(/biceps long head.*72 %.*brachialis.*50 %/s)
    expect(mount(HeadBars, { props: { stimulus: {} } }).text()).toContain('no set')
  })
})
