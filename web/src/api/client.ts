import createClient from 'openapi-fetch'
import { askAgain } from './askAgain'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** A refusal as the server words it: what is wrong, and with which field. */
export class Refused extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
  ) {
    super(message)
  }
}

export const api = createClient<paths>({ baseUrl: '/', fetch: (request) => askAgain(request) })

function token(): string {
  return decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '')
}

api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token())
    return request
  },
})

type Answer<T> = { data?: T; error?: unknown; response: Response }

/** The answer's data, or the server's refusal thrown. */
export async function got<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await asked
  } catch {
    throw new Refused('The server cannot be reached. What you typed is still here; try again.', 0)
  }
  if (!answer.response.ok) throw refusal(answer.response.status, answer.error)
  return answer.data as T
}

function refusal(status: number, error: unknown): Refused {
  const problem = (error ?? {}) as { detail?: string; field?: string }
  if (status === 401) {
    window.dispatchEvent(new Event('furrow-signed-out'))
    return new Refused(problem.detail ?? 'Sign in to go on.', status)
  }
  return new Refused(problem.detail ?? 'The server could not do this.', status, problem.field)
}

/** Sends a file; the generated client has no good way with multipart forms. */
export async function upload<T>(path: string, file: File, save?: boolean): Promise<T> {
  const form = new FormData()
  form.append('file', file)
  const response = await fetch(save === undefined ? path : `${path}?save=${save}`, {
    method: 'POST',
    body: form,
    headers: { 'X-XSRF-TOKEN': token() },
  })
  const body = await response.json().catch(() => ({}))
  if (!response.ok) throw refusal(response.status, body)
  return body as T
}
