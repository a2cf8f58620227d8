import { Document, isMap, isSeq, parseDocument } from 'yaml'

/** How a section is worked. */
export const layouts = [
  { value: 'pairs', text: 'pairs, an extension and a curl in turn' },
  { value: 'blocks', text: 'blocks, a shoulder exercise, a curl and an extension in turn' },
  { value: 'circuit', text: 'circuit, station after station' },
  { value: 'straight', text: 'all sets of one, then the next' },
]
export const purposes = [
  { value: 'flexors', text: 'front of the arm' },
  { value: 'extensors', text: 'back of the arm' },
  { value: 'companions', text: 'shoulder' },
]
export const implementChoices = [
  { value: 'dumbbell', text: 'dumbbells' },
  { value: 'cable-handle', text: 'cable handle' },
  { value: 'cable-rope', text: 'cable rope' },
  { value: 'cable-bar', text: 'cable bar' },
  { value: 'band', text: 'bands' },
  { value: 'straight-bar', text: 'straight bar' },
  { value: 'angled-bar', text: 'angled bar' },
  { value: 'machine', text: 'machines' },
  { value: 'household', text: 'household objects' },
  { value: 'body-weight', text: 'body weight' },
]
export const stanceChoices = [
  { value: 'standing', text: 'standing' },
  { value: 'seated', text: 'seated' },
  { value: 'supine', text: 'lying' },
  { value: 'floor', text: 'on the floor' },
]

export interface PickForm {
  for: string
  count: [number, number]
  implements: string[]
  stances: string[]
  /** What else narrows it, as it is written. */
  more: string
}
export interface SectionForm {
  as: string
  rounds: [number, number]
  reps?: [number, number]
  rest?: [number, number]
  effort?: number
  station?: number
  picks: PickForm[]
  more: string
}
export interface MethodForm {
  name: string
  what: string
  sections: SectionForm[]
  more: string
}

type Path = (string | number)[]
const SHOWN = {
  method: ['key', 'name', 'what', 'near', 'sections'],
  section: ['as', 'rounds', 'reps', 'rest', 'effort', 'station', 'picks'],
  pick: ['for', 'count', 'implements', 'stances'],
}
const NEW_PICK = { for: 'flexors', count: [1, 1] }
const NEW_SECTION = { as: 'straight', rounds: [1, 3], rest: [90, 60], picks: [NEW_PICK] }

/** A method that can be kept as it stands, to begin from nothing. */
export const blank = `key: our-way
name: Our way
what: a curl and an extension, each by itself
near: []
sections:
  - as: straight
    rounds: [1, 3]
    rest: [90, 60]
    picks:
      - {for: extensors, count: [1, 1]}
      - {for: flexors, count: [1, 1]}
`

/** The fields of a method written as the rule files are; nothing where the text is none, so that only text can mend it. */
export function formOf(text: string): MethodForm | undefined {
  const doc = parseDocument(text)
  const sections = doc.get('sections')
  if (doc.errors.length || !isMap(doc.contents) || !isSeq(sections)) return undefined
  if (!sections.items.every((s) => isMap(s) && isSeq(s.get('picks')))) return undefined
  const all = doc.toJS() as Record<string, unknown> & { sections: Record<string, unknown>[] }
  return {
    name: String(all.name ?? ''),
    what: String(all.what ?? ''),
    more: others(all, SHOWN.method),
    sections: all.sections.map((s) => ({
      as: String(s.as ?? ''),
      rounds: two(s.rounds) ?? [1, 1],
      reps: two(s.reps),
      rest: two(s.rest),
      effort: one(s.effort),
      station: one(s.station),
      more: others(s, SHOWN.section),
      picks: (s.picks as Record<string, unknown>[]).map((p) => ({
        for: String(p.for ?? ''),
        count: two(p.count) ?? [1, 1],
        implements: list(p.implements),
        stances: list(p.stances),
        more: others(p, SHOWN.pick),
      })),
    })),
  }
}

const one = (value: unknown) => (value === undefined || value === null ? undefined : Number(value))
const two = (value: unknown): [number, number] | undefined =>
  Array.isArray(value) && value.length === 2 ? [Number(value[0]), Number(value[1])] : undefined
const list = (value: unknown) => (Array.isArray(value) ? value.map(String) : [])
const others = (of: Record<string, unknown>, shown: string[]) =>
  Object.keys(of)
    .filter((k) => !shown.includes(k))
    .map((k) => k.replaceAll('-', ' '))
    .join(', ')

function changed(text: string, change: (doc: Document) => void): string {
  const doc = parseDocument(text)
  change(doc)
  return doc.toString({ lineWidth: 0, flowCollectionPadding: false })
}

/** The same text with another value in one place, everything else as it was written; without it where there is none. */
export function written(text: string, path: Path, value: unknown): string {
  return changed(text, (doc) => {
    const none = value === undefined || value === '' || (Array.isArray(value) && !value.length)
    if (none) doc.deleteIn(path)
    else doc.setIn(path, Array.isArray(value) ? inOneLine(doc, value) : value)
  })
}
function inOneLine(doc: Document, value: unknown) {
  const node = doc.createNode(value)
  if (isSeq(node) || isMap(node)) node.flow = true
  return node
}

/** With one more section or exercise at the end of the list at `path`. */
export function added(text: string, path: Path): string {
  const pick = path.at(-1) === 'picks'
  return changed(text, (doc) => {
    forget(doc)
    doc.addIn(path, pick ? inOneLine(doc, NEW_PICK) : doc.createNode(NEW_SECTION))
  })
}
/** Without what stands at `path`. */
export function removed(text: string, path: Path): string {
  return changed(text, (doc) => {
    forget(doc)
    doc.deleteIn(path)
  })
}
// What it is meant to have at best is told pick by pick; with other picks it says nothing any more.
function forget(doc: Document) {
  doc.delete('asks')
  doc.delete('needs')
}

/** A key made of a name: small letters, figures and dashes. */
export function keyOf(name: string): string {
  const key = name
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 36)
  return key.length < 3 ? `our-${key || 'way'}` : key
}
