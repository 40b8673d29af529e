import { afterEach, expect, it } from 'vitest'
import { bare, bulk, heat, kept, length, read, say, units, word, type Unit } from './units'

afterEach(() => {
  units.value = 'US'
})

it('says heat, lengths and speeds in either system', () => {
  expect(heat(900)).toBe('900')
  expect(length(100)).toBe('100')
  units.value = 'METRIC'
  expect(heat(900)).toBe('500')
  expect(length(100, 1)).toBe('30.5')
  expect(bare(5, 'MILE_PER_HOUR', 1)).toBe('8.0')
  expect(bulk(45)).toBe('72.1')
})

it('takes what a metric farm writes back to what is kept', () => {
  units.value = 'METRIC'
  expect(kept(30.48, 'FOOT')).toBeCloseTo(100, 6)
  expect(kept(8.04672, 'MILE_PER_HOUR')).toBeCloseTo(5, 6)
  expect(kept(-40, 'FAHRENHEIT')).toBeCloseTo(-40, 9)
  const all: Unit[] = ['ACRE', 'POUND', 'INCH', 'FAHRENHEIT', 'GALLON_PER_ACRE', 'DOLLAR_PER_POUND']
  for (const unit of all) expect(kept(read(37.5, unit), unit)).toBeCloseTo(37.5, 9)
})

it('says a figure with its word in the units of the farm', () => {
  expect(say(30, 'FOOT')).toBe('30 ft')
  expect(say(5, 'NONE')).toBe('5')
  units.value = 'METRIC'
  expect(say(30, 'FOOT', 1)).toBe('9.1 m')
  expect(word('DOLLAR_PER_POUND')).toBe('$/kg')
  expect(say(200, 'CORN_BUSHEL_PER_ACRE', 1)).toBe('12.6 t/ha')
})
