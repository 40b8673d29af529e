import { ref, shallowRef } from 'vue'
import { api, got, Refused, upload, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { matter, rateUnit } from '../../format/units'
import type { Photo } from '../../parts/photos'
import * as store from './store'

/** What waits for a signal, and what came of it. Entries bear names of their own: sent twice, they are kept once. */
/** Kept as they lie in the phone's store: what Vue had wrapped could not be put back into it. */
export const waits = shallowRef<store.Waiting[]>([])
export const came = shallowRef<store.Sent[]>([])
export const sending = ref(false)

async function reread() {
  waits.value = await store.waiting()
  came.value = (await store.sent()).slice(0, 20)
}

function told(change: Schemas['Change']): store.Sent['changes'][number] {
  return {
    what: change.what,
    before:
      change.beforeDay !== undefined
        ? short(change.beforeDay)
        : change.beforePounds !== undefined
          ? `${matter(change.beforePounds)} ${rateUnit.value}`
          : undefined,
    after:
      change.afterDay !== undefined
        ? short(change.afterDay)
        : change.afterPounds !== undefined
          ? `${matter(change.afterPounds)} ${rateUnit.value}`
          : undefined,
  }
}

async function sendOne(entry: store.Waiting): Promise<boolean> {
  try {
    const saved = await got(api.POST('/api/v1/log', { body: entry.form }))
    let left = entry.photos ?? []
    for (const photo of [...left]) {
      await upload(`/api/v1/log/${entry.id}/photos/${photo.id}`, new File([photo.jpeg], 'photo.jpg'))
      left = left.filter((p) => p.id !== photo.id)
      await store.keep({ ...entry, photos: left })
    }
    await store.came({
      id: entry.id,
      farm: entry.farm,
      field: entry.field,
      says: entry.says,
      at: Date.now(),
      verdict: saved.verdict,
      changes: saved.changes.map(told).filter((c) => c.before !== c.after),
    })
    await store.drop(entry.id)
    return true
  } catch (e) {
    const status = e instanceof Refused ? e.status : 0
    // No signal, a server in trouble, or nobody signed in: it waits on. Anything else its writer has to hear.
    if (status === 0 || status === 401 || status >= 500) return false
    await store.keep({ ...entry, refused: (e as Error).message })
    return true
  }
}

/** Sends what waits, one after the other; what is refused stays, with the reason. */
export async function send(farm: string | undefined): Promise<void> {
  if (sending.value || !farm || !navigator.onLine) return
  sending.value = true
  try {
    for (const entry of await store.waiting()) {
      if (entry.farm !== farm || entry.refused) continue
      if (!(await sendOne(entry))) break
    }
  } finally {
    sending.value = false
    await reread()
  }
}

export async function write(
  farm: string,
  field: string,
  says: string,
  form: store.Entry,
  photos: Photo[] = [],
): Promise<void> {
  const plain = JSON.parse(JSON.stringify(form))
  const pictures = photos.map((p) => ({ id: p.id, jpeg: p.jpeg }))
  await store.keep({ id: form.id, farm, field, says, form: plain, photos: pictures, written: Date.now() })
  await reread()
  void send(farm)
}

export async function throwAway(id: string): Promise<void> {
  await store.drop(id)
  await reread()
}

export async function again(entry: store.Waiting): Promise<void> {
  await store.keep({ ...entry, refused: undefined })
  await send(entry.farm)
}

export { reread }
