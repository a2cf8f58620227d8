import createClient, { type Middleware } from 'openapi-fetch'
import { inOrder } from './inOrder'
import type { paths } from './schema'

/** A refusal as the server words it (RFC 9457), with the fields it is about. */
export interface Problem {
  status: number
  title: string
  detail: string
  fields: { field: string; message: string }[]
  current?: unknown
  /** Which request it was, as the log names it. */
  request?: string
}

/** Thrown for every answer that is not a success; `offline` when there was no answer at all. */
export class ApiError extends Error {
  constructor(
    readonly problem: Problem,
    readonly offline = false,
  ) {
    super(problem.detail)
  }
}

const unsafe = new Set(['POST', 'PUT', 'DELETE'])

const csrf: Middleware = {
  onRequest({ request }) {
    if (unsafe.has(request.method)) {
      const token = document.cookie
        .split('; ')
        .find((c) => c.startsWith('XSRF-TOKEN='))
        ?.slice('XSRF-TOKEN='.length)
      if (token) request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token))
    }
    return request
  },
}

export const api = createClient<paths>({ credentials: 'same-origin' })
api.use(inOrder(), csrf)

let onSignedOut: () => void = () => undefined
/** What to do when the server may have forgotten who is signed in. */
export function whenSignedOut(action: () => void) {
  onSignedOut = action
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of a call, or an ApiError. A lost connection is tried again once before it counts as one. */
export async function ask<T>(call: () => Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call()
  } catch {
    throw new ApiError(
      {
        status: 0,
        title: 'No connection',
        detail: 'The server does not answer. What you entered is still here; try again in a moment.',
        fields: [],
      },
      true,
    )
  }
  if (answer.response.ok) return answer.data as T
  const body = (answer.error ?? {}) as Partial<Problem>
  // A refused token is often a sign-in that ran out together with its cookies.
  const refused = answer.response.status === 401 || answer.response.status === 403
  if (refused && !answer.response.url.endsWith('/api/session')) onSignedOut()
  throw new ApiError(
    {
      status: answer.response.status,
      title: body.title ?? 'Something went wrong',
      detail: body.detail ?? 'The server could not answer this.',
      fields: body.fields ?? [],
      current: body.current,
    },
    answer.response.status === 503,
  )
}
