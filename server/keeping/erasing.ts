import { eq, inArray, like, or, sql } from 'drizzle-orm'
import type { Erased } from '#shared/records/record/keeping'
import { backupFolder, databaseFile } from '../base/config'
import { db, exclusively, isFile, patientUntil, write, type Transaction } from '../db/connection'
import {
  bookings,
  changes,
  erasures,
  faceHistory,
  faces,
  fills,
  offers,
  pictures,
  plans,
  products,
  purchaseLines,
  readings,
  recipes,
  requests,
  seenVerdicts,
  ticks,
  units,
} from '../db/schema'
import { without } from '../services/record/namesInReasons'
import { now } from '../services/record/clock'
import { log, errorDetail } from '../base/log'
import { keepOnly, listBackups } from './backup'
import { backUp, clearCopies } from './keeping'
import { trouble } from './state'
import { keep } from './thread'

/** Marks a person for erasing; from then on it will be finished, in this process or the next. */
export async function markForErasing(tx: Transaction, faceId: string): Promise<void> {
  await tx.insert(erasures).values({ faceId, askedAt: now() })
}

/** Every row of those who are marked goes, in one transaction each; the id in the mark goes with them. */
export async function eraseRows(): Promise<void> {
  for (const { id, faceId } of await db.select().from(erasures)) {
    if (faceId === null) continue
    await write(async tx => {
      const lines = await tx
        .select()
        .from(purchaseLines)
        .where(like(purchaseLines.reason, `%{face:${faceId}}%`))
      for (const { id: lineId, reason } of lines)
        await tx
          .update(purchaseLines)
          .set({ reason: without(reason, faceId) })
          .where(eq(purchaseLines.id, lineId))
      await eraseChanges(tx, faceId)
      await eraseBrought(tx, faceId)
      await eraseTicks(tx, faceId)
      // Readings, recipes, verdicts, history, plans, pictures and the simulated skin go with the face.
      await tx.delete(faces).where(eq(faces.id, faceId))
      // What was asked for may have been about them.
      await tx.delete(requests)
      await tx.update(erasures).set({ faceId: null }).where(eq(erasures.id, id))
    })
  }
}

/** What they brought goes, with products that nobody else has and nobody offers. */
async function eraseBrought(tx: Transaction, faceId: string): Promise<void> {
  const brought = await tx
    .select({ productId: fills.productId })
    .from(fills)
    .innerJoin(units, eq(fills.unitId, units.id))
    .where(eq(units.ownerFaceId, faceId))
  await tx.delete(units).where(eq(units.ownerFaceId, faceId))
  for (const { productId } of brought) {
    const [held] = await tx.select({ id: fills.id }).from(fills).where(eq(fills.productId, productId)).limit(1)
    const [sold] = await tx.select({ id: offers.id }).from(offers).where(eq(offers.productId, productId)).limit(1)
    if (!held && !sold) await tx.delete(products).where(eq(products.id, productId))
  }
}

/** What was ticked and noted of them on any day. */
async function eraseTicks(tx: Transaction, faceId: string): Promise<void> {
  const theirs = await tx
    .select({ id: bookings.id, jobId: bookings.jobId })
    .from(bookings)
    .where(eq(bookings.faceId, faceId))
  const rows = await tx
    .select({ id: ticks.id, key: ticks.key })
    .from(ticks)
    .where(
      inArray(
        ticks.jobId,
        theirs.map(b => b.jobId),
      ),
    )
  for (const { id, key } of rows)
    if (theirs.some(b => key.includes(b.id))) await tx.delete(ticks).where(eq(ticks.id, id))
}

/** Every act that names them or anything of theirs: it cannot be taken back any more, and says nothing of them. */
async function eraseChanges(tx: Transaction, faceId: string): Promise<void> {
  const theirs = [faceId]
  for (const table of [bookings, plans, pictures, recipes, readings, seenVerdicts, faceHistory])
    theirs.push(...(await tx.select({ id: table.id }).from(table).where(eq(table.faceId, faceId))).map(r => r.id))
  const brought = await tx
    .select({ unit: units.id, fill: fills.id, product: fills.productId })
    .from(units)
    .innerJoin(fills, eq(fills.unitId, units.id))
    .where(eq(units.ownerFaceId, faceId))
  theirs.push(...brought.flatMap(b => [b.unit, b.fill, b.product]))
  for (const id of theirs)
    await tx.delete(changes).where(or(sql`instr(${changes.rows}, ${id}) > 0`, sql`instr(${changes.words}, ${id}) > 0`))
}

/**
 * The file is written anew without them, and the backups that hold them give way to one that does not. The marks go last: whatever breaks
 * this off, the next process or the next hour does all of it again.
 */
export async function eraseBytes(): Promise<Erased> {
  const waiting = await db.select({ id: erasures.id }).from(erasures)
  if (waiting.length === 0) return erasedFrom()
  trouble('erasure', WAITING)
  try {
    if (isFile()) {
      const until = patientUntil()
      await exclusively(() => keep('rewrite', { database: databaseFile(), until }))
      await clearCopies()
      if ((await listBackups(backupFolder())).length > 0)
        await keepOnly(backupFolder(), (await backUp('after an erasure')).name)
    }
    await write(async tx => {
      for (const { id } of waiting) await tx.delete(erasures).where(eq(erasures.id, id))
    })
    trouble('erasure', null)
    return erasedFrom()
  } catch (problem) {
    log('warning', 'erasing goes on later', errorDetail(problem))
    const noRoom = /FULL|ENOSPC|EDQUOT|IOERR/.test(String(errorDetail(problem).code))
    const sentence = noRoom ? NO_ROOM : WAITING
    trouble('erasure', sentence)
    clearTimeout(again)
    again = setTimeout(() => void finishErasing().catch(() => undefined), AGAIN_MS)
    again.unref()
    return { rows: true, bytes: false, sentence }
  }
}

// Another program that holds the file lets go of it sooner than an hour from now.
const AGAIN_MS = 60_000
let again: NodeJS.Timeout | undefined

const WAITING =
  'Somebody was forgotten: their record is deleted, but traces of it are still in the file or in older backups. Varietas tries again every minute and at each start until they are gone. Look whether the folder of the backups can be written to.'
const NO_ROOM =
  'Somebody was forgotten: their record is deleted, but there is no room to write the file and the backups anew without them. Free some room on the disk: Varietas tries again every minute and at each start.'

/** What is gone, and what is for somebody else to remove. */
const erasedFrom = (): Erased => ({
  rows: true,
  bytes: true,
  sentence: isFile()
    ? 'Everything of theirs is erased, from the data and from the backups kept here. Copies you keep elsewhere are yours to remove.'
    : 'Everything of theirs is erased from the data. The libSQL server keeps a log and backups of its own: ask whoever runs it to remove them there.',
})

/** Finishes what an earlier process began. */
export async function finishErasing(): Promise<void> {
  if ((await db.select({ id: erasures.id }).from(erasures)).length === 0) return
  await eraseRows()
  await eraseBytes()
}
