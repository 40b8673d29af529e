import { ref, type Ref } from 'vue'
import { keyOf, type Job } from '../../work/board'

/** From the end of one block to the beginning of another. */
export interface Line {
  x1: number
  y1: number
  x2: number
  y2: number
}

/** Lines between the blocks of what waits for what, for the job that is pointed at or has the keys. */
export function useWaits(box: Ref<HTMLElement | null>, jobs: () => Job[]) {
  const lines = ref<Line[]>([])

  function spot(key: string) {
    const element = box.value?.querySelector(`[data-job="${CSS.escape(key)}"]`)
    if (!element || !box.value) return null
    const r = element.getBoundingClientRect()
    const b = box.value.getBoundingClientRect()
    return { left: r.left - b.left, right: r.right - b.left, y: (r.top + r.bottom) / 2 - b.top }
  }

  function pointed(job: Job | null) {
    const me = job && spot(keyOf(job))
    if (!job || !me) {
      lines.value = []
      return
    }
    const before = job.after.map((id) => ({ from: spot(keyOf({ id })), to: me }))
    const after = jobs()
      .filter((other) => other.after.some((id) => keyOf({ id }) === keyOf(job)))
      .map((other) => ({ from: me, to: spot(keyOf(other)) }))
    lines.value = [...before, ...after].flatMap(({ from, to }) =>
      from && to ? [{ x1: from.right, y1: from.y, x2: to.left, y2: to.y }] : [],
    )
  }
  return { lines, pointed }
}
