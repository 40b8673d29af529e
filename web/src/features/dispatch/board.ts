import type { Schemas } from '../../api/client'
import { dayNumber, isoDay, range } from '../../format/dates'

export type Board = Schemas['BoardView']
export type Job = Schemas['JobView']

/** A job's name as a key of a list. */
export const keyOf = (job: Pick<Job, 'id'>) => `${job.id.cover} ${job.id.operation}`

export interface Block {
  job: Job
  /** First column and number of columns on the board, cut to what is in sight. */
  column: number
  columns: number
  row: number
}

/** A machine's blocks in the days in sight, stacked so that none covers another. */
export function blocksOf(
  machineId: string,
  jobs: Job[],
  first: number,
  days: number,
): { blocks: Block[]; rows: number } {
  const placed = jobs
    .filter((j) => j.place?.machineId === machineId)
    .map((job) => {
      const from = dayNumber(job.place!.days[0]!.day)
      const to = dayNumber(job.place!.days[job.place!.days.length - 1]!.day)
      return { job, from, to }
    })
    .filter((b) => b.to >= first && b.from < first + days)
    .sort((a, b) => a.from - b.from || a.to - b.to)
  const ends: number[] = []
  const blocks = placed.map(({ job, from, to }) => {
    let row = ends.findIndex((end) => end < from)
    if (row < 0) row = ends.length
    ends[row] = to
    const column = Math.max(0, from - first)
    return { job, column, columns: Math.min(days - 1, to - first) - column + 1, row }
  })
  return { blocks, rows: Math.max(1, ends.length) }
}

/** The first day on which anything placed begins, from a day on; that day when nothing is. */
export function firstBusyDay(jobs: Job[], from: string): string {
  const starts = jobs
    .flatMap((j) => (j.place ? [j.place.days[j.place.days.length - 1]!.day] : []))
    .filter((d) => d >= from)
  if (!starts.length) return from
  const next = jobs
    .filter((j) => j.place && j.place.days.some((d) => d.day >= from))
    .map((j) => j.place!.days[0]!.day)
  const first = next.sort()[0]!
  return first < from ? from : first
}

export const plusDays = (iso: string, days: number) => isoDay(dayNumber(iso) + days)

/** When a job may be done: its window, or what is to be said where that has passed or never opens. */
export function whenOf(job: Job): string {
  const open = !job.verdict || job.verdict === 'NOT_YET' || job.verdict === 'OPEN'
  return open ? range(job.opens, job.closes) : (job.says ?? '')
}
