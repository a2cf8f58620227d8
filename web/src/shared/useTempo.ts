import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue'

/** Seconds for lifting, holding at the top and lowering. */
export interface Tempo {
  upS: number
  holdS: number
  downS: number
}

const STILL_AT = 0.55
const REST_S = 0.5

/** Progress of the lift at a moment of its cycle: up, held, down, a breath at the bottom. */
export function progressAt(seconds: number, tempo: Tempo): number {
  const { upS, holdS, downS } = tempo
  const t = seconds % (upS + holdS + downS + REST_S)
  if (t < upS) return t / upS
  if (t < upS + holdS) return 1
  return Math.max(0, 1 - (t - upS - holdS) / Math.max(downS, 0.1))
}

/** Progress that runs at the tempo; stands still under reduced motion or when asked to. */
export function useTempo(tempo: () => Tempo, still: () => boolean): Ref<number> {
  const reduced = typeof matchMedia !== 'undefined' && matchMedia('(prefers-reduced-motion: reduce)').matches
  const progress = ref(reduced || still() ? STILL_AT : 0)
  let request = 0
  function step(now: number) {
    progress.value = progressAt(now / 1000, tempo())
    request = requestAnimationFrame(step)
  }
  onMounted(() => {
    if (!reduced && !still()) request = requestAnimationFrame(step)
  })
  onBeforeUnmount(() => cancelAnimationFrame(request))
  return progress
}
