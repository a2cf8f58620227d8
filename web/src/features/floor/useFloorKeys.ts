import type { useFloor } from './useFloor'

/** What the keys do on the floor: one for each thing the thumb does. Nothing while something else is asked. */
export function useFloorKeys(
  floor: ReturnType<typeof useFloor>,
  on: { saying: (word: string) => void; hurts: () => void; busy: () => boolean },
) {
  const { effort, reps } = floor
  const keys: Record<string, () => unknown> = {
    // A trial set finds its load by what is said of it, so it is not logged without a word.
    Enter: () => (effort.value !== undefined || !floor.saying.value?.trial) && floor.log(),
    e: () => on.saying('EASY'),
    r: () => on.saying('RIGHT'),
    d: () => on.saying('HARD'),
    ArrowUp: () => (reps.value = Math.min(60, reps.value + 1)),
    ArrowDown: () => (reps.value = Math.max(0, reps.value - 1)),
    ArrowRight: () => floor.moreLoad(1),
    ArrowLeft: () => floor.moreLoad(-1),
    h: on.hurts,
    u: () => floor.undo(),
  }
  return (e: KeyboardEvent) => {
    const onControl = e.target instanceof HTMLElement && e.target.closest('button, a, input')
    if (on.busy() || (e.key === 'Enter' && onControl) || e.ctrlKey || e.metaKey || e.altKey) return
    const action = keys[e.key]
    if (action) {
      e.preventDefault()
      action()
    } else if (/^[4-9]$/.test(e.key)) effort.value = Number(e.key)
  }
}
