/* The colours of a palette, where a line names them: "lip palette, 6 pans: sand, rose, toffee". */

const PALETTE = /\b(palette|quad|trio|duo|palettes?|set)\b/i

export interface PansNamed {
  /** What the palette itself is called. */
  name: string
  panNames: string[]
  /** How many there are: as many as were counted, else as were named. */
  pans: number | null
}

/** @param pans as many as the line counts; null where it does not */
export function pansNamed(name: string, pans: number | null): PansNamed {
  const said = /^([^:(]+)[:(]\s*(.+?)\)?$/.exec(name)
  const list = said?.[2]!.split(/[,;/]/).map(part => part.trim()) ?? []
  const panNames = list.filter(part => /\p{L}/u.test(part))
  const isList = panNames.length > 1 && panNames.length === list.length
  if (!said || !isList || (pans === null && !PALETTE.test(said[1]!)) || (pans !== null && panNames.length > pans))
    return { name, panNames: [], pans }
  return { name: said[1]!.trim(), panNames, pans: pans ?? panNames.length }
}
