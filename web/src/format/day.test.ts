import { describe, expect, it } from 'vitest'
import { parseDay, parseNumber } from './day'

const TODAY = '2026-10-01' // a Thursday

describe('days as people write them', () => {
  it.each([
    ['26 Sep 2026', '2026-09-26'],
    ['26 sep', '2026-09-26'],
    ['Sep 26', '2026-09-26'],
    ['september 26, 2026', '2026-09-26'],
    ['26. Sep 26', '2026-09-26'],
    ['9/26', '2026-09-26'],
    ['9/26/27', '2027-09-26'],
    ['26.9.2026', '2026-09-26'],
    ['+3', '2026-10-04'],
    ['-1', '2026-09-30'],
    ['+2w', '2026-10-15'],
    ['fri', '2026-10-02'],
    ['Thursday', '2026-10-01'],
    ['wed', '2026-10-07'],
    ['today', '2026-10-01'],
    ['tomorrow', '2026-10-02'],
    ['2026-02-28', '2026-02-28'],
    ['3 feb', '2027-02-03'],
    ['20 jun', '2026-06-20'],
    ['', ''],
  ])('%s is %s', (said, iso) => {
    expect(parseDay(said, TODAY, true)).toBe(iso)
  })

  it('puts the day first where the farm is metric', () => {
    expect(parseDay('9/10', TODAY, false)).toBe('2026-10-09')
  })

  it.each(['31 jun', '30 feb 2027', '13/40', 'sometime', '2026-13-01', '5 xyz', 'fr'])('%s is no day', (said) => {
    expect(parseDay(said, TODAY, true)).toBeNull()
  })
})

describe('numbers as people write them', () => {
  it.each([
    ['1,200', 1200],
    ['12,345,678.5', 12345678.5],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['-3', -3],
    ['.75', 0.75],
    ['7.', 7],
  ])('%s is %d', (said, value) => {
    expect(parseNumber(said)).toBe(value)
  })

  it.each(['', 'ten', '1,2', '1/0', '1e5', '--2'])('%s is none', (said) => {
    expect(parseNumber(said)).toBeNull()
  })
})
