import { bench, describe } from 'vitest'
import { momentAt } from './figure'
import { figure } from './figure.fixture'
import { box, drawn, ghost } from './figureBody'

/** What a page of figures and one moving figure cost in script: `npx vitest bench --run` in web/. */
const moving = figure({ frames: Array.from({ length: 21 }, (_, i) => momentAt(figure(), i / 20)) })
const still = figure({ frames: [0, 0.5, 1].map((t) => momentAt(figure(), t)) })

describe('figures', () => {
  bench('thirty still figures of a page', () => {
    for (let i = 0; i < 30; i++) {
      box(still, 'SIDE')
      for (const s of [...drawn(still, momentAt(still, 0.5), 'SIDE'), ghost(still, still.frames[0]!, 'SIDE')]) s.path()
    }
  })
  bench('one moment of a moving figure', () => {
    for (const s of drawn(moving, momentAt(moving, 0.37), 'SIDE')) s.path()
  })
})
