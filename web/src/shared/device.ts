const OURS = 'kinesia.'
const QUEUES = ['kinesia.queue', 'kinesia.aside']
// How this device is set, and what is open on it: nothing that the server waits for.
const SETTINGS = ['kinesia.signal', 'kinesia.hand', 'kinesia.open']

function keys(store: Storage): string[] {
  return Array.from({ length: store.length }, (_, i) => store.key(i)!).filter((key) => key.startsWith(OURS))
}

/** How many things are on this device that the server does not have: each set, stop or note, and each draft. */
export function notYetSent(): number {
  return keys(localStorage).reduce((sum, key) => {
    if (SETTINGS.includes(key)) return sum
    const held: unknown = QUEUES.includes(key) ? JSON.parse(localStorage.getItem(key) ?? '[]') : null
    return sum + (Array.isArray(held) ? held.length : 1)
  }, 0)
}

/** Takes everything about clients off this device. */
export function forgetThisDevice() {
  for (const store of [localStorage, sessionStorage]) keys(store).forEach((key) => store.removeItem(key))
  // What the service worker keeps for a floor without a connection.
  if ('caches' in window) void caches.delete('floor')
}
