import { computed, ref } from 'vue'

export type UnitSystem = 'US' | 'METRIC'

/** The farm's unit system; the server answers in lb, ac, °F and in, and the screen shows either. */
export const units = ref<UnitSystem>('US')
const us = computed(() => units.value === 'US')

const KG_PER_LB = 0.45359237
const HA_PER_AC = 0.40468564224

export function number(value: number, digits = 0): string {
  return value.toLocaleString('en-US', { minimumFractionDigits: digits, maximumFractionDigits: digits })
}

export const areaUnit = computed(() => (us.value ? 'ac' : 'ha'))
export const rateUnit = computed(() => (us.value ? 'lb/ac' : 'kg/ha'))
export const massUnit = computed(() => (us.value ? 'lb' : 'kg'))
export const densityUnit = computed(() => (us.value ? 'per ft²' : 'per m²'))
export const perAreaUnit = computed(() => (us.value ? '$/ac' : '$/ha'))

export const lengthUnit = computed(() => (us.value ? 'ft' : 'm'))
export const speedUnit = computed(() => (us.value ? 'mph' : 'km/h'))
export const volumeUnit = computed(() => (us.value ? 'ft³' : 'L'))
export const bulkUnit = computed(() => (us.value ? 'lb/ft³' : 'kg/hL'))

export const length = (feet: number, digits = 0) => number(us.value ? feet : feet * 0.3048, digits)
export const speed = (mph: number, digits = 1) => number(us.value ? mph : mph * 1.609344, digits)
export const bulk = (lbFt3: number) => number(us.value ? lbFt3 : lbFt3 * 1.601846, 1)

export const area = (acres: number, digits = 0) => number(us.value ? acres : acres * HA_PER_AC, digits)
export const rate = (lbAc: number, digits = 1) => number(us.value ? lbAc : (lbAc * KG_PER_LB) / HA_PER_AC, digits)
export const mass = (lb: number, digits = 0) => number(us.value ? lb : lb * KG_PER_LB, digits)
export const density = (perFt2: number, digits = 1) => number(us.value ? perFt2 : perFt2 * 10.76391, us.value ? digits : 0)
export const perArea = (perAcre: number) => number(us.value ? perAcre : perAcre / HA_PER_AC, 2)
export const money = (dollars: number) => '$' + number(dollars, 0)
export const temperature = (f: number) => number(us.value ? f : ((f - 32) * 5) / 9) + (us.value ? ' °F' : ' °C')
export const rain = (inches: number) => (us.value ? number(inches, 2) + ' in' : number(inches * 25.4, 0) + ' mm')
export const wind = (mph: number) => (us.value ? number(mph) + ' mph' : number(mph * 1.609344) + ' km/h')
/** Heat, in °F-days as kept or °C-days. */
export const heat = (fDays: number) => (us.value ? number(fDays) : number((fDays * 5) / 9))
export const heatUnit = computed(() => (us.value ? '°F-days' : '°C-days'))
/** Dry matter, rounded as sure as it is. */
export const matter = (lbAc: number) => number(Math.round((us.value ? lbAc : (lbAc * KG_PER_LB) / HA_PER_AC) / 50) * 50)

/** A rate as typed in the farm's units, back to lb/ac for the server. */
export const typedRate = (value: number) => (us.value ? value : (value * HA_PER_AC) / KG_PER_LB)
export const typedMass = (value: number) => (us.value ? value : value / KG_PER_LB)
export const typedLength = (value: number) => (us.value ? value : value / 0.3048)
export const typedSpeed = (value: number) => (us.value ? value : value / 1.609344)
export const typedArea = (value: number) => (us.value ? value : value / HA_PER_AC)
