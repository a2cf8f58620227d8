import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import ArmsMap from './ArmsMap.vue'
import ChangesPanel from './ChangesPanel.vue'
import PainScale from './PainScale.vue'
import SignalMark from './SignalMark.vue'
import { useDraft } from './useDraft'
import WhyValue from './WhyValue.vue'
import { focused, opened } from './why'

const reason = (ruleId: string, exact: string) => ({
  ruleId,
  tag: 'HOUSE' as const,
  inputs: {},
  threshold: '',
  exact,
  plain: '',
})

describe('parts that several screens share', () => {
  it('say a signal with a word and a shape, never by colour alone', () => {
    for (const [signal, word] of [
      ['GO', 'go'],
      ['SAME', 'same'],
      ['EASE', 'ease'],
      ['REFER', 'refer'],
    ] as const) {
      const mark = mount(SignalMark, { props: { signal } })
      expect(mark.text()).toBe(word)
      expect(mark.find('svg').exists()).toBe(true)
    }
  })

  it('let a place be marked by key as well as by hand, on the client’s side', async () => {
    const map = mount(ArmsMap, { props: { marks: [{ site: 'WRIST', side: 'LEFT', text: '3' }], picking: true } })
    const elbow = map.get('[aria-label="right back of elbow"]')
    await elbow.trigger('keydown', { key: 'Enter' })
    await elbow.trigger('click')
    expect(map.emitted('pick')).toEqual([
      ['BACK_OF_ELBOW', 'RIGHT'],
      ['BACK_OF_ELBOW', 'RIGHT'],
    ])
    expect(map.get('[aria-label="left wrist 3"]').attributes('aria-pressed')).toBe('true')
  })

  it('ask nothing of arms that are only shown', () => {
    const map = mount(ArmsMap, { props: { marks: [] } })
    expect(map.findAll('[role="button"]')).toHaveLength(0)
  })

  it('offer eleven steps of pain and keep none chosen until one is', async () => {
    const scale = mount(PainScale, { props: { label: 'Pain', modelValue: undefined } })
    expect(scale.findAll('button')).toHaveLength(11)
    expect(scale.findAll('[aria-pressed="true"]')).toHaveLength(0)
    await scale.findAll('button')[0]!.trigger('click')
    expect(scale.emitted('update:modelValue')).toEqual([[0]])
  })

  it('put a reason on the why line when it has focus and open it whole when pressed', async () => {
    const why = mount(WhyValue, { props: { reason: reason('R-1', 'Because.'), about: 'this load' } })
    await why.trigger('focus')
    expect(focused.value?.ruleId).toBe('R-1')
    await why.trigger('click')
    expect(opened.value?.ruleId).toBe('R-1')
    expect(
      mount(WhyValue, { props: { reason: undefined, about: 'x' } })
        .find('button')
        .exists(),
    ).toBe(false)
  })

  it('show the changes of one exercise together and each reason once', () => {
    const same = reason('PROGRESS-load', 'Two sessions running.')
    const change = { exerciseName: 'Cable curl', from: '5 kg', to: '6 kg', reason: same }
    const panel = mount(ChangesPanel, {
      props: {
        signals: [],
        changes: [
          { ...change, kind: 'LOAD' as const },
          { ...change, kind: 'REPS' as const, from: '8 to 12', to: '8 to 10' },
        ],
      },
    })
    expect(panel.findAll('li')).toHaveLength(1)
    expect(panel.findAll('.reason')).toHaveLength(1)
    expect(panel.text()).toContain('5 kg → 6 kg')
    expect(panel.text()).toContain('8 to 12 → 8 to 10')
  })
})

describe('a draft', () => {
  beforeEach(() => localStorage.clear())

  it('survives a reload until it is cleared', async () => {
    const first = useDraft('d', { name: '', minutes: 35 })
    first.draft.value.name = 'Runa'
    await nextTick()
    const again = useDraft('d', { name: '', minutes: 35 })
    expect(again.restored).toBe(true)
    expect(again.draft.value).toEqual({ name: 'Runa', minutes: 35 })
    again.clear()
    expect(useDraft('d', { name: '', minutes: 35 }).restored).toBe(false)
  })

  it('starts afresh when what was stored cannot be read', () => {
    localStorage.setItem('d', '{half')
    expect(useDraft('d', { name: 'x' }).draft.value).toEqual({ name: 'x' })
  })
})
