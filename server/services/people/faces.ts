import { and, desc, eq, inArray, isNull, sql, type AnyColumn } from 'drizzle-orm'
import { verdictOf } from '#core/complexion/mixing/recipe'
import { Consultation, type ConsultationInput } from '#shared/records/method/consultation'
import type {
  ComplaintInput,
  Face,
  FaceInput,
  FaceReading,
  HistoryEntry,
  HistoryInput,
  NewFaceInput,
  ReadingInput,
  RecordInput,
  SavedRecipe,
  SavedRecipeInput,
  SeenVerdict,
} from '#shared/records/people/faces'
import { db, type Transaction } from '../../db/connection'
import {
  faceHistory,
  faces,
  fills,
  labOf,
  pictures,
  plans,
  products,
  readings,
  recipes,
  seenVerdicts,
  uses,
} from '../../db/schema'
import { allThere, BadInput, Conflict, Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { bookFace, bookingsOf } from '../jobs/jobs'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { broughtBy } from '../kit/owned'
import { markOf } from '../record/namesInReasons'
import { planLineOf } from './planLine'
import { present } from '../record/present'
import { validRows, type SortName } from '../record/validRows'

const readingOf = ({
  L,
  a,
  b,
  deletedAt: _gone,
  faceId: _face,
  ...row
}: typeof readings.$inferSelect): FaceReading => ({ ...row, lab: labOf({ L, a, b }) })
const recipeOf = ({ L, a, b, deletedAt: _gone, faceId: _face, ...row }: typeof recipes.$inferSelect): SavedRecipe => ({
  ...row,
  lab: labOf({ L, a, b }),
})
const seenOf = ({ faceId: _face, ...row }: typeof seenVerdicts.$inferSelect): SeenVerdict => row

type FaceRow = typeof faces.$inferSelect
/** What was asked so far; what was not has its default. */
export const consultationOf = ({ consultation }: Pick<FaceRow, 'consultation'>): Consultation => ({
  ...new Consultation(),
  ...consultation,
})
const historyOf = ({ faceId: _face, ...row }: typeof faceHistory.$inferSelect): HistoryEntry => row

function groupBy<T extends { faceId: string }>(rows: readonly T[]): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const row of rows) {
    const group = groups.get(row.faceId)
    if (group) group.push(row)
    else groups.set(row.faceId, [row])
  }
  return groups
}

type Reader = Pick<typeof db, 'select'>
const newest = desc(sql`rowid`)

const grouped = async <T extends { faceId: string }>(sort: SortName, rows: Promise<readonly T[]>) =>
  groupBy(await validRows(sort, await rows))

/** Products that were used on these faces, from the log. */
async function usedOn(from: Reader, ids: readonly string[]): Promise<Map<string, HistoryEntry[]>> {
  const rows = await from
    .select({ id: uses.id, faceId: uses.faceId, productId: fills.productId, note: uses.note, at: uses.at })
    .from(uses)
    .innerJoin(fills, eq(uses.fillId, fills.id))
    .where(inArray(uses.faceId, [...ids]))
    .orderBy(desc(uses.at), desc(sql`uses.rowid`))
  const entries = rows.map(({ faceId, ...row }) => ({ ...row, faceId: faceId!, what: 'used' as const }))
  const used = await grouped('history', Promise.resolve(entries))
  return new Map([...used].map(([id, list]) => [id, list.map(({ faceId: _face, ...entry }) => entry)]))
}

const latestFirst = (x: { at: string }, y: { at: string }) => (x.at < y.at ? 1 : x.at > y.at ? -1 : 0)

