/** Which of many rows, some of them taller, are in sight: the slice to draw and where it begins. */
export function visibleRows(
  heights: number[],
  top: number,
  viewport: number,
  spare = 3,
): { from: number; to: number; offset: number; total: number } {
  let from = heights.length
  let to = heights.length
  let offset = 0
  let y = 0
  for (let i = 0; i < heights.length; i++) {
    const bottom = y + heights[i]!
    if (from === heights.length && bottom > top) {
      from = i
      offset = y
    }
    if (to === heights.length && y > top + viewport) to = i
    y = bottom
  }
  const first = Math.max(0, from - spare)
  for (let i = from - 1; i >= first; i--) offset -= heights[i]!
  return {
    from: first,
    to: Math.min(heights.length, to + spare),
    offset: from === heights.length ? 0 : offset,
    total: y,
  }
}
