let down = false
let released: (() => void)[] = []

function release() {
  down = false
  const waiting = released
  released = []
  waiting.forEach((go) => go())
}

window.addEventListener('pointerdown', () => (down = true), true)
// The click comes after the release and belongs to the same press.
const later = () => window.setTimeout(release)
window.addEventListener('pointerup', later, true)
window.addEventListener('pointercancel', release, true)
window.addEventListener('blur', release)

/** Resolves at once, or when the finger that is on the screen has left it: an answer never moves what is being pressed. */
export function whenReleased(): Promise<void> {
  return down ? new Promise((resolve) => released.push(resolve)) : Promise.resolve()
}
