import { describe, expect, it } from 'vitest'
import { arrange, type Lane } from './lanes'

const lane = (field: string, closes: string | undefined, farmstead: string, termination?: string): Lane =>
  ({
    fieldId: field,
    field,
    farmstead,
    acres: field.length,
    crop: 'SOYBEANS',
    cover: 'cereal rye',
    termination,
    closes,
    answer: '',
    organic: false,
    bands: [],
    ridges: [],
    brackets: [],
    stakes: [],
  }) as unknown as Lane

const lanes = [
  lane('Mill', undefined, 'North', 'roll'),
  lane('Barn', '2026-10-07', 'Home', 'roll'),
  lane('Ferry', '2026-09-20', 'Home'),
]
const names = (rows: ReturnType<typeof arrange>) =>
  rows.map((r) => (r.kind === 'lane' ? r.lane.field : `# ${r.words} ${r.count}`))

describe('arrange', () => {
  it('puts what closes first on top and what never closes last', () => {
    expect(names(arrange(lanes, '', 'none', 'closes'))).toEqual(['Ferry', 'Barn', 'Mill'])
  })
  it('groups and keeps the order within', () => {
    expect(names(arrange(lanes, '', 'farmstead', 'closes'))).toEqual([
      '# Home 2',
      'Ferry',
      'Barn',
      '# North 1',
      'Mill',
    ])
    expect(names(arrange(lanes, '', 'route', 'name'))).toEqual([
      '# roll 2',
      'Barn',
      'Mill',
      '# No cover chosen 1',
      'Ferry',
    ])
  })
  it('finds by field, farmstead or crop', () => {
    expect(names(arrange(lanes, 'north', 'none', 'name'))).toEqual(['Mill'])
    expect(names(arrange(lanes, 'soy', 'none', 'acres'))).toHaveLength(3)
    expect(arrange(lanes, 'nothing', 'farmstead', 'name')).toEqual([])
  })
})
