import { reactive } from 'vue'
import { api, ask } from './shared/api/client'
import type { components } from './shared/api/schema'

type SessionView = components['schemas']['SignedInView']

/** Who is signed in, as the server last said. */
export const session = reactive<{ known: boolean; view: SessionView | null }>({ known: false, view: null })

export async function loadSession(): Promise<SessionView> {
  const view = await ask(() => api.GET('/api/session'))
  session.known = true
  session.view = view
  return view
}
