interface Shape {
  type: string
  coordinates: unknown
}

/** A boundary (GeoJSON) fitted into a box, north up: its path, and where a place of the field is drawn. */
export function project(boundary: string, size: number) {
  const shape = JSON.parse(boundary) as Shape
  const rings = (shape.type === 'Polygon' ? [shape.coordinates] : shape.coordinates) as [number, number][][][]
  const points = rings.flat(2)
  const west = Math.min(...points.map((p) => p[0]))
  const east = Math.max(...points.map((p) => p[0]))
  const south = Math.min(...points.map((p) => p[1]))
  const north = Math.max(...points.map((p) => p[1]))
  const squeeze = Math.cos((((south + north) / 2) * Math.PI) / 180)
  const scale = (size - 4) / Math.max((east - west) * squeeze, north - south, 1e-9)
  const left = (size - (east - west) * squeeze * scale) / 2
  const top = (size - (north - south) * scale) / 2
  const at = (longitude: number, latitude: number): [string, string] => [
    (left + (longitude - west) * squeeze * scale).toFixed(1),
    (top + (north - latitude) * scale).toFixed(1),
  ]
  const path = rings
    .flat(1)
    .map((ring) => `M${ring.map((p) => at(p[0], p[1]).join(',')).join(' L')} Z`)
    .join(' ')
  return { path, at }
}

/** A boundary as an SVG path for a small drawing of a field. */
export const outlinePath = (boundary: string, size: number): string => project(boundary, size).path
