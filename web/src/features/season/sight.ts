import { computed, ref, type Ref } from 'vue'
import type { Schemas } from '../../api/client'
import { timescale } from '../../draw/timescale'
import { dayNumber } from '../../format/dates'

export const SHORTEST = 30
export const LONGEST = 730
export const WHOLE = 425
const STEP = 1.6
/** Where today stands when a span is chosen: a good third of it lies behind. */
const AHEAD = 0.18
const NUDGE = 0.1

/** Which days of the season are in sight: zoomed, moved by keys and by hand, and set back. */
export function useSight(season: Ref<Schemas['SeasonView'] | undefined>, width: Ref<number>) {
  /** How many days are in sight; none: as many as the server opens with. */
  const days = ref<number | null>(null)
  const centre = ref<number | null>(null)
  const today = computed(() => dayNumber(season.value?.today ?? '2026-01-01'))
  const opening = computed(() => [
    dayNumber(season.value?.openFrom ?? '2026-01-01'),
    dayNumber(season.value?.openTo ?? '2026-12-31'),
  ])
  const span = computed(() => days.value ?? opening.value[1]! - opening.value[0]!)
  const middle = computed(
    () =>
      centre.value ?? (days.value === null ? opening.value[0]! + span.value / 2 : today.value + span.value * AHEAD),
  )
  const scale = computed(() => timescale(middle.value - span.value / 2, middle.value + span.value / 2, width.value))
  const spanWords = computed(() => {
    const months = Math.round(span.value / 30.4)
    return months < 2 ? `${Math.round(span.value / 7)} weeks` : `${months} months`
  })

  function zoomBy(by: number) {
    centre.value = middle.value
    days.value = Math.round(Math.max(SHORTEST, Math.min(LONGEST, span.value * STEP ** by)))
  }
  /** The whole season, from this crop to the next one's, and back to what is open. */
  function wholeSeason() {
    centre.value = null
    days.value = days.value === WHOLE ? null : WHOLE
  }
  function openingDays() {
    centre.value = null
    days.value = null
  }
  function nudge(way: number) {
    centre.value = middle.value + way * span.value * NUDGE
  }

  let grabbed: { x: number; centre: number } | null = null
  function grab(event: PointerEvent) {
    grabbed = { x: event.clientX, centre: middle.value }
    ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  }
  function drag(event: PointerEvent) {
    if (grabbed) centre.value = grabbed.centre - ((event.clientX - grabbed.x) / width.value) * span.value
  }
  function letGo() {
    grabbed = null
  }
  return { days, today, span, scale, spanWords, zoomBy, wholeSeason, openingDays, nudge, grab, drag, letGo }
}
