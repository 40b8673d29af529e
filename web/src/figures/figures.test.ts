import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { pages, usePages, type Figure, type Sheet } from './figures'

const figure = (sheet: string, row: string, rowWords: string, words: string, changed = false) =>
  ({ sheet, row, rowWords, words, column: 'value', changed }) as Figure

const SHEETS = [
  {
    sheet: 'species',
    group: 'Species',
    title: 'Seed',
    figures: [figure('species', 'rye', 'Cereal rye', 'price', true)],
  },
  {
    sheet: 'growth',
    group: 'Species',
    title: 'Growth',
    figures: [figure('growth', 'rye', 'Cereal rye', 'most growth')],
  },
  {
    sheet: 'termination',
    group: 'Ending a cover',
    title: 'Rolling',
    figures: [figure('termination', 'thin', '', 'thin mat'), figure('termination', 'wet', '', 'wet leaves')],
  },
] as Sheet[]

describe('the catalogue', () => {
  it('gathers all sheets about a species on one page', () => {
    const all = pages(SHEETS)
    expect(all.map((p) => p.words)).toEqual(['Cereal rye', 'Rolling'])
    expect(all[0]!.parts.map((p) => p.title)).toEqual(['Seed', 'Growth'])
    expect(all[0]!.own).toBe(1)
  })

  it('keeps lone figures of a sheet together', () => {
    expect(pages(SHEETS)[1]!.parts).toHaveLength(1)
    expect(pages(SHEETS)[1]!.parts[0]!.figures).toHaveLength(2)
  })

  it('finds a figure by its own words, and a page by its name', () => {
    const find = ref<string | null>('wet')
    const found = usePages(ref(SHEETS), find)
    expect(found.value.map((p) => p.words)).toEqual(['Rolling'])
    expect(found.value[0]!.parts[0]!.figures.map((f) => f.words)).toEqual(['wet leaves'])
    find.value = 'at'
    expect(found.value, 'a word is found from its beginning: not m-at').toHaveLength(0)
    find.value = 'rye'
    expect(found.value[0]!.parts).toHaveLength(2)
    find.value = null
    expect(found.value).toHaveLength(2)
  })
})
