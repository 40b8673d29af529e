import { reactive, watch, type ComputedRef, type Ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { laneId, type Lane } from '../../lane/lanes'

const WAIT = 40
const AT_ONCE = 100

/** Of many lanes the server draws only the first; the others are asked for when they come in sight. */
export function useDrawnLanes(season: Ref<Schemas['SeasonView'] | undefined>, inSight: ComputedRef<Lane[]>) {
  const drawn = reactive(new Map<string, Lane>())
  const asked = new Set<string>()
  let timer: ReturnType<typeof setTimeout> | undefined

  watch(season, () => {
    drawn.clear()
    asked.clear()
  })
  watch(
    inSight,
    () => {
      clearTimeout(timer)
      timer = setTimeout(() => void ask(), WAIT)
    },
    { immediate: true },
  )

  async function ask() {
    const ids = inSight.value.filter((l) => !l.drawn && !asked.has(laneId(l))).map(laneId)
    if (!ids.length) return
    const lanes = ids.slice(0, AT_ONCE)
    lanes.forEach((id) => asked.add(id))
    try {
      const answer = await got(api.POST('/api/v1/season/lanes', { body: { lanes } }))
      answer.forEach((lane) => drawn.set(laneId(lane), lane))
      if (ids.length > lanes.length) void ask()
    } catch {
      lanes.forEach((id) => asked.delete(id)) // asked again when the sheet is next moved
    }
  }

  return (lane: Lane): Lane => (lane.drawn ? lane : (drawn.get(laneId(lane)) ?? lane))
}
