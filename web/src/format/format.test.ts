import { beforeEach, describe, expect, it } from 'vitest'
import { dayNumber, isoDay, long, range, short } from './dates'
import { area, density, mass, matter, rate, temperature, kept, units } from './units'

describe('dates', () => {
  it('turn into day numbers and back over a leap day', () => {
    expect(dayNumber('2028-03-01') - dayNumber('2028-02-28')).toBe(2)
    expect(isoDay(dayNumber('2026-10-03'))).toBe('2026-10-03')
  })
  it('are said as on a calendar', () => {
    expect(short('2026-10-03')).toBe('3 Oct')
    expect(long('2026-10-03')).toBe('Sat 3 Oct 2026')
    expect(short(undefined)).toBe('not reached')
    expect(range('2026-09-28', '2026-10-09')).toBe('28 Sep – 9 Oct')
    expect(range('2026-09-28', '2026-09-28')).toBe('28 Sep')
    expect(range('2026-09-28', undefined)).toBe('from 28 Sep')
  })
})

describe('units', () => {
  beforeEach(() => {
    units.value = 'US'
  })
  it('show what the server said, in US units', () => {
    expect(rate(72.0288)).toBe('72.0')
    expect(area(135.49)).toBe('135')
    expect(mass(12_345.6)).toBe('12,346')
    expect(matter(7_662)).toBe('7,650')
  })
  it('show the same in metric units', () => {
    units.value = 'METRIC'
    expect(rate(60)).toBe('67.3')
    expect(area(100, 1)).toBe('40.5')
    expect(density(10)).toBe('108')
    expect(temperature(50)).toBe('10 °C')
    expect(kept(67.25, 'POUND_PER_ACRE')).toBeCloseTo(60, 1)
  })
})
