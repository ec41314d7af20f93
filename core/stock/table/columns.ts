import { kindIn } from '../list/kind'
import { tidied, wordsOf } from '../list/words'
import { said, MEANINGS, type Field, type Mapping } from './fields'
import { areLabels, areRowNumbers, meantBy } from './contents'

// One letter is a word of its own, or nothing.
const SHORTEST_WITHIN = 3

/** Headings over figures that may be shades, pieces, or nothing but the row. */
const FIGURED = /^(number|no|nr|nummer|numero|n|num|lfd nr|pos|position|item no)$/
const isFigured = (heading: string) =>
  FIGURED.test(said(heading)) || heading.trim() === '#' || /^n°$/i.test(heading.trim())

/**
 * What the columns of a table mean: by their headings, those that say it exactly first, then those that hold a word for it; what no heading
 * says, by what stands in them. Each meaning is taken once. Where nothing is a name, the column that names most things is.
 * @param headings blank where the table has none
 * @param rows the first of the table
 */
export function guessColumns(headings: readonly string[], rows: readonly (readonly string[])[]): Mapping {
  const mapping: Mapping = headings.map(() => null)
  const taken = new Set<Field>()
  const near = rows.slice(0, LOOKED_AT)
  const valuesOf = (at: number) => near.map(r => r[at] ?? '')
  const take = (at: number, field: Field) => {
    mapping[at] = field
    taken.add(field)
  }
  const texts = headings.map(said)
  for (const exact of [true, false])
    for (const { field, words } of MEANINGS) {
      if (taken.has(field) || (!exact && words.length < SHORTEST_WITHIN)) continue
      const at = texts.findIndex(
        (t, i) => mapping[i] === null && (exact ? t === words : ` ${t} `.includes(` ${words} `)),
      )
      if (at >= 0) take(at, field)
    }
  for (const [at, heading] of headings.entries()) {
    if (mapping[at] !== null || !isFigured(heading) || areRowNumbers(valuesOf(at))) continue
    // "Number" over 102, 204, 306 is no count.
    const field = areLabels(valuesOf(at)) || taken.has('count') ? 'shade' : 'count'
    if (!taken.has(field)) take(at, field)
  }
  const isHeadless = headings.every(h => h.trim() === '')
  for (const at of headings.keys()) {
    const field = mapping[at] === null && !isFigured(headings[at]!) ? meantBy(valuesOf(at), isHeadless, taken) : null
    if (field) take(at, field)
  }
  if (!taken.has('name')) nameColumn(mapping, near)
  return mapping
}

function nameColumn(mapping: Mapping, near: readonly (readonly string[])[]): void {
  const score = mapping.map((m, i) => (m === null ? wordiness(near, i) : 0))
  const best = score.indexOf(Math.max(...score))
  const [kind, shade] = [mapping.indexOf('kind'), mapping.indexOf('shade')]
  // "Type, Shade, Quantity": what it is names it; a table of shades alone is named by them.
  const at = best >= 0 && score[best]! > 0 ? best : shade >= 0 && kind >= 0 ? kind : shade
  if (at >= 0) mapping[at] = 'name'
}

const LOOKED_AT = 50
/** How well a column names things: how many different ones it has, and of how many we know the kind. */
const wordiness = (rows: readonly (readonly string[])[], at: number) => {
  const different = [...new Set(rows.map(r => r[at] ?? ''))].filter(t => /\p{L}{2}/u.test(t))
  return different.length + 2 * different.filter(t => kindIn(wordsOf(tidied(t))) !== null).length
}

/** Where the headings of a table stand; null where none of its first rows says what the columns mean. */
export function headingRow(rows: readonly (readonly string[])[]): number | null {
  const near = rows.slice(0, HEADED_WITHIN)
  const meant = near.map(r => (hasHeadings(r) ? r.filter(meansSomething).length : 0))
  const sure = meant.findIndex(m => m > 1)
  if (sure >= 0) return sure
  const first = near.findIndex(r => r.some(c => c.trim() !== ''))
  return first >= 0 && meant[first]! > 0 ? first : null
}
// A title, an address and a date may stand above them.
const HEADED_WITHIN = 12
const meansSomething = (cell: string) =>
  cell.trim() !== '' && (MEANINGS.some(m => m.words === said(cell)) || isFigured(cell))

/** Whether the first row of a table says what its columns mean, rather than being a thing. */
export const hasHeadings = (first: readonly string[]): boolean => {
  return first.some(meansSomething) && first.every(t => !/^\d+([.,]\d+)?$/.test(t.trim()))
}
