import { eq } from 'drizzle-orm'
import type { Lab } from '#core/colour/lab'
import { isPossible } from '#core/colour/possible'
import { db, write } from '../../db/connection'
import { faces, labOf, simulatedSkins } from '../../db/schema'
import { calibratedUntil, shoot } from '../../devices/simulatedMeter'
import { Conflict, Missing } from '../../base/problems'

async function skinOf(faceId: string): Promise<Lab | undefined> {
  const [row] = await db.select().from(simulatedSkins).where(eq(simulatedSkins.faceId, faceId))
  const lab = row && labOf(row)
  return lab && isPossible(lab) ? lab : undefined
}

export async function meterState(faceId: string): Promise<{ calibratedUntil: string | null; knowsFace: boolean }> {
  return { calibratedUntil: calibratedUntil(), knowsFace: (await skinOf(faceId)) !== undefined }
}

/** One shot of the simulated meter on a face. What it is to see may be given once and is then kept. */
export async function readShot(faceId: string, sees?: Lab): Promise<Lab> {
  if (!calibratedUntil()) throw new Conflict('Calibrate the simulated meter on its white tile first.')
  if (sees) {
    await write(async tx => {
      const [face] = await tx.select({ id: faces.id }).from(faces).where(eq(faces.id, faceId))
      if (!face) throw new Missing('This face')
      await tx
        .insert(simulatedSkins)
        .values({ faceId, ...labOf(sees) })
        .onConflictDoUpdate({ target: simulatedSkins.faceId, set: labOf(sees) })
    })
  }
  const skin = await skinOf(faceId)
  if (!skin) throw new Conflict('The simulated meter has no skin to see for this face: choose what it should see.')
  return shoot(skin)
}
