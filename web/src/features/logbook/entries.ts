import type { Schemas } from '../../api/client'

export type Kept = Schemas['EntryView']
export type Kind = Kept['kind']

export const kindWords: Record<Kind, string> = {
  SEEDED: 'Cover sown',
  DISCED: 'Disced before sowing',
  SLURRY_SPREAD: 'Slurry over the seed',
  ENDED: 'Cover ended',
  CUT: 'Cut for forage',
  STEM_COUNT: 'Stems counted',
  BIOMASS: 'Biomass clipped',
  STAND_COUNT: 'Stand counted',
  WINTERED: 'Winter seen',
  HEIGHT: 'Height measured',
  GROUND_COVER: 'Ground cover judged',
  CANOPY_LIGHT: 'Light under the crop seen',
  SOIL_FEEL: 'Soil felt',
  RUTS: 'Ruts measured',
  WEEDS: 'Weeds scored',
  PESTS: 'Pests counted',
  KILL_RATING: 'Kill rated',
  NITROGEN: 'Nitrogen written down',
  CROP_STAGE: 'Crop stage seen',
  HARVESTED: 'Crop harvested',
}

export interface Sought {
  words: string
  kind: Kind | null
  machine: string | null
  person: string | null
}

export const matches = (e: Kept, s: Sought): boolean =>
  (!s.kind || e.kind === s.kind) &&
  (!s.machine || e.machine === s.machine) &&
  (!s.person || e.by === s.person) &&
  `${e.field} ${e.about} ${e.lot} ${e.note}`.toLowerCase().includes(s.words.trim().toLowerCase())

export interface DayOfWork {
  day: string
  fields: { field: string; entries: Kept[] }[]
}

/** Entries under their day, and under it by field; in the order in which they come. */
export function byDayAndField(entries: Kept[]): DayOfWork[] {
  const days: DayOfWork[] = []
  for (const one of entries) {
    let day = days.find((d) => d.day === one.on)
    if (!day) days.push((day = { day: one.on, fields: [] }))
    let field = day.fields.find((f) => f.field === one.field)
    if (!field) day.fields.push((field = { field: one.field, entries: [] }))
    field.entries.push(one)
  }
  return days
}

/** Each word of a list once, in order of the alphabet. */
export const distinct = (words: (string | undefined)[]): string[] =>
  [...new Set(words.filter((w): w is string => !!w))].sort()
