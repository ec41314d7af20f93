import type { DecantAdvice } from '../stock/handling/decant'
import { vesselHeft } from '../stock/things/heft'
import type { Measure } from '../stock/things/things'
import type { Thing } from '../stock/things/thing'
import type { Going } from './bag'
import { handlingOf, CABIN_VESSEL_ML } from './handle'
import type { Need } from './needs'

/*
 * Which bottles of a bag may go in a small vessel: those the day takes little of. As much as the plans need and half as much
 * again, in the smallest vessel that holds it; what is unstable, pumps well or stands under pressure stays in its pack.
 */

/** Vessels that are sold everywhere, in ml or g. */
export const VESSELS = [5, 10, 15, 20, 30, 50, 100] as const
/** Beside what the plans take: an unplanned face, a spill; a starting value of ours. */
const RESERVE = 0.5
/** Less than this is not worth a vessel to clean and label. */
const SAVES_FROM_G = 50
/** A vessel that is hardly smaller than the bottle saves nothing. */
const MOST_OF_BOTTLE = 0.6
const SAME = 1e-6

export interface Decanting {
  of: Thing
  measure: Measure
  /** Into one vessel of that size; filled to the rim where there is so much, since what stands in air dries. */
  amount: number
  size: number
  savesG: number
  savesMl: number
  /** Its own bottle may not go into a cabin; the vessel may. */
  forCabin: boolean
  mind: string[]
}

/**
 * @param adviceOf what speaks against decanting a thing
 * @param cabin whether the bag travels in the cabin of an aircraft
 * @returns what is worth decanting, the most weight first
 */
export function decantingFor(
  going: readonly Going[],
  needs: readonly Need[],
  adviceOf: (thing: Thing) => DecantAdvice,
  cabin: boolean,
): Decanting[] {
  const taken = takenOfEach(going, needs)
  return going
    .flatMap(({ of, why, massG, roomMl }): Decanting[] => {
      const wanted = taken.get(of.id) ?? 0
      if ((why !== 'plans' && why !== 'day') || wanted <= 0 || !isPoured(of)) return []
      const { refused, against, mind, whereBulky } = adviceOf(of)
      if (refused || (against.length > 0 && !whereBulky)) return []
      const left = of.size * of.level
      const size = VESSELS.find(v => v >= Math.min(left, wanted * (1 + RESERVE)) - SAME)
      if (size === undefined || size > of.size * MOST_OF_BOTTLE || left < wanted) return []
      const amount = Math.min(size, left)
      const vessel = vesselHeft(size, amount / size)
      const forCabin = cabin && handlingOf(of, true).includes('not in a cabin') && fitsCabin(of, size)
      const savesG = massG - vessel.massG
      return savesG >= SAVES_FROM_G || forCabin
        ? [{ of, measure: of.measure, amount, size, savesG, savesMl: roomMl - vessel.roomMl, forCabin, mind }]
        : []
    })
    .sort((x, y) => y.savesG - x.savesG)
}

const isPoured = (t: Thing) =>
  t.sort !== 'tool' && t.count === 1 && t.pans.length === 0 && (t.measure === 'ml' || t.measure === 'g')
/** What burns, or is sharp, stays out in any vessel. */
const fitsCabin = (t: Thing, size: number) =>
  size <= CABIN_VESSEL_ML && !handlingOf({ ...t, size }, true).includes('not in a cabin')

/** What is taken of each thing that alone holds what is needed; of several that share it none is decanted. */
function takenOfEach(going: readonly Going[], needs: readonly Need[]): Map<string, number> {
  const goes = new Set(going.map(g => g.of.id))
  const taken = new Map<string, number>()
  const shared = new Set<string>()
  for (const { held, need, sort, measure } of needs) {
    // What is counted in pieces says nothing of how much is poured.
    const holders = held.filter(
      h => goes.has(h.of.id) && h.holds > 0 && (sort === 'bottle' || measure === h.of.measure),
    )
    for (const { of } of holders) {
      taken.set(of.id, (taken.get(of.id) ?? 0) + need)
      if (holders.length > 1) shared.add(of.id)
    }
  }
  for (const id of shared) taken.delete(id)
  return taken
}
