import { and, desc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import { verdictOf } from '#core/complexion/recipe'
import { Consultation, OccasionInput } from '#shared/records/consultation'
import type {
  ComplaintInput,
  Face,
  FaceInput,
  FaceReading,
  HistoryEntry,
  HistoryInput,
  ReadingInput,
  SavedRecipe,
  SavedRecipeInput,
  SeenVerdict,
} from '#shared/records/faces'
import { db, write, type Transaction } from '../db/connection'
import { faceHistory, faces, labOf, pictures, plans, products, readings, recipes, seenVerdicts } from '../db/schema'
import { BadInput, Conflict, Missing } from '../utils/problems'
import { newId, now } from './clock'
import { recordOf } from './kit'
import { savedPlanOf } from './savedPlan'
import { sound, type SortName } from './sound'

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
const faceOf = (
  { deletedAt: _gone, ...row }: FaceRow,
  more: Pick<Face, 'readings' | 'recipes' | 'seen' | 'history' | 'plans' | 'own' | 'pictures'>,
): Face => ({ ...row, ...more, consultation: consultationOf(row) })
/** What was asked so far; what was not has its default. */
export function consultationOf({ consultation }: Pick<FaceRow, 'consultation'>): Consultation {
  return { ...new Consultation(), ...consultation, occasion: { ...new OccasionInput(), ...consultation.occasion } }
}
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

const grouped = async <T extends { faceId: string }>(sort: SortName, rows: readonly T[]) =>
  groupBy(await sound(sort, rows))

async function assemble(from: Reader, all: readonly FaceRow[]): Promise<Face[]> {
  const rows = await sound('face', all)
  const ids = rows.map(r => r.id)
  const read = await grouped(
    'reading',
    await from
      .select()
      .from(readings)
      .where(and(inArray(readings.faceId, ids), isNull(readings.deletedAt)))
      .orderBy(desc(sql`rowid`)),
  )
  const saved = await grouped(
    'recipe',
    await from
      .select()
      .from(recipes)
      .where(and(inArray(recipes.faceId, ids), isNull(recipes.deletedAt)))
      .orderBy(desc(sql`rowid`)),
  )
  const seen = await grouped(
    'seen',
    await from
      .select()
      .from(seenVerdicts)
      .where(inArray(seenVerdicts.faceId, ids))
      .orderBy(desc(sql`rowid`)),
  )
  const past = await grouped(
    'history',
    await from
      .select()
      .from(faceHistory)
      .where(inArray(faceHistory.faceId, ids))
      .orderBy(desc(sql`rowid`)),
  )
  const planned = await grouped(
    'plan',
    await from
      .select()
      .from(plans)
      .where(and(inArray(plans.faceId, ids), isNull(plans.deletedAt)))
      .orderBy(desc(sql`rowid`)),
  )
  const shown = await grouped(
    'picture',
    await from
      .select({ id: pictures.id, faceId: pictures.faceId, note: pictures.note, createdAt: pictures.createdAt })
      .from(pictures)
      .where(and(inArray(pictures.faceId, ids), isNull(pictures.deletedAt)))
      .orderBy(desc(sql`rowid`)),
  )
  const brought = await grouped(
    'product',
    (
      await from
        .select()
        .from(products)
        .where(and(inArray(products.ownerFaceId, ids), isNull(products.deletedAt)))
    ).map(row => ({ ...row, faceId: row.ownerFaceId! })),
  )
  return rows.map(row =>
    faceOf(row, {
      history: (past.get(row.id) ?? []).map(historyOf),
      plans: (planned.get(row.id) ?? []).map(savedPlanOf),
      pictures: (shown.get(row.id) ?? []).map(({ faceId: _face, ...p }) => p),
      own: (brought.get(row.id) ?? []).map(({ faceId: _face, ...p }) => recordOf(p)),
      readings: (read.get(row.id) ?? []).map(readingOf),
      recipes: (saved.get(row.id) ?? []).map(recipeOf),
      seen: (seen.get(row.id) ?? []).map(seenOf),
    }),
  )
}

export async function allFaces(): Promise<Face[]> {
  return assemble(db, await db.select().from(faces).where(isNull(faces.deletedAt)).orderBy(faces.name, faces.id))
}

/** @throws Missing for a face that is not there any more */
export async function faceById(id: string): Promise<Face> {
  const [face] = await assemble(
    db,
    await db
      .select()
      .from(faces)
      .where(and(eq(faces.id, id), isNull(faces.deletedAt))),
  )
  if (!face) throw new Missing('This face')
  return face
}

const faceColumns = ({ bookedOn, ...rest }: FaceInput) => ({ ...rest, bookedOn: bookedOn ?? null })

export function addFace(input: FaceInput): Promise<Face> {
  return write(async tx => {
    const [row] = await tx
      .insert(faces)
      .values({ id: newId(), createdAt: now(), ...faceColumns(input) })
      .returning()
    return faceOf(row!, { readings: [], recipes: [], seen: [], history: [], plans: [], own: [], pictures: [] })
  })
}

async function one(tx: Transaction, row: FaceRow | undefined): Promise<Face> {
  if (!row) throw new Missing('This face')
  const [face] = await assemble(tx, [row])
  if (!face) throw new Conflict('It cannot be used as it stands: the Bench says what is wrong with it.')
  return face
}

export function changeFace(id: string, input: FaceInput): Promise<Face> {
  return write(async tx => {
    const [row] = await tx
      .update(faces)
      .set(faceColumns(input))
      .where(and(eq(faces.id, id), isNull(faces.deletedAt)))
      .returning()
    return one(tx, row)
  })
}

export function changeConsultation(id: string, consultation: Consultation): Promise<Face> {
  return write(async tx => {
    const [row] = await tx
      .update(faces)
      .set({ consultation })
      .where(and(eq(faces.id, id), isNull(faces.deletedAt)))
      .returning()
    return one(tx, row)
  })
}

/** Keeps what became of a product on this face. */
export function addHistory(faceId: string, input: HistoryInput): Promise<HistoryEntry> {
  return write(async tx => {
    await present(tx, faceId)
    const [known] = await tx.select({ id: products.id }).from(products).where(eq(products.id, input.productId))
    if (!known) throw new BadInput([{ path: 'productId', message: 'is no product of this kit' }])
    const [row] = await tx
      .insert(faceHistory)
      .values({ id: newId(), faceId, at: now(), ...input })
      .returning()
    return historyOf(row!)
  })
}

export function removeHistory(id: string): Promise<HistoryEntry> {
  return write(async tx => {
    const [row] = await tx.delete(faceHistory).where(eq(faceHistory.id, id)).returning()
    if (!row) throw new Missing('This entry')
    return historyOf(row)
  })
}

export function removeFace(id: string): Promise<Face> {
  return write(async tx => {
    const [row] = await tx
      .update(faces)
      .set({ deletedAt: now() })
      .where(and(eq(faces.id, id), isNull(faces.deletedAt)))
      .returning()
    return one(tx, row)
  })
}

export function restoreFace(id: string): Promise<Face> {
  return write(async tx => {
    const [row] = await tx
      .update(faces)
      .set({ deletedAt: null })
      .where(and(eq(faces.id, id), isNotNull(faces.deletedAt)))
      .returning()
    return one(tx, row)
  })
}

/** The face that something is about to be written for. */
export async function present(tx: Transaction, faceId: string): Promise<void> {
  const [row] = await tx
    .select({ id: faces.id })
    .from(faces)
    .where(and(eq(faces.id, faceId), isNull(faces.deletedAt)))
  if (!row) throw new Missing('This face')
}

export function addReading(faceId: string, { lab, ...input }: ReadingInput): Promise<FaceReading> {
  return write(async tx => {
    await present(tx, faceId)
    const [row] = await tx
      .insert(readings)
      .values({ id: newId(), faceId, takenAt: now(), ...labOf(lab), ...input })
      .returning()
    return readingOf(row!)
  })
}

/** Puts a reading away, or back. */
export function setReadingDeleted(id: string, deleted: boolean): Promise<FaceReading> {
  return write(async tx => {
    const [row] = await tx
      .update(readings)
      .set({ deletedAt: deleted ? now() : null })
      .where(eq(readings.id, id))
      .returning()
    if (!row) throw new Missing('This reading')
    return readingOf(row)
  })
}

export function saveRecipe(faceId: string, { lab, drops, ...input }: SavedRecipeInput): Promise<SavedRecipe> {
  return write(async tx => {
    await present(tx, faceId)
    const known = await tx
      .select({ id: products.id, shade: products.shade })
      .from(products)
      .where(
        inArray(
          products.id,
          drops.map(d => d.id),
        ),
      )
    const lost = drops.flatMap((d, i) =>
      known.some(k => k.id === d.id) ? [] : [{ path: `drops[${i}].id`, message: 'is no bottle of this kit' }],
    )
    if (lost.length > 0) throw new BadInput(lost)
    const [row] = await tx
      .insert(recipes)
      .values({
        id: newId(),
        faceId,
        savedAt: now(),
        drops,
        names: Object.fromEntries(known.map(k => [k.id, k.shade])),
        ...labOf(lab),
        ...input,
        verdict: verdictOf(input.deltaE),
      })
      .returning()
    return recipeOf(row!)
  })
}

export function setRecipeDeleted(id: string, deleted: boolean): Promise<SavedRecipe> {
  return write(async tx => {
    const [row] = await tx
      .update(recipes)
      .set({ deletedAt: deleted ? now() : null })
      .where(eq(recipes.id, id))
      .returning()
    if (!row) throw new Missing('This recipe')
    return recipeOf(row)
  })
}

export function addSeen(faceId: string, input: ComplaintInput): Promise<SeenVerdict> {
  return write(async tx => {
    await present(tx, faceId)
    const [row] = await tx
      .insert(seenVerdicts)
      .values({ id: newId(), faceId, seenAt: now(), ...input })
      .returning()
    return seenOf(row!)
  })
}

export function dropSeen(id: string): Promise<SeenVerdict> {
  return write(async tx => {
    const [row] = await tx.delete(seenVerdicts).where(eq(seenVerdicts.id, id)).returning()
    if (!row) throw new Missing('This verdict')
    return seenOf(row)
  })
}
