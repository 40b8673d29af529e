import { marked } from 'marked'

const texts = import.meta.glob(
  '../../../../docs/{start,season,fields,cover,order,machines,dispatch,weather,termination,scout,logbook,farm,catalogue,words}.md',
  { query: '?raw', import: 'default', eager: true },
) as Record<string, string>

/** The guide's pages in the order of the work; the same files as in the project's docs. */
const order = [
  'start',
  'season',
  'fields',
  'cover',
  'order',
  'machines',
  'dispatch',
  'weather',
  'termination',
  'scout',
  'logbook',
  'farm',
  'catalogue',
  'words',
] as const
export type PageName = (typeof order)[number]

export interface GuidePage {
  name: PageName
  title: string
  text: string
}

export const pages: GuidePage[] = order.map((name) => {
  const text = texts[`../../../../docs/${name}.md`] ?? ''
  return { name, title: /^# (.+)$/m.exec(text)?.[1] ?? name, text }
})

export const pageOf = (name: string | undefined): GuidePage => pages.find((p) => p.name === name) ?? pages[0]!

/** A page as HTML; links between its pages stay in the guide. */
export function html(page: GuidePage): string {
  return (marked.parse(page.text, { async: false }) as string).replace(
    /href="([a-z]+)\.md"/g,
    (_, name: string) => `href="/guide/${name}"`,
  )
}

export interface Section {
  id: string
  page: PageName
  pageTitle: string
  title: string
  text: string
}

/** The guide cut at its headings and its words, to be searched. */
export const sections: Section[] = pages.flatMap((page) =>
  page.text
    .split(/^(?=#{1,3} |- \*\*)/m)
    .filter((part) => part.trim())
    .map((part, i) => ({
      id: `${page.name}-${i}`,
      page: page.name,
      pageTitle: page.title,
      title: /^(?:#+ |- \*\*)(.+?)(?:\*\*|$)/m.exec(part)?.[1] ?? page.title,
      text: part.replace(/[*#`]|^- /gm, '').trim(),
    })),
)
