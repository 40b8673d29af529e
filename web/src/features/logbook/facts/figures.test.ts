import { describe, expect, it } from 'vitest'
import { empty, factOf, figuresOf, type Fact } from './figures'

const facts: Fact[] = [
  { kind: 'SEEDED' },
  { kind: 'ENDED', termination: 'ROLL' },
  { kind: 'HARVESTED', yieldPerAcre: 188.5 },
  { kind: 'CROP_STAGE', stage: 'SILKING' },
  { kind: 'STEM_COUNT', species: 'cereal-rye', spots: 5, stems: 50, past: 30 },
  { kind: 'BIOMASS', frameSquareFeet: 2.25, dryGrams: [118, 96.5] },
  { kind: 'WINTERED', species: 'hairy-vetch', alive: 12, looked: 50 },
  { kind: 'STAND_COUNT', species: 'oats', plants: [20, 24], squareFeet: 1.9, where: [{ longitude: -97 }] },
  { kind: 'HEIGHT', readings: [40, 44], where: [{ latitude: 40 }] },
  { kind: 'PESTS', pest: 'SLUGS', readings: [1, 0] },
  { kind: 'NITROGEN', readings: [55], tested: true },
  { kind: 'SOIL_FEEL', feel: 'BREAKS' },
]

describe('facts of the logbook', () => {
  it.each(facts.map((fact) => [fact.kind, fact] as const))(
    '%s comes back as it was, typed over unchanged',
    (kind, fact) => {
      expect(factOf(kind, figuresOf(fact), fact)).toEqual(fact)
    },
  )

  it('leave out what was not typed, and take lists with spaces, commas or semicolons', () => {
    expect(factOf('STEM_COUNT', { ...empty, species: 'oats' })).toEqual({
      kind: 'STEM_COUNT',
      species: 'oats',
      spots: 5,
      stems: 50,
      past: undefined,
    })
    expect(factOf('BIOMASS', { ...empty, frame: '2.25', grams: '118, 96;131  1,200' })).toEqual({
      kind: 'BIOMASS',
      frameSquareFeet: 2.25,
      dryGrams: [118, 96, 131, 1200],
    })
  })

  it('keep the places of what is put right', () => {
    const was: Fact = { kind: 'HEIGHT', readings: [40], where: [{ latitude: 40 }] }
    expect(factOf('HEIGHT', { ...empty, readings: '41' }, was)).toEqual({ ...was, readings: [41] })
  })
})
