/** Parts of an answer as one sentence. */
export function sentence(parts: string[]): string {
  const said = parts.join('; ')
  return said && said.charAt(0).toUpperCase() + said.slice(1) + '.'
}
