/** Days to pixels and back, over a width: a pure function of its three numbers. */
export interface Timescale {
  first: number
  last: number
  width: number
  x(day: number): number
  day(x: number): number
}

export function timescale(first: number, last: number, width: number): Timescale {
  const perDay = width / Math.max(1, last - first)
  return { first, last, width, x: (day) => (day - first) * perDay, day: (x) => first + x / perDay }
}
