import { headingsIn, TOTAL, underOf, type Under } from '../list/lines/heading'
import { plain, tidied } from '../list/words'

/**
 * Rows of a table that are no things: a heading over what follows ("EYES" alone in its row), a total, a remark.
 * @param name the column of names; a heading stands in it, or in the first
 * @returns by row; null for one that says nothing of what follows
 */
export function asidesIn(rows: readonly (readonly string[])[], name: number): Map<number, Under | null> {
  const cells = rows.map(r => r.map(c => c.trim()).filter(c => c !== ''))
  const alone = cells.filter(c => c.length === 1).length
  const several = cells.filter(c => c.length > 1).length
  const shapes = several > alone ? headingsIn(cells.map(c => c.join(', '))) : new Map<number, 'heading' | 'said'>()
  const found = new Map<number, Under | null>()
  for (const [i, own] of cells.entries()) {
    // A formula that came out of a spreadsheet as text is a thing of that name.
    if (own.length === 0 || /^=\S/.test(own[0]!)) continue
    if (TOTAL.test(plain(own.join(' ')))) found.set(i, null)
    else if (own.length === 1 && shapes.has(i) && [rows[i]![0], rows[i]![name]].some(c => c?.trim() === own[0]))
      found.set(i, shapes.get(i) === 'heading' ? underOf(tidied(own[0]!)) : null)
  }
  return found
}
