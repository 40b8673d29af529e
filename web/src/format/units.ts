import { computed, ref } from 'vue'
import table from './measures.json'

export type UnitSystem = 'US' | 'METRIC'
export type Unit = keyof typeof table
interface Measure {
  us: string
  metric: string
  factor: number
  zero?: number
}
/** The server's own table; a test of the server holds the two together. */
const measures: Record<Unit, Measure> = table

/** The farm's unit system; the server answers in lb, ac, °F and in, and the screen shows either. */
export const units = ref<UnitSystem>('US')
const us = computed(() => units.value === 'US')

export function number(value: number, digits = 0): string {
  return value.toLocaleString('en-US', { minimumFractionDigits: digits, maximumFractionDigits: digits })
}

/** The word of a unit as this farm reads it. */
export const word = (unit: Unit): string => (us.value ? measures[unit].us : measures[unit].metric)

/** A figure kept in a unit, as this farm reads it. */
export function read(value: number, unit: Unit): number {
  return us.value ? value : (value - (measures[unit].zero ?? 0)) * measures[unit].factor
}

/** A figure as this farm wrote it, as it is kept. */
export function kept(written: number, unit: Unit): number {
  return us.value ? written : written / measures[unit].factor + (measures[unit].zero ?? 0)
}

/** A figure without its word. */
export const bare = (value: number, unit: Unit, digits = 0): string => number(read(value, unit), digits)

/** A figure with its word, such as "30 ft" or "9 m". */
export const say = (value: number, unit: Unit, digits = 0): string =>
  `${bare(value, unit, digits)} ${word(unit)}`.trim()

export const areaUnit = computed(() => word('ACRE'))
export const rateUnit = computed(() => word('POUND_PER_ACRE'))
export const massUnit = computed(() => word('POUND'))
export const densityUnit = computed(() => word('PER_SQUARE_FOOT'))
export const perAreaUnit = computed(() => word('DOLLAR_PER_ACRE'))
export const lengthUnit = computed(() => word('FOOT'))
export const bulkUnit = computed(() => word('POUND_PER_CUBIC_FOOT'))
export const heatUnit = computed(() => word('FAHRENHEIT_DAY'))

export const length = (feet: number, digits = 0) => bare(feet, 'FOOT', digits)
export const bulk = (lbFt3: number) => bare(lbFt3, 'POUND_PER_CUBIC_FOOT', 1)
export const area = (acres: number, digits = 0) => bare(acres, 'ACRE', digits)
export const rate = (lbAc: number, digits = 1) => bare(lbAc, 'POUND_PER_ACRE', digits)
export const mass = (lb: number, digits = 0) => bare(lb, 'POUND', digits)
export const density = (perFt2: number, digits = 1) => bare(perFt2, 'PER_SQUARE_FOOT', us.value ? digits : 0)
export const perArea = (perAcre: number) => bare(perAcre, 'DOLLAR_PER_ACRE', 2)
export const money = (dollars: number) => '$' + number(dollars, 0)
export const temperature = (f: number) => say(f, 'FAHRENHEIT')
export const rain = (inches: number) => say(inches, 'INCH_OF_RAIN', us.value ? 2 : 0)
export const wind = (mph: number) => say(mph, 'MILE_PER_HOUR')
export const heat = (fDays: number) => bare(fDays, 'FAHRENHEIT_DAY')
/** Dry matter, rounded as sure as it is. */
export const matter = (lbAc: number) => number(Math.round(read(lbAc, 'POUND_PER_ACRE') / 50) * 50)
