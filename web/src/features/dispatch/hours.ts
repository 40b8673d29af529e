import { clockRange, hoursInto } from '../../format/dates'
import { bandsOf, type Band } from './rows'
import type { Board, Job } from '../../work/board'

/** A job's hours on the clock of one day, and those on the road before it. */
export interface Clocked {
  job: Job
  begins: number
  ends: number
  /** The same as a clock tells it. */
  when: string
  road: number
  driver?: string
  acres: number
  /** % that the day is fit and the job's window open. */
  chance: number
}

/** Work of a day that is too far ahead to have an hour. */
export interface Unclocked {
  job: Job
  hours: number
}

export interface HourRow {
  machine: Board['machines'][number]
  clocked: Clocked[]
  unclocked: Unclocked[]
  band: Band | null
  gone: boolean
}

/** An ordinary day where nothing is placed. */
const EARLY = 8
const LATE = 18

/** One day of each machine by the hour, those with work first, and the hours to be drawn. */
export function hoursOf(board: Board, jobs: Job[], day: string): { rows: HourRow[]; from: number; to: number } {
  const rows = board.machines
    .map((machine) => {
      const gone = board.notHad.some((n) => n.machineId === machine.id && n.days.includes(day))
      const row: HourRow = {
        machine,
        clocked: [],
        unclocked: [],
        band: gone ? null : bandsOf(board, machine.kind, [day])[0]!,
        gone,
      }
      for (const job of jobs) {
        const work = job.place?.machineId === machine.id ? job.place.days.find((d) => d.day === day) : undefined
        if (!work) continue
        if (work.begins && work.ends)
          row.clocked.push({
            job,
            begins: hoursInto(day, work.begins),
            ends: hoursInto(day, work.ends),
            when: clockRange(work.begins, work.ends),
            road: work.road,
            driver: work.driver,
            acres: work.acres,
            chance: work.fitChance,
          })
        else row.unclocked.push({ job, hours: work.hours })
      }
      row.clocked.sort((a, b) => a.begins - b.begins)
      return row
    })
    .sort((a, b) => Number(isIdle(a)) - Number(isIdle(b)))
  const all = rows.flatMap((r) => r.clocked)
  return {
    rows,
    from: Math.floor(Math.min(EARLY, ...all.map((c) => c.begins - c.road))),
    to: Math.ceil(Math.max(LATE, ...all.map((c) => c.ends))),
  }
}

export const isIdle = (row: HourRow) => !row.clocked.length && !row.unclocked.length
