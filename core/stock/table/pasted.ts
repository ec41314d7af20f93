import { readList, type Heading, type ReadList, type ReadThing } from '../list'
import type { Under } from '../list/lines/heading'
import { thingsOf } from '../list/thingsOf'
import { asidesIn } from './asides'
import {
  dayIn,
  coverageIn,
  depthIn,
  familyIn,
  finishIn,
  levelIn,
  numberIn,
  priceIn,
  sizeIn,
  undertoneIn,
} from './cells'
import { areRowNumbers } from './contents'
import { guessColumns, hasHeadings, headingRow } from './columns'
import type { Field, Mapping } from './fields'
import { shadesIn } from './shadeCell'

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

/** A list with a table in it: the lines that may say what its columns are, and the one that does. */
export interface PastedList extends ReadList {
  table: { first: { line: number; text: string }[]; headed: number | null } | null
}
const HEADINGS_OFFERED = 6

/**
 * @param lines as they were pasted
 * @param today ISO date, for "opened March"
 * @param headed the line that says what the columns are, null for none; found by itself when left out
 * @param report how far it is, 0–1, now and then
 */
export function readPasted(
  lines: readonly string[],
  today: string,
  headed?: number | null,
  report?: (done: number) => void,
): PastedList {
  const parted = signOf(lines)
  if (parted === null) return { ...readList(lines, today, report), table: null }
  const cellsOf = (line: string) => cut(line, parted.sign)
  // Between commas only what is as wide as the heads is a row: a line of words has commas, too.
  const isRow = (width: number) => (parted.width === null ? width > 2 : width === parted.width)
  const cells = lines.map(cellsOf)
  const wide = cells.flatMap((own, i) => (isRow(own.length) ? [i] : []))
  // A line of one cell among the rows belongs to them: "EYES". Between commas it is a line of words.
  const isWithin = (i: number) =>
    parted.width === null && cells[i]!.length === 1 && lines[i]!.trim() !== '' && i > wide[0]! && i < wide.at(-1)!
  const rows = cells.flatMap((own, i) => (isRow(own.length) || isWithin(i) ? [i] : []))
  // What stands between the rows is read as lines are; the rows are left empty there.
  const isOfTable = new Set(rows)
  const between = readList(
    lines.map((line, i) => (isOfTable.has(i) ? '' : line)),
    today,
  )
  const found = headed === undefined ? headingRow(rows.map(i => cells[i]!)) : null
  const at = headed === undefined ? (found === null ? null : rows[found]!) : headed
  const table = readTable(cells, rows, at, today, report)
  return {
    things: [...between.things, ...table.things].sort((x, y) => x.line - y.line || x.part - y.part),
    headings: [...between.headings, ...table.headings].sort((x, y) => x.line - y.line),
    table: {
      first: rows.slice(0, HEADINGS_OFFERED).map(line => ({ line, text: joined(cells[line]!) })),
      headed: at,
    },
  }
}
const joined = (cells: readonly string[]) => cells.filter(Boolean).join(' · ')

const STEP = 100
function readTable(
  cells: readonly (readonly string[])[],
  rows: readonly number[],
  headed: number | null,
  today: string,
  report?: (done: number) => void,
) {
  const body = rows.filter(i => headed === null || i > headed)
  const own = body.map(i => cells[i]!)
  const width = Math.max(...rows.map(i => cells[i]!.length))
  const titles = Array.from({ length: width }, (_, i) => (headed === null ? '' : (cells[headed]![i] ?? '')))
  const mapping = guessColumns(titles, own)
  const numbers = new Set([...titles.keys()].filter(i => areRowNumbers(own.map(r => r[i] ?? ''))))
  const asides = asidesIn(own, mapping.indexOf('name'))
  const headings: Heading[] = rows
    .filter(i => headed !== null && i <= headed)
    .map(line => ({ line, text: joined(cells[line]!), kind: null }))
  const things: ReadThing[] = []
  let under: Under | null = null
  for (const [at, line] of body.entries()) {
    if (report && at % STEP === 0) report(at / body.length)
    if (asides.has(at)) {
      const said = asides.get(at)!
      under = said ?? under
      headings.push({ line, text: joined(own[at]!), kind: said?.kind ?? null })
    } else if (own[at]!.length === 1) things.push(...thingsOf(own[at]![0]!, line, under, today))
    else things.push(...rowAs(own[at]!, mapping, { line, under, today, numbers }))
  }
  return { things, headings }
}

