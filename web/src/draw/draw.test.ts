import { describe, expect, it } from 'vitest'
import { bandPath, cut, ridgePath } from './ridge'
import { timescale } from './timescale'
import { visibleRows } from './visible'

describe('timescale', () => {
  it('goes there and back', () => {
    const scale = timescale(20_000, 20_100, 500)
    expect(scale.x(20_050)).toBe(250)
    expect(scale.day(scale.x(20_033))).toBeCloseTo(20_033)
  })
})

describe('ridge', () => {
  const scale = timescale(0, 10, 100)
  it('stands on the ground and is as high as its matter', () => {
    expect(ridgePath([0, 5, 10], [0, 1000, 500], scale, 40, 0.01)).toBe('M0,40 L0,40 L50,30 L100,35 L100,40 Z')
  })
  it('is nothing without two days', () => {
    expect(ridgePath([3], [10], scale, 40, 1)).toBe('')
    expect(bandPath([], [], [], scale, 40, 1)).toBe('')
  })
  it('is cut at today with the day in both parts', () => {
    const { before, after } = cut([0, 10, 20], [0, 100, 300], 15)
    expect(before).toEqual([
      [0, 10, 15],
      [0, 100, 200],
    ])
    expect(after).toEqual([
      [15, 20],
      [200, 300],
    ])
  })
  it('stays whole when today lies outside', () => {
    expect(cut([0, 10], [1, 2], 99).after[0]).toEqual([])
    expect(cut([5, 10], [1, 2], 1).before[0]).toEqual([])
  })
})

describe('visibleRows', () => {
  it('draws only what is in sight, with some to spare', () => {
    const rows = visibleRows(Array(600).fill(60), 6000, 600, 2)
    expect(rows.from).toBe(98)
    expect(rows.to).toBeLessThan(115)
    expect(rows.offset).toBe(98 * 60)
    expect(rows.total).toBe(36_000)
  })
  it('counts an opened row with its own height', () => {
    expect(visibleRows([60, 400, 60], 0, 100, 0)).toEqual({ from: 0, to: 2, offset: 0, total: 520 })
    expect(visibleRows([60, 400, 60], 470, 100, 0).from).toBe(2)
  })
})
