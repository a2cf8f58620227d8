/** The sessions that are open on this device, so that one press goes from one client to the other. */
export interface Open {
  id: string
  name: string
  since: number
}
const KEY = 'kinesia.open'
// A session that nobody looked at for so long is over, whether somebody said so or not.
const LONGEST_MS = 4 * 3_600_000

function all(): Open[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Open[]
  } catch {
    return []
  }
}

/** Remembers that a session is looked at on the floor, or forgets it once it is over. */
export function looking(id: string, name: string, over: boolean, now: number) {
  const others = all().filter((o) => o.id !== id && now - o.since < LONGEST_MS)
  localStorage.setItem(KEY, JSON.stringify(over ? others : [...others, { id, name, since: now }]))
}

export function openElsewhere(id: string, now: number): Open[] {
  return all().filter((o) => o.id !== id && now - o.since < LONGEST_MS)
}
