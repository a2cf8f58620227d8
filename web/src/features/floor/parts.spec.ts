import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import CuffClock from './CuffClock.vue'
import SetNumbers from './SetNumbers.vue'
import ThumbBand from './ThumbBand.vue'
import type { SaidEffort } from '@/shared/api/types'

const stubs = { BButton: { template: '<button><slot /></button>' } }
beforeEach(() => {
  sessionStorage.clear()
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

describe('the band under the thumb', () => {
  const words: SaidEffort[] = [
    { word: 'EASY', effort: 5.5 },
    { word: 'RIGHT', effort: 7.5 },
    { word: 'HARD', effort: 9 },
  ]
  const band = (effort?: number, said = words) =>
    mount(ThumbBand, {
      props: {
        said,
        effort,
        exactly: '10 × 4 kg',
        trial: said !== words,
        units: 'KG_CM' as const,
        settling: false,
        undoable: true,
      },
      global: { stubs },
    })
  const named = (b: ReturnType<typeof band>, name: string) => b.findAll('button').find((x) => x.text() === name)!

  it('logs a set with what the word stands for at one press', async () => {
    const b = band()
    await named(b, 'Right').trigger('pointerdown')
    vi.advanceTimersByTime(120)
    await named(b, 'Right').trigger('click')
    expect(b.emitted('log')).toEqual([[7.5]])
    expect(b.emitted('exact')).toBeUndefined()
  })
  it('opens the exact numbers when it is held, and logs nothing', async () => {
    const b = band()
    await named(b, 'Hard').trigger('pointerdown')
    vi.advanceTimersByTime(700)
    await named(b, 'Hard').trigger('click')
    expect(b.emitted('exact')).toEqual([[9]])
    expect(b.emitted('log')).toBeUndefined()
  })
  it('shows what each word about a trial set leads to, and takes none without a word', () => {
    const then = (kg: number, reps: number) => ({ load: { kg, label: `${kg} kg` }, reps })
    const trial = words.map((w, i) => ({ ...w, then: then([5, 4, 3][i]!, [8, 12, 8][i]!) }))
    const b = band(undefined, trial)
    const texts = b.findAll('button').map((x) => x.text())
    expect(texts.slice(0, 3)).toEqual(['Easy then 8 × 5 kg', 'Right then 12 × 4 kg', 'Hard then 8 × 3 kg'])
    expect(b.text()).not.toContain('effort not said')
  })
  it('says the exact set before it is logged, and never an effort that nobody said', async () => {
    expect(band(8).text()).toContain('Done: 10 × 4 kg, effort 8')
    const b = band()
    await named(b, 'Done, effort not said').trigger('click')
    expect(b.emitted('log')).toEqual([[]])
  })
})

describe('the numbers of the set in front', () => {
  it('open for load, repetitions and effort when they are pressed', async () => {
    const n = mount(SetNumbers, {
      props: {
        load: { kg: 4, label: '4 kg' },
        units: 'KG_CM' as const,
        aim: '8–12',
        each: false,
        target: 7.5,
        reps: 12,
        exact: false,
        'onUpdate:exact': (exact: boolean) => n.setProps({ exact }),
        'onUpdate:reps': (reps: number) => n.setProps({ reps }),
      },
    })
    expect(n.find('[aria-label="Heavier"]').exists()).toBe(false)
    await n.find('button.value').trigger('click')
    await n.find('[aria-label="Heavier"]').trigger('click')
    await n.find('[aria-label="One repetition less"]').trigger('click')
    expect(n.emitted('moreLoad')).toEqual([[1]])
    expect(n.text()).toContain('11')
  })
})

describe('the clock of the cuffs', () => {
  function worn(exerciseKey = 'curl') {
    const c = mount(CuffClock, {
      props: {
        sessionId: 's',
        seconds: 600,
        exerciseKey,
        due: false,
        'onUpdate:due': (due: boolean) => c.setProps({ due }),
      },
      global: { stubs },
    })
    return c
  }
  const press = (c: ReturnType<typeof worn>, name: string) =>
    c
      .findAll('button')
      .find((b) => b.text() === name)!
      .trigger('click')

  it('has them off after ten minutes and asks after numbness', async () => {
    const c = worn()
    await press(c, 'Cuffs on')
    await vi.advanceTimersByTimeAsync(599_000)
    expect(c.props('due')).toBe(false)
    await vi.advanceTimersByTimeAsync(1_500)
    expect(c.props('due')).toBe(true)
    expect(c.text()).toContain('Ten minutes are the most.')
    await press(c, 'Numb, pale or painful')
    expect(c.emitted('numb')).toHaveLength(1)
    expect(c.emitted('note')![0]![0]).toContain('numb, pale or painful')
  })
  it('asks at once with the other exercise, before anything of it can be pressed', async () => {
    const c = worn()
    await press(c, 'Cuffs on')
    await c.setProps({ exerciseKey: 'another' })
    expect(c.props('due')).toBe(true)
    expect(c.text()).toContain('Between exercises they come off.')
  })
  it('has them off between exercises, also after a reload', async () => {
    const c = worn()
    await press(c, 'Cuffs on')
    c.unmount()
    const again = worn('press-down')
    await vi.advanceTimersByTimeAsync(500)
    expect(again.text()).toContain('Between exercises they come off.')
    await press(again, 'Off, and all well')
    expect(again.props('due')).toBe(false)
    expect(again.emitted('numb')).toBeUndefined()
  })
})
