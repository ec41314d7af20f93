import { asc, sql } from 'drizzle-orm'
import type { Lab } from '#core/colour/lab'
import { packPigments } from '#core/complexion/bottles/pigments'
import type { Drops } from '#core/complexion/mixing/recipe'
import { mixLab } from '#core/complexion/mixing/touch'
import { complexionOf } from '#shared/asked/kitPigments'
import type { OwnedProduct } from '#shared/records/kit/kit'
import type { MeasuredMixInput, MeasuredMixRecord, MixShotInput } from '#shared/records/kit/mixes'
import { db } from '../../db/connection'
import { labOf, measuredMixes } from '../../db/schema'
import { calibratedUntil, shoot, strengthSeen } from '../../devices/simulatedMeter'
import { Conflict, Missing } from '../../base/problems'
import { newId, now } from '../record/clock'
import { command } from '../record/command'
import { ownedById } from './owned'
import { validRows } from '../record/validRows'

type Row = typeof measuredMixes.$inferSelect
const mixOf = ({ L, a, b, ...row }: Row): MeasuredMixRecord => ({ ...row, lab: labOf({ L, a, b }) })

export const allMixes = async (): Promise<MeasuredMixRecord[]> =>
  (
    await validRows(
      'mix',
      await db
        .select()
        .from(measuredMixes)
        .orderBy(asc(sql`rowid`)),
    )
  ).map(mixOf)

/** Bottles of the kit that a mix is made of. @throws Missing where one is not there, or is somebody else's */
async function bottlesOf(from: Pick<typeof db, 'select'>, drops: readonly Drops[]): Promise<OwnedProduct[]> {
  const what = 'A bottle of this mix'
  const bottles = await ownedById(
    from,
    drops.map(d => d.id),
    what,
  )
  if (bottles.some(p => p.ownerFaceId !== null)) throw new Missing(what)
  return bottles
}

export function addMix({ drops, lab }: MeasuredMixInput): Promise<MeasuredMixRecord> {
  return command('The measured mix is kept.', async act => {
    const names = Object.fromEntries((await bottlesOf(act.tx, drops)).map(p => [p.id, p.shade]))
    return mixOf(await act.insert('measuredMixes', { id: newId(), at: now(), drops, names, ...labOf(lab) }))
  })
}

/** One shot of the simulated meter on a mix, which it sees made of bottles that pull as they do and not as they should. */
export async function readMix({ drops }: MixShotInput): Promise<Lab> {
  if (!calibratedUntil()) throw new Conflict('Calibrate the simulated meter on its white tile first.')
  const bottles = (await bottlesOf(db, drops)).map(p => ({ ...complexionOf(p), strength: strengthSeen(p.shade) }))
  return shoot(mixLab(packPigments(bottles), drops))
}
