import { and, eq, isNotNull, isNull } from 'drizzle-orm'
import type { PictureRecord } from '#shared/records/faces'
import { db, write } from '../db/connection'
import { pictures } from '../db/schema'
import { BadInput, Missing } from '../utils/problems'
import { newId, now } from './clock'
import { present } from './faces'
import { drawnAnew, NoPicture } from './pictureBytes'

const recordOf = ({
  id,
  note,
  createdAt,
}: Pick<typeof pictures.$inferSelect, 'id' | 'note' | 'createdAt'>): PictureRecord => ({ id, note, createdAt })

/** Keeps a picture without where, when and with what it was taken. */
export async function addPicture(faceId: string, bytes: Uint8Array): Promise<PictureRecord> {
  const clean = await drawn(bytes)
  return write(async tx => {
    await present(tx, faceId)
    const [row] = await tx
      .insert(pictures)
      .values({ id: newId(), faceId, type: clean.type, bytes: clean.bytes, note: '', createdAt: now() })
      .returning()
    return recordOf(row!)
  })
}

async function drawn(bytes: Uint8Array) {
  try {
    return await drawnAnew(bytes)
  } catch (problem) {
    if (problem instanceof NoPicture) throw new BadInput([{ path: '', message: problem.message }], problem.message)
    throw problem
  }
}

export async function pictureBytes(id: string): Promise<{ type: string; bytes: Buffer }> {
  const [row] = await db
    .select({ type: pictures.type, bytes: pictures.bytes })
    .from(pictures)
    .where(and(eq(pictures.id, id), isNull(pictures.deletedAt)))
  if (!row) throw new Missing('This picture')
  return row
}

export function setPictureDeleted(id: string, deleted: boolean): Promise<PictureRecord> {
  return write(async tx => {
    const [row] = await tx
      .update(pictures)
      .set({ deletedAt: deleted ? now() : null })
      .where(and(eq(pictures.id, id), deleted ? isNull(pictures.deletedAt) : isNotNull(pictures.deletedAt)))
      .returning()
    if (!row) throw new Missing('This picture')
    return recordOf(row)
  })
}