async function assemble(from: Reader, all: readonly FaceRow[]): Promise<Face[]> {
  const rows = await validRows('face', all)
  const ids = rows.map(r => r.id)
  if (ids.length === 0) return []
  const of = (table: { faceId: AnyColumn; deletedAt?: AnyColumn }) =>
    and(inArray(table.faceId, ids), table.deletedAt && isNull(table.deletedAt))
  const read = await grouped('reading', from.select().from(readings).where(of(readings)).orderBy(newest))
  const saved = await grouped('recipe', from.select().from(recipes).where(of(recipes)).orderBy(newest))
  const seen = await grouped('seen', from.select().from(seenVerdicts).where(of(seenVerdicts)).orderBy(newest))
  const past = await grouped('history', from.select().from(faceHistory).where(of(faceHistory)).orderBy(newest))
  const planned = await grouped('plan', from.select().from(plans).where(of(plans)).orderBy(newest))
  const { id, faceId, note, createdAt } = pictures
  const shown = await grouped(
    'picture',
    from.select({ id, faceId, note, createdAt }).from(pictures).where(of(pictures)).orderBy(newest),
  )
  const used = await usedOn(from, ids)
  const brought = await broughtBy(from, ids)
  const booked = await bookingsOf(from, ids)
  return rows.map(({ deletedAt: _gone, ...row }) => ({
    ...row,
    consultation: consultationOf(row),
    history: [...(past.get(row.id) ?? []).map(historyOf), ...(used.get(row.id) ?? [])].sort(latestFirst),
    plans: (planned.get(row.id) ?? []).map(planLineOf),
    pictures: (shown.get(row.id) ?? []).map(({ faceId: _face, ...p }) => p),
    own: brought.get(row.id) ?? [],
    readings: (read.get(row.id) ?? []).map(readingOf),
    recipes: (saved.get(row.id) ?? []).map(recipeOf),
    seen: (seen.get(row.id) ?? []).map(seenOf),
    bookings: booked.get(row.id) ?? [],
  }))
}

export async function allFaces(): Promise<Face[]> {
  return assemble(db, await db.select().from(faces).where(isNull(faces.deletedAt)).orderBy(faces.name, faces.id))
}

const AT_ONCE = 10
/** Reads every face, so many at a time, so that what cannot be used is known; nothing of it is held. */
export async function readAllFaces(rest: () => Promise<void>): Promise<void> {
  const ids = (await db.select({ id: faces.id }).from(faces).where(isNull(faces.deletedAt))).map(r => r.id)
  for (let i = 0; i < ids.length; i += AT_ONCE) {
    const some = ids.slice(i, i + AT_ONCE)
    await assemble(db, await db.select().from(faces).where(inArray(faces.id, some)))
    await rest()
  }
}

const rowOf = async (from: Reader, id: string): Promise<FaceRow | undefined> =>
  (
    await from
      .select()
      .from(faces)
      .where(and(eq(faces.id, id), isNull(faces.deletedAt)))
  )[0]

/** @throws Missing for a face that is not there any more; Conflict for one that cannot be used */
export async function faceById(id: string, from: Reader = db): Promise<Face> {
  const row = await rowOf(from, id)
  if (!row) throw new Missing('This face')
  const [face] = await assemble(from, [row])
  if (!face) throw new Conflict('It cannot be used as it stands: the Bench says what is wrong with it.')
  return face
}

const faceColumns = ({ name, ageBand, skinType, coverage, finish, wishes, notes }: FaceInput) => ({
  name,
  ageBand,
  skinType,
  coverage,
  finish,
  wishes,
  notes,
})

export function addFace({ consultation, booking, ...input }: NewFaceInput): Promise<Face> {
  return command(
    face => `${markOf(face.id)} is on record.`,
    async act => {
      const id = newId()
      const answers = consultation ? { consultation } : {}
      await act.insert('faces', { id, createdAt: now(), ...faceColumns(input), ...answers })
      if (booking) await bookFace(act, id, booking)
      return faceById(id, act.tx)
    },
  )
}

async function writeFace(
  act: Act,
  id: string,
  madeFrom: number | undefined,
  set: Partial<typeof faces.$inferInsert>,
): Promise<Face> {
  const before = await faceById(id, act.tx)
  expectVersion(before.name, before, madeFrom)
  await act.update('faces', id, set)
  return faceById(id, act.tx)
}

export function changeFace(id: string, input: FaceInput): Promise<Face> {
  return command(`${markOf(id)} is changed.`, act => writeFace(act, id, input.version, faceColumns(input)))
}

export function changeConsultation(id: string, { version, ...consultation }: ConsultationInput): Promise<Face> {
  return command(`The record of ${markOf(id)} is kept.`, act => writeFace(act, id, version, { consultation }))
}

