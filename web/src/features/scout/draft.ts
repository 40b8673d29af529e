import { onMounted, ref, watch } from 'vue'
import * as store from './store'

/** What is being counted, kept on the phone after every change; taken up again on the same day. */
export function useDraft<T extends { on: string }>(key: string, state: T) {
  const loaded = ref(false)
  onMounted(async () => {
    const kept = await store.draft<T>(key)
    if (kept && kept.on === state.on) Object.assign(state, kept)
    loaded.value = true
  })
  watch(
    () => state,
    () => loaded.value && void store.jot(key, state),
    { deep: true },
  )
  const forget = async () => {
    await store.clear(key)
    await store.keepPhotos(key, [])
  }
  return { forget }
}
