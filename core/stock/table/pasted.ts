import { COVERAGES, FAMILIES } from '../../complexion/bottles/product'
import { UNDERTONES } from '../../complexion/skins/skin'
import { FINISHES } from '../../product/item'
import { readList, type ReadList, type ReadThing } from '../list'
import { TOTAL } from '../list/lines/heading'
import { thingsOf } from '../list/thingsOf'
import { plain } from '../list/words'
import { dayIn, levelIn, numberIn, priceIn, sizeIn } from './cells'
import { guessColumns, hasHeadings, type Field, type Mapping } from './columns'

/*
 * A list as it is pasted: lines as they are written, and rows of a table copied out of a spreadsheet. A cell that cannot be read leaves its
 * field empty and is marked; the row is never refused.
 */

const LEAST_ROWS = 2
const SIGNS = ['\t', ';', '|', ','] as const
const cut = (line: string, sign: string): string[] =>
  line
    .replace(/^\||\|$/g, sign === '|' ? '' : '$&')
    .split(sign)
    .map(c => c.trim().replace(/^"(.*)"$/, '$1'))

/** The sign that parts the cells: where a row of heads is followed by rows as wide; between tabs no heads are needed. */
function signOf(lines: readonly string[]): { sign: string; width: number | null } | null {
  for (const sign of SIGNS) {
    const widths = lines.map(l => cut(l, sign).length)
    const wide = widths.filter(w => w > 2).length
    if (wide < LEAST_ROWS) continue
    if (sign === '\t') return { sign, width: null }
    const head = lines
      .slice(0, 10)
      .findIndex((l, i) => widths[i]! > 2 && hasHeadings(cut(l, sign)) && meantIn(cut(l, sign)) > 1)
    if (head >= 0 && widths.slice(head).filter(w => w === widths[head]).length > 1)
      return { sign, width: sign === ',' ? widths[head]! : null }
  }
  return null
}
const meantIn = (cells: readonly string[]) => guessColumns(cells, []).filter(f => f !== null).length

/**
 * @param lines as they were pasted
 * @param today ISO date, for "opened March"
 * @param report how far it is, 0–1, now and then
 */
export function readPasted(lines: readonly string[], today: string, report?: (done: number) => void): ReadList {
  const parted = signOf(lines)
  if (parted === null) return readList(lines, today, report)
  const cellsOf = (line: string) => cut(line, parted.sign)
  // Between commas only what is as wide as the heads is a row: a line of words has commas, too.
  const isRow = (width: number) => (parted.width === null ? width > 2 : width === parted.width)
  const rows = lines.flatMap((line, i) => (isRow(cellsOf(line).length) ? [i] : []))
  // What stands between the rows is read as lines are; the rows are left empty there.
  const between = readList(
    lines.map((line, i) => (rows.includes(i) ? '' : line)),
    today,
  )
  const table = readTable(lines, rows, cellsOf, today)
  return {
    things: [...between.things, ...table.things].sort((x, y) => x.line - y.line || x.part - y.part),
    headings: [...between.headings, ...table.headings].sort((x, y) => x.line - y.line),
  }
}

function readTable(
  lines: readonly string[],
  rows: readonly number[],
  cellsOf: (line: string) => string[],
  today: string,
) {
  const at = rows.slice(0, 5).find(i => hasHeadings(cellsOf(lines[i]!)))
  const isTotal = (i: number) => TOTAL.test(plain(cellsOf(lines[i]!).join(' ').trim()))
  const body = rows.filter(i => (at === undefined || i > at) && !isTotal(i))
  const mapping =
    at === undefined
      ? null
      : guessColumns(
          cellsOf(lines[at]!),
          body.map(i => cellsOf(lines[i]!)),
        )
  const headings = rows
    .filter(i => !body.includes(i))
    .map(line => ({ line, text: cellsOf(lines[line]!).filter(Boolean).join(' · '), kind: null }))
  const things = body.flatMap(line =>
    mapping
      ? rowAs(cellsOf(lines[line]!), mapping, line, today)
      : thingsOf(cellsOf(lines[line]!).filter(Boolean).join(', '), line, null, today),
  )
  return { things, headings }
}

// Cells that say what a thing is, in the order they are spoken.
const SPOKEN: readonly Field[] = ['kind', 'brand', 'range', 'name', 'shape']

function rowAs(cells: readonly string[], mapping: Mapping, line: number, today: string): ReadThing[] {
  const said = (field: Field) => cells[mapping.indexOf(field)]?.trim() ?? ''
  const loose = cells.filter((c, i) => mapping[i] === null && /\p{L}|\d/u.test(c))
  // The name comes last, since a thing is what its last word says: "Brushes", "Angled liner".
  const name = [said('kind'), said('name'), ...loose].filter(Boolean).join(' ')
  if (name === '') return []
  const [read] = thingsOf(name.replace(/[,;]/g, ' '), line, null, today)
  if (!read) return []
  const odd: string[] = []
  const cell = <T>(field: Field, as: (text: string) => T | undefined | null): T | null => {
    const text = said(field)
    if (text === '') return null
    const value = as(text) ?? null
    if (value === null) odd.push(text)
    return value
  }
  const word = <T extends string>(field: Field, words: readonly T[], read: T | null): T | null =>
    cell(field, text => words.find(w => w === text.toLowerCase()) ?? read) ?? read
  const habits = { today, dayFirst: true }
  const size = cell('size', sizeIn)
  const count = cell('count', text => within(numberIn(text.replace(/\s*(x|×|pcs?|stk\.?|stück)\s*$/iu, '')), 1, 9999))
  const price = cell('price', text => priceIn(text)?.minor)
  const spoken = [said('brand'), said('range'), ...SPOKEN.slice(3, 4).map(said), ...loose].filter(Boolean).join(' ')
  return [
    {
      ...read,
      part: 0,
      name: (spoken || read.name).slice(0, 200),
      count: count ?? read.count,
      size: size?.size ?? read.size,
      measure: size ? (size.measure ?? read.measure) : read.measure,
      level: cell('level', levelIn) ?? read.level,
      openedOn: cell('openedOn', text => dayIn(text, habits)) ?? read.openedOn,
      expiresOn: cell('expiresOn', text => dayIn(text, habits)) ?? read.expiresOn,
      price: price === null ? read.price : price / 100,
      depth: cell('depth', text => within(numberIn(text), 1, 12)) ?? read.depth,
      coverage: word('coverage', COVERAGES, wordsRead(said('coverage'), today).coverage ?? read.coverage),
      finish: word('finish', FINISHES, wordsRead(said('finish'), today).finish ?? read.finish),
      family: word('family', FAMILIES, read.family),
      undertone: word('undertone', UNDERTONES, wordsRead(said('undertone'), today).undertone ?? read.undertone),
      doubtful: [...read.doubtful, ...odd].slice(0, 20),
    },
  ]
}
const within = (value: number | undefined, low: number, high: number) =>
  value !== undefined && value >= low && value <= high ? value : undefined

/** Cells speak as lines do: "matt", "warm", "medium coverage". */
const wordsRead = (cell: string, today: string): Partial<ReadThing> =>
  cell === ''
    ? {}
    : (thingsOf(`foundation ${/^(sheer|light|medium|full)$/i.test(cell) ? `${cell} cover` : cell}`, 0, null, today)[0]
      ?? {})
