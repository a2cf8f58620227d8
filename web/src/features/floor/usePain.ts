import { computed, ref } from 'vue'
import { words } from '@/shared/format'
import type { Hurt } from './HurtPanel.vue'
import { isDone, type Step } from './steps'
import type { useFloor } from './useFloor'
import { useRest } from './useRest'

/** From a set that hurt to going on: an easier way or without the exercise, then what it changes in the rest of the visit. */
export function usePain(id: string, floor: ReturnType<typeof useFloor>) {
  // The last set that hurt, until it is gone on from.
  const hurt = ref<{ said: Hurt; at: Step; kg: number } | null>(null)
  // What was changed for pain in this visit, by exercise.
  const changedKey = `kinesia.changed.${id}`
  const changed = ref<Record<string, string>>(JSON.parse(sessionStorage.getItem(changedKey) ?? '{}'))
  // The other of two that are tried side by side.
  const other = ref<string>()
  const rest = useRest(id, floor.refresh)

  function felt(said: Hurt) {
    hurt.value = { said, at: floor.step.value!, kg: floor.load.value.kg }
    floor.log(said.pain, said.site, said.side, undefined, said.kind)
  }
  // The server says whether an easier way is worth looking for; without a connection nobody waits for it.
  // An answer that comes when the next set is already done opens nothing over it.
  const easierWay = computed(() => {
    const at = hurt.value?.at
    return at && isDone(at, floor.done.value.slice(-1)) && floor.adviceOf(at)?.easier
  })
  const ended = () => floor.adviceOf(hurt.value!.at)?.next === 'END_EXERCISE'

  /** The exercise itself is settled: what of the rest is to change? */
  function settled(ends: boolean) {
    const { said, at } = hurt.value!
    hurt.value = null
    void rest.ask({ exerciseKey: at.slot.exerciseKey, site: said.site, side: said.side, pain: said.pain, ends })
  }
  function leaveOut() {
    const { said, at } = hurt.value!
    floor.leaveOut(at.slot.exerciseKey, `pain of ${said.pain} at the ${words(said.side)} ${words(said.site)}`)
    settled(true)
  }
  function easier(change: string) {
    const { exerciseKey, name } = hurt.value!.at.slot
    changed.value = { ...changed.value, [exerciseKey]: change }
    sessionStorage.setItem(changedKey, JSON.stringify(changed.value))
    floor.note(`${name}, for the ${words(hurt.value!.said.site)}: ${change}`)
    settled(ended())
  }
  return { hurt, changed, other, rest, easierWay, felt, ended, settled, leaveOut, easier }
}
