import { describe, expect, it } from 'vitest'
import { askAgain } from './askAgain'

const post = (body: unknown) =>
  new Request('http://farm.example/api/v1/log', { method: 'POST', body: JSON.stringify(body) })
const unknown = () =>
  new Response(JSON.stringify({ unknown: true }), { status: 503, headers: { 'Retry-After': '2' } })

async function asked(request: Request, answers: Response[]) {
  const bodies: string[] = []
  const waits: number[] = []
  const answer = await askAgain(
    request,
    async (r) => {
      bodies.push(await r.text())
      return answers[bodies.length - 1]!
    },
    async (s) => void waits.push(s),
  )
  return { answer, bodies, waits }
}

describe('what may have been kept', () => {
  it('is sent again under the same name until it is known', async () => {
    const { answer, bodies, waits } = await asked(post({ id: 'a', kind: 'SEEDED' }), [unknown(), new Response('{}')])
    expect(answer.status).toBe(200)
    expect(bodies).toEqual(['{"id":"a","kind":"SEEDED"}', '{"id":"a","kind":"SEEDED"}'])
    expect(waits).toEqual([2])
  })
  it('is sent three times at most', async () => {
    const { answer, bodies } = await asked(post({ entry: { id: 'a' } }), [unknown(), unknown(), unknown()])
    expect(answer.status).toBe(503)
    expect(bodies).toHaveLength(3)
  })
  it('is left to the person where it bears no name', async () => {
    expect((await asked(post({ person: 'Otis' }), [unknown()])).bodies).toHaveLength(1)
  })
  it('is not sent again where it is known that nothing was saved', async () => {
    const busy = new Response(JSON.stringify({ detail: 'busy' }), { status: 503 })
    expect((await asked(post({ id: 'a' }), [busy])).bodies).toHaveLength(1)
  })
})
