import { describe, expect, it } from 'vitest'
import { words } from '../../parts/words'
import { html, pageOf, pages, sections } from './pages'
import { found } from './search'

const views = import.meta.glob('../../**/*.vue', { query: '?raw', import: 'default', eager: true })

describe('the guide', () => {
  it('has every page, with a title and some text', () => {
    expect(pages).toHaveLength(14)
    for (const page of pages) {
      expect(page.text.length, page.name).toBeGreaterThan(400)
      expect(html(page)).toContain(`<h1>${page.title}</h1>`)
    }
    expect(pageOf('no such page')).toBe(pages[0])
  })

  it('finds a place by its words, half typed or mistyped', () => {
    expect(found('rotation')[0]!.page).toBe('fields')
    expect(found('stem cou').map((s) => s.page)).toContain('logbook')
    expect(found('germnation').map((s) => s.title)).toContain('germination')
    expect(found('zzqx')).toEqual([])
    expect(sections.length).toBeGreaterThan(40)
  })

  it('links only to pages that there are', () => {
    const linked = pages.flatMap((p) => [...html(p).matchAll(/href="\/guide\/([a-z]+)"/g)].map((m) => m[1]!))
    expect(linked.length).toBeGreaterThan(0)
    for (const name of linked) expect(pages.map((p) => p.name)).toContain(name)
  })

  it('explains every word that is underlined somewhere', () => {
    const used = Object.values(views).flatMap((view) =>
      [...String(view).matchAll(/<TradeWord of="(.+?)"/g)].map((m) => m[1]!),
    )
    expect(new Set(used).size).toBeGreaterThan(12)
    for (const word of used) expect([...words.keys()], word).toContain(word)
  })
})
