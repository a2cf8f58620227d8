import { describe, expect, it } from 'vitest'
import type { ExerciseDetail } from '@/shared/api/types'
import { differences } from './differences'

const one = (change: object, item: object = {}) =>
  ({
    item: {
      modelled: true,
      implement: 'DUMBBELL',
      stance: 'SEATED',
      grip: 'PALM_UP',
      arms: 'TOGETHER',
      loadKg: 5,
      works: ['BICEPS_LONG_HEAD'],
      stressWords: { BACK_OF_ELBOW: 'next to none', FRONT_OF_SHOULDER: 'usual' },
      ...item,
    },
    curve: { summary: { profile: 'MIDDLE' } },
    loadReason: { ruleId: 'LOAD-equal-effort' },
    tempo: { upS: 1, holdS: 1, downS: 3 },
    guidance: { homeAlone: true },
    ...change,
  }) as unknown as ExerciseDetail

describe('exercises side by side', () => {
  it('sets what differs apart from what is the same for all', () => {
    const { differ, same } = differences([one({}), one({}, { stance: 'STANDING' })], [], 'KG_CM')
    expect(differ.map((f) => [f.about, ...f.says])).toEqual([['Body', 'seated', 'standing']])
    expect(same.find((f) => f.about === 'Works')!.says[0]).toBe('biceps long head')
  })
  it('begins with the sore places, in words', () => {
    const kinder = one({}, { stressWords: { BACK_OF_ELBOW: 'more' }, implement: 'BAND' })
    const { differ } = differences([one({}), kinder], ['BACK_OF_ELBOW'], 'KG_CM')
    expect(differ[0]).toEqual({ about: 'Back of elbow', says: ['next to none', 'more'], sore: true })
    expect(differ.map((f) => f.about)).toEqual(['Back of elbow', 'With', 'Front of shoulder'])
  })
  it('says that nothing is known of what the model lacks a joint for', () => {
    const { differ } = differences([one({}), one({}, { modelled: false })], ['BACK_OF_ELBOW'], 'KG_CM')
    expect(differ[0]!.says).toEqual(['next to none', 'not known'])
  })
  it('weighs in the units of who trains', () => {
    const { differ } = differences([one({}), one({}, { loadKg: 6 })], [], 'LB_FT')
    expect(differ[0]!.says).toEqual(['about 11 lb', 'about 13.2 lb'])
  })
})