interface RowStanding {
  line: number
  under: Under | null
  today: string
  /** Columns that only number the rows. */
  numbers: ReadonlySet<number>
}

function rowAs(cells: readonly string[], mapping: Mapping, { line, under, today, numbers }: RowStanding): ReadThing[] {
  const said = (field: Field) => cells[mapping.indexOf(field)]?.trim() ?? ''
  // What numbers the rows only is no word of a thing.
  const loose = cells.filter((c, i) => mapping[i] === null && !numbers.has(i) && /\p{L}|\d/u.test(c))
  // The name comes last, since a thing is what its last word says: "Brushes", "Angled liner".
  const shades = shadesIn(said('shade'))
  if (shades.length === 0 && said('shade') !== '') loose.push(said('shade'))
  // The name comes last, since a thing is what its last word says: "Brushes", "Angled liner".
  const name = [said('kind'), said('name'), ...loose].filter(Boolean).join(' ')
  if (name === '' && shades.length === 0) return []
  const speak = (text: string) => thingsOf(text.replace(/[,;]/g, ' '), line, under, today)
  const reads = shades.length > 0 ? shades.flatMap(s => speak(`${name} ${s}`).slice(0, 1)) : several(speak(name))
  const odd: string[] = []
  const cell = <T>(field: Field, as: (text: string) => T | undefined): T | null => {
    const text = said(field)
    if (text === '') return null
    const value = as(text)
    if (value === undefined) odd.push(text)
    return value ?? null
  }
  const habits = { today, dayFirst: true }
  const size = cell('size', sizeIn)
  const count = cell('count', text => within(numberIn(text.replace(/\s*(x|×|pcs?|stk\.?|stück)\s*$/iu, '')), 1, 9999))
  const price = cell('price', text => priceIn(text)?.minor)
  // Three shades and "3 pieces" are one of each.
  const isOfEach = count === null || reads.length < 2 || count === 1
  const each = isOfEach ? count : count === reads.length ? 1 : count
  if (!isOfEach && count !== reads.length) odd.push(said('count'))
  const columns = {
    level: cell('level', levelIn),
    openedOn: cell('openedOn', text => dayIn(text, habits)),
    expiresOn: cell('expiresOn', text => dayIn(text, habits)),
    depth: cell('depth', depthIn),
    coverage: cell('coverage', coverageIn),
    finish: cell('finish', finishIn),
    family: cell('family', familyIn),
    undertone: cell('undertone', undertoneIn),
  }
  // "Rainproof lash" of the type "Waterproof mascara": what the type says beyond the kind stays in the name.
  const type = said('kind')
  const tells = /\s/.test(type) && !said('name').toLowerCase().includes(type.toLowerCase())
  const spoken = [said('brand'), said('range'), said('name'), ...(tells ? [type] : []), ...loose]
    .filter(Boolean)
    .join(' ')
  return reads.map((read, part) => {
    const shade = shades[part] ?? read.shade
    const called = shades.length > 0 ? `${spoken} ${shade}`.trim() : reads.length > 1 ? read.name : spoken
    return {
      ...read,
      ...Object.fromEntries(Object.entries(columns).filter(([, value]) => value !== null)),
      part,
      name: (called || read.name).slice(0, 200),
      shade,
      count: each ?? read.count,
      size: size?.size ?? read.size,
      measure: size ? (size.measure ?? read.measure) : read.measure,
      price: price === null ? read.price : price / 100,
      doubtful: [...read.doubtful, ...odd].slice(0, 20),
    }
  })
}
/** A name is one thing, unless it lists shades. */
const several = (reads: ReadThing[]) =>
  reads.length > 1 && reads.every(r => r.shade !== null && r.kind === reads[0]!.kind) ? reads : reads.slice(0, 1)
const within = (value: number | undefined, low: number, high: number) =>
  value !== undefined && value >= low && value <= high ? value : undefined
