/** Words that say nothing of which figure is meant. */
const EMPTY = new Set(['the', 'a', 'of', 'in', 'on', 'per', 'as', 'and', 'or', 'to'])

const wordsOf = (text: string): string[] =>
  text
    .replace(/\(.*?\)/g, ' ')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((w) => w && !EMPTY.has(w))

/** The input whose label shares the most words with the name of the figure that was refused; none when nothing is shared. */
export function labelOf<T>(field: string, inputs: { input: T; label: string }[]): T | undefined {
  const wanted = wordsOf(field)
  let best: { input: T; shared: number; rest: number } | undefined
  for (const { input, label } of inputs) {
    const words = wordsOf(label)
    const shared = wanted.filter((w) => words.includes(w)).length
    const rest = words.length - shared
    if (shared > 0 && (!best || shared > best.shared || (shared === best.shared && rest < best.rest)))
      best = { input, shared, rest }
  }
  return best?.input
}
