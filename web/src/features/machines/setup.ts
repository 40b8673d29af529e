import type { Schemas } from '../../api/client'

export type Setup = Schemas['MachineSetup']
export type Kind = Schemas['MachineView']['kind']

/** A figure of a machine's set-up as it is asked for. */
export interface Part {
  key: keyof Setup
  words: string
  unit: string
}

const ground: Part[] = [
  { key: 'widthFt', words: 'Working width', unit: 'ft' },
  { key: 'speedMph', words: 'Speed', unit: 'mph' },
  { key: 'efficiency', words: 'Field efficiency, 0–1', unit: '' },
]
const box: Part[] = [
  { key: 'hopperFt3', words: 'Hopper', unit: 'ft³' },
  { key: 'fill', words: 'Filled to, 0–1', unit: '' },
  { key: 'loadLimitLb', words: 'Load limit', unit: 'lb' },
  { key: 'leastRateLbAc', words: 'Least it meters', unit: 'lb/ac' },
  { key: 'fillMinutes', words: 'Minutes to fill', unit: 'min' },
]
const rows: Part[] = [
  { key: 'rows', words: 'Rows', unit: '' },
  { key: 'rowSpacingIn', words: 'Row spacing (even rows)', unit: 'in' },
  { key: 'rowsPerGap', words: 'Rows in each gap', unit: '' },
  { key: 'gapIn', words: 'Gap, cash row to cash row', unit: 'in' },
  { key: 'wheelFt', words: 'Rolling circumference', unit: 'ft' },
  { key: 'slip', words: 'Wheel slip, 0–0.5', unit: '' },
  { key: 'scaleLow', words: 'Scale from', unit: '' },
  { key: 'scaleHigh', words: 'Scale to', unit: '' },
]
const tender: Part[] = [{ key: 'tenderLb', words: 'Tender holds', unit: 'lb' }]
const own: Part[] = [
  { key: 'fixedPerYear', words: 'Cost to own', unit: '$ a year' },
  { key: 'acresPerYear', words: 'Acres a year', unit: 'ac' },
  { key: 'runningPerHour', words: 'Cost to run, with driver', unit: '$/h' },
]
const hired: Part[] = [
  { key: 'quotePerAcre', words: 'Quote by the acre', unit: '$/ac' },
  { key: 'quotePerHour', words: 'Quote by the hour', unit: '$/h' },
  { key: 'quoteSetUp', words: 'Set-up at each field', unit: '$' },
  { key: 'quoteThresholdLbAc', words: 'By the hour above', unit: 'lb/ac' },
  { key: 'rentPerDay', words: 'Rent', unit: '$ a day' },
]

/** The figures that a kind of machine has, under their headings. */
export function partsOf(kind: Kind, isHired: boolean): { heading: string; parts: Part[] }[] {
  const cost = { heading: isHired ? 'What they charge' : 'What it costs', parts: isHired ? hired : [...own, hired[4]!] }
  if (kind === 'DRONE') {
    return [
      { heading: 'Flying', parts: [{ key: 'widthFt', words: 'Swath', unit: 'ft' }, { key: 'speedMph', words: 'Speed', unit: 'mph' }, { key: 'turnSeconds', words: 'A turn', unit: 's' }, { key: 'gateLbMin', words: 'Gate lets through', unit: 'lb/min' }] },
      { heading: 'Hopper', parts: box },
      { heading: 'Batteries', parts: [{ key: 'batteries', words: 'Batteries', unit: '' }, { key: 'batteryMinutes', words: 'Air time of one', unit: 'min' }, { key: 'chargers', words: 'Chargers', unit: '' }, { key: 'chargeMinutes', words: 'To charge one', unit: 'min' }, { key: 'coolMinutes', words: 'Cooling before', unit: 'min' }] },
      cost,
    ]
  }
  if (kind === 'AIRPLANE' || kind === 'HELICOPTER') {
    return [
      { heading: 'Flying', parts: [{ key: 'widthFt', words: 'Swath', unit: 'ft' }, { key: 'speedMph', words: 'Speed', unit: 'mph' }, { key: 'ferryMph', words: 'Ferry speed', unit: 'mph' }, { key: 'stripMiles', words: 'From the strip', unit: 'miles' }, { key: 'turnSeconds', words: 'A turn', unit: 's' }] },
      { heading: 'Hopper', parts: box },
      cost,
    ]
  }
  if (kind === 'SLURRY') {
    return [{ heading: 'Tank', parts: [...ground, { key: 'tankGal', words: 'Tank', unit: 'gal' }, { key: 'galPerAc', words: 'Slurry laid', unit: 'gal/ac' }, { key: 'fillMinutes', words: 'Fill and road for a tank', unit: 'min' }] }, cost]
  }
  if (kind === 'ROLLER' || kind === 'SPRAYER' || kind === 'PLANTER') return [{ heading: 'Working', parts: ground }, cost]
  const rowed = ['DRILL', 'PRECISION_PLANTER', 'INTERSEEDER', 'ROW_AIR_SEEDER', 'COMBINE_SEEDER'].includes(kind)
  const grain: Part[] = [{ key: 'grainTankBu', words: 'Grain tank', unit: 'bu' }, { key: 'yieldBuAc', words: 'Yield of the crop', unit: 'bu/ac' }]
  return [
    { heading: 'Working', parts: ground },
    { heading: 'Hopper', parts: [...box, ...tender, ...(kind === 'COMBINE_SEEDER' ? grain : [])] },
    ...(rowed ? [{ heading: 'Rows and meter', parts: rows }] : []),
    cost,
  ]
}
