import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { again, came, reread, send, throwAway, waits, write } from './queue'
import type { Entry } from './store'

/** A server at the other end of the line: answers by turns, and remembers what it was sent. */
const { sent, answers, line } = vi.hoisted(() => {
  const sent: { url: string; body: string }[] = []
  const answers: (() => Response)[] = []
  const line = { onLine: true }
  const Plain = globalThis.Request
  Object.assign(globalThis, {
    fetch: async (asked: Request) => {
      sent.push({ url: asked.url, body: await asked.clone().text() })
      const answer = answers.shift()
      if (!answer) throw new TypeError('no signal')
      return answer()
    },
    Request: class extends Plain {
      constructor(input: RequestInfo | URL, init?: RequestInit) {
        super(typeof input === 'string' ? new URL(input, 'http://farm.example') : input, init)
      }
    },
  })
  Object.defineProperty(globalThis, 'navigator', { value: line, configurable: true })
  return { sent, answers, line }
})
vi.stubGlobal('document', { cookie: '' })
vi.stubGlobal('window', { dispatchEvent: () => true })
const says = (status: number, body: unknown) => () =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
const kept = says(200, { id: 'x', changes: [], verdict: 'Ready.' })
const next = (...all: (() => Response)[]) => void answers.splice(0, answers.length, ...all)

const count = (past: number): Entry => ({
  id: crypto.randomUUID(),
  fieldId: crypto.randomUUID(),
  on: '2027-05-15',
  fact: { kind: 'STEM_COUNT', species: 'cereal-rye', spots: 5, stems: 50, past },
})

beforeEach(async () => {
  await reread()
  for (const one of waits.value) await throwAway(one.id)
  sent.length = 0
  next()
  line.onLine = true
})

describe('what waits for a signal', () => {
  it('stays on the phone while there is none, and goes when there is', async () => {
    line.onLine = false
    await write('mine', 'Ferry Road', '30 of 50', count(30))
    expect(sent).toHaveLength(0)
    expect(waits.value).toHaveLength(1)
    line.onLine = true
    next(kept)
    await send('mine')
    expect(JSON.parse(sent[0]!.body).fact.past).toBe(30)
    expect(waits.value).toHaveLength(0)
    expect(came.value[0]!.verdict).toBe('Ready.')
  })

  it('waits on when nobody is signed in or the server is in trouble: that is no refusal', async () => {
    line.onLine = false
    await write('mine', 'Ferry Road', '30 of 50', count(30))
    line.onLine = true
    for (const status of [401, 500, 507]) {
      next(says(status, { detail: 'later' }))
      await send('mine')
      expect(waits.value).toHaveLength(1)
      expect(waits.value[0]!.refused, `after ${status}`).toBeUndefined()
    }
  })

  it('says why an entry was refused, and sends the others', async () => {
    line.onLine = false
    await write('mine', 'Ferry Road', '51 of 50', count(51))
    await write('mine', 'Ferry Road', '30 of 50', count(30))
    line.onLine = true
    next(says(400, { detail: 'stems past flowering are 0–50, got 51' }), kept)
    await send('mine')
    expect(waits.value.map((w) => w.refused)).toEqual(['stems past flowering are 0–50, got 51'])
    next(kept)
    await again(waits.value[0]!)
    expect(waits.value).toHaveLength(0)
  })

  it("of another farm is not sent with this one's", async () => {
    line.onLine = false
    await write('theirs', 'Hollow', '10 of 50', count(10))
    await write('mine', 'Ferry Road', '30 of 50', count(30))
    line.onLine = true
    next(kept, kept)
    await send('mine')
    expect(sent).toHaveLength(1)
    expect(waits.value.map((w) => w.farm)).toEqual(['theirs'])
    await send(undefined)
    expect(sent).toHaveLength(1)
  })
})
