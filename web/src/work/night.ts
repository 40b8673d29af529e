import type { Schemas } from '../api/client'

const days = (n: number) => `${Math.abs(n)} ${Math.abs(n) === 1 ? 'day' : 'days'}`

/** What a night has changed of a job, after its field. */
export function overnight(c: Schemas['NightView']): string {
  const chance = c.was === c.is ? '' : `, in time in ${c.is} % of years (${c.was} %)`
  switch (c.what) {
    case 'NO_ROOM':
      return 'has no hours to count on any more'
    case 'ROOM_AGAIN':
      return 'has hours to count on again'
    case 'LATER':
    case 'EARLIER':
      return `begins ${days(c.days)} ${c.days > 0 ? 'later' : 'earlier'}${chance}`
    case 'RISKIER':
      return `is less sure${chance}`
    default:
      return `is surer${chance}`
  }
}
