import { computed, onBeforeUnmount, onMounted, ref, type Ref } from 'vue'
import type { Refused } from '../api/client'

const LOOK_EVERY = 600

/** What the server does behind the scenes, as far as it is told of: absent where it was never asked for. */
type Told = { state?: 'WAITING' | 'SEARCHING' | 'DONE' | 'CANCELLED' | 'FAILED' }
const isOpen = (run: Told) => run.state === 'WAITING' || run.state === 'SEARCHING'

/**
 * Work behind the scenes: asked for, looked at until it is over, and called off. One that was asked for before, by
 * anybody, is looked at too.
 */
export function useFollowedRun<R extends Told>(
  calls: { look: () => Promise<R>; ask: () => Promise<R>; callOff: () => Promise<R> },
  problem: Ref<Refused | ''>,
  over: (run: R) => void = () => {},
) {
  const run = ref<R>() as Ref<R | undefined>
  const open = computed(() => run.value !== undefined && isOpen(run.value))
  let left = false
  onBeforeUnmount(() => (left = true))

  async function follow() {
    while (!left && isOpen(run.value!)) {
      await new Promise((go) => setTimeout(go, LOOK_EVERY))
      run.value = await calls.look()
    }
    if (!left) over(run.value!)
  }
  async function asking(act: () => Promise<unknown>) {
    problem.value = ''
    try {
      await act()
    } catch (e) {
      problem.value = e as Refused
    }
  }
  const ask = () =>
    asking(async () => {
      run.value = await calls.ask()
      await follow()
    })
  const callOff = () => asking(calls.callOff)
  /** Looks how it stands; what is under way is followed already. */
  const look = () =>
    asking(async () => {
      if (open.value) return
      run.value = await calls.look()
      if (isOpen(run.value)) await follow()
    })
  onMounted(look)
  return { run, open, ask, callOff, look }
}
