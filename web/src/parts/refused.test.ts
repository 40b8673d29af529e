import { expect, it } from 'vitest'
import { labelOf } from './refused'

const form = (...labels: string[]) => labels.map((label) => ({ input: label, label }))

it('finds the input that a refusal speaks of by the words of its label', () => {
  const log = form('Field', 'Day', 'Machine', 'Area done', 'Seed used', 'Note')
  expect(labelOf("area done (up to the field's size)", log)).toBe('Area done')
  expect(labelOf('pounds used', log)).toBe('Seed used')
  expect(labelOf('machine', log)).toBe('Machine')
})

it('prefers the label that says no more than the figure', () => {
  expect(labelOf('speed', form('Ferry speed', 'Speed'))).toBe('Speed')
  expect(labelOf('row spacing', form('Rows', 'Row spacing (even rows)', 'Gap'))).toBe('Row spacing (even rows)')
  expect(labelOf('slopePercent', form('Name', 'Slope, %'))).toBe('Slope, %')
})

it('marks nothing when no label is meant', () => {
  expect(labelOf('cover', form('Field', 'Day'))).toBeUndefined()
  expect(labelOf('boundary', [])).toBeUndefined()
})
