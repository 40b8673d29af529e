import MiniSearch from 'minisearch'
import { sections, type Section } from './pages'

const index = new MiniSearch<Section>({
  fields: ['title', 'text'],
  searchOptions: { prefix: true, fuzzy: 0.15, boost: { title: 3 }, combineWith: 'AND' },
})
index.addAll(sections)
const MOST = 12

/** The places of the guide that speak of some words, best first. */
export function found(words: string): Section[] {
  if (!words.trim()) return []
  return index
    .search(words)
    .slice(0, MOST)
    .map((hit) => sections.find((s) => s.id === hit.id)!)
}
