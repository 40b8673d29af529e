import type { Schemas } from '../../api/client'
import { dayNumber } from '../../format/dates'
import { keyOf, segmentsOf, type Board, type Job, type Segment } from '../../work/board'

/** The hours of a day: of nine years in ten at least, to be counted on, of nine in ten at most; and its chance. */
export interface Band {
  low: number
  counted: number
  high: number
  chance: number
}

/** A row is as high as a working day at least, so that an hour is not drawn as a day. */
const LEAST_HIGH = 8

interface Drawn {
  /** How much higher a row is than its hours. */
  room: number
  /** By job the day by which it is over in nine years of ten. */
  lastOf: Map<string, string | undefined>
  soFar: Schemas['SoFarView'][]
}

/** Each machine with what is drawn of it on the days in sight, those with work first. */
export function rowsOf(board: Board, jobs: Job[], shown: string[], drawn: Drawn) {
  const first = dayNumber(shown[0]!)
  const days = shown.length

  function tail(s: Segment) {
    const late = drawn.lastOf.get(keyOf(s.job))
    const columns = late ? Math.min(days - 1, dayNumber(late) - first) - s.column : 0
    return columns > 0 ? [{ job: s.job, column: s.column + 1, columns, below: s.below, hours: s.hours }] : []
  }

  return board.machines
    .map((machine) => {
      const { segments, hours } = segmentsOf(machine.id, jobs, first, days)
      const gone = new Set(board.notHad.find((n) => n.machineId === machine.id)?.days)
      const bands = bandsOf(board, machine.kind, shown).map((b, i) => (gone.has(shown[i]!) ? null : b))
      const most = Math.max(LEAST_HIGH, ...hours, ...bands.map((b) => Math.max(b?.counted ?? 0, b?.high ?? 0)))
      const ghosts = drawn.soFar
        .filter((g) => g.machineId === machine.id)
        .map((g) => dayNumber(g.day) - first)
        .filter((c) => c >= 0 && c < days)
      return {
        machine,
        most,
        segments,
        bands,
        gone,
        tallest: most * drawn.room,
        tails: segments.filter((s) => s.last).flatMap(tail),
        idle: !segments.length,
        ghosts: [...new Set(ghosts)],
      }
    })
    .sort((a, b) => Number(a.idle) - Number(b.idle))
}

/** The hours of each day in sight for a kind of machine; none where nothing is known of it. */
export function bandsOf(board: Board, kind: string, shown: string[]): (Band | null)[] {
  const fit = board.fit.find((f) => f.kind === kind)
  if (!fit) return shown.map(() => null)
  const begin = dayNumber(fit.first)
  const at = (list: number[], day: string) => list[dayNumber(day) - begin] ?? 0
  return shown.map((day) => ({
    low: at(fit.low, day),
    counted: at(fit.counted, day),
    high: at(fit.high, day),
    chance: at(fit.chances, day),
  }))
}