/** What the person is and wishes for together with their answers. */
export function changeRecord(id: string, { face, consultation }: RecordInput): Promise<Face> {
  return command(`The record of ${markOf(id)} is kept.`, act =>
    writeFace(act, id, face.version, { ...faceColumns(face), consultation }),
  )
}

/** Keeps what became of a product on this face: that it was used in the log, anything else as a word on it. */
export function addHistory(faceId: string, { productId, what, note }: HistoryInput): Promise<HistoryEntry> {
  return command('It is remembered.', async act => {
    await present(act.tx, faceId)
    const [known] = await act.tx.select({ id: products.id }).from(products).where(eq(products.id, productId))
    if (!known) throw new BadInput([{ path: 'productId', message: 'is no product of this kit' }])
    const entry = { id: newId(), productId, what, note, at: now() }
    const [fill] = await act.tx
      .select({ id: fills.id, unitId: fills.unitId })
      .from(fills)
      .where(eq(fills.productId, productId))
      .limit(1)
    if (what === 'used' && fill)
      await act.insert('uses', { id: entry.id, at: entry.at, fillId: fill.id, unitId: fill.unitId, faceId, note })
    else await act.insert('faceHistory', { ...entry, faceId })
    return entry
  })
}

export function removeHistory(id: string): Promise<{ id: string }> {
  return command('It is no longer remembered.', async act => {
    const row = (await act.remove('faceHistory', id)) ?? (await act.remove('uses', id))
    if (!row) throw new Missing('This entry')
    return { id }
  })
}

export function removeFace(id: string): Promise<{ id: string }> {
  return command(`${markOf(id)} is deleted.`, async act => {
    await present(act.tx, id)
    await act.update('faces', id, { deletedAt: now() })
    return { id }
  })
}

export function addReading(faceId: string, { lab, ...input }: ReadingInput): Promise<FaceReading> {
  return command(`A reading of ${markOf(faceId)} is kept.`, async act => {
    await present(act.tx, faceId)
    return readingOf(await act.insert('readings', { id: newId(), faceId, takenAt: now(), ...labOf(lab), ...input }))
  })
}

/** Puts away something of a face that can be brought back. @throws Missing */
export function deleteFromFace(
  table: 'readings' | 'recipes' | 'plans' | 'pictures',
  id: string,
  what: string,
): Promise<{ id: string }> {
  return command(`The ${what} is deleted.`, async act => {
    if (!(await there(act.tx, table, id))) throw new Missing(`This ${what}`)
    await act.update(table, id, { deletedAt: now() })
    return { id }
  })
}

async function there(tx: Transaction, name: 'readings' | 'recipes' | 'plans' | 'pictures', id: string) {
  const table = { readings, recipes, plans, pictures }[name]
  const [row] = await tx
    .select({ id: table.id })
    .from(table)
    .where(and(eq(table.id, id), isNull(table.deletedAt)))
  return row !== undefined
}

export function saveRecipe(faceId: string, { lab, drops, ...input }: SavedRecipeInput): Promise<SavedRecipe> {
  return command(`The recipe is on the card of ${markOf(faceId)}.`, async act => {
    await present(act.tx, faceId)
    const ids = drops.map(d => d.id)
    const { id, shade } = products
    const known = await act.tx.select({ id, shade }).from(products).where(inArray(id, ids))
    allThere(ids, known, i => `drops[${i}].id`, 'is no bottle of this kit')
    const row = await act.insert('recipes', {
      id: newId(),
      faceId,
      savedAt: now(),
      drops,
      names: Object.fromEntries(known.map(k => [k.id, k.shade])),
      ...labOf(lab),
      ...input,
      verdict: verdictOf(input.deltaE),
    })
    return recipeOf(row)
  })
}

export function addSeen(faceId: string, input: ComplaintInput): Promise<SeenVerdict> {
  return command(`What was seen on ${markOf(faceId)} is noted.`, async act => {
    await present(act.tx, faceId)
    return seenOf(await act.insert('seenVerdicts', { id: newId(), faceId, seenAt: now(), ...input }))
  })
}

export function dropSeen(id: string): Promise<{ id: string }> {
  return command('What was seen is no longer noted.', async act => {
    if (!(await act.remove('seenVerdicts', id))) throw new Missing('This verdict')
    return { id }
  })
}
