// @vitest-environment jsdom
import { expect, test } from 'vitest'
import MethodStrips from './MethodStrips.vue'
import { mounted } from '../../testing/mounted'

const method = (termination: string, chances: number[], chosen = false) => ({
  answer: { termination, brief: termination, chosen },
  chances,
})
const row = {
  planterDay: '2027-05-04',
  seedDay: '2027-05-08',
  limits: [{ name: 'Insurance', on: '2027-05-06', kind: 'DEAD_BY' }],
  terminations: [
    method('EARLY_SPRAY', [0, 50, 100, 0, 0, 0, 0, 0, 0, 0]),
    method('ROLL', [0, 0, 0, 0, 0, 0, 25, 80, 100, 100], true),
    method('MOWING', [10, 10, 10, 10, 10, 10, 10, 10, 10, 10]),
    method('GRAZING', [0, 0, 0, 0, 0, 0, 0, 0, 0, 0]),
  ],
}
const strips = (every: boolean) => mounted(MethodStrips, { row, from: '2027-05-01', days: 10, day: 5, every })

test('the usual methods and the chosen one; the others that can be on demand', () => {
  expect(
    strips(false)
      .findAll('.briefs div')
      .map((d) => d.text()),
  ).toEqual(['EARLY_SPRAY', 'ROLL'])
  expect(
    strips(true)
      .findAll('.briefs div')
      .map((d) => d.text()),
  ).toEqual(['EARLY_SPRAY', 'ROLL', 'MOWING'])
  expect(strips(false).get('.briefs .on').text()).toBe('ROLL')
})

test('the likelier a day the fuller its bar; planter, limit and seed day stand on their days', () => {
  const page = strips(false)
  const bars = page.findAll('g')[1]!.findAll('.chance')
  expect(bars).toHaveLength(10)
  expect(bars.map((b) => Number(b.attributes('height')))).toEqual([0, 0, 0, 0, 0, 0, 2, 6.4, 8, 8])
  expect(page.get('.planter').attributes('x1')).toBe('3')
  expect(page.get('.limit').attributes('x1')).toBe('5')
  expect(page.get('.seed').attributes('x1')).toBe('7')
  expect(page.get('.here').attributes('x1')).toBe('5.5')
})
