import type { Schemas } from '../api/client'

export type Lane = Schemas['LaneView']
/** Names a lane: its field, or the zone of it that has a cover of its own. */
export const laneId = (lane: Lane): string => lane.zoneId ?? lane.fieldId

export type GroupBy = 'none' | 'farmstead' | 'crop' | 'route'
export type SortBy = 'closes' | 'name' | 'acres'

export const cropWords: Record<string, string> = {
  CORN_GRAIN: 'Corn',
  CORN_SILAGE: 'Silage corn',
  SOYBEANS: 'Soybeans',
  WINTER_WHEAT: 'Winter wheat',
  OATS: 'Oats',
  OTHER: 'Other crop',
  FREE_GROUND: 'After a cut',
}

/** A crop by its kind, or by the name that the farm gave it. */
export const cropName = (crop: Schemas['CropDetails']): string => crop.name || cropWords[crop.kind] || crop.kind

/** A row of the sheet: a group's heading or a field's lane. */
export type Row = { kind: 'group'; words: string; count: number } | { kind: 'lane'; lane: Lane }

function groupOf(lane: Lane, by: GroupBy): string {
  if (by === 'farmstead') return lane.farmstead || 'No farmstead'
  if (by === 'crop') return cropWords[lane.crop] ?? lane.crop
  return lane.termination ?? 'No cover chosen'
}

function compare(a: Lane, b: Lane, by: SortBy): number {
  if (by === 'acres') return b.acres - a.acres
  if (by === 'closes') {
    const order = (a.closes ?? '9').localeCompare(b.closes ?? '9')
    if (order !== 0) return order
  }
  return a.field.localeCompare(b.field)
}

/** Lanes found, sorted and put under their groups. */
export function arrange(lanes: Lane[], find: string, group: GroupBy, sort: SortBy): Row[] {
  const wanted = find.trim().toLowerCase()
  const found = lanes.filter(
    (l) =>
      !wanted || `${l.field} ${l.farmstead} ${l.cover ?? ''} ${cropWords[l.crop]}`.toLowerCase().includes(wanted),
  )
  const sorted = [...found].sort((a, b) => compare(a, b, sort))
  if (group === 'none') return sorted.map((lane) => ({ kind: 'lane', lane }))
  const groups = new Map<string, Lane[]>()
  for (const lane of sorted) {
    const name = groupOf(lane, group)
    groups.set(name, [...(groups.get(name) ?? []), lane])
  }
  return [...groups].flatMap(([words, members]): Row[] => [
    { kind: 'group', words, count: members.length },
    ...members.map((lane): Row => ({ kind: 'lane', lane })),
  ])
}
