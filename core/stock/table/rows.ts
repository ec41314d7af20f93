import type { Coverage, Family } from '../../complexion/bottles/product'
import { COVERAGES, FAMILIES } from '../../complexion/bottles/product'
import { UNDERTONES, type Undertone } from '../../complexion/skins/skin'
import { FINISHES, type Finish, type Resistance, type Texture } from '../../product/item'
import { barcodeProblem } from '../labels/barcode'
import type { Under } from '../list/lines/heading'
import type { ReadThing } from '../list/readLine'
import { thingsOf } from '../list/thingsOf'
import type { UnsafePlace } from '../list/unsafe'
import { cut } from '../list/words'
import { BRUSH_SHAPES, inDepth, OWNED_KINDS, type BrushShape, type OwnedKind } from '../things/kinds'
import { UNIT_ROLES, type Measure, type UnitRole } from '../things/things'
import { asidesIn } from './asides'
import {
  coverageIn,
  dayIn,
  depthIn,
  familyIn,
  finishIn,
  levelIn,
  measureIn,
  numberIn,
  priceIn,
  shapeIn,
  sizeIn,
  undertoneIn,
  type CellHabits,
} from './cells'
import { titleOf, type Field, type Mapping } from './fields'
import { fromHarmless } from './harmless'
import { shadesIn } from './shadeCell'

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
  /** What the name says of its form. */
  texture?: Texture
  resists?: Resistance[]
  spf?: number
  /** Places of a face it must be kept from, as far as its name says. */
  unsafeFor?: UnsafePlace[]
  /** What it is was guessed: it is kept from the eyes until the artist has looked. */
  isGuess?: boolean
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

/** What is wrong with one cell: it is left out, and the rest of its row is taken. */
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
  /** By row. A row without a name is not among the things. */
  problems: CellProblem[]
  /** Headings, totals and remarks among the rows: no things. */
  asides: string[]
  /** Currencies of prices that have no exchange rate yet. */
  currencies: string[]
}

const LONGEST = { name: 80, brand: 60, range: 60, notes: 500, label: 60, why: 200, batch: 40, palette: 80 } as const

/** What a cell is read as, or what is wrong with it. */
type Read = { value: unknown } | { wrong: string }
const or = (value: unknown, wrong: string): Read => (value === undefined ? { wrong } : { value })
const text = (cell: string, most: number): Read =>
  cell.length <= most ? { value: cell } : { wrong: `is longer than ${most} characters: shorten it` }
const known = (value: unknown, cell: string, words: readonly string[]): Read =>
  or(value, `is “${cell}”: it can be ${words.join(', ')}`)
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
  const asides = isExport ? new Map<number, Under | null>() : asidesIn(rows, mapping.indexOf('name'))
  const told: string[] = []
  let under: Under | null = null
  for (const [i, cells] of rows.entries()) {
    if (cells.every(c => c.trim() === '')) continue
    if (asides.has(i)) {
      under = asides.get(i) ?? under
      told.push(cells.filter(c => c.trim() !== '').join(' '))
      continue
    }
    const row = i + 1
    const said = new Map<Field, string>()
    for (const [at, field] of mapping.entries()) {
      const cell = fromHarmless(cells[at] ?? '')
      if (field && (isExport ? cell : cell.trim()) !== '') said.set(field, isExport ? cell : cell.trim())
    }
    const thing: Record<string, unknown> = { row }
    for (const [field, cell] of said) {
      const read = readCell(field, cell, habits, currencies)
      if ('wrong' in read) problems.push({ row, field, message: `${titleOf(field)} ${read.wrong}.` })
      else Object.assign(thing, read.value)
    }
    if (!said.has('name')) problems.push({ row, field: 'name', message: 'The row has no name: it is left out.' })
    if ([thing.L, thing.a, thing.b].filter(v => v !== undefined).length % 3 !== 0)
      problems.push({ row, field: 'L', message: 'A colour needs all three of L*, a* and b*.' })
    if (said.has('name')) things.push(...completed(thing, said, under, habits))
  }
  return { things, problems, asides: told, currencies: [...currencies].sort() }
}

