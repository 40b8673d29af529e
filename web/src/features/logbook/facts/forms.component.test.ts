// @vitest-environment jsdom
import { expect, test } from 'vitest'
import { reactive } from 'vue'
import { units } from '../../../format/units'
import { input, labels, mounted } from '../../../testing/mounted'
import ClippedForm from './ClippedForm.vue'
import { empty, factOf, type Figures } from './figures'
import HarvestedForm from './HarvestedForm.vue'
import ReadingsForm from './ReadingsForm.vue'
import StemsForm from './StemsForm.vue'
import WinteredForm from './WinteredForm.vue'

const members = [{ value: 'cereal-rye', title: 'Cereal rye' }]
const typed = (more: Partial<Figures> = {}) => reactive({ ...empty, species: 'cereal-rye', ...more })

test('stems looked at and past', async () => {
  const figures = typed()
  const page = mounted(StemsForm, { modelValue: figures, members })
  expect(labels(page)).toEqual(expect.arrayContaining(['Species', 'Spots', 'Stems looked at', 'Past flowering']))
  await input(page, 'Spots').setValue('6')
  await input(page, 'Stems looked at').setValue('60')
  await input(page, 'Past flowering').setValue('31')
  expect(factOf('STEM_COUNT', figures)).toEqual({
    kind: 'STEM_COUNT',
    species: 'cereal-rye',
    spots: 6,
    stems: 60,
    past: 31,
  })
})

test('frames clipped, in the units of the farm', async () => {
  units.value = 'METRIC'
  const figures = typed()
  const page = mounted(ClippedForm, { modelValue: figures })
  await input(page, 'Frame, m²').setValue('0.25')
  await input(page, 'Dry grams, one number a frame').setValue('118 96; 131')
  units.value = 'US'
  const fact = factOf('BIOMASS', figures) as { frameSquareFeet: number; dryGrams: number[] }
  expect(fact.frameSquareFeet).toBeCloseTo(2.691, 3)
  expect(fact.dryGrams).toEqual([118, 96, 131])
})

test('a yield in the unit of its crop', async () => {
  const figures = typed()
  const page = mounted(HarvestedForm, { modelValue: figures, yieldUnit: 'CORN_BUSHEL_PER_ACRE' })
  await page.find('input').setValue('212.5')
  expect(factOf('HARVESTED', figures)).toEqual({ kind: 'HARVESTED', yieldPerAcre: 212.5 })
})

test('plants after the winter', async () => {
  const figures = typed()
  const page = mounted(WinteredForm, { modelValue: figures, members })
  await input(page, 'Plants looked at').setValue('50')
  await input(page, 'Plants alive').setValue('12')
  expect(factOf('WINTERED', figures)).toEqual({ kind: 'WINTERED', species: 'cereal-rye', alive: 12, looked: 50 })
})

test('readings put right keep the places where they were taken', async () => {
  const figures = typed()
  const page = mounted(ReadingsForm, { modelValue: figures })
  await input(page, 'Readings, one number a spot').setValue('4 0 5')
  const was = {
    kind: 'STAND_COUNT',
    species: 'cereal-rye',
    plants: [4, 6, 5],
    squareFeet: 1,
    where: [{ longitude: 1, latitude: 2 }],
  }
  expect(factOf('STAND_COUNT', figures, was as never)).toEqual({ ...was, plants: [4, 0, 5] })
})
