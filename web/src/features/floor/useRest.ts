import { ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Change, HurtNow } from '@/shared/api/types'
import { queue } from './queue'

/**
 * What a pain changes in the rest of the visit: asked of the server, and kept when it is taken. Without a connection nobody waits
 * for it, and the visit goes on as it is.
 */
export function useRest(id: string, refresh: () => Promise<void>) {
  const changes = ref<Change[] | null>(null)
  const busy = ref(false)
  let body: HurtNow | undefined
  const params = { path: { id } }

  async function request(hurt: HurtNow) {
    if (queue.offline) return
    body = hurt
    const said = await ask(() => api.POST('/api/sessions/{id}/rest', { params, body: hurt })).catch(() => undefined)
    changes.value = said?.changes.length ? said.changes : null
  }
  async function take() {
    if (!body || busy.value) return
    busy.value = true
    const taken = await ask(() => api.PUT('/api/sessions/{id}/rest', { params, body: body! })).catch(() => undefined)
    if (taken) await refresh()
    busy.value = false
    changes.value = null
  }
  const leave = () => (changes.value = null)
  return { changes, busy, ask: request, take, leave }
}
