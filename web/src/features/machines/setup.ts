import type { Schemas } from '../../api/client'
import type { Unit } from '../../format/units'

export type Setup = Schemas['MachineSetup']
export type Kind = Schemas['MachineView']['kind']

/** A figure of a machine's set-up as it is asked for. */
export interface Part {
  key: keyof Setup
  words: string
  unit: Unit
}

const ground: Part[] = [
  { key: 'widthFt', words: 'Working width', unit: 'FOOT' },
  { key: 'speedMph', words: 'Speed', unit: 'MILE_PER_HOUR' },
  { key: 'efficiency', words: 'Field efficiency, 0–1', unit: 'NONE' },
]
const box: Part[] = [
  { key: 'hopperFt3', words: 'Hopper', unit: 'CUBIC_FOOT' },
  { key: 'fill', words: 'Filled to, 0–1', unit: 'NONE' },
  { key: 'loadLimitLb', words: 'Load limit', unit: 'POUND' },
  { key: 'leastRateLbAc', words: 'Least it meters', unit: 'POUND_PER_ACRE' },
  { key: 'fillMinutes', words: 'Minutes to fill', unit: 'MINUTE' },
]
const rows: Part[] = [
  { key: 'rows', words: 'Rows', unit: 'NONE' },
  { key: 'rowSpacingIn', words: 'Row spacing (even rows)', unit: 'INCH' },
  { key: 'rowsPerGap', words: 'Rows in each gap', unit: 'NONE' },
  { key: 'gapIn', words: 'Gap, cash row to cash row', unit: 'INCH' },
  { key: 'wheelFt', words: 'Rolling circumference', unit: 'FOOT' },
  { key: 'slip', words: 'Wheel slip, 0–0.5', unit: 'NONE' },
  { key: 'scaleLow', words: 'Scale from', unit: 'NONE' },
  { key: 'scaleHigh', words: 'Scale to', unit: 'NONE' },
]
const tender: Part[] = [{ key: 'tenderLb', words: 'Tender holds', unit: 'POUND' }]
const own: Part[] = [
  { key: 'fixedPerYear', words: 'Cost to own', unit: 'DOLLAR_PER_YEAR' },
  { key: 'acresPerYear', words: 'Land worked in a year', unit: 'ACRE' },
  { key: 'runningPerHour', words: 'Cost to run, with driver', unit: 'DOLLAR_PER_HOUR' },
]
const hired: Part[] = [
  { key: 'quotePerAcre', words: 'Quote by area', unit: 'DOLLAR_PER_ACRE' },
  { key: 'quotePerHour', words: 'Quote by the hour', unit: 'DOLLAR_PER_HOUR' },
  { key: 'quoteSetUp', words: 'Set-up at each field', unit: 'DOLLAR' },
  { key: 'quoteThresholdLbAc', words: 'By the hour above', unit: 'POUND_PER_ACRE' },
  { key: 'rentPerDay', words: 'Rent', unit: 'DOLLAR_PER_DAY' },
  { key: 'leastAcres', words: 'Paid for at least', unit: 'ACRE' },
  { key: 'noticeDays', words: 'Notice', unit: 'DAY' },
]

/** The figures that a kind of machine has, under their headings. */
export function partsOf(kind: Kind, isHired: boolean): { heading: string; parts: Part[] }[] {
  const cost = {
    heading: isHired ? 'What they charge' : 'What it costs',
    parts: isHired ? hired : [...own, hired[4]!],
  }
  if (kind === 'DRONE') {
    return [
      {
        heading: 'Flying',
        parts: [
          { key: 'widthFt', words: 'Swath', unit: 'FOOT' },
          { key: 'speedMph', words: 'Speed', unit: 'MILE_PER_HOUR' },
          { key: 'turnSeconds', words: 'A turn', unit: 'SECOND' },
          { key: 'gateLbMin', words: 'Gate lets through', unit: 'POUND_PER_MINUTE' },
        ],
      },
      { heading: 'Hopper', parts: box },
      {
        heading: 'Batteries',
        parts: [
          { key: 'batteries', words: 'Batteries', unit: 'NONE' },
          { key: 'batteryMinutes', words: 'Air time of one', unit: 'MINUTE' },
          { key: 'chargers', words: 'Chargers', unit: 'NONE' },
          { key: 'chargeMinutes', words: 'To charge one', unit: 'MINUTE' },
          { key: 'coolMinutes', words: 'Cooling before', unit: 'MINUTE' },
        ],
      },
      cost,
    ]
  }
  if (kind === 'AIRPLANE' || kind === 'HELICOPTER') {
    return [
      {
        heading: 'Flying',
        parts: [
          { key: 'widthFt', words: 'Swath', unit: 'FOOT' },
          { key: 'speedMph', words: 'Speed', unit: 'MILE_PER_HOUR' },
          { key: 'ferryMph', words: 'Ferry speed', unit: 'MILE_PER_HOUR' },
          { key: 'stripMiles', words: 'From the strip', unit: 'MILE' },
          { key: 'turnSeconds', words: 'A turn', unit: 'SECOND' },
        ],
      },
      { heading: 'Hopper', parts: box },
      cost,
    ]
  }
  if (kind === 'SLURRY') {
    return [
      {
        heading: 'Tank',
        parts: [
          ...ground,
          { key: 'tankGal', words: 'Tank', unit: 'GALLON' },
          { key: 'galPerAc', words: 'Slurry laid', unit: 'GALLON_PER_ACRE' },
          { key: 'fillMinutes', words: 'Fill and road for a tank', unit: 'MINUTE' },
        ],
      },
      cost,
    ]
  }
  if (kind === 'ROLLER' || kind === 'SPRAYER' || kind === 'PLANTER')
    return [{ heading: 'Working', parts: ground }, cost]
  const rowed = ['DRILL', 'PRECISION_PLANTER', 'INTERSEEDER', 'ROW_AIR_SEEDER', 'COMBINE_SEEDER'].includes(kind)
  const grain: Part[] = [
    { key: 'grainTankBu', words: 'Grain tank', unit: 'BUSHEL' },
    { key: 'yieldBuAc', words: 'Yield of the crop', unit: 'BUSHEL_PER_ACRE' },
  ]
  return [
    { heading: 'Working', parts: ground },
    { heading: 'Hopper', parts: [...box, ...tender, ...(kind === 'COMBINE_SEEDER' ? grain : [])] },
    ...(rowed ? [{ heading: 'Rows and meter', parts: rows }] : []),
    cost,
  ]
}
