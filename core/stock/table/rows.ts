import type { Coverage, Family } from '../../complexion/bottles/product'
import { COVERAGES, FAMILIES } from '../../complexion/bottles/product'
import { UNDERTONES, type Undertone } from '../../complexion/skins/skin'
import { FINISHES, type Finish } from '../../product/item'
import { barcodeProblem } from '../labels/barcode'
import { BRUSH_SHAPES, OWNED_KINDS, type BrushShape, type OwnedKind } from '../things/kinds'
import { readLine, type ReadThing } from '../list/readLine'
import { cut } from '../list/words'
import { UNIT_ROLES, type Measure, type UnitRole } from '../things/things'
import { dayIn, levelIn, measureIn, numberIn, priceIn, sizeIn, type CellHabits } from './cells'
import { titleOf, type Field, type Mapping } from './columns'
import { fromHarmless } from './harmless'

/* The rows of somebody's table as things; what a row does not say is left out, so that it changes nothing of what is owned. */

export interface TableThing {
  /** Its row, from 1, without the headings. */
  row: number
  name: string
  kind?: OwnedKind
  id?: string
  productId?: string
  brand?: string
  range?: string
  shape?: BrushShape
  count?: number
  size?: number
  measure?: Measure
  level?: number
  openedOn?: string
  expiresOn?: string
  /** The last day it was used, before anything here said so. */
  lastUsed?: string
  priceMinor?: number
  /** Names of places from the outermost to the one it is in. */
  place?: string[]
  depth?: number
  undertone?: Undertone
  lab?: { L: number; a: number; b: number }
  colourSource?: string
  coverage?: Coverage
  family?: Family
  finish?: Finish
  inci?: string
  percent?: number
  barcode?: string
  label?: string
  role?: UnitRole
  notes?: string
  batch?: string
  palette?: string
  retiredAt?: string
  why?: string
  /** What the table of an export holds beyond its columns. */
  details?: Record<string, unknown>
}

/** What is wrong with one cell. */
export interface CellProblem {
  /** From 1, without the headings. */
  row: number
  field: Field
  message: string
}

export interface TableHabits extends CellHabits {
  /** Of the artist, ISO code. */
  currency: string
  /** Exchange rates into the artist's currency, where she entered them. */
  rates: Readonly<Record<string, number>>
}

export interface ReadRows {
  things: TableThing[]
  /** By row; such a row is not among the things. */
  problems: CellProblem[]
  /** Currencies of prices that have no exchange rate yet. */
  currencies: string[]
}

const LONGEST = { name: 80, brand: 60, range: 60, notes: 500, label: 60, why: 200, batch: 40, palette: 80 } as const

/** What a cell is read as, or what is wrong with it. */
type Read = { value: unknown } | { wrong: string }
const or = (value: unknown, wrong: string): Read => (value === undefined ? { wrong } : { value })
const text = (cell: string, most: number): Read =>
  cell.length <= most ? { value: cell } : { wrong: `is longer than ${most} characters: shorten it` }
const oneOf = (cell: string, words: readonly string[]): Read =>
  or(
    words.find(w => w === cell.trim().toLowerCase()),
    `is “${cell}”: it can be ${words.join(', ')}`,
  )
const within = (value: number | undefined, low: number, high: number, cell: string, whole = false): Read =>
  value !== undefined && value >= low && value <= high && (!whole || Number.isInteger(value))
    ? { value }
    : { wrong: `is “${cell}”: a ${whole ? 'whole ' : ''}number from ${low} to ${high} is needed` }

/** Cells of an own export keep their blanks; anybody else's lose those around them. */
export function readRows(rows: readonly (readonly string[])[], mapping: Mapping, habits: TableHabits): ReadRows {
  const things: TableThing[] = []
  const problems: CellProblem[] = []
  const currencies = new Set<string>()
  const isExport = mapping.includes('id') && mapping.includes('details')
  for (const [i, cells] of rows.entries()) {
    if (cells.every(c => c.trim() === '')) continue
    const row = i + 1
    const said = new Map<Field, string>()
    for (const [at, field] of mapping.entries()) {
      const cell = fromHarmless(cells[at] ?? '')
      if (field && (isExport ? cell : cell.trim()) !== '') said.set(field, isExport ? cell : cell.trim())
    }
    const thing: Record<string, unknown> = { row }
    const wrong: CellProblem[] = []
    for (const [field, cell] of said) {
      const read = readCell(field, cell, habits, currencies)
      if ('wrong' in read) wrong.push({ row, field, message: `${titleOf(field)} ${read.wrong}.` })
      else Object.assign(thing, read.value)
    }
    if (!said.has('name')) wrong.push({ row, field: 'name', message: 'The row has no name: it is left out.' })
    const lab = [thing.L, thing.a, thing.b]
    if (lab.some(v => v !== undefined) && !lab.every(v => v !== undefined))
      wrong.push({ row, field: 'L', message: 'A colour needs all three of L*, a* and b*.' })
    if (wrong.length > 0) problems.push(...wrong)
    else things.push(completed(thing, said, habits))
  }
  return { things, problems, currencies: [...currencies].sort() }
}

