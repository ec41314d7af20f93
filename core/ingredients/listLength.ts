/* How long a list of ingredients may be. Apart from the reader, so that a form can be checked without the dictionary of names. */

/** The longest list that is read, in characters, and the most entries: the longest packs carry about a hundred and fifty. */
export const INCI_MOST = 20_000
export const ENTRIES_MOST = 400

/** How many entries a text would have, counted without reading them. */
export function entriesIn(text: string): number {
  let count = 1
  for (const sign of text) if (SEPARATORS.has(sign)) count++
  return count
}
const SEPARATORS = new Set([',', ';', '•', '·', '●', '|', '\n'])
