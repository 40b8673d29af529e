import { computed, onBeforeUnmount, ref, type Ref } from 'vue'
import type { Timescale } from '../../draw/timescale'
import type { Lane } from '../../lane/lanes'

const SETTLES = 120
const BOX = 260
const ROOM_RIGHT = 560
const ROOM_BELOW = 190

/** The day under the pointer in a lane, and where to say what it holds. */
export function usePointed(scale: Ref<Timescale>, laneHeight: number) {
  const reading = ref<{ lane: Lane; day: number; x: number; y: number } | null>(null)
  let settle: ReturnType<typeof setTimeout> | undefined
  function read(event: PointerEvent, lane: Lane) {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
    const day = Math.round(scale.value.day(event.clientX - box.left))
    const next = { lane, day, x: event.clientX, y: box.bottom }
    clearTimeout(settle)
    if (reading.value) reading.value = next
    else settle = setTimeout(() => (reading.value = next), SETTLES)
  }
  function stopReading() {
    clearTimeout(settle)
    reading.value = null
  }
  onBeforeUnmount(() => clearTimeout(settle))
  const place = computed(() => {
    const at = reading.value
    if (!at) return {}
    const left = at.x > window.innerWidth - ROOM_RIGHT ? at.x - BOX - 16 : at.x + 16
    return at.y > window.innerHeight - ROOM_BELOW
      ? { left: left + 'px', bottom: window.innerHeight - at.y + laneHeight + 4 + 'px' }
      : { left: left + 'px', top: at.y + 4 + 'px' }
  })
  return { reading, read, stopReading, place }
}
