import type { Schemas } from '../api/client'
import { dayNumber, isoDay, range, short } from '../format/dates'
import { area, areaUnit, number } from '../format/units'

export type Board = Schemas['BoardView']
export type Job = Schemas['JobView']

/** A job's name as a key of a list. */
export const keyOf = (job: Pick<Job, 'id'>) => `${job.id.cover} ${job.id.operation}`

/** The hours of a job that lie in one day, on top of those of other jobs of the same machine. */
export interface Segment {
  job: Job
  day: string
  /** Column of the days in sight. */
  column: number
  hours: number
  /** Hours on the road before its first acre, under it. */
  road: number
  below: number
  first: boolean
  last: boolean
  /** Of days one after the other, the first that is high enough to hold its name as well as any. */
  named: boolean
  /** Days over which its name may run: itself, and those after it in which the job lies beside it. */
  nameDays: number
}

const HIGH_ENOUGH = 0.6
/** Hours that half a line of words is about as high as. */
const HALF_NAME = 0.8

/** The places of the days that bear a job's name: one of each run of days in sight. */
function named(all: { day: string; hours: number }[], first: number, days: number): Set<number> {
  const runs: number[][] = []
  all.forEach((d, i) => {
    const column = dayNumber(d.day) - first
    if (column < 0 || column >= days) return
    const run = runs[runs.length - 1]
    if (run && dayNumber(all[i - 1]!.day) === first + column - 1) run.push(i)
    else runs.push([i])
  })
  return new Set(
    runs.map((run) => {
      const most = Math.max(...run.map((i) => all[i]!.hours))
      return run.find((i) => all[i]!.hours >= HIGH_ENOUGH * most)!
    }),
  )
}

/** How far each name of a job may run on over the days beside it. */
function run(own: Segment[]) {
  own.forEach((s, i) => {
    const middle = s.below + s.hours / 2
    const beside = (next?: Segment) =>
      next?.column === s.column + s.nameDays &&
      next.below <= middle - HALF_NAME &&
      middle + HALF_NAME <= next.below + next.hours
    while (s.named && beside(own[i + s.nameDays])) s.nameDays++
  })
}

/** A machine's work in the days in sight, and the hours that each day holds in all. */
export function segmentsOf(
  machineId: string,
  jobs: Job[],
  first: number,
  days: number,
): { segments: Segment[]; hours: number[] } {
  const hours = Array.from({ length: days }, () => 0)
  const segments: Segment[] = []
  const placed = jobs
    .filter((j) => j.place?.machineId === machineId)
    .sort((a, b) => a.place!.days[0]!.day.localeCompare(b.place!.days[0]!.day))
  for (const job of placed) {
    const all = job.place!.days
    const names = named(all, first, days)
    all.forEach((d, i) => {
      const column = dayNumber(d.day) - first
      if (column < 0 || column >= days) return
      const last = i === all.length - 1
      const below = hours[column]! + d.road
      segments.push({
        job,
        day: d.day,
        column,
        hours: d.hours,
        road: d.road,
        below,
        first: i === 0,
        last,
        named: names.has(i),
        nameDays: 1,
      })
      hours[column]! += d.road + d.hours
    })
    run(segments.filter((s) => s.job === job))
  }
  return { segments, hours }
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

/** How much of a job there is to do: acres, or hours where it is counted in them. */
export const amountOf = (job: Pick<Job, 'acres' | 'counted'>) =>
  job.counted ? `${number(job.counted.left, 1)} h` : `${area(job.acres)} ${areaUnit.value}`

/** How a job stands by what was said of it from the field, and what is left of it. */
export function doingWords(doing: Schemas['DoingView'], left: number, counted?: Schemas['CountedView']): string {
  const hours =
    counted && counted.done > 0 ? `${number(counted.done, 1)} h done, ${number(counted.left, 1)} to go` : ''
  const far = counted
    ? hours
    : doing.acresDone > 0
      ? `${area(doing.acresDone, 1)} ${areaUnit.value} done, ${area(left, 1)} to go`
      : ''
  if (doing.under) return ['Under way', far].filter(Boolean).join(', ')
  if (doing.proposed) return `${doing.by} asks for ${short(doing.proposed)}`
  if (far) return far
  return doing.agreed ? `${doing.by} comes ${short(doing.agreed)}` : ''
}

/** Machines and the people who drive them, to be chosen from. */
export function whoAndWhat(machines: Schemas['MachineView'][]) {
  const people = [...new Set(machines.flatMap((m) => m.setup?.drivers ?? []))].sort()
  return [
    ...machines.map((m) => ({ value: m.id, title: m.name })),
    ...people.map((person) => ({ value: person, title: person })),
  ]
}

/** The name of a person or a machine; empty for neither. */
export const nameOf = (who: { person?: string; machineId?: string }, machines: Schemas['MachineView'][]) =>
  who.person ?? machines.find((m) => m.id === who.machineId)?.name ?? ''
