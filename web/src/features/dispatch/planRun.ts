import { computed, type Ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useFollowedRun } from '../../parts/followRun'

/** A search for a plan, and where the best so far puts the jobs. */
export function usePlanRun(problem: Ref<Refused | ''>, over: (run: Schemas['PlanRunView']) => void) {
  const followed = useFollowedRun(
    {
      look: () => got(api.GET('/api/v1/dispatch/plan')),
      ask: () => got(api.POST('/api/v1/dispatch/plan')),
      callOff: () => got(api.DELETE('/api/v1/dispatch/plan')),
    },
    problem,
    over,
  )
  const { run, open: searching, ask: planIt, callOff } = followed
  const soFar = computed(() => (searching.value ? run.value!.soFar : []))
  return { run, searching, soFar, planIt, callOff }
}
