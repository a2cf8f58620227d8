import { ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { AppointmentView, DaysView, Goal } from '@/shared/api/types'
import { useCall } from '@/shared/useCall'

/** When and where a visit is. */
export interface Slot {
  on: string
  at: string
  minutes?: number
  placeId: string
}

/** What is planned and booked of a client's days, and how it is changed; every answer is the days as they are then. */
export function useDays(clientId: string) {
  const { busy, problem, run, wrong } = useCall()
  const days = ref<DaysView | null>(null)
  const client = { clientId }

  async function take(call: () => Promise<DaysView>): Promise<boolean> {
    const answer = await run(call)
    if (answer) days.value = answer
    return !!answer
  }
  const load = () => take(() => ask(() => api.GET('/api/clients/{clientId}/days', { params: { path: client } })))

  /** Books a visit, or moves the one whose id and version are given. */
  const book = (slot: Slot, moved?: AppointmentView, id: string = crypto.randomUUID()) =>
    take(() =>
      ask(() =>
        api.PUT('/api/clients/{clientId}/appointments/{id}', {
          params: { path: { ...client, id: moved?.id ?? id } },
          body: { ...slot, minutes: slot.minutes ?? 0, version: moved?.version },
        }),
      ),
    )
  const bookWeeks = (slot: Slot, onDays: string[], weeks: number, id: string = crypto.randomUUID()) =>
    take(() =>
      ask(() =>
        api.PUT('/api/clients/{clientId}/appointments/{id}/weekly', {
          params: { path: { ...client, id } },
          body: {
            from: slot.on,
            at: slot.at,
            minutes: slot.minutes ?? 0,
            placeId: slot.placeId,
            days: onDays as never,
            weeks,
          },
        }),
      ),
    )
  const cancel = (visit: AppointmentView) =>
    take(() =>
      ask(() =>
        api.DELETE('/api/clients/{clientId}/appointments/{id}', { params: { path: { ...client, id: visit.id } } }),
      ),
    )
  const keepWeeks = (
    block: { startsOn: string; weeks: number; aim: Goal; lighterWeek?: number; newExercises: boolean },
    id: string = crypto.randomUUID(),
  ) =>
    take(() =>
      ask(() => api.PUT('/api/clients/{clientId}/blocks/{id}', { params: { path: { ...client, id } }, body: block })),
    )
  const endWeeks = (id: string) =>
    take(() => ask(() => api.DELETE('/api/clients/{clientId}/blocks/{id}', { params: { path: { ...client, id } } })))

  return { busy, problem, wrong, days, load, book, bookWeeks, cancel, keepWeeks, endWeeks }
}
