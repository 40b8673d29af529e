/**
 * A change may be lost on its way back: the server then says that it does not know whether it was kept. What bears a
 * name of its writer's is kept once however often it is sent, so it is sent again; nothing else is.
 */
const TRIES = 3
const WAIT_SECONDS = 3

export async function askAgain(
  request: Request,
  send: (r: Request) => Promise<Response> = fetch,
  wait: (seconds: number) => Promise<void> = (s) => new Promise((go) => setTimeout(go, s * 1000)),
): Promise<Response> {
  const again = request.method === 'POST' ? request.clone() : undefined
  let answer = await send(request)
  if (!again || answer.status !== 503) return answer
  for (let tried = 1; tried < TRIES && (await unknown(answer)) && (await named(again)); tried++) {
    await wait(Number(answer.headers.get('Retry-After')) || WAIT_SECONDS)
    answer = await send(again.clone())
  }
  return answer
}

async function unknown(answer: Response): Promise<boolean> {
  if (answer.status !== 503) return false
  const said = (await answer
    .clone()
    .json()
    .catch(() => ({}))) as { unknown?: boolean }
  return said.unknown === true
}

/** Whether what is sent bears a name, its own or its entry's. */
async function named(request: Request): Promise<boolean> {
  const body = (await request
    .clone()
    .json()
    .catch(() => ({}))) as { id?: string; entry?: { id?: string } }
  return typeof (body.id ?? body.entry?.id) === 'string'
}
