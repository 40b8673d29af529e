import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Schemas } from '../../api/client'
import type { Photo } from '../../parts/photos'

/** What the phone keeps by itself: the list it took along, what is being counted, what waits to be sent. */
export type Entry = Schemas['EntryForm']

/** An entry on its way. It leaves the phone only when the server has it, or when its writer throws it away. */
export interface Waiting {
  id: string
  farm: string
  field: string
  says: string
  form: Entry
  /** Those that the server does not have yet. */
  photos?: Photo[]
  written: number
  /** Why the server did not take it; its writer decides then. */
  refused?: string
}

/** What came of an entry that was sent. */
export interface Sent {
  id: string
  farm: string
  field: string
  says: string
  at: number
  verdict?: string
  changes: { what: string; before?: string; after?: string }[]
}

export interface Taken {
  farm: string
  session: Schemas['SessionView']
  view: Schemas['ScoutView']
  at: number
}

interface Pocket extends DBSchema {
  waiting: { key: string; value: Waiting }
  sent: { key: string; value: Sent }
  taken: { key: string; value: Taken }
  drafts: { key: string; value: unknown }
}

let opened: Promise<IDBPDatabase<Pocket>> | undefined
/** Further versions only ever add stores: what waits in an old one is found by the new one. */
const db = () =>
  (opened ??= openDB<Pocket>('furrow-scout', 1, {
    upgrade(now, from) {
      if (from < 1) {
        now.createObjectStore('waiting', { keyPath: 'id' })
        now.createObjectStore('sent', { keyPath: 'id' })
        now.createObjectStore('taken', { keyPath: 'farm' })
        now.createObjectStore('drafts')
      }
    },
  }))

export const waiting = async () => (await (await db()).getAll('waiting')).sort((a, b) => a.written - b.written)
export const keep = async (entry: Waiting) => void (await (await db()).put('waiting', entry))
export const drop = async (id: string) => (await db()).delete('waiting', id)
export const sent = async () => (await (await db()).getAll('sent')).sort((a, b) => b.at - a.at)
export const came = async (entry: Sent) => void (await (await db()).put('sent', entry))
export const take = async (taken: Taken) => void (await (await db()).put('taken', taken))
export const taken = async () => (await (await db()).getAll('taken')).sort((a, b) => b.at - a.at)[0]
export const draft = async <T>(key: string) => (await (await db()).get('drafts', key)) as T | undefined
export const jot = async (key: string, value: unknown) =>
  void (await (await db()).put('drafts', JSON.parse(JSON.stringify(value)), key))
/** Pictures are kept as they are, beside what is being counted. */
export const photosOf = async (key: string) => ((await (await db()).get('drafts', `photos ${key}`)) ?? []) as Photo[]
export const keepPhotos = async (key: string, photos: Photo[]) =>
  photos.length
    ? void (await (
        await db()
      ).put(
        'drafts',
        photos.map((p) => ({ id: p.id, jpeg: p.jpeg })),
        `photos ${key}`,
      ))
    : (await db()).delete('drafts', `photos ${key}`)
export const clear = async (key: string) => (await db()).delete('drafts', key)
