import { afterEach, expect, it } from 'vitest'
import { bulk, heat, length, speed, typedLength, typedSpeed, units } from './units'

afterEach(() => {
  units.value = 'US'
})

it('says heat, lengths and speeds in either system', () => {
  expect(heat(900)).toBe('900')
  expect(length(100)).toBe('100')
  units.value = 'METRIC'
  expect(heat(900)).toBe('500')
  expect(length(100, 1)).toBe('30.5')
  expect(speed(5)).toBe('8.0')
  expect(bulk(45)).toBe('72.1')
})

it('takes typed lengths and speeds back to feet and miles', () => {
  units.value = 'METRIC'
  expect(typedLength(30.48)).toBeCloseTo(100, 6)
  expect(typedSpeed(8.04672)).toBeCloseTo(5, 6)
})
