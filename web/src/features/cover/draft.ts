import type { Schemas } from '../../api/client'

export type Cover = Schemas['CoverDetails']

export const goals = [
  { value: 'KEEP_NITROGEN', title: 'Keep nitrogen from leaching' },
  { value: 'HOLD_SOIL', title: 'Hold the soil' },
  { value: 'SMOTHER_WEEDS', title: 'Smother weeds' },
  { value: 'FIX_NITROGEN', title: 'Fix nitrogen' },
  { value: 'LOOSEN', title: 'Loosen tight ground' },
] as const

export const routes = [
  { value: 'EARLY_SPRAY', title: 'Early spray, plant into the brown' },
  { value: 'PLANT_GREEN', title: 'Plant green, spray at planting' },
  { value: 'ROLL', title: 'Roll and crimp' },
  { value: 'WINTER_KILL', title: 'Winter-kill' },
] as const

export const ways = [
  { value: 'DRILL', title: 'Drill after harvest' },
  { value: 'DRONE', title: 'Drone over the standing crop' },
  { value: 'AIRPLANE', title: 'Airplane over the standing crop' },
  { value: 'INTERSEEDER', title: 'Interseeder between corn rows' },
] as const

export const usual: Cover = { goal: 'KEEP_NITROGEN', route: 'EARLY_SPRAY', way: 'DRILL', members: [{ species: 'cereal-rye', share: 1 }] }

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
