import type { ExerciseDetail, Site, Units } from '@/shared/api/types'
import { title, words } from '@/shared/format'
import { sites } from '@/shared/sites'
import { profileOf, workedOutAt } from './atlas'

/** One thing that can be said of every exercise, and what is said of each. */
export interface Fact {
  about: string
  says: string[]
  /** It is about a place that is sore. */
  sore: boolean
}

/** What differs between exercises, sore places first, and what is the same for all of them. */
export function differences(details: ExerciseDetail[], sore: Site[], units: Units): { differ: Fact[]; same: Fact[] } {
  const fact = (about: string, of: (d: ExerciseDetail) => string): Fact => ({
    about,
    says: details.map(of),
    sore: false,
  })
  const at = (site: Site): Fact => ({
    ...fact(title(site), (d) => (d.item.modelled ? d.item.stressWords[site]! : 'not known')),
    sore: sore.includes(site),
  })
  const all = [
    ...sites.filter((s) => sore.includes(s)).map(at),
    fact('Works', (d) => d.item.works.map(words).join(', ') || 'no muscle of the elbow'),
    fact('Hardest', (d) => profileOf(d)),
    fact('Load', (d) => workedOutAt(d, units)),
    fact('With', (d) => words(d.item.implement)),
    fact('Body', (d) => words(d.item.stance)),
    fact('Hand', (d) => words(d.item.grip)),
    fact('Arms', (d) => words(d.item.arms)),
    fact('Tempo', (d) => `${d.tempo.upS} s up, ${d.tempo.holdS} s held, ${d.tempo.downS} s down`),
    fact('Alone at home', (d) => (d.guidance.homeAlone ? 'yes' : 'no')),
    ...sites.filter((s) => !sore.includes(s)).map(at),
  ]
  const alike = (f: Fact) => f.says.every((s) => s === f.says[0])
  return { differ: all.filter((f) => !alike(f)), same: all.filter(alike) }
}
