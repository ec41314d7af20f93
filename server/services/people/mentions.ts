import { getTableColumns, like, or, sql, type SQL } from 'drizzle-orm'
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core'
import { finderOf, likePattern, partsOf, renamed } from '#shared/nameIn'
import type { Mention } from '#shared/records/people/forgetting'
import type { db } from '../../db/connection'
import * as tables from '../../db/schema'
import { markOf, withNames } from '../record/namesInReasons'

/*
 * Where a person is named in what somebody wrote: names of jobs and places, notes, wishes of others, typed reasons. Their own rows are not
 * looked through: those go as a whole.
 */

type Reader = Pick<typeof db, 'select'>
type Row = Record<string, unknown>

interface Texts {
  /** Columns somebody writes into; of one that holds JSON every text in it. */
  columns: readonly string[]
  /** What the row is, in words: "the job Market day". */
  where: (row: Row) => string
}
const called = (word: string, field: string) => (row: Row) =>
  typeof row[field] === 'string' && row[field] ? `${word} ${row[field]}` : word
const of = (word: string) => (row: Row) => (typeof row.faceId === 'string' ? `${word} of ${markOf(row.faceId)}` : word)

/** Every column with free text. A test holds this against the schema, so that none is forgotten. */
export const TEXTS: Readonly<Partial<Record<keyof typeof tables, Texts>>> = {
  jobs: {
    columns: ['name', 'place', 'notes', 'conditions', 'morning', 'quote', 'wrap', 'houseRules'],
    where: called('the job', 'name'),
  },
  bookings: { columns: ['services', 'differs', 'chair'], where: of('the booking') },
  faces: {
    columns: ['wishes', 'notes', 'consultation'],
    where: row => `the record of ${markOf(String(row.id))}`,
  },
  readings: { columns: ['note'], where: of('a reading') },
  recipes: { columns: ['note'], where: of('a recipe') },
  faceHistory: { columns: ['note'], where: of('the history') },
  pictures: { columns: ['note'], where: of('a picture') },
  plans: { columns: ['occasion', 'agreed', 'change'], where: of('a plan') },
  planBodies: { columns: ['overrides'], where: () => 'the reasons of a plan' },
  ticks: { columns: ['text'], where: () => 'a note at the chair' },
  places: { columns: ['name'], where: called('the place', 'name') },
  products: { columns: ['brand', 'range', 'shade'], where: called('the product', 'shade') },
  units: { columns: ['notes', 'label', 'why'], where: () => 'a thing in the kit' },
  fills: { columns: ['batch'], where: () => 'the batch of a bottle' },
  uses: { columns: ['note'], where: () => 'the log of uses' },
  purchaseLines: { columns: ['reason'], where: () => 'a purchase list' },
  paletteTests: { columns: ['a', 'b', 'after'], where: () => 'a palette test' },
  flashTests: { columns: ['note'], where: () => 'a flash test' },
  settings: { columns: ['value'], where: () => 'the methods' },
  standards: { columns: ['value'], where: () => 'a standard' },
  standingLists: { columns: ['name'], where: called('the list', 'name') },
}

/** What is written in a column, where the row has several. */
const FIELDS: Readonly<Record<string, string>> = {
  place: 'where it is',
  notes: 'notes',
  wishes: 'wishes',
  quote: 'the quote',
  wrap: 'the wrap',
  services: 'what is done',
  houseRules: 'house rules',
  consultation: 'answers',
}

// One shape for all tables; nothing but its columns is asked of any.
export const tableOf = (name: string) => tables[name as 'jobs']
export const keyColumn = (name: string): SQLiteColumn =>
  name === 'planBodies' ? tables.planBodies.planId : tableOf(name).id
export const keyField = (name: string) => (name === 'planBodies' ? 'planId' : 'id')

