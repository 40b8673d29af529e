/** Places points of a small chart: a plain linear scale from 0 or the least value to the most. */
export function linear(values: number[], from: number, to: number, zero = true): (value: number) => number {
  const low = zero ? 0 : Math.min(...values)
  const high = Math.max(...values, low + 1e-9)
  return (value) => from + ((value - low) / (high - low)) * (to - from)
}

export function polyline(points: [number, number][]): string {
  return points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')
}
