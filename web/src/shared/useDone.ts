import { useToast } from 'bootstrap-vue-next/composables/useToast'

const SHOWN_MS = 6000

/** Says once, out of the way of the work, that something is done; it goes by itself and waits while it is pointed at. */
export function useDone(): (words: string) => void {
  const { create } = useToast()
  return (body) => void create({ body, modelValue: SHOWN_MS, isStatus: true, position: 'bottom-end', noProgress: true })
}
