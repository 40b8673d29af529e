import text from '../../../docs/words.md?raw'

/** Words of the trade with what they mean, from the guide's own page. */
export const words = new Map<string, string>(
  [...text.matchAll(/^- \*\*(.+?)\*\*: (.+)$/gm)].map((found) => [found[1]!, found[2]!]),
)
