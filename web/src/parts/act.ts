import type { Refused } from '../api/client'
import { useRefresh } from '../api/resources'
import { ref } from 'vue'

/** Does something at the server, then loads everything anew; keeps what it said or refused. */
export function useAct() {
  const refresh = useRefresh()
  const problem = ref<Refused | ''>('')
  const said = ref('')
  const busy = ref(false)

  async function act<T>(asked: () => Promise<T>, words = ''): Promise<T | undefined> {
    problem.value = ''
    said.value = ''
    busy.value = true
    try {
      const answer = await asked()
      await refresh.all()
      said.value = words
      return answer
    } catch (e) {
      problem.value = e as Refused
      return undefined
    } finally {
      busy.value = false
    }
  }
  return { problem, said, busy, act }
}

/**
 * A typed figure for the server; nothing typed is absent, not 0. What is no number goes as it stands: the server
 * refuses it by its name, and nothing typed is lost.
 */
export function figure(typed: unknown): number | undefined {
  if (typed === '' || typed === null || typed === undefined) return undefined
  const number = Number(typed)
  return Number.isFinite(number) ? number : (typed as number)
}
