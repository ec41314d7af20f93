import { cut } from '#core/stock/list/words'
import { laidInOrder } from '#core/bag/caseOrder'
import { isCarried } from '#core/stock/things/places'
import type { BagInput } from '#shared/records/days/bags'
import type { Job } from '#shared/records/days/jobs'
import { BadInput, Conflict } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import type { Asking } from '../../compute/pool'
import { accept } from '../buying/buys'
import { bagOf } from './bags'
import { newId } from '../record/clock'
import { command, type Act } from '../record/command'
import { decantInto } from '../kit/handling'
import { jobById } from '../jobs/jobs'
import { moveAll } from '../kit/moving'
import { placeLines, placesSound } from '../kit/places'
import { standingListsKept } from '../kit/standingLists'
import { allThings } from '../kit/things'

/* What is done to pack for a job: how it is packed, what comes, what stays, how it lies, what is bought. */

/** @throws BadInput where a list is none of hers */
export function setBag(jobId: string, { version, ...bag }: BagInput): Promise<Job> {
  return command('How the job is packed is changed.', async act => {
    const job = await jobById(jobId, act.tx)
    if (version !== undefined) expectVersion(job.name, job, version)
    if (bag.listId && !(await standingListsKept(act.tx)).some(l => l.id === bag.listId))
      throw new BadInput([{ path: 'listId', message: 'is no standing list of yours: choose another' }])
    await act.update('jobs', jobId, { bag })
    return jobById(jobId, act.tx)
  })
}

/** Everything that goes and is not along comes, each into its pouch. */
export async function bringAll(jobId: string, asking: Asking): Promise<{ moved: number }> {
  const { goes } = await bagOf(jobId, asking)
  const bring = goes.filter(g => !g.isAlong)
  if (bring.some(g => g.to === null))
    throw new Conflict('There is no case and no bag to bring it into: make one first.')
  return command(`${bring.length === 1 ? `${bring[0]!.name} is` : `${bring.length} things are`} packed.`, async act => {
    await moveAll(act, bring)
    return { moved: bring.length }
  })
}

/** Some stay at home: they are moved there, and nothing asks for them for this job. */
export function leaveAtHome(jobId: string, ids: readonly string[]): Promise<{ left: number }> {
  return command(`${ids.length === 1 ? 'One thing stays' : `${ids.length} things stay`} at home.`, async act => {
    await stayAtHome(act, jobId, ids)
    return { left: ids.length }
  })
}

async function stayAtHome(act: Act, jobId: string, ids: readonly string[]): Promise<void> {
  const job = await jobById(jobId, act.tx)
  const home = (await placesSound(act.tx)).find(p => p.sort === 'home')
  if (!home) throw new Conflict('There is no home to leave them at: make a place of that kind first.')
  const along = new Set((await placeLines()).filter(p => isCarried(p.sort)).map(p => p.id))
  const byId = new Map((await allThings()).map(t => [t.id, t]))
  const things = ids.map((id, i) => {
    const thing = byId.get(id)
    if (!thing) throw new BadInput([{ path: `ids[${i}]`, message: 'is no thing of yours' }])
    return thing
  })
  await moveAll(
    act,
    things
      .filter(t => t.placeId !== null && along.has(t.placeId))
      .map(t => ({ unitId: t.id, count: t.count, to: home.id })),
  )
  await act.update('jobs', jobId, { bag: { ...job.bag, leave: [...new Set([...job.bag.leave, ...ids])] } })
}

/** Small vessels go in the place of some bottles, which stay at home for this job. */
export async function decantFor(jobId: string, ids: readonly string[], asking: Asking): Promise<{ made: number }> {
  const { decant, goes } = await bagOf(jobId, asking)
  const chosen = ids.map((id, i) => {
    const found = decant.find(d => d.unitId === id)
    if (!found)
      throw new BadInput([{ path: `ids[${i}]`, message: 'is nothing that this job takes better in a small vessel' }])
    return found
  })
  const words = chosen.length === 1 ? `Some ${chosen[0]!.name} is decanted.` : `${chosen.length} things are decanted.`
  return command(words, async act => {
    for (const { unitId, amount, size } of chosen) {
      const placeId = goes.find(g => g.unitId === unitId)!.to
      await decantInto(act, unitId, { amount, sizeMl: size, count: 1, placeId, label: '' })
    }
    await stayAtHome(act, jobId, ids)
    return { made: chosen.length }
  })
}

