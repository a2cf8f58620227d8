import { ref, watch } from 'vue'

/** How a clock that ends makes itself known. Kept on the device; a press on it goes to the next. */
export type Signal = 'sound' | 'voice' | 'vibration' | 'nothing'
const ALL: Signal[] = ['sound', 'voice', 'vibration', 'nothing']
const KEY = 'kinesia.signal'

export const signal = ref<Signal>(ALL.find((s) => s === localStorage.getItem(KEY)) ?? 'sound')
watch(signal, (s) => localStorage.setItem(KEY, s))
export const nextSignal = () => (signal.value = ALL[(ALL.indexOf(signal.value) + 1) % ALL.length]!)

let audio: AudioContext | undefined

function beep() {
  audio ??= new AudioContext()
  const tone = audio.createOscillator()
  const loudness = audio.createGain()
  tone.frequency.value = 660
  loudness.gain.setValueAtTime(0.2, audio.currentTime)
  loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.6)
  tone.connect(loudness).connect(audio.destination)
  tone.start()
  tone.stop(audio.currentTime + 0.6)
}

/** Says `words` the way that is wanted; a device that cannot does nothing. */
export function tell(words: string) {
  if (signal.value === 'sound' && 'AudioContext' in window) beep()
  if (signal.value === 'voice' && 'speechSynthesis' in window)
    speechSynthesis.speak(new SpeechSynthesisUtterance(words))
  if (signal.value === 'vibration' && 'vibrate' in navigator) navigator.vibrate([200, 100, 200])
}

/** Keeps the screen on until what is returned is called; taken again when the page comes back to the front. */
export function keepAwake(): () => void {
  let lock: WakeLockSentinel | undefined
  let over = false
  const take = async () => {
    if (over || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
    // Refused on low battery; then the screen goes off as it always did.
    lock = await navigator.wakeLock.request('screen').catch(() => undefined)
    if (over) void lock?.release()
  }
  document.addEventListener('visibilitychange', take)
  void take()
  return () => {
    over = true
    document.removeEventListener('visibilitychange', take)
    void lock?.release()
  }
}
