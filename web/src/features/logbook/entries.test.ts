import { describe, expect, it } from 'vitest'
import { byDayAndField, distinct, matches, type Kept } from './entries'

const kept = (on: string, field: string, kind: Kept['kind'] = 'SEEDED', more: object = {}): Kept =>
  ({
    field,
    about: 'sown',
    mapped: false,
    id: `${on}${field}`,
    fieldId: field,
    on,
    kind,
    lot: 'Rye A-26',
    note: '',
    by: 'Otis',
    fact: { kind },
    ...more,
  }) as unknown as Kept
const all = [kept('2026-10-03', 'B'), kept('2026-10-03', 'A'), kept('2026-10-03', 'B'), kept('2026-10-01', 'B')]

describe('entries of the logbook', () => {
  it('stand under their day, and there under their field', () => {
    const days = byDayAndField(all)
    expect(days.map((d) => d.day)).toEqual(['2026-10-03', '2026-10-01'])
    expect(days[0]!.fields.map((f) => [f.field, f.entries.length])).toEqual([
      ['B', 2],
      ['A', 1],
    ])
  })

  it('are sought by words, kind, machine and person together', () => {
    const any = { words: '', kind: null, machine: null, person: null }
    const drilled = kept('2026-10-01', 'A', 'SEEDED', { machine: 'Drill' })
    expect(matches(drilled, any)).toBe(true)
    expect(matches(drilled, { ...any, words: ' rye a' })).toBe(true)
    expect(matches(drilled, { ...any, words: 'oats' })).toBe(false)
    expect(matches(drilled, { ...any, kind: 'ENDED' })).toBe(false)
    expect(matches(drilled, { ...any, machine: 'Drill', person: 'Otis', kind: 'SEEDED' })).toBe(true)
    expect(matches(drilled, { ...any, machine: 'Drill', person: 'Wren' })).toBe(false)
  })

  it('name each machine once', () => {
    expect(distinct(['Drill', undefined, 'Crimper', 'Drill', ''])).toEqual(['Crimper', 'Drill'])
  })
})