/** What comes out of the bag goes home: of a set of tools so many. */
export async function takeOut(jobId: string, asking: Asking): Promise<{ moved: number }> {
  const { takeOut: out } = await bagOf(jobId, asking)
  return command(`${out.length === 1 ? `${out[0]!.name} is` : `${out.length} things are`} at home now.`, async act => {
    const home = (await placesSound(act.tx)).find(p => p.sort === 'home')
    if (!home) throw new Conflict('There is no home to take them to: make a place of that kind first.')
    await moveAll(
      act,
      out.map(({ unitId, count }) => ({ unitId, count, to: home.id })),
    )
    return { moved: out.length }
  })
}

/** What pouches have no room for lies elsewhere in the same case. */
export async function easePouches(jobId: string, asking: Asking): Promise<{ moved: number }> {
  const { full } = await bagOf(jobId, asking)
  const moves = full.flatMap(f => f.move)
  return command(
    `${moves.length === 1 ? `${moves[0]!.name} lies` : `${moves.length} things lie`} elsewhere.`,
    async act => {
      await moveAll(act, moves)
      return { moved: moves.length }
    },
  )
}

/** The pouch of what is laid out first. */
const SETTING_UP = 'Setting up'
/** Some air around what lies in it. */
const AIR = 1.25
const ROUND_ML = 500

/** Every case as it is used: what is laid out first gets a pouch on top where it lay loose, and pouches lie in the order of the work. */
export async function layInOrder(jobId: string, asking: Asking): Promise<{ moved: number }> {
  const bag = await bagOf(jobId, asking)
  const needed = new Set(bag.goes.filter(g => g.why === 'plans' || g.why === 'day').map(g => g.unitId))
  return command('The case lies in the order of use.', async act => {
    const things = (await allThings()).filter(t => needed.has(t.id))
    const moved = new Map<string, string>()
    for (const root of (await placesSound(act.tx)).filter(p => isCarried(p.sort) && p.parentId === null)) {
      const loose = bag.buried.find(b => b.isLoose && b.placeId === root.id)
      if (loose) {
        const early = things.filter(t => t.placeId === root.id && loose.things.some(l => l.unitId === t.id))
        const pouch = await settingUpPouch(act, root.id, early)
        await moveAll(
          act,
          early.map(t => ({ unitId: t.id, count: t.count, to: pouch })),
        )
        for (const t of early) moved.set(t.id, pouch)
      }
      const now = things.map(t => ({ ...t, placeId: moved.get(t.id) ?? t.placeId }))
      const order = laidInOrder(await placesSound(act.tx), root.id, now)
      for (const [position, id] of order.entries()) await act.update('places', id, { position })
    }
    return { moved: moved.size }
  })
}

async function settingUpPouch(act: Act, rootId: string, things: readonly { roomMl: number }[]): Promise<string> {
  const there = (await placesSound(act.tx)).find(p => p.parentId === rootId && p.name === SETTING_UP)
  if (there) return there.id
  const room = things.reduce((all, t) => all + t.roomMl, 0) * AIR
  const { id } = await act.insert('places', {
    id: newId(),
    parentId: rootId,
    sort: 'pouch',
    name: SETTING_UP,
    position: 0,
    volumeMl: Math.ceil(room / ROUND_ML) * ROUND_ML,
  })
  return id
}

/** What is lacking and sold goes onto the purchase list, the cheapest that is enough. @throws Conflict where nobody sells any */
export async function buyLacking(jobId: string, asking: Asking): Promise<{ lines: number; priceMinor: number }> {
  const job = await jobById(jobId)
  const { lacking } = await bagOf(jobId, asking)
  const byOffer = new Map<string, { offerId: string; count: number; reason: string; priceMinor: number }>()
  for (const { offer, name } of lacking) {
    if (!offer) continue
    const known = byOffer.get(offer.id)
    const count = Math.max(known?.count ?? 0, offer.count)
    const reason = cut(`${name}, for ${job.name}`, 300)
    byOffer.set(offer.id, { offerId: offer.id, count, reason, priceMinor: (offer.priceMinor / offer.count) * count })
  }
  const found = [...byOffer.values()]
  if (found.length === 0) throw new Conflict('Nobody here sells anything of what is lacking.')
  const priceMinor = found.reduce((all, f) => all + f.priceMinor, 0)
  await accept({
    lines: found.map(({ offerId, count, reason }) => ({ offerId, count, reason })),
    budgetMinor: priceMinor,
  })
  return { lines: found.length, priceMinor }
}
