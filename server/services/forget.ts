import { eq } from 'drizzle-orm'
import { db } from '../db/connection'
import { faces } from '../db/schema'
import type { Erased } from '#shared/records/keeping'
import { eraseBytes, eraseRows, markForErasing } from '../keeping/erasing'
import { Missing } from '../utils/problems'

/**
 * Forgets a person for good: every row of theirs, what they brought, their name in the reasons of purchases, the bytes of all that in
 * the file, and the backups that hold them. There is no way back. Begun, it is finished, at the next start if need be; the answer says
 * how far it came.
 */
export async function forgetFace(id: string): Promise<Erased & { id: string }> {
  const [face] = await db.select({ id: faces.id }).from(faces).where(eq(faces.id, id))
  if (!face) throw new Missing('This face')
  await markForErasing(id)
  await eraseRows()
  return { id, ...(await eraseBytes()) }
}
