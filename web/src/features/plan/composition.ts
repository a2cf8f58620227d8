import type { Composition, Plan, Written, WrittenUnit } from '@/shared/api/types'

/** Keeps an exercise in, or lets it go again. */
export function pinned(c: Composition, key: string): Composition {
  const has = c.pinned.includes(key)
  return {
    ...c,
    pinned: has ? c.pinned.filter((k) => k !== key) : [...c.pinned, key],
    banned: c.banned.filter((k) => k !== key),
  }
}

/** Keeps an exercise out, or lets it in again. */
export function banned(c: Composition, key: string): Composition {
  const has = c.banned.includes(key)
  return {
    ...c,
    banned: has ? c.banned.filter((k) => k !== key) : [...c.banned, key],
    pinned: c.pinned.filter((k) => k !== key),
  }
}

/** One exercise in the place of another, in the same place of the order. */
export function swapped(c: Composition, out: string, into: string): Composition {
  return {
    ...c,
    pinned: [...c.pinned.filter((k) => k !== out && k !== into), into],
    banned: [...c.banned.filter((k) => k !== out && k !== into), out],
    order: c.order.map((k) => (k === out ? into : k)),
  }
}

/** The unit at `from` moved to `to`; the rest closes up. */
export function moved<T>(list: T[], from: number, to: number): T[] {
  if (to < 0 || to >= list.length) return list
  const rest = list.filter((_, i) => i !== from)
  return [...rest.slice(0, to), list[from]!, ...rest.slice(to)]
}

/** What the session is composed for, without the care work that fills its time. */
function mainUnits(plan: Plan) {
  return plan.units.filter((u) => !u.care)
}

/** The first exercise of each unit of the main work: what the order of a session is kept by. Care work comes after it. */
export function orderOf(plan: Plan): string[] {
  return mainUnits(plan).map((u) => u.slots[0]!.exerciseKey)
}

/** The session as it stands, to be written on by hand. */
export function writtenFrom(plan: Plan): WrittenUnit[] {
  return mainUnits(plan).map((u) => ({
    layout: u.layout,
    restSeconds: u.restSeconds,
    slots: u.slots.map((s) => ({
      exerciseKey: s.exerciseKey,
      sets: s.sets,
      reps: s.reps,
      // Arms with loads of their own keep them where none is written.
      loadKg: new Set(Object.values(s.sides ?? {}).map((arm) => arm.load.kg)).size > 1 ? undefined : s.load.kg,
      effort: s.targetEffort,
      tempo: s.tempo,
      setReps: s.setReps?.length ? s.setReps : undefined,
      manner: s.manner,
    })),
  }))
}

/** A written session with one exercise changed; without it when `change` is null. An empty unit goes. */
export function rewritten(units: WrittenUnit[], unit: number, slot: number, change: Partial<Written> | null) {
  return units
    .map((u, i) =>
      i !== unit
        ? u
        : {
            ...u,
            slots: u.slots.flatMap((s, j) => (j !== slot ? [s] : change === null ? [] : [{ ...s, ...change }])),
          },
    )
    .filter((u) => u.slots.length > 0)
}

/** The unit at `at` worked in turn with the one after it, which closes up. */
export function inTurn(units: WrittenUnit[], at: number): WrittenUnit[] {
  const next = units[at + 1]
  if (!next) return units
  return units.flatMap((u, i) =>
    i === at + 1 ? [] : i === at ? [{ ...u, layout: 'PAIRS' as const, slots: [...u.slots, ...next.slots] }] : [u],
  )
}

/** The exercises of the unit at `at` worked one after the other. */
export function apart(units: WrittenUnit[], at: number): WrittenUnit[] {
  return units.flatMap((u, i) =>
    i !== at ? [u] : u.slots.map((s) => ({ ...u, layout: 'STRAIGHT' as const, slots: [s] })),
  )
}

/** "30, 15, 15" as numbers; undefined when it says something else or nothing. */
export function setReps(words: string): number[] | undefined {
  const numbers = words
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number)
  return numbers.length && numbers.every((n) => Number.isInteger(n) && n > 0) ? numbers : undefined
}
