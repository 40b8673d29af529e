// @vitest-environment jsdom
import { expect, test } from 'vitest'
import { mounted } from '../../testing/mounted'
import LoadStrip from './LoadStrip.vue'

test('a refill stands at its share of the field', () => {
  const page = mounted(LoadStrip, { pass: { loads: 4, refillsAtAcres: [20, 40, 60] }, acres: 80 })
  expect(page.findAll('.stop').map((l) => l.attributes('x1'))).toEqual(['25', '50', '75'])
  expect(page.get('svg').attributes('aria-label')).toContain('4 loads')
})
