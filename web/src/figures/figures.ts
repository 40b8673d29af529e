import { computed, type Ref } from 'vue'
import type { Schemas } from '../api/client'

export type Sheet = Schemas['SheetView']
export type Figure = Schemas['FigureView']

/** One page of the catalogue: a species with all its sheets, or a sheet with all its rows. */
export interface Page {
  key: string
  words: string
  group: string
  own: number
  parts: { title: string; figures: Figure[] }[]
}

const own = (figures: Figure[]) => figures.filter((f) => f.changed).length

/** The pages: species by their rows through all sheets about them, every other sheet by itself. */
export function pages(sheets: Sheet[]): Page[] {
  const species = new Map<string, Page>()
  const others: Page[] = []
  for (const sheet of sheets) {
    if (sheet.group !== 'Species') {
      others.push({
        key: sheet.sheet,
        words: sheet.title,
        group: sheet.group,
        own: own(sheet.figures),
        parts: byRow(sheet.figures),
      })
      continue
    }
    for (const part of byRow(sheet.figures)) {
      const row = part.figures[0]!.row
      const page = species.get(row) ?? { key: row, words: part.title, group: 'Species', own: 0, parts: [] }
      page.own += own(part.figures)
      page.parts.push({ title: sheet.title, figures: part.figures })
      species.set(row, page)
    }
  }
  return [...species.values(), ...others]
}

function byRow(figures: Figure[]) {
  const rows = new Map<string, { title: string; figures: Figure[] }>()
  for (const figure of figures) {
    const key = figure.rowWords ? figure.row : ''
    const part = rows.get(key) ?? { title: figure.rowWords, figures: [] }
    part.figures.push(figure)
    rows.set(key, part)
  }
  return [...rows.values()]
}

/** The pages with a word in them: whole where their name has it, else only the figures that do. */
export function usePages(sheets: Ref<Sheet[] | undefined>, find: Ref<string | null>) {
  const all = computed(() => pages(sheets.value ?? []))
  return computed(() => {
    const word = (find.value ?? '').trim().toLowerCase()
    const has = (text: string) => ` ${text.toLowerCase().replace(/[^a-z0-9°%]+/g, ' ')}`.includes(` ${word}`)
    return all.value
      .map((page) =>
        has(page.words)
          ? page
          : {
              ...page,
              parts: page.parts
                .map((part) => ({
                  ...part,
                  figures: has(part.title) ? part.figures : part.figures.filter((f) => has(f.words)),
                }))
                .filter((part) => part.figures.length),
            },
      )
      .filter((page) => page.parts.length)
  })
}
