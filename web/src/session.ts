import { computed, ref } from 'vue'
import { api, got, type Schemas } from './api/client'
import { units } from './format/units'

/** Who is signed in, and on which farm and day. */
export const session = ref<Schemas['SessionView'] | null>(null)
export const planner = computed(() => session.value?.role === 'PLANNER')

export function settle(view: Schemas['SessionView']): void {
  session.value = view
  if (view.units) units.value = view.units
}

export async function loadSession(): Promise<Schemas['SessionView']> {
  const view = await got(api.GET('/api/v1/session'))
  settle(view)
  return view
}
