import { ref, type Ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import type { Board, Job } from '../../work/board'
import type { Spot } from './carry'

/** What a carried job would cost where it is held, asked of the server before it is let go. */
export function useTried(board: Ref<Board | undefined>) {
  const spot = ref<Spot | null>(null)
  const answer = ref<Schemas['WhatIfView'] | null>(null)
  const trouble = ref('')
  let asked = ''

  function forget() {
    spot.value = null
    answer.value = null
    trouble.value = ''
    asked = ''
  }

  async function hold(job: Job, at: Spot | null) {
    const machine = board.value?.machines.find((m) => m.id === at?.machineId)
    if (!at || !job.able.includes(machine?.id ?? '')) {
      forget()
      trouble.value = at ? `${machine?.name} cannot do this.` : ''
      return
    }
    const key = at.machineId + at.day
    if (asked === key) return
    asked = key
    spot.value = at
    answer.value = null
    trouble.value = ''
    try {
      const now = await got(
        api.POST('/api/v1/dispatch/what-if', {
          body: { job: job.id, machineId: at.machineId, day: at.day, locked: true },
        }),
      )
      if (asked === key) answer.value = now
    } catch (e) {
      if (asked === key) trouble.value = (e as Error).message
    }
  }
  return { spot, answer, trouble, hold, forget }
}
