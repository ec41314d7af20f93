import { eq, like } from 'drizzle-orm'
import { leaveNoTrace, write } from '../db/connection'
import { faces, products, purchaseLines } from '../db/schema'
import { Missing } from '../utils/problems'

const SOMEBODY = 'a face'

/**
 * Forgets a person for good: every row of theirs, what they brought, their name in the reasons of purchases, and the
 * bytes of all that in the file. There is no way back.
 */
export async function forgetFace(id: string): Promise<{ id: string }> {
  await write(async tx => {
    const [face] = await tx.select().from(faces).where(eq(faces.id, id))
    if (!face) throw new Missing('This face')
    const lines = await tx
      .select()
      .from(purchaseLines)
      .where(like(purchaseLines.reason, `%${escaped(face.name)}%`))
    for (const line of lines) {
      await tx
        .update(purchaseLines)
        .set({ reason: line.reason.replaceAll(face.name, SOMEBODY) })
        .where(eq(purchaseLines.id, line.id))
    }
    await tx.delete(products).where(eq(products.ownerFaceId, id))
    // Readings, recipes, verdicts, history, plans, pictures and the simulated skin go with the face.
    await tx.delete(faces).where(eq(faces.id, id))
  })
  await leaveNoTrace()
  return { id }
}

/** LIKE without an ESCAPE takes _ for any letter: more lines are looked at, none is missed. */
const escaped = (name: string) => name.replaceAll('%', '_')
