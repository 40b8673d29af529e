// @vitest-environment jsdom
import { expect, test } from 'vitest'
import { reactive } from 'vue'
import { button, input, labels, mounted } from '../../testing/mounted'
import LeaveOut from './LeaveOut.vue'
import MarkDesk from './MarkDesk.vue'

const kinds = [{ kind: 'WIRE', words: 'wire', drawn: 'LINE', keepAwayFt: 50 }]
const blank = { kind: 'WIRE', name: '', keepAwayFt: '50', shape: 'LineString', longitude: '', latitude: '' }

test('a mark is drawn or typed, and what is typed of it is its owner’s to keep', async () => {
  const mark = reactive({ ...blank })
  const page = mounted(MarkDesk, { modelValue: mark, kinds })
  expect(labels(page)).toEqual(expect.arrayContaining(['Name', 'Longitude', 'Latitude']))
  await input(page, 'Name').setValue('Power line')
  expect(mark.name).toBe('Power line')
  await button(page, 'Draw it on the map').trigger('click')
  expect(page.emitted('draw')).toHaveLength(1)
  await page.find('form').trigger('submit')
  expect(page.emitted('point')).toHaveLength(1)
})

test('a field is left out with a season and a reason, or taken in again', async () => {
  const asked: string[] = []
  const act = (_: unknown, words: string) => Promise.resolve(void asked.push(words))
  const modelValue = reactive({ season: '2026', reason: 'tile work' })
  const page = mounted(LeaveOut, { modelValue, act, field: { id: 'f', version: 3 } })
  expect((input(page, 'Why').element as HTMLInputElement).value).toBe('tile work')
  await page.find('form').trigger('submit')
  expect(asked).toEqual(['Left out; no cover is planned there.'])
  await page.setProps({ field: { id: 'f', version: 4, leftOutSeason: 2026 } })
  await button(page, 'Take in again').trigger('click')
  expect(asked[1]).toBe('Taken in again.')
  expect(modelValue.reason).toBe('tile work')
})
