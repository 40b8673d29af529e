interface Shape {
  type: string
  coordinates: unknown
}

/** A boundary (GeoJSON) as an SVG path fitted into a box, north up, for a small drawing of a field. */
export function outlinePath(boundary: string, size: number): string {
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
  const at = (p: [number, number]) =>
    `${(left + (p[0] - west) * squeeze * scale).toFixed(1)},${(top + (north - p[1]) * scale).toFixed(1)}`
  return rings
    .flat(1)
    .map((ring) => `M${ring.map(at).join(' L')} Z`)
    .join(' ')
}
