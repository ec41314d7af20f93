import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm'
import type { Lab } from '#core/colour/lab'
import { packPigments } from '#core/complexion/pigments'
import type { Drops } from '#core/complexion/recipe'
import { mixLab } from '#core/complexion/touch'
import { complexionOf } from '#shared/kitPigments'
import type { OwnedProduct } from '#shared/records/kit'
import type { MeasuredMixInput, MeasuredMixRecord, MixShotInput } from '#shared/records/mixes'
import { db, write } from '../db/connection'
import { labOf, measuredMixes, products } from '../db/schema'
import { calibratedUntil, shoot, strengthSeen } from '../devices/simulatedMeter'
import { Conflict, Missing } from '../utils/problems'
import { newId, now } from './clock'
import { recordOf } from './kit'
import { sound } from './sound'

type Row = typeof measuredMixes.$inferSelect
const mixOf = ({ L, a, b, ...row }: Row): MeasuredMixRecord => ({ ...row, lab: labOf({ L, a, b }) })

export const allMixes = async (): Promise<MeasuredMixRecord[]> =>
  (
    await sound(
      'mix',
      await db
        .select()
        .from(measuredMixes)
        .orderBy(asc(sql`rowid`)),
    )
  ).map(mixOf)

async function bottlesOf(drops: readonly Drops[]): Promise<OwnedProduct[]> {
  const ids = drops.map(d => d.id)
  const rows = await db
    .select()
    .from(products)
    .where(and(inArray(products.id, ids), isNull(products.deletedAt), isNull(products.ownerFaceId)))
  const usable = await sound('product', rows)
  if (usable.length < ids.length) throw new Missing('A bottle of this mix')
  return usable.map(recordOf)
}

export async function addMix({ drops, lab }: MeasuredMixInput): Promise<MeasuredMixRecord> {
  const names = Object.fromEntries((await bottlesOf(drops)).map(p => [p.id, p.shade]))
  return write(async tx => {
    const [row] = await tx
      .insert(measuredMixes)
      .values({ id: newId(), at: now(), drops, names, ...labOf(lab) })
      .returning()
    return mixOf(row!)
  })
}

export function removeMix(id: string): Promise<MeasuredMixRecord> {
  return write(async tx => {
    const [row] = await tx.delete(measuredMixes).where(eq(measuredMixes.id, id)).returning()
    if (!row) throw new Missing('This measured mix')
    return mixOf(row)
  })
}

/** One shot of the simulated meter on a mix, which it sees made of bottles that pull as they do and not as they should. */
export async function readMix({ drops }: MixShotInput): Promise<Lab> {
  if (!calibratedUntil()) throw new Conflict('Calibrate the simulated meter on its white tile first.')
  const bottles = (await bottlesOf(drops)).map(p => ({ ...complexionOf(p), strength: strengthSeen(p.shade) }))
  return shoot(mixLab(packPigments(bottles), drops))
}
