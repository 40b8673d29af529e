import { describe, expect, it } from 'vitest'
import { dayNumber } from '../format/dates'
import { heaviest, readRidge, scaleMark } from './reading'

const ridge = {
  words: 'rye',
  sown: true,
  first: '2027-04-01',
  days: [0, 10, 20],
  low: [100, 200, 300],
  middle: [200, 400, 800],
  high: [400, 800, 1600],
  deadFrom: 3,
  marks: [],
}

describe('reading a ridge', () => {
  it('reads between its points', () => {
    expect(readRidge([ridge], dayNumber('2027-04-06'))).toEqual({ low: 150, middle: 300, high: 600, alive: true })
    expect(readRidge([ridge], dayNumber('2027-04-01'))).toEqual({ low: 100, middle: 200, high: 400, alive: true })
    expect(readRidge([ridge], dayNumber('2027-04-21'))?.middle).toBe(800)
    expect(readRidge([{ ...ridge, deadFrom: 2 }], dayNumber('2027-04-16'))?.alive).toBe(false)
  })

  it('says nothing where nothing stands', () => {
    expect(readRidge([ridge], dayNumber('2027-03-31'))).toBeNull()
    expect(readRidge([ridge], dayNumber('2027-04-22'))).toBeNull()
  })

  it('finds the heaviest between two days', () => {
    expect(heaviest([ridge], dayNumber('2027-04-01'), dayNumber('2027-04-12'))).toBe(800)
    expect(heaviest([ridge], dayNumber('2027-05-01'), dayNumber('2027-06-01'))).toBe(0)
  })

  it('marks the scale with a round number well inside', () => {
    expect([9_600, 14_000, 2_100, 700].map(scaleMark)).toEqual([5_000, 5_000, 1_000, 400])
  })
})
