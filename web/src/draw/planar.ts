/** A view of a small piece of ground: longitude and latitude to places on a drawing, north up. */
export interface Planar {
  width: number
  height: number
  at: (longitude: number, latitude: number) => [number, number]
  /** Drawing units to a foot. */
  perFoot: number
}

const FEET_PER_DEGREE = 364_000

/** All positions of a GeoJSON geometry's coordinates, whatever its kind. */
export function positions(coordinates: unknown): [number, number][] {
  if (!Array.isArray(coordinates)) return []
  if (typeof coordinates[0] === 'number') return [[coordinates[0], coordinates[1] as number]]
  return coordinates.flatMap(positions)
}

/** Fits positions into a width, keeping true shape; the height follows, at most {@code most}. */
export function fit(places: [number, number][], width: number, most: number, edge = 24): Planar {
  const xs = places.map((p) => p[0])
  const ys = places.map((p) => p[1])
  const [west, east] = [Math.min(...xs), Math.max(...xs)]
  const [south, north] = [Math.min(...ys), Math.max(...ys)]
  const squeeze = Math.cos((((south + north) / 2) * Math.PI) / 180)
  const wide = Math.max(1e-6, (east - west) * squeeze)
  const high = Math.max(1e-6, north - south)
  const scale = Math.min((width - 2 * edge) / wide, (most - 2 * edge) / high)
  const height = high * scale + 2 * edge
  const left = (width - wide * scale) / 2
  return {
    width,
    height,
    perFoot: scale / FEET_PER_DEGREE,
    at: (longitude, latitude) => [left + (longitude - west) * squeeze * scale, edge + (north - latitude) * scale],
  }
}

/** A path through longitude and latitude by turns. */
export function path(planar: Planar, flat: number[]): string {
  let d = ''
  for (let i = 0; i + 1 < flat.length; i += 2) {
    const [x, y] = planar.at(flat[i]!, flat[i + 1]!)
    d += `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`
  }
  return d
}

/** The outlines of a GeoJSON polygon, multipolygon or line. */
export function shape(planar: Planar, geoJson: string): string {
  const geometry = JSON.parse(geoJson) as { type: string; coordinates: unknown }
  const rings =
    geometry.type === 'Polygon'
      ? (geometry.coordinates as number[][][])
      : geometry.type === 'MultiPolygon'
        ? (geometry.coordinates as number[][][][]).flat()
        : geometry.type === 'LineString'
          ? [geometry.coordinates as number[][]]
          : []
  const closed = geometry.type.endsWith('Polygon')
  return rings
    .map(
      (ring) =>
        path(
          planar,
          ring.flatMap((p) => [p[0]!, p[1]!]),
        ) + (closed ? 'Z' : ''),
    )
    .join('')
}

export const geoPositions = (geoJson: string) =>
  positions((JSON.parse(geoJson) as { coordinates: unknown }).coordinates)
