import type { Schemas } from '../../api/client'

export type Cover = Schemas['CoverDetails']

export const rateUnits = [
  { value: 'LB_AC', title: 'lb/ac' },
  { value: 'BU_AC', title: 'bu/ac' },
  { value: 'KG_HA', title: 'kg/ha' },
  { value: 'SEEDS_FT2', title: 'seeds/ft²' },
] as const

export const usual: Cover = {
  goal: 'KEEP_NITROGEN',
  termination: 'EARLY_SPRAY',
  way: 'DRILL',
  members: [{ species: 'cereal-rye', share: 1 }],
}

const key = (field: string) => `furrow-cover-${field}`

/** What was being tried for a field, kept over a refresh or a dead link. */
export function readDrafts(field: string): Cover[] | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key(field)) ?? 'null')
    return Array.isArray(kept) && kept.length > 0 ? kept : null
  } catch {
    return null
  }
}

export function keepDrafts(field: string, drafts: Cover[]): void {
  localStorage.setItem(key(field), JSON.stringify(drafts))
}

export function dropDrafts(field: string): void {
  localStorage.removeItem(key(field))
}

export const copy = (cover: Cover): Cover => JSON.parse(JSON.stringify(cover))
