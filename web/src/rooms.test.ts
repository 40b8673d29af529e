import { expect, test } from 'vitest'

const texts = import.meta.glob<string>('./**/*.{vue,ts}', { query: '?raw', import: 'default', eager: true })
const sources = Object.keys(texts).map((path) => path.slice(2))
const read = (file: string) => texts[`./${file}`]!
/** Where an import leads, from the folder in which it is written. */
const led = (file: string, to: string) => new URL(to, `file:///${file}`).pathname.slice(1)

test('no feature reaches into another: what two of them share stands outside of both', () => {
  const features = sources.filter((f) => f.startsWith('features/'))
  expect(features.length).toBeGreaterThan(100)
  const reaching = features.flatMap((file) =>
    [...read(file).matchAll(/(?:from|import\()\s*'(\.[^']*)'/g)]
      .map((found) => led(file, found[1]!))
      .filter((to) => to.startsWith('features/') && to.split('/')[1] !== file.split('/')[1])
      .map((to) => `${file} → ${to}`),
  )
  expect(reaching).toEqual([])
})

test('what features share knows no feature', () => {
  const shared = sources.filter((f) => /^(api|draw|figures|format|lane|parts|work)\//.test(f))
  expect(shared.length).toBeGreaterThan(30)
  expect(shared.filter((f) => read(f).includes('features/'))).toEqual([])
})

test('colours have names: no component writes one out', () => {
  const pages = sources.filter((f) => f.endsWith('.vue'))
  expect(pages.length).toBeGreaterThan(80)
  const literal = /#[0-9a-fA-F]{3,8}\b|\brgba?\(\s*\d/
  expect(pages.filter((f) => literal.test(read(f)))).toEqual([])
})

test('a rule of style is worn by something: a class renamed in one place only leaves the page bare', () => {
  const styled = sources.filter((f) => f.endsWith('.vue') && read(f).includes('<style scoped'))
  expect(styled.length).toBeGreaterThan(70)
  const bare = styled.flatMap((file) => {
    const at = read(file).indexOf('<style scoped')
    const worn = [
      ...read(file)
        .slice(0, at)
        .matchAll(/class="[^"]*"/g),
    ].join(' ')
    /** Classes that are put together from data are not looked for. */
    if (/class="[^"]*(`|toLowerCase|\[?\w+\.\w+[,\]"])/.test(worn)) return []
    const rules = read(file)
      .slice(at)
      .replace(/@import[^;]*;|\/\*[^]*?\*\/|:deep\([^)]*\)|<style>[^]*?<\/style>|<style[^>]*>/g, '')
    return [...rules.matchAll(/([^{}]+)\{/g)]
      .flatMap((rule) => [...rule[1]!.matchAll(/\.([a-zA-Z][\w-]*)/g)].map((name) => name[1]!))
      .filter((name) => !name.startsWith('v-') && !new RegExp(`(?<![\\w-])${name}(?![\\w-])`).test(worn))
      .map((name) => `${file} .${name}`)
  })
  expect(bare).toEqual([])
})
