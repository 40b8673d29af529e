import { describe, expect, it } from 'vitest'
import { dayNumber } from '../format/dates'
import { firstBusyDay, plusDays, segmentsOf, whenOf, type Job } from './board'

const job = (id: string, machineId: string, days: string[]): Job =>
  ({
    id,
    place: {
      machineId,
      days: days.map((day) => ({ day, hours: 5, acres: 30, road: 0 })),
      locked: false,
      late: false,
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
  it('lets a name run on over the days beside it, not over a gap nor where the job lies higher', () => {
    const long = job('long', 'm', ['2026-10-01', '2026-10-02', '2026-10-03', '2026-10-05'])
    const under = job('under', 'm', ['2026-10-01'])
    const on = (jobs: Job[]) => segmentsOf('m', jobs, dayNumber('2026-10-01'), 9).segments
    expect(on([long]).map((s) => [s.named, s.nameDays])).toEqual([
      [true, 3],
      [false, 1],
      [false, 1],
      [true, 1],
    ])
    expect(on([under, long]).map((s) => [s.job.id, s.nameDays])[1]).toEqual(['long', 1])
  })

  it('lays hours of one day on top of each other', () => {
    const { segments, hours } = segmentsOf('m', jobs, dayNumber('2026-10-01'), 5)
    expect(segments.map((x) => [x.job.id, x.column, x.below, x.first, x.last, x.named])).toEqual([
      ['a', 0, 0, true, false, true],
      ['a', 2, 0, false, true, true],
      ['b', 2, 5, true, false, true],
      ['b', 3, 0, false, true, false],
      ['c', 4, 0, true, true, true],
    ])
    expect(hours).toEqual([5, 0, 10, 5, 5])
  })
  it('leaves out what is not in sight', () => {
    const { segments } = segmentsOf('m', jobs, dayNumber('2026-10-03'), 1)
    expect(segments.map((x) => x.job.id)).toEqual(['a', 'b'])
  })
  it('names a run of days where there is room for its name', () => {
    const long = job('e', 'm', ['2026-10-01', '2026-10-02', '2026-10-03'])
    long.place!.days[0]!.hours = 1
    const names = (first: string) =>
      segmentsOf('m', [long], dayNumber(first), 5)
        .segments.filter((x) => x.named)
        .map((x) => x.day)
    expect(names('2026-10-01')).toEqual(['2026-10-02'])
    expect(names('2026-10-03')).toEqual(['2026-10-03'])
    long.place!.days[0]!.hours = 4
    expect(names('2026-10-01')).toEqual(['2026-10-01'])
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
