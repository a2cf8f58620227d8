import { onBeforeUnmount, ref } from 'vue'
import type { Side } from '@/shared/api/types'

/** Readings of a measuring device as they stream in; typing works whether it is there or not. */
export function useGauge(gauge: 'inclinometer' | 'grip') {
  const live = ref<number | undefined>()
  const steady = ref(false)
  const lost = ref(false)
  let source: EventSource | null = null

  function stop() {
    source?.close()
    source = null
    live.value = undefined
    steady.value = false
  }

  /** Starts reading; a lost connection leaves the last value that was taken as it is. */
  function start(check: string, side: Side) {
    stop()
    lost.value = false
    source = new EventSource(`/api/gauges/${gauge}/readings?check=${check}&side=${side}`)
    source.addEventListener('reading', (e) => {
      const reading = JSON.parse((e as MessageEvent<string>).data) as { value: number; steady: boolean }
      live.value = reading.value
      steady.value = reading.steady
    })
    source.addEventListener('unplugged', gone)
    source.onerror = gone
  }
  function gone() {
    stop()
    lost.value = true
  }

  /** The value shown now, and the end of reading. */
  function take(): number | undefined {
    const value = live.value === undefined ? undefined : Math.round(live.value)
    stop()
    return value
  }
  onBeforeUnmount(stop)
  return { live, steady, lost, start, stop, take }
}