/** Rows in one of whose columns a part of the name may stand. */
async function candidates(
  from: Reader,
  name: string,
  columns: readonly string[],
  parts: readonly string[],
): Promise<Row[]> {
  const all = getTableColumns(tableOf(name)) as unknown as Record<string, SQLiteColumn>
  const any = columns.flatMap(c => parts.map(part => like(sql`${all[c]!}`, likePattern(part))))
  const { bytes: _bytes, plan: _plan, ...read } = all
  return (await from
    .select(read as { id: SQLiteColumn })
    .from(tableOf(name))
    .where(or(...any))) as Row[]
}

/** A text in a row: the column, and in JSON the way to it. */
interface Found {
  path: string[]
  text: string
}
function* textsIn(value: unknown, path: string[]): Generator<Found> {
  if (typeof value === 'string') yield { path, text: value }
  else if (value !== null && typeof value === 'object')
    for (const [key, inside] of Object.entries(value)) yield* textsIn(inside, [...path, key])
}

/** Whose row it is. */
const ownerOf = (name: string, row: Row): unknown =>
  name === 'faces' ? row.id : (row.faceId ?? row.ownerFaceId ?? null)

/** Ids of what goes with them, where the row itself does not say whose it is. */
async function theirsAmong(from: Reader, faceId: string): Promise<ReadonlySet<string>> {
  const plans = await from
    .select({ id: tables.plans.id })
    .from(tables.plans)
    .where(sql`face_id = ${faceId}`)
  const bookings = await from
    .select({ id: tables.bookings.id })
    .from(tables.bookings)
    .where(sql`face_id = ${faceId}`)
  return new Set([...plans, ...bookings].map(r => r.id))
}

export interface Place extends Mention {
  table: string
  id: string
  path: string[]
}

export const SOMEBODY = 'somebody'

/**
 * Every text that names somebody, with what could stand there instead.
 * @param nameOf names of others, for telling whose a text is
 */
export async function placesOf(
  from: Reader,
  { id: faceId, name }: { id: string; name: string },
  others: readonly { id: string; name: string }[],
): Promise<Place[]> {
  const parts = partsOf(name)
  if (parts.length === 0) return []
  const names = new Map(others.map(o => [o.id, o.name]))
  const isOther = new Set(others.flatMap(o => partsOf(o.name)).map(p => p.toLowerCase()))
  const theirs = await theirsAmong(from, faceId)
  const found: Place[] = []
  for (const [table, { columns, where }] of Object.entries(TEXTS)) {
    for (const row of await candidates(from, table, columns, parts)) {
      const id = String(row[keyField(table)])
      if (ownerOf(table, row) === faceId || theirs.has(id)) continue
      if (table === 'ticks' && [...theirs].some(t => String(row.key).includes(t))) continue
      for (const column of columns)
        for (const { path, text } of textsIn(row[column], [column])) {
          const said = [...text.normalize('NFC').matchAll(finderOf(parts))].map(m => m[0].toLowerCase())
          if (said.length === 0) continue
          found.push({
            ...{ table, id, path, text },
            key: [table, id, ...path].map(encodeURIComponent).join('/'),
            where: [withNames(where(row), names), FIELDS[column]].filter(Boolean).join(': '),
            proposal: renamed(text, parts, SOMEBODY),
            // Where somebody else has that name too, it may well be them who is meant.
            mayBeAnother: said.every(s => isOther.has(s)),
          })
        }
    }
  }
  return found
}

/** Acts in the history that name them, by id. */
export async function actsNaming(from: Reader, name: string): Promise<number[]> {
  const parts = partsOf(name)
  if (parts.length === 0) return []
  const { changes } = tables
  const any: SQL[] = parts.flatMap(p => [
    like(changes.words, likePattern(p)),
    like(sql`${changes.rows}`, likePattern(p)),
  ])
  const rows = await from
    .select({ id: changes.id })
    .from(changes)
    .where(or(...any))
  const naming: number[] = []
  for (const { id } of rows) {
    // One by one: what an act wrote may be large.
    const [act] = await from
      .select()
      .from(changes)
      .where(sql`id = ${id}`)
    if (act && [...textsIn([act.words, act.rows], [])].some(t => finderOf(parts).test(t.text.normalize('NFC'))))
      naming.push(id)
  }
  return naming
}
