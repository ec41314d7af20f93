import { createHash } from 'node:crypto'
import { dayOf } from '#shared/checks/parse'
import { nearestPossible, slipOf } from '#core/colour/possible'
import type { Lab } from '#core/colour/lab'
import { typicalSkin } from '#core/complexion/skins/skin'
import { CLEAR_LAB } from '#core/product/item'
import { Consultation, OccasionInput } from '#shared/records/method/consultation'
import * as stored from '#shared/records/record/stored'

import { isPlainObject, type Dto } from '#shared/checks/shape'
import { check, type Issue } from '#shared/checks/validate'
import { giveTurn } from '../../db/turns'
import { now } from './clock'

/*
 * Rows from the database, checked against their classes. An invalid row is quarantined here, in the one place
 * every list, plan and page reads through.
 */

interface Sort {
  dto: Dto
  /** What it is called when it is named: "The bottle". */
  word: string
  /** Which field says its name. */
  named?: string
}

export const SORTS = {
  product: { dto: stored.StoredProduct, word: 'The bottle', named: 'shade' },
  gear: { dto: stored.StoredGear, word: 'The thing', named: 'shade' },
  place: { dto: stored.StoredPlace, word: 'The place', named: 'name' },
  unit: { dto: stored.StoredUnit, word: 'A bottle of the kit', named: 'label' },
  fill: { dto: stored.StoredFill, word: 'What is in a bottle of the kit' },
  offer: { dto: stored.StoredOffer, word: 'The offer', named: 'id' },
  supplier: { dto: stored.StoredSupplier, word: 'The supplier', named: 'name' },
  face: { dto: stored.StoredFace, word: 'The face', named: 'name' },
  reading: { dto: stored.StoredReading, word: 'A reading of a skin' },
  recipe: { dto: stored.StoredRecipe, word: 'A saved recipe' },
  seen: { dto: stored.StoredSeen, word: 'What was seen of a mix' },
  history: { dto: stored.StoredHistory, word: 'An entry of a face’s history' },
  standard: { dto: stored.StoredStandard, word: 'A standard of yours' },
  standingList: { dto: stored.StoredStandingList, word: 'A standing list' },
  job: { dto: stored.StoredJob, word: 'The job', named: 'name' },
  tick: { dto: stored.StoredTick, word: 'What was ticked on a job' },
  booking: { dto: stored.StoredBooking, word: 'A booking' },
  plan: { dto: stored.StoredPlan, word: 'A kept plan' },
  planBody: { dto: stored.StoredPlanBody, word: 'A kept plan' },
  picture: { dto: stored.StoredPicture, word: 'A picture' },
  palette: { dto: stored.StoredPaletteTest, word: 'A palette test' },
  flash: { dto: stored.StoredFlashTest, word: 'A flash test' },
  mix: { dto: stored.StoredMix, word: 'A measured mix' },
  purchase: { dto: stored.StoredPurchase, word: 'A purchase list' },
  line: { dto: stored.StoredPurchaseLine, word: 'A line of a purchase list' },
} as const satisfies Record<string, Sort>
export type SortName = keyof typeof SORTS

export const isSort = (text: string): text is SortName => Object.hasOwn(SORTS, text)

type Row = Record<string, unknown>

const sortOf = (sort: SortName): Sort => SORTS[sort]

/** A row as its class sees it: three columns are one colour. */
function plainOf(row: Row): Row {
  if (!('L' in row && 'a' in row && 'b' in row)) return row
  const { L, a, b, ...rest } = row
  const hasNone =
    L === null && a === null && b === null && (row.colourSource === 'clear' || row.colourSource === 'unknown')
  return { ...rest, lab: hasNone ? { ...CLEAR_LAB } : { L, a, b } }
}

/** The sort of a row by its table; null where no class says what it may be. */
export function sortOfTable(table: string, row: Row): SortName | null {
  if (table === 'products') return row.sort === 'cosmetic' ? 'product' : 'gear'
  return OF_TABLE[table] ?? null
}
const OF_TABLE: Readonly<Record<string, SortName>> = {
  places: 'place',
  units: 'unit',
  fills: 'fill',
  faces: 'face',
  readings: 'reading',
  recipes: 'recipe',
  seenVerdicts: 'seen',
  faceHistory: 'history',
  standards: 'standard',
  standingLists: 'standingList',
  jobs: 'job',
  ticks: 'tick',
  bookings: 'booking',
  plans: 'plan',
  pictures: 'picture',
  paletteTests: 'palette',
  flashTests: 'flash',
  measuredMixes: 'mix',
  purchases: 'purchase',
  purchaseLines: 'line',
}

/** What is wrong with a row that is to be written. */
export function faultsIn(sort: SortName, row: Row): Issue[] {
  const checked = check(sortOf(sort).dto, plainOf(row))
  return checked.ok ? [] : checked.issues
}

const seen = new Map<string, { print: string; issues: Issue[] }>()
const quarantine = new Map<string, { sort: SortName; row: Row; issues: Issue[] }>()
const KEPT = 50_000

/** The rows that are valid by their class, in their order; the others are quarantined. A row is checked once until it changes. */
export async function validRows<T extends object>(sort: SortName, rows: readonly T[]): Promise<T[]> {
  const good: T[] = []
  for (const row of rows) {
    if (issuesOf(sort, row as Row).length === 0) good.push(row)
    // Checking a row takes about 0.1 ms, and everybody else waits meanwhile.
    await giveTurn()
  }
  return good
}

