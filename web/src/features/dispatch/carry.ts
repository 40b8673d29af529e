import { onBeforeUnmount, ref } from 'vue'

const FAR_ENOUGH = 6

/** What lies under the pointer while something is carried: the board's cell, by its data attributes. */
export interface Spot {
  machineId: string
  day: string
}

function spotAt(x: number, y: number): Spot | null {
  for (const element of document.elementsFromPoint(x, y)) {
    const { machine, day } = (element as HTMLElement).dataset ?? {}
    if (machine && day) return { machineId: machine, day }
  }
  return null
}

/** Carrying with mouse, finger or pen: a press that moves far enough lifts, letting go puts down, Escape lets be. */
export function useCarry<T>(over: (thing: T, spot: Spot | null) => void, put: (thing: T, spot: Spot | null) => void) {
  const carried = ref<T | null>(null)
  const at = ref({ x: 0, y: 0 })
  let pressed: { thing: T; x: number; y: number } | null = null
  let justCarried = false

  function end() {
    pressed = null
    carried.value = null
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', up)
    window.removeEventListener('pointercancel', end)
    window.removeEventListener('keydown', escape)
  }
  function move(event: PointerEvent) {
    if (!pressed) return
    if (!carried.value && Math.hypot(event.clientX - pressed.x, event.clientY - pressed.y) > FAR_ENOUGH)
      carried.value = pressed.thing as never
    if (carried.value) {
      at.value = { x: event.clientX, y: event.clientY }
      over(pressed.thing, spotAt(event.clientX, event.clientY))
    }
  }
  function up(event: PointerEvent) {
    const lifted = carried.value !== null && pressed ? pressed.thing : null
    end()
    if (lifted !== null) {
      justCarried = true
      setTimeout(() => (justCarried = false), 0)
      put(lifted, spotAt(event.clientX, event.clientY))
    }
  }
  function escape(event: KeyboardEvent) {
    if (event.key === 'Escape' && pressed) {
      const thing = pressed.thing
      end()
      put(thing, null)
    }
  }
  function press(thing: T, event: PointerEvent) {
    if (event.button !== 0) return
    pressed = { thing, x: event.clientX, y: event.clientY }
    window.addEventListener('pointermove', move)
    window.addEventListener('pointerup', up)
    window.addEventListener('pointercancel', end)
    window.addEventListener('keydown', escape)
  }
  onBeforeUnmount(end)
  /** Whether the click that follows a press belongs to a carry and means nothing more. */
  const wasCarried = () => justCarried
  return { carried, at, press, wasCarried }
}
