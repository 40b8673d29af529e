import { describe, expect, it } from 'vitest'
import type { Board, Job } from '../../work/board'
import { hoursOf, isIdle } from './hours'

const day = '2026-09-15'
const job = (field: string, machineId: string, work: object) =>
  ({ field, place: { machineId, days: [{ day, hours: 3, acres: 20, road: 0.5, ...work }] } }) as unknown as Job
const board = {
  machines: [
    { id: 'idle', kind: 'ROLLER' },
    { id: 'm', kind: 'DRILL' },
  ],
  fit: [{ kind: 'DRILL', first: day, low: [1], counted: [5], high: [7], chances: [50] }],
  notHad: [{ machineId: 'idle', days: [day] }],
} as unknown as Board

describe('one day by the hour', () => {
  const jobs = [
    job('Late', 'm', { begins: '2026-09-15T14:30:00', ends: '2026-09-16T01:15:00' }),
    job('Early', 'm', { begins: '2026-09-15T07:15:00', ends: '2026-09-15T10:00:00' }),
    job('Other day', 'm', { day: '2026-09-16' }),
  ]

  it('puts work by its hours, over midnight too, and draws as many hours as it needs', () => {
    const { rows, from, to } = hoursOf(board, jobs, day)
    expect(rows.map((r) => r.machine.id)).toEqual(['m', 'idle'])
    expect(rows[0]!.clocked.map((c) => [c.job.field, c.begins, c.ends])).toEqual([
      ['Early', 7.25, 10],
      ['Late', 14.5, 25.25],
    ])
    expect([from, to]).toEqual([6, 26])
    expect(rows[0]!.band).toEqual({ low: 1, counted: 5, high: 7, chance: 50 })
    expect(rows[1]!.gone && isIdle(rows[1]!) && rows[1]!.band === null).toBe(true)
  })

  it('gives no hour to what is too far ahead', () => {
    const { rows, from, to } = hoursOf(board, [job('Far', 'm', {})], day)
    expect(rows[0]!.unclocked.map((u) => [u.job.field, u.hours])).toEqual([['Far', 3]])
    expect(isIdle(rows[0]!)).toBe(false)
    expect([from, to]).toEqual([8, 18])
  })
})
