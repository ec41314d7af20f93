import { and, eq, isNull } from 'drizzle-orm'
import type { db } from '../../db/connection'
import { faces } from '../../db/schema'
import { Missing } from '../../base/problems'

/** The face that something is about to be written for. @throws Missing */
export async function present(from: Pick<typeof db, 'select'>, faceId: string): Promise<void> {
  const [row] = await from
    .select({ id: faces.id })
    .from(faces)
    .where(and(eq(faces.id, faceId), isNull(faces.deletedAt)))
  if (!row) throw new Missing('This face')
}
