// @vitest-environment jsdom
import 'fake-indexeddb/auto'
import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { button, input, mounted } from '../../testing/mounted'
import ClipForm from './ClipForm.vue'
import SoilForm from './SoilForm.vue'
import StandForm from './StandForm.vue'
import StemCounter from './StemCounter.vue'
import WinterForm from './WinterForm.vue'
import * as store from './store'

const rye: Schemas['ScoutMember'] = {
  id: 'cereal-rye',
  name: 'Cereal rye',
  smallGrain: true,
  plants: { good: 20, fair: 10, stems: false },
  count: { mean: 1400, sd: 60, heat: 1300, readyNow: 4, ahead: [1320, 1340, 1360, 1380, 1400, 1420, 1440, 1460] },
}
const field: Schemas['ScoutField'] = {
  acres: 62,
  farmstead: 'Home',
  fieldId: '00000000-0000-4000-8000-000000000001',
  latitude: 40.5,
  longitude: -97,
  name: 'Long Draw',
  members: [rye],
  offers: [],
  zones: [],
}
const view: Schemas['ScoutView'] = {
  today: '2027-05-20',
  feels: [
    { feel: 'CRUMBLES', words: 'It crumbles', says: 'dry' },
    { feel: 'RIBBONS', words: 'It ribbons', says: 'too wet' },
  ],
  fields: [field],
  looks: [],
  pests: [],
  sheets: [],
  test: {
    clipMoisture: 0.75,
    clipWide: 0.2,
    leastSpots: 3,
    likeness: 0.06,
    mostStems: 200,
    notReady: 0.3,
    observer: 10,
    ready: 0.5,
    scatter: 40,
    stemsOfSpot: 10,
    wrong: 0.1,
  },
}
beforeEach(async () => {
  for (const kind of ['stems', 'stand', 'winter', 'clip', 'SOIL']) await store.clear(`${kind} ${field.fieldId} `)
})

/** What the phone was asked for before is done by now: it does one thing after the other. */
async function settled() {
  await store.draft('nothing')
  await flushPromises()
}

async function open(what: object) {
  const page = mounted(what, { field, view })
  await settled()
  return page
}
const done = async (page: Awaited<ReturnType<typeof open>>) => {
  await vi.waitFor(() => expect(page.emitted('done')).toBeDefined())
  const [form, says] = page.emitted('done')!.at(-1)! as [{ fact: Record<string, unknown>; on: string }, string]
  return { form, says }
}

test('ten stems make a spot; undo opens the last one again; the sum is kept', async () => {
  const page = await open(StemCounter)
  expect(page.get('[role=status]').text()).toContain('Ready today with 4 % by the forecast')
  for (let i = 0; i < 10; i++) await button(page, i < 8 ? 'Past' : 'Not yet').trigger('click')
  expect(page.text()).toContain('8 of 10 past')
  expect(page.text()).toContain('Spot 1 is done')
  expect(page.get('[role=status]').text()).toBe('2 more spots before there is a word.')
  await button(page, 'Undo').trigger('click')
  expect(page.text()).toContain('Spot 1, stem 10')
  expect(button(page, 'Throw away').exists()).toBe(true)
  await button(page, 'Past').trigger('click')
  for (let i = 0; i < 20; i++) await button(page, 'Past').trigger('click')
  expect(page.text()).toContain('29 of 30 past')
  expect(page.get('[role=status]').text()).toBe('Ready: enough are past flowering.')
  await button(page, 'Keep this count').trigger('click')
  expect((await done(page)).form.fact).toMatchObject({
    kind: 'STEM_COUNT',
    species: 'cereal-rye',
    spots: 3,
    stems: 30,
    past: 29,
  })
  expect((await done(page)).says).toBe('29 of 30 stems past flowering')
})

test('a spot that is half counted cannot be kept', async () => {
  const page = await open(StemCounter)
  for (let i = 0; i < 11; i++) await button(page, 'Past').trigger('click')
  expect((button(page, 'Keep this count').element as HTMLButtonElement).disabled).toBe(true)
})

test('what is being counted is taken up again on the same day', async () => {
  const first = await open(StemCounter)
  for (let i = 0; i < 4; i++) await button(first, 'Past').trigger('click')
  await settled()
  first.unmount()
  const again = await open(StemCounter)
  await settled()
  expect(again.text()).toContain('stem 5')
})

test('plants after the winter, alive or dead', async () => {
  const page = await open(WinterForm)
  expect((button(page, 'Keep this').element as HTMLButtonElement).disabled).toBe(true)
  for (const words of ['Alive', 'Dead', 'Dead', 'Dead']) await button(page, words).trigger('click')
  await button(page, 'Undo').trigger('click')
  expect(page.get('[role=status]').text()).toBe('1 of 3 alive.')
  await button(page, 'Keep this').trigger('click')
  expect((await done(page)).form.fact).toEqual({ kind: 'WINTERED', species: 'cereal-rye', alive: 1, looked: 3 })
})

test('a stand along three feet of rows 7.5 in apart is judged by plants on a square foot', async () => {
  const page = await open(StandForm)
  for (const plants of ['40', '44', '0', '36']) {
    const spot = page.findAll('.spots li').length + 1
    await input(page, `Plants in spot ${spot}`).setValue(plants)
    await page.get('form').trigger('submit')
  }
  // 120 plants on 4 × 3 ft × 7.5 in = 7.5 ft².
  expect(page.get('[role=status]').text()).toMatch(/^Fair: 16.0 ± [\d.]+ plants/)
  expect(page.text()).toContain('1 of 4 spots bare')
  await button(page, 'Keep this count').trigger('click')
  expect((await done(page)).form.fact).toMatchObject({
    kind: 'STAND_COUNT',
    plants: [40, 44, 0, 36],
    squareFeet: 1.875,
  })
})

test('half a plant is no plant: the spot is not taken, what was typed stays', async () => {
  const page = await open(StandForm)
  await input(page, 'Plants in spot 1').setValue('4.5')
  await page.get('form').trigger('submit')
  expect(page.findAll('.spots li')).toHaveLength(0)
  expect((input(page, 'Plants in spot 1').element as HTMLInputElement).value).toBe('4.5')
})

test('frames weighed wet are kept dry, by the water assumed or by a part that was dried', async () => {
  const page = await open(ClipForm)
  for (const grams of ['400', '440', '360']) {
    await input(page, `Frame ${page.findAll('.spots li').length + 1}, g`).setValue(grams)
    await page.get('form').trigger('submit')
  }
  // 100 g dry on 2.25 ft²: 100 / 453.59237 lb × 43,560 / 2.25 = 4,268.
  expect(page.get('[role=status]').text()).toMatch(/^4,250 ± [\d,]+ lb\/ac dry/)
  await input(page, 'A part, wet g').setValue('100')
  await input(page, 'The same, dry g').setValue('20')
  expect(page.text()).toContain('80 % water, by the part that was dried')
  await button(page, 'Keep this clipping').trigger('click')
  const { form } = await done(page)
  expect(form.fact.frameSquareFeet).toBe(2.25)
  expect((form.fact.dryGrams as number[]).map(Math.round)).toEqual([80, 88, 72])
})

test('what a ball of soil does is one tap', async () => {
  const page = await open(SoilForm)
  await page.findAll('.feel')[1]!.trigger('click')
  expect((await done(page)).form.fact).toEqual({ kind: 'SOIL_FEEL', feel: 'RIBBONS' })
  expect((await done(page)).form.on).toBe('2027-05-20')
})
