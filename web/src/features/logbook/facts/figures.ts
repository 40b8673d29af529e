import type { Schemas } from '../../../api/client'
import { parseNumber } from '../../../format/day'

/** A fact of the logbook: one of its kinds, with the figures that it has. */
export type Fact = Schemas['FactForm']
export type Kind = Fact['kind']

/** Figures as they are typed. They are kept in the units of the server, whatever the farm reads. */
export const empty = {
  termination: 'EARLY_SPRAY',
  stage: 'FIRST_YELLOW',
  species: '',
  spots: '5',
  stems: '50',
  past: '',
  frame: '',
  grams: '',
  yieldPerAcre: '',
  readings: '',
  alive: '',
  looked: '',
}
export type Figures = typeof empty

export const optional = (text: unknown) => (String(text ?? '').trim() === '' ? undefined : Number(text))
const list = (text: string) =>
  text
    .split(/[\s;]+|,(?!\d{3}\b)/)
    .filter(Boolean)
    .map((one) => parseNumber(one) ?? NaN)
const said = (figure?: number) => (figure === undefined ? '' : String(figure))

/**
 * The fact that was typed.
 *
 * @param was what it is to replace: marks, places and what is not typed here stay as they were
 */
export function factOf(kind: Kind, f: Figures, was?: Fact): Fact {
  const readings = list(f.readings)
  switch (kind) {
    case 'SEEDED':
    case 'DISCED':
    case 'SLURRY_SPREAD':
    case 'CUT':
      return { kind }
    case 'ENDED':
      return { kind, termination: f.termination as 'ROLL' }
    case 'HARVESTED':
      return { kind, yieldPerAcre: optional(f.yieldPerAcre) }
    case 'CROP_STAGE':
      return { kind, stage: f.stage as 'V4' }
    case 'STEM_COUNT':
      return { kind, species: f.species, spots: optional(f.spots), stems: optional(f.stems), past: optional(f.past) }
    case 'BIOMASS':
      return { kind, frameSquareFeet: optional(f.frame), dryGrams: list(f.grams) }
    case 'WINTERED':
      return { kind, species: f.species, alive: optional(f.alive), looked: optional(f.looked) }
    case 'STAND_COUNT':
      return { ...(was?.kind === kind ? was : { kind }), plants: readings }
    case 'SOIL_FEEL':
      return was?.kind === kind ? was : { kind }
    case 'PESTS':
    case 'GROUND_COVER':
    case 'NITROGEN':
    case 'HEIGHT':
    case 'CANOPY_LIGHT':
    case 'RUTS':
    case 'WEEDS':
    case 'KILL_RATING':
      return { ...(was?.kind === kind ? was : { kind }), readings } as Fact
  }
}

/** A fact's figures, to be typed over. */
export function figuresOf(fact: Fact | undefined): Figures {
  if (!fact) return { ...empty }
  switch (fact.kind) {
    case 'SEEDED':
    case 'DISCED':
    case 'SLURRY_SPREAD':
    case 'CUT':
    case 'SOIL_FEEL':
      return { ...empty }
    case 'ENDED':
      return { ...empty, termination: fact.termination ?? empty.termination }
    case 'HARVESTED':
      return { ...empty, yieldPerAcre: said(fact.yieldPerAcre) }
    case 'CROP_STAGE':
      return { ...empty, stage: fact.stage ?? empty.stage }
    case 'STEM_COUNT':
      return {
        ...empty,
        species: fact.species ?? '',
        spots: said(fact.spots),
        stems: said(fact.stems),
        past: said(fact.past),
      }
    case 'BIOMASS':
      return { ...empty, frame: said(fact.frameSquareFeet), grams: fact.dryGrams?.join(' ') ?? '' }
    case 'WINTERED':
      return { ...empty, species: fact.species ?? '', alive: said(fact.alive), looked: said(fact.looked) }
    case 'STAND_COUNT':
      return { ...empty, readings: fact.plants?.join(' ') ?? '' }
    case 'PESTS':
    case 'GROUND_COVER':
    case 'NITROGEN':
    case 'HEIGHT':
    case 'CANOPY_LIGHT':
    case 'RUTS':
    case 'WEEDS':
    case 'KILL_RATING':
      return { ...empty, readings: fact.readings?.join(' ') ?? '' }
  }
}
