import type { Timescale } from './timescale'

/** A ridge's outline as an SVG path: from the ground up over the heights and down again. */
export function ridgePath(
  days: number[],
  heights: number[],
  scale: Timescale,
  ground: number,
  perPound: number,
): string {
  if (days.length < 2) return ''
  const points = days.map((day, i) => `${round(scale.x(day))},${round(ground - heights[i]! * perPound)}`)
  return `M${round(scale.x(days[0]!))},${ground} L${points.join(' L')} L${round(scale.x(days[days.length - 1]!))},${ground} Z`
}

/** Only the upper line of a ridge, for one that does not stand yet. */
export function crestPath(
  days: number[],
  heights: number[],
  scale: Timescale,
  ground: number,
  perPound: number,
): string {
  if (days.length < 2) return ''
  return 'M' + days.map((day, i) => `${round(scale.x(day))},${round(ground - heights[i]! * perPound)}`).join(' L')
}

/** The band between two heights. */
export function bandPath(
  days: number[],
  low: number[],
  high: number[],
  scale: Timescale,
  ground: number,
  perPound: number,
): string {
  if (days.length < 2) return ''
  const at = (i: number, heights: number[]) => `${round(scale.x(days[i]!))},${round(ground - heights[i]! * perPound)}`
  const up = days.map((_, i) => at(i, high))
  const down = days.map((_, i) => at(i, low)).reverse()
  return `M${up.join(' L')} L${down.join(' L')} Z`
}

/** Cuts a ridge at a day: what lies before it, and what after, with the day itself in both. */
export function cut(
  days: number[],
  values: number[],
  at: number,
): { before: [number[], number[]]; after: [number[], number[]] } {
  const before: [number[], number[]] = [[], []]
  const after: [number[], number[]] = [[], []]
  for (let i = 0; i < days.length; i++) {
    const side = days[i]! <= at ? before : after
    if (i > 0 && days[i - 1]! <= at && days[i]! > at) {
      const share = (at - days[i - 1]!) / (days[i]! - days[i - 1]!)
      const value = values[i - 1]! + share * (values[i]! - values[i - 1]!)
      if (days[i - 1]! < at) {
        before[0].push(at)
        before[1].push(value)
      }
      after[0].push(at)
      after[1].push(value)
    }
    side[0].push(days[i]!)
    side[1].push(values[i]!)
  }
  return { before, after }
}

function round(value: number): number {
  return Math.round(value * 10) / 10
}
