import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { MorningView } from '@/shared/api/types'
import FeltAfter from './FeltAfter.vue'

const morning = (answers?: object) =>
  ({
    sessionId: 's',
    places: [{ site: 'BACK_OF_ELBOW', side: 'RIGHT', usual: 2 }],
    answers,
  }) as unknown as MorningView

describe('what was felt after a session', () => {
  it('stands against the usual, with what else was said', () => {
    const text = mount(FeltAfter, {
      props: {
        morning: morning({
          on: '2026-03-03',
          sites: [{ site: 'BACK_OF_ELBOW', side: 'RIGHT', pain: 4 }],
          muscleSoreness: 3,
          soreSide: 'LEFT',
          sleepHours: 6.5,
          sharp: true,
          tinglingStays: false,
        }),
      },
    }).text()
    expect(text).toMatch(/Right back of elbow\s*4\s*usual 2/)
    expect(text).toContain('Muscle soreness 3, left arm alone, slept 6.5 h, sharp or catching')
  })
  it('says that nobody has answered, and no nought', () => {
    expect(mount(FeltAfter, { props: { morning: morning() } }).text()).toContain('Nobody has said yet')
  })
})