/** What one cell says, as fields of a thing. */
function readCell(field: Field, cell: string, habits: TableHabits, currencies: Set<string>): Read {
  const as = (read: Read, key: string = field): Read => ('wrong' in read ? read : { value: { [key]: read.value } })
  switch (field) {
    case 'kind':
      return { value: {} }
    case 'name':
    case 'brand':
    case 'range':
    case 'notes':
    case 'label':
    case 'why':
    case 'batch':
    case 'palette':
      return as(text(cell, LONGEST[field]))
    case 'id':
    case 'productId':
    case 'inci':
    case 'colourSource':
      return { value: { [field]: cell } }
    case 'shape':
      return as(oneOf(cell, BRUSH_SHAPES))
    case 'count':
      return as(within(numberIn(cell.replace(/\s*(x|×|pcs?|stk\.?|stück)\s*$/i, '')), 1, 500, cell, true))
    case 'size': {
      const size = sizeIn(cell)
      if (!size || size.size < 0.1 || size.size > 10_000)
        return { wrong: `is “${cell}”: a size such as 30 ml or 8 g is needed` }
      return { value: size.measure ? size : { size: size.size } }
    }
    case 'measure':
      return as(or(measureIn(cell), `is “${cell}”: it can be ml, g, piece or pair`))
    case 'level':
      return as(or(levelIn(cell), `is “${cell}”: say it as 50 %, 1/2 or half full`))
    case 'openedOn':
    case 'expiresOn':
    case 'lastUsed':
    case 'retiredAt': {
      const day = dayIn(cell, habits)
      const whole = day?.length === 7 ? `${day}-01` : day
      return as(or(whole, `is “${cell}”: a day such as 2026-03-14 or 14.3.2026 is needed`))
    }
    case 'price':
      return priced(cell, habits, currencies)
    case 'place':
      return { value: { place: placesIn(cell) } }
    case 'depth':
      return as(within(numberIn(cell), 1, 12, cell))
    case 'undertone':
      return as(oneOf(cell, UNDERTONES))
    case 'L':
      return as(within(numberIn(cell), 0, 100, cell))
    case 'a':
    case 'b':
      return as(within(numberIn(cell), -128, 127, cell))
    case 'coverage':
      return as(oneOf(cell, COVERAGES))
    case 'family':
      return as(oneOf(cell.replace(/[- ]?based$/i, ''), FAMILIES))
    case 'finish':
      return as(oneOf(cell, FINISHES))
    case 'percent':
      return as(within(numberIn(cell.replace('%', '')), 0, 100, cell))
    case 'barcode': {
      const figures = cell.replace(/[\s-]/g, '')
      const problem = barcodeProblem(figures)
      return problem ? { wrong: `is “${cell}”: ${problem}` } : { value: { barcode: figures } }
    }
    case 'role':
      return as(oneOf(cell, UNIT_ROLES))
    case 'details':
      return detailsIn(cell)
  }
}

function priced(cell: string, { currency, rates }: TableHabits, currencies: Set<string>): Read {
  const price = priceIn(cell)
  if (!price) return { wrong: `is “${cell}”: a sum such as 12.50 is needed` }
  if (price.currency === null || price.currency === currency) return { value: { priceMinor: price.minor } }
  const rate = rates[price.currency]
  if (rate !== undefined) return { value: { priceMinor: Math.round(price.minor * rate) } }
  currencies.add(price.currency)
  return { wrong: `is in ${price.currency} and yours are in ${currency}: say what one ${price.currency} is worth` }
}

/** "Kit case › Eyes", "Kit case > Eyes": a place and what it is in; a doubled sign belongs to the name. */
const placesIn = (cell: string): string[] =>
  cell
    .split(/(?<![›>]) ?[›>] ?(?![›>])/)
    .map(part => part.replaceAll('››', '›').replaceAll('>>', '>'))
    .filter(part => part.trim() !== '')
    .map(part => cut(part, 60))

function detailsIn(cell: string): Read {
  try {
    const details: unknown = JSON.parse(cell)
    if (typeof details === 'object' && details !== null && !Array.isArray(details)) return { value: { details } }
  } catch {
    // Told below.
  }
  return { wrong: 'cannot be read: leave this column out, or take it as it was written out' }
}

/** What no column says, as far as the name or the kind says it in words. */
function completed(
  cells: Record<string, unknown>,
  said: ReadonlyMap<Field, string>,
  { today }: TableHabits,
): TableThing {
  const { L, a, b, ...rest } = cells
  const thing = rest as unknown as TableThing
  if (L !== undefined) thing.lab = { L: L as number, a: a as number, b: b as number }
  // "Angled liner" of the category "Brushes" is an angled brush.
  const read = readLine(`${thing.name} ${said.get('kind') ?? ''}`, 0, today)
  const kind = kindOf(said, read, today)
  if (kind !== undefined) thing.kind = kind
  if (!read || said.has('id')) return thing
  const guessed: Partial<Record<keyof TableThing, unknown>> = {
    level: read.level,
    family: read.family,
    finish: read.finish,
    coverage: read.coverage,
    depth: read.depth,
    undertone: read.undertone,
    shape: read.shape,
    ...(thing.size === undefined ? { size: read.size, measure: read.measure } : {}),
    ...(read.count > 1 ? { count: read.count } : {}),
  }
  for (const [field, value] of Object.entries(guessed))
    if (value !== null && !(field in thing)) Object.assign(thing, { [field]: value })
  return thing
}

function kindOf(said: ReadonlyMap<Field, string>, both: ReadThing | null, today: string): OwnedKind | undefined {
  const cell = said.get('kind')?.trim() ?? ''
  const exact = OWNED_KINDS.find(k => k === cell.toLowerCase())
  if (exact) return exact
  // "Brushes" as a category says less than "angled liner" as a name, and more than a name nobody knows.
  if (!both?.kind && cell) return readLine(cell, 0, today)?.kind ?? undefined
  return both?.kind ?? undefined
}
