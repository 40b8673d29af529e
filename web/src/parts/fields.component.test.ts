// @vitest-environment jsdom
import { afterEach, expect, test } from 'vitest'
import { units } from '../format/units'
import { input, last, mounted } from '../testing/mounted'
import DayField from './DayField.vue'
import FigureField from './FigureField.vue'
import NumberField from './NumberField.vue'

afterEach(() => {
  units.value = 'US'
})

test.each([
  ['1,200', '1200'],
  ['2.5', '2.5'],
  ['1/2', '0.5'],
])('a number as people write it: %s', async (written, bound) => {
  const page = mounted(NumberField, { modelValue: '', label: 'Acres' })
  await input(page, 'Acres').setValue(written)
  expect(last(page, 'update:modelValue')).toBe(bound)
  expect(page.text()).not.toContain('A number, such as')
})

test('what is no number is said, and stays as it was typed', async () => {
  const page = mounted(NumberField, { modelValue: '12', label: 'Acres' })
  await input(page, 'Acres').setValue('12 or so')
  expect(page.text()).toContain('A number, such as 1,200, 2.5 or 1/2')
  expect(last(page, 'update:modelValue')).toBe('12 or so')
  expect((input(page, 'Acres').element as HTMLInputElement).value).toBe('12 or so')
})

test('a number that changes elsewhere is shown, but never while it is the one just typed', async () => {
  const page = mounted(NumberField, { modelValue: '12', label: 'Acres' })
  await input(page, 'Acres').setValue('1,200')
  await page.setProps({ modelValue: '1200' })
  expect((input(page, 'Acres').element as HTMLInputElement).value).toBe('1,200')
  await page.setProps({ modelValue: '40' })
  expect((input(page, 'Acres').element as HTMLInputElement).value).toBe('40')
})

test('a figure is typed in the units of the farm and bound in those in which it is kept', async () => {
  const page = mounted(FigureField, { modelValue: '100', label: 'Area', unit: 'ACRE' })
  expect((input(page, 'Area, ac').element as HTMLInputElement).value).toBe('100')
  units.value = 'METRIC'
  await page.vm.$nextTick()
  expect((input(page, 'Area, ha').element as HTMLInputElement).value).toBe('40.4686')
  await input(page, 'Area, ha').setValue('10')
  expect(Number(last(page, 'update:modelValue'))).toBeCloseTo(24.7105, 3)
})

test.each([
  ['26 sep 2026', '2026-09-26'],
  ['2026-09-26', '2026-09-26'],
])('a day in the words of a farm: %s', async (written, bound) => {
  const page = mounted(DayField, { modelValue: undefined, label: 'Day' })
  await input(page, 'Day').setValue(written)
  expect(last(page, 'update:modelValue')).toBe(bound)
  await input(page, 'Day').trigger('change')
  expect(last(page, 'settled')).toBe(bound)
  expect((input(page, 'Day').element as HTMLInputElement).value).toBe('26 Sep 2026')
})

test('a day outside its bounds is refused with the bound, and not bound', async () => {
  const page = mounted(DayField, { modelValue: '2026-09-20', label: 'Day', min: '2026-09-10', max: '2026-09-30' })
  await input(page, 'Day').setValue('1 sep 2026')
  expect(page.text()).toContain('Not before 10 Sep 2026')
  await input(page, 'Day').setValue('1 oct 2026')
  expect(page.text()).toContain('Not after 30 Sep 2026')
  await input(page, 'Day').setValue('soon')
  expect(page.text()).toContain('Write 26 Sep 2026')
  expect(page.emitted('update:modelValue')).toBeUndefined()
})