/** What one cell says, as fields of a thing. */
function readCell(field: Field, cell: string, habits: TableHabits, currencies: Set<string>): Read {
  const as = (read: Read, key: string = field): Read => ('wrong' in read ? read : { value: { [key]: read.value } })
  switch (field) {
    // Said of the name, below.
    case 'kind':
    case 'shade':
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
      return as(known(shapeIn(cell), cell, BRUSH_SHAPES))
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
      return as(or(depthIn(cell), `is “${cell}”: a number from 1 to 12, or a word such as light or deep, is needed`))
    case 'undertone':
      return as(known(undertoneIn(cell), cell, UNDERTONES))
    case 'L':
      return as(within(numberIn(cell), 0, 100, cell))
    case 'a':
    case 'b':
      return as(within(numberIn(cell), -128, 127, cell))
    case 'coverage':
      return as(known(coverageIn(cell), cell, COVERAGES))
    case 'family':
      return as(known(familyIn(cell), cell, FAMILIES))
    case 'finish':
      return as(known(finishIn(cell), cell, FINISHES))
    case 'percent':
      return as(within(numberIn(cell.replace('%', '')), 0, 100, cell))
    case 'barcode': {
      const figures = cell.replace(/[\s-]/g, '')
      const problem = barcodeProblem(figures)
      return problem ? { wrong: `is “${cell}”: ${problem}` } : { value: { barcode: figures } }
    }
    case 'role':
      return as(
        known(
          UNIT_ROLES.find(r => r === cell.trim().toLowerCase()),
          cell,
          UNIT_ROLES,
        ),
      )
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

/** What no column says, as far as the name, the kind or the heading above says it in words; a thing for each shade of the row. */
function completed(
  cells: Record<string, unknown>,
  said: ReadonlyMap<Field, string>,
  under: Under | null,
  { today }: TableHabits,
): TableThing[] {
  const { L, a, b, ...rest } = cells
  const whole = rest as unknown as TableThing
  if (L !== undefined && a !== undefined && b !== undefined)
    whole.lab = { L: L as number, a: a as number, b: b as number }
  const cell = said.get('shade') ?? ''
  const shades = said.has('id') ? [] : shadesIn(cell)
  const besides = shades.length === 0 ? cell : ''
  const many = shades.length > 1 ? { count: 1 } : {}
  if (shades.length === 0) return [asSaid({ ...whole, name: named(whole.name, besides) }, said, under, today)]
  return shades.map(shade => {
    const one = asSaid({ ...whole, ...many, name: named(whole.name, shade) }, said, under, today)
    // Shades of a range mix with each other until they are seen to separate.
    return one.kind && inDepth(one.kind) && one.range === undefined
      ? { ...one, range: cut(whole.name, LONGEST.range) }
      : one
  })
}
const named = (name: string, shade: string) =>
  cut(shade === '' || shade === name ? name : `${name} ${shade}`, LONGEST.name)

function asSaid(thing: TableThing, said: ReadonlyMap<Field, string>, under: Under | null, today: string): TableThing {
  const spoken = (line: string): ReadThing | null => thingsOf(line.replace(/[,;]/g, ' '), 0, under, today)[0] ?? null
  // "Angled liner" of the category "Brushes" is an angled brush.
  const read = spoken(`${thing.name} ${said.get('kind') ?? ''}`)
  const kind = kindOf(said, read, spoken)
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
    texture: read.texture,
    spf: read.spf,
    resists: read.resists.length > 0 ? read.resists : null,
    unsafeFor: read.unsafeFor.length > 0 ? read.unsafeFor : null,
    isGuess: read.doubtful.length > 0 && said.get('kind') === undefined ? true : null,
    ...(thing.size === undefined ? { size: read.size, measure: read.measure } : {}),
    ...(read.count > 1 ? { count: read.count } : {}),
  }
  for (const [field, value] of Object.entries(guessed))
    if (value !== null && !(field in thing)) Object.assign(thing, { [field]: value })
  return thing
}

function kindOf(
  said: ReadonlyMap<Field, string>,
  both: ReadThing | null,
  spoken: (line: string) => ReadThing | null,
): OwnedKind | undefined {
  const cell = said.get('kind')?.trim() ?? ''
  const exact = OWNED_KINDS.find(k => k === cell.toLowerCase())
  if (exact) return exact
  // "Brushes" as a category says less than "angled liner" as a name, and more than a name nobody knows.
  if (!both?.kind && cell) return spoken(cell)?.kind ?? undefined
  return both?.kind ?? undefined
}
