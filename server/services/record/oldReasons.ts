import { eq, notLike } from 'drizzle-orm'
import { db, write } from '../../db/connection'
import { faces, purchaseLines } from '../../db/schema'
import { withMarks } from './namesInReasons'

/** Reasons kept by an older version hold names: they get marks in their place. Does nothing where there are none. */
export async function markOldReasons(): Promise<void> {
  const lines = await db
    .select({ id: purchaseLines.id, reason: purchaseLines.reason })
    .from(purchaseLines)
    .where(notLike(purchaseLines.reason, '%{face:%'))
  if (lines.length === 0) return
  const people = await db.select({ id: faces.id, name: faces.name }).from(faces)
  const marked = lines
    .filter(line => typeof line.reason === 'string')
    .map(({ id, reason }) => ({ id, before: reason, reason: withMarks(reason, people) }))
    .filter(line => line.reason !== line.before)
  if (marked.length === 0) return
  await write(async tx => {
    for (const { id, reason } of marked) await tx.update(purchaseLines).set({ reason }).where(eq(purchaseLines.id, id))
  })
}
