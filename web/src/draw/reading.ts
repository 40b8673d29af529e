import { dayNumber } from '../format/dates'
import type { Schemas } from '../api/client'

type Ridge = Schemas['Ridge']

/** Dry matter between the points of a ridge on a day: low, middle and high; none where nothing stands. */
export function readRidge(
  ridges: Ridge[],
  day: number,
): { low: number; middle: number; high: number; alive: boolean } | null {
  for (const ridge of [...ridges].reverse()) {
    const at = day - dayNumber(ridge.first)
    const after = ridge.days.findIndex((d) => d >= at)
    if (at < ridge.days[0]! || after < 0) continue
    const before = Math.max(0, after - 1)
    const span = ridge.days[after]! - ridge.days[before]!
    const share = span === 0 ? 0 : (at - ridge.days[before]!) / span
    const between = (values: number[]) => values[before]! + (values[after]! - values[before]!) * share
    return {
      low: between(ridge.low),
      middle: between(ridge.middle),
      high: between(ridge.high),
      alive: after < ridge.deadFrom,
    }
  }
  return null
}

/** The most that a lane may weigh between two days. */
export function heaviest(ridges: Ridge[], from: number, to: number): number {
  let most = 0
  for (const ridge of ridges) {
    const first = dayNumber(ridge.first)
    ridge.days.forEach((d, i) => {
      if (first + d >= from && first + d <= to) most = Math.max(most, ridge.high[i]!)
    })
  }
  return most
}

/** A round height near a third to two thirds of the tallest, for the one line that tells the scale. */
export function scaleMark(top: number): number {
  const step = 10 ** Math.floor(Math.log10(Math.max(1, top)))
  return [5, 4, 2, 1, 0.5].map((n) => n * step).find((n) => n <= top * 0.7) ?? step / 2
}
