const DAY_MS = 86_400_000
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat']

/** Days since 1970 of an ISO date such as 2026-10-03. */
export function dayNumber(iso: string): number {
  return Math.round(Date.parse(iso + 'T00:00:00Z') / DAY_MS)
}

export function isoDay(day: number): string {
  return new Date(day * DAY_MS).toISOString().slice(0, 10)
}

export function month(day: number): number {
  return new Date(day * DAY_MS).getUTCMonth()
}

export function dayOfMonth(day: number): number {
  return new Date(day * DAY_MS).getUTCDate()
}

export function year(day: number): number {
  return new Date(day * DAY_MS).getUTCFullYear()
}

export function monthName(day: number): string {
  return MONTHS[month(day)]!
}

/** "3 Oct" */
export function short(iso?: string): string {
  if (!iso) return 'not reached'
  const day = dayNumber(iso)
  return `${dayOfMonth(day)} ${monthName(day)}`
}

/** "Sat 3 Oct 2026" */
export function long(iso: string): string {
  const date = new Date(dayNumber(iso) * DAY_MS)
  return `${WEEKDAYS[date.getUTCDay()]} ${short(iso)} ${date.getUTCFullYear()}`
}

export function weekday(iso: string): string {
  return WEEKDAYS[new Date(dayNumber(iso) * DAY_MS).getUTCDay()]!
}

/** "28 Sep – 9 Oct", or one date when both are the same. */
export function range(from?: string, to?: string): string {
  if (!from && !to) return 'not reached'
  if (from === to || !to) return from ? (to ? short(from) : `from ${short(from)}`) : short(to)
  return from ? `${short(from)} – ${short(to)}` : `to ${short(to)}`
}

/** The time of a clock, as 8:00 or 14:30. */
export const clockTime = (iso: string) => `${Number(iso.slice(11, 13))}:${iso.slice(14, 16)}`

/** From when to when by the clock. */
export const clockRange = (from: string, to: string) => `${clockTime(from)}–${clockTime(to)}`

/** Hours since the midnight with which a day begins; more than 24 on the night after it. */
export const hoursInto = (day: string, iso: string) =>
  24 * (dayNumber(iso.slice(0, 10)) - dayNumber(day)) + Number(iso.slice(11, 13)) + Number(iso.slice(14, 16)) / 60