const keyOf = (sort: SortName, { id }: Row) => `${sort} ${typeof id === 'string' ? id : JSON.stringify(id)}`

function issuesOf(sort: SortName, row: Row): Issue[] {
  const key = keyOf(sort, row)
  const print = printOf(sort, row)
  const before = seen.get(key)
  if (before?.print === print) return before.issues
  const issues = faultsIn(sort, row)
  if (seen.size >= KEPT) seen.clear()
  seen.set(key, { print, issues })
  if (issues.length > 0) quarantine.set(key, { sort, row, issues })
  else quarantine.delete(key)
  return issues
}

/** A row in few letters, so that it is known when it has changed. */
function printOf(sort: SortName, row: Row): string {
  // The body of a plan is large and never changes: that it can be drawn is quicker asked than its letters are counted.
  const said = sort === 'planBody' ? { ...row, plan: stored.isFacePlan(row.plan) } : row
  return createHash('sha1').update(JSON.stringify(said)).digest('base64')
}

/** Takes a row out of quarantine: it was put right or deleted. */
export function release(sort: SortName, id: string): void {
  quarantine.delete(keyOf(sort, { id }))
  seen.delete(keyOf(sort, { id }))
}

/** Empties the quarantine: everything is about to be read anew. */
export function forgetQuarantine(): void {
  quarantine.clear()
  seen.clear()
}

/** A value in words: colours by their figures, an absent value as "left empty". */
function short(value: unknown): string {
  if (value === null || value === undefined) return 'left empty'
  if (isPlainObject(value) && 'L' in value) {
    const { L, a, b } = value as unknown as Lab
    const figure = (v: unknown) => (typeof v === 'number' && Number.isFinite(v) ? String(Math.round(v * 10) / 10) : '?')
    return `L* ${figure(L)}, a* ${figure(a)}, b* ${figure(b)}`
  }
  if (isPlainObject(value)) return 'as it usually is'
  const text = typeof value === 'string' ? value : JSON.stringify(value)
  return text.length > 60 ? `${text.slice(0, 57)}…` : text
}

function nameOf(sort: SortName, row: Row): string {
  const { word, named } = sortOf(sort)
  const name = named ? row[named] : undefined
  return typeof name === 'string' && name.trim() ? `${word} ${short(name)}` : word
}

/** Every quarantined row so far, described for the artist. */
export const quarantined = (): stored.SetAside[] =>
  [...quarantine.values()].map(({ sort, row, issues }) => ({
    sort,
    id: typeof row.id === 'string' ? row.id : '',
    name: nameOf(sort, row),
    issues,
    canReturn: 'deletedAt' in row,
    proposal: proposalFor(sort, row, issues),
    record: null,
  }))

function proposalFor(sort: SortName, row: Row, issues: readonly Issue[]): stored.SetAside['proposal'] {
  const mends = mended(sort, row, issues)
  return mends?.map(({ field, from, to }) => ({ field, from: short(from), to: short(to) })) ?? null
}

export interface Mend {
  field: string
  from: unknown
  to: unknown
}

/** What can stand where nothing usable does, for fields without a default of their own. */
const INSTEAD: Record<string, unknown> = {
  name: 'Without a name',
  shade: 'Without a name',
  kind: 'foundation',
  source: 'typed',
  seen: 'right',
  // Hardly known at all.
  covariance: [36, 0, 0, 16, 0, 16],
  names: {},
  deltaE: 0,
  chance: 0,
  consultation: new Consultation(),
  occasion: new OccasionInput(),
  conditions: new OccasionInput(),
  traits: {},
}
const STAMPS = ['createdAt', 'takenAt', 'savedAt', 'seenAt', 'at']

// Putting one field right may show that another is wrong too.
const ROUNDS = 3

/** The fields a row needs changed to be what its class says, with the least that does; undefined where that is not known. */
export function mended(sort: SortName, row: Row, issues: readonly Issue[]): Mend[] | undefined {
  if (typeof row.id !== 'string') return undefined
  const before = plainOf(row)
  const usual = new (sortOf(sort).dto)() as Row
  const mends = new Map<string, Mend>()
  let wrong = issues
  for (let round = 0; round < ROUNDS && wrong.length > 0; round++) {
    for (const field of new Set(wrong.map(i => /^[^.[]+/.exec(i.path)?.[0] ?? ''))) {
      if (field === '' || field === 'id' || mends.has(field)) return undefined
      mends.set(field, { field, from: before[field], to: instead(field, before[field], usual[field]) })
    }
    const after = { ...before, ...Object.fromEntries([...mends.values()].map(m => [m.field, m.to])) }
    const checked = check(sortOf(sort).dto, after)
    wrong = checked.ok ? [] : checked.issues
  }
  return wrong.length === 0 ? [...mends.values()] : undefined
}

function instead(field: string, from: unknown, usual: unknown): unknown {
  if (field === 'lab') return colourFor(from)
  if (STAMPS.includes(field)) return dayOf(from) ?? now()
  return usual ?? INSTEAD[field] ?? null
}

function colourFor(value: unknown): Lab {
  const { L, a, b } = (value ?? {}) as Partial<Record<keyof Lab, unknown>>
  const isColour = [L, a, b].every(v => typeof v === 'number' && Number.isFinite(v) && Math.abs(v) <= 200)
  const lab = { L, a, b } as Lab
  return isColour ? (slipOf(lab) ?? nearestPossible(lab)) : typicalSkin(5, 'neutral')
}

/** A quarantined row, to be put right. */
export const quarantinedRow = (sort: SortName, id: string) => quarantine.get(keyOf(sort, { id }))
