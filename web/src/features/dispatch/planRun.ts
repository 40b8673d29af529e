import { computed, onBeforeUnmount, onMounted, ref, type Ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'

type Run = Schemas['PlanRunView']

const LOOK_EVERY = 600
const isOpen = (run: Run) => run.state === 'WAITING' || run.state === 'SEARCHING'

/** A search for a plan: asked for, looked at until it is over, and called off. */
export function usePlanRun(problem: Ref<Refused | ''>, over: (run: Run) => void) {
  const run = ref<Run>()
  const searching = computed(() => run.value !== undefined && isOpen(run.value))
  const soFar = computed(() => (searching.value ? run.value!.soFar : []))
  let left = false
  onBeforeUnmount(() => (left = true))

  async function follow() {
    while (!left && isOpen(run.value!)) {
      await new Promise((go) => setTimeout(go, LOOK_EVERY))
      run.value = await got(api.GET('/api/dispatch/plan'))
    }
    if (!left) over(run.value!)
  }
  async function asking(ask: () => Promise<unknown>) {
    problem.value = ''
    try {
      await ask()
    } catch (e) {
      problem.value = e as Refused
    }
  }
  const planIt = () =>
    asking(async () => {
      run.value = await got(api.POST('/api/dispatch/plan'))
      await follow()
    })
  const callOff = () => asking(() => got(api.DELETE('/api/dispatch/plan')))
  /** A search that was asked for before, by anybody, is looked at too. */
  onMounted(() =>
    asking(async () => {
      const now = await got(api.GET('/api/dispatch/plan'))
      run.value ??= now
      if (isOpen(now)) await follow()
    }),
  )
  return { run, searching, soFar, planIt, callOff }
}
