import { and, eq, isNull } from 'drizzle-orm'
import type { PictureRecord } from '#shared/records/people/faces'
import { db } from '../../db/connection'
import { pictures } from '../../db/schema'
import { BadInput, Missing } from '../../base/problems'
import { newId, now } from '../record/clock'
import { command } from '../record/command'
import { markOf } from '../record/namesInReasons'
import { present } from '../record/present'
import { drawnAnew, NoPicture } from './pictureBytes'

const recordOf = ({
  id,
  note,
  createdAt,
}: Pick<typeof pictures.$inferSelect, 'id' | 'note' | 'createdAt'>): PictureRecord => ({ id, note, createdAt })

/** Keeps a picture without where, when and with what it was taken. */
export async function addPicture(faceId: string, bytes: Uint8Array): Promise<PictureRecord> {
  const clean = await drawn(bytes)
  return command(`A picture of ${markOf(faceId)} is kept.`, async act => {
    await present(act.tx, faceId)
    const row = await act.insert('pictures', {
      id: newId(),
      faceId,
      type: clean.type,
      bytes: clean.bytes,
      note: '',
      createdAt: now(),
    })
    return recordOf(row)
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
