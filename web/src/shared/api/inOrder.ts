import type { Middleware } from 'openapi-fetch'

const AT_MOST_MS = 3000
const saves = new Set(['PUT', 'DELETE'])

/**
 * What is read waits for the saves that are on their way, so that whoever presses on at once finds on the next page what was
 * just kept. A save that does not come through holds nobody up for long.
 */
export function inOrder(): Middleware {
  const open = new Map<string, { answered: Promise<void>; settle: () => void }>()
  const settle = (id: string) => {
    open.get(id)?.settle()
    open.delete(id)
  }
  return {
    async onRequest({ request, id }) {
      if (saves.has(request.method)) {
        let done = () => {}
        const answered = new Promise<void>((resolve) => (done = resolve))
        open.set(id, { answered, settle: done })
      } else if (request.method === 'GET' && open.size) {
        const all = Promise.all([...open.values()].map((save) => save.answered))
        await Promise.race([all, new Promise((late) => setTimeout(late, AT_MOST_MS))])
      }
      return request
    },
    onResponse: ({ id }) => settle(id),
    onError: ({ id }) => settle(id),
  }
}
