import { expect, it } from 'vitest'
import { linear, polyline } from './chart'

it('scales from nought unless told otherwise', () => {
  const y = linear([2, 10], 100, 0)
  expect(y(0)).toBe(100)
  expect(y(10)).toBe(0)
  expect(y(5)).toBe(50)
  const near = linear([2, 10], 0, 80, false)
  expect(near(2)).toBe(0)
  expect(near(6)).toBe(40)
})

it('bears a flat chart', () => {
  expect(Number.isFinite(linear([0, 0], 0, 10)(0))).toBe(true)
})

it('writes points for a line', () => {
  expect(
    polyline([
      [0, 1.26],
      [2, 3],
    ]),
  ).toBe('0.0,1.3 2.0,3.0')
})
