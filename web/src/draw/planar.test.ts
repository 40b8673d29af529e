import { describe, expect, it } from 'vitest'
import { fit, geoPositions, path, positions, shape } from './planar'

const square = '{"type":"Polygon","coordinates":[[[-97,40],[-96.99,40],[-96.99,40.01],[-97,40.01],[-97,40]]]}'

describe('planar', () => {
  it('finds every position of any geometry', () => {
    expect(positions([-97, 40])).toEqual([[-97, 40]])
    expect(geoPositions(square)).toHaveLength(5)
    expect(positions(undefined)).toEqual([])
  })

  it('keeps north up and the true shape', () => {
    const planar = fit(geoPositions(square), 400, 800)
    const [west, south] = planar.at(-97, 40)
    const [east, north] = planar.at(-96.99, 40.01)
    expect(east).toBeGreaterThan(west)
    expect(north).toBeLessThan(south)
    expect((south - north) / (east - west)).toBeCloseTo(1 / Math.cos((40.005 * Math.PI) / 180), 5)
    expect(planar.height).toBeLessThanOrEqual(800)
  })

  it('never grows higher than it may', () => {
    const tall = fit(
      [
        [-97, 40],
        [-96.999, 40.05],
      ],
      400,
      300,
    )
    expect(tall.height).toBeCloseTo(300, 6)
    expect(tall.at(-97, 40.05)[1]).toBeCloseTo(24, 6)
  })

  it('draws paths and closes outlines', () => {
    const planar = fit(geoPositions(square), 100, 200)
    expect(path(planar, [-97, 40, -96.99, 40])).toMatch(/^M[\d.]+ [\d.]+L[\d.]+ [\d.]+$/)
    expect(shape(planar, square)).toMatch(/Z$/)
    expect(shape(planar, '{"type":"LineString","coordinates":[[-97,40],[-96.99,40]]}')).not.toContain('Z')
    expect(shape(planar, '{"type":"Point","coordinates":[-97,40]}')).toBe('')
  })

  it('measures a foot as a foot', () => {
    const planar = fit(geoPositions(square), 400, 800)
    const [, south] = planar.at(-97, 40)
    const [, north] = planar.at(-97, 40.01)
    expect((south - north) / planar.perFoot).toBeCloseTo(3640, 0)
  })
})
