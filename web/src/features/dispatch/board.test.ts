import { describe, expect, it } from 'vitest'
import { dayNumber } from '../../format/dates'
import { blocksOf, firstBusyDay, plusDays, whenOf, type Job } from './board'

const job = (id: string, machineId: string, days: string[]): Job =>
  ({
    id,
    place: {
      machineId,
      days: days.map((day) => ({ day, hours: 5, acres: 30 })),
      locked: false,
      late: false,
      fitChance: 60,
      why: '',
    },
  }) as unknown as Job

const jobs = [
  job('a', 'm', ['2026-10-01', '2026-10-03']),
  job('b', 'm', ['2026-10-03', '2026-10-04']),
  job('c', 'm', ['2026-10-05']),
  job('d', 'x', ['2026-10-02']),
]

describe('board', () => {
  it('stacks what shares a day and reuses rows', () => {
    const { blocks, rows } = blocksOf('m', jobs, dayNumber('2026-10-01'), 14)
    expect(blocks.map((b) => [b.job.id, b.column, b.columns, b.row])).toEqual([
      ['a', 0, 3, 0],
      ['b', 2, 2, 1],
      ['c', 4, 1, 0],
    ])
    expect(rows).toBe(2)
  })
  it('cuts blocks at the days in sight', () => {
    const { blocks } = blocksOf('m', jobs, dayNumber('2026-10-02'), 2)
    expect(blocks.map((b) => [b.job.id, b.column, b.columns])).toEqual([
      ['a', 0, 2],
      ['b', 1, 1],
    ])
  })
  it('finds the next busy day', () => {
    expect(firstBusyDay(jobs, '2026-09-01')).toBe('2026-10-01')
    expect(firstBusyDay(jobs, '2026-10-05')).toBe('2026-10-05')
    expect(firstBusyDay([], '2026-10-05')).toBe('2026-10-05')
    expect(plusDays('2026-12-31', 1)).toBe('2027-01-01')
  })
  it('says the window while it can be kept, and the verdict where it cannot', () => {
    const sow = { opens: '2026-09-26', closes: '2026-10-08', says: 'late: it may still be sown to 8 Nov' }
    expect(whenOf({ ...sow, verdict: 'OPEN' } as unknown as Job)).toBe('26 Sep – 8 Oct')
    expect(whenOf({ ...sow, verdict: 'LATE' } as unknown as Job)).toBe('late: it may still be sown to 8 Nov')
    expect(whenOf({ opens: '2027-05-03', closes: '2027-05-08' } as unknown as Job)).toBe('3 May – 8 May')
  })
})
