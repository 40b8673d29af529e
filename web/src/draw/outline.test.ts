import { describe, expect, it } from 'vitest'
import { outlinePath } from './outline'

const square = (x: number, y: number, size: number) => [
  [x, y],
  [x + size, y],
  [x + size, y + size],
  [x, y + size],
  [x, y],
]
const numbers = (path: string) =>
  [...path.matchAll(/([\d.]+),([\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const)

describe('outlinePath', () => {
  it('fits a field into its box, north up', () => {
    const path = outlinePath(JSON.stringify({ type: 'Polygon', coordinates: [square(-97, 40, 0.01)] }), 40)
    const points = numbers(path)
    expect(points.every(([x, y]) => x >= 0 && x <= 40 && y >= 0 && y <= 40)).toBe(true)
    const [southWest, , northEast] = points
    expect(southWest![1]).toBeGreaterThan(northEast![1])
    expect(southWest![0]).toBeLessThan(northEast![0])
  })
  it('draws a degree of longitude narrower than one of latitude', () => {
    const points = numbers(outlinePath(JSON.stringify({ type: 'Polygon', coordinates: [square(-97, 40, 0.01)] }), 40))
    const width = points[1]![0] - points[0]![0]
    const height = points[0]![1] - points[2]![1]
    expect(width / height).toBeCloseTo(Math.cos((40 * Math.PI) / 180), 1)
  })
  it('keeps holes and several parts as paths of their own', () => {
    const holed = outlinePath(
      JSON.stringify({ type: 'Polygon', coordinates: [square(0, 40, 0.02), square(0.005, 40.005, 0.005)] }),
      40,
    )
    const two = outlinePath(
      JSON.stringify({ type: 'MultiPolygon', coordinates: [[square(0, 40, 0.01)], [square(0.02, 40, 0.01)]] }),
      40,
    )
    expect(holed.match(/M/g)).toHaveLength(2)
    expect(two.match(/M/g)).toHaveLength(2)
  })
})
