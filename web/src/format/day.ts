import { dayNumber, isoDay, year } from './dates'

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const WEEKDAYS = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat']

/** A calendar day as ISO; null where there is no such day, as 31 June. */
function on(y: number, month: number, day: number): string | null {
  const iso = `${String(y).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
  const read = Date.parse(iso + 'T00:00:00Z')
  return Number.isNaN(read) || isoDay(Math.round(read / 86_400_000)) !== iso ? null : iso
}

/** Without a year the nearest is meant: in December "3 feb" is the next one, in March the last. */
function nearest(month: number, day: number, today: string): string | null {
  const now = dayNumber(today)
  const near = [-1, 0, 1]
    .map((y) => on(year(now) + y, month, day))
    .filter((d) => d !== null)
    .sort((a, b) => Math.abs(dayNumber(a) - now) - Math.abs(dayNumber(b) - now))
  return near[0] ?? null
}

function full(y: string | undefined, month: number, day: number, today: string): string | null {
  if (!y) return nearest(month, day, today)
  return on(y.length === 2 ? 2000 + Number(y) : Number(y), month, day)
}

/**
 * A day as a person writes it: "26 Sep 2026", "sep 26", "9/26", "+3", "fri", "today" or 2026-09-26; empty stays empty.
 * Null is none that is understood. With slashes the month comes first where the farm counts in acres.
 */
export function parseDay(text: string, today: string, monthFirst: boolean): string | null {
  const said = text.trim().toLowerCase().replace(/[,.]$/, '').replace(/\s+/g, ' ')
  if (said === '') return ''
  if (/^\d{4}-\d{2}-\d{2}$/.test(said)) return on(+said.slice(0, 4), +said.slice(5, 7), +said.slice(8))
  if (said === 'today') return today
  if (said === 'tomorrow') return isoDay(dayNumber(today) + 1)
  const step = /^([+-])\s?(\d{1,4})\s?(w)?$/.exec(said)
  if (step) return isoDay(dayNumber(today) + (step[1] === '-' ? -1 : 1) * +step[2]! * (step[3] ? 7 : 1))
  const weekday = said.length > 2 ? WEEKDAYS.indexOf(said.slice(0, 3)) : -1
  if (weekday >= 0 && /^(sun|mon|tue|wed|thu|fri|sat)[a-z]*$/.test(said)) {
    const now = new Date(today + 'T00:00:00Z').getUTCDay()
    return isoDay(dayNumber(today) + ((weekday - now + 7) % 7))
  }
  const dayFirst = /^(\d{1,2})\.? ?([a-z]{3})[a-z]*\.?,? ?(\d{2}|\d{4})?$/.exec(said)
  if (dayFirst && MONTHS.includes(dayFirst[2]!))
    return full(dayFirst[3], MONTHS.indexOf(dayFirst[2]!) + 1, +dayFirst[1]!, today)
  const monthFirstWords = /^([a-z]{3})[a-z]*\.? (\d{1,2}),?(?: (\d{2}|\d{4}))?$/.exec(said)
  if (monthFirstWords && MONTHS.includes(monthFirstWords[1]!))
    return full(monthFirstWords[3], MONTHS.indexOf(monthFirstWords[1]!) + 1, +monthFirstWords[2]!, today)
  const numbers = /^(\d{1,2})([/.])(\d{1,2})(?:\2(\d{2}|\d{4}))?$/.exec(said)
  if (numbers) {
    const american = numbers[2] === '/' && monthFirst
    const [a, b] = [+numbers[1]!, +numbers[3]!]
    return american ? full(numbers[4], a, b, today) : full(numbers[4], b, a, today)
  }
  return null
}

/** A number as a person writes it: "1,200", "2.5", "1/2" or "1 1/2"; null is none. */
export function parseNumber(text: string): number | null {
  const said = text.trim().replace(/(\d),(?=\d{3}(\D|$))/g, '$1')
  const part = /^(-)?(?:(\d+) )?(\d+)\/(\d+)$/.exec(said)
  if (part && +part[4]! > 0) return (part[1] ? -1 : 1) * ((part[2] ? +part[2] : 0) + +part[3]! / +part[4]!)
  return said !== '' && /^-?(\d+\.?\d*|\.\d+)$/.test(said) ? Number(said) : null
}
