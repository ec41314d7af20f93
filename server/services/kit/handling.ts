import { and, count, eq, inArray, isNull, like } from 'drizzle-orm'
import { decantAdvice, type DecantAdvice } from '#core/stock/handling/decant'
import { decant, leftIn, type Fill } from '#core/stock/things/fills'
import { reviveAdvice } from '#core/stock/handling/revive'
import { isPast } from '#core/stock/things/thing'
import { useByOf } from '#core/stock/things/usual'
import { isCosmetic, type OwnedThing } from '#shared/records/kit/gear'
import type { DecantInput, MovePanInput, OwnedUnit, ReviveInput } from '#shared/records/kit/kit'
import { itemOf } from '#shared/asked/kitItem'
import type { Revival } from '#shared/records/kit/things'
import { today } from '#shared/today'
import { db, type Transaction } from '../../db/connection'
import { fills, pans, products, units, uses } from '../../db/schema'
import { BadInput, Conflict, Missing } from '../../base/problems'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { kitProducts } from './owned'
import { placeAt, thingNow, unitNow } from './units'

/* What is done to what is in a pack: some of it into small vessels, or a dried rest worked up again. */

const lastDayOf = (thing: OwnedThing, { openedOn, expiresOn }: Pick<OwnedUnit, 'openedOn' | 'expiresOn'>) =>
  useByOf(openedOn, isCosmetic(thing) ? thing.traits.paoMonths : null, expiresOn)

/** What speaks against decanting one thing, and what to mind. */
export function adviceFor(
  thing: OwnedThing,
  unit: Pick<OwnedUnit, 'measure' | 'inside' | 'openedOn' | 'expiresOn'>,
): DecantAdvice {
  const item = isCosmetic(thing) ? itemOf(thing) : null
  return decantAdvice({
    kind: thing.kind,
    measure: unit.measure,
    dispenser: unit.inside !== null ? 'pan' : (item?.dispenser ?? null),
    texture: item?.texture ?? null,
    family: item?.family ?? null,
    spf: item?.spf ?? null,
    ingredients: item?.ingredients ?? null,
    percent: isCosmetic(thing) ? null : (thing.percent ?? null),
    isPast: isPast({ useBy: lastDayOf(thing, unit) }, today()),
  })
}

/** Some of a bottle in vessels of their own: further units of the same product, as old as it is and of its batch. */
export function decantUnit(unitId: string, input: DecantInput): Promise<OwnedThing> {
  const { count: many } = input
  return command(
    p => (many === 1 ? `Some ${p.shade} is decanted.` : `${p.shade} is decanted into ${many}.`),
    async act => {
      const { thing } = await decantInto(act, unitId, input)
      return thingNow(act, thing.id)
    },
  )
}

/** The same as part of another act: a first taking out of a pack opens it. */
export async function decantInto(
  act: Act,
  unitId: string,
  { amount, sizeMl, count: many, placeId, label }: DecantInput,
): Promise<{ thing: OwnedThing; unit: OwnedUnit }> {
  const { thing, unit } = await unitNow(act, unitId)
  const { refused } = adviceFor(thing, unit)
  if (refused) throw new Conflict(`${thing.shade} is not decanted: ${refused}.`)
  const [row] = await act.tx.select().from(fills).where(eq(fills.id, unit.fillId))
  const { batch, expiresOn } = row!
  const openedOn = unit.openedOn ?? today()
  let from: Fill = { ...unit, id: unit.fillId, openedOn }
  for (let i = 0; i < many; i++) {
    const parts = decanted(from, amount, sizeMl)
    from = parts.from
    const made = await act.insert('units', {
      id: newId(),
      productId: thing.id,
      placeId: placeId ? await placeAt(act, placeId) : unit.placeId,
      container: 'decant',
      label,
      ownerFaceId: thing.ownerFaceId,
      createdAt: now(),
    })
    const held = { productId: thing.id, fromFillId: unit.fillId, batch, expiresOn, ...parts.into }
    await act.insert('fills', { id: newId(), unitId: made.id, ...held })
  }
  await act.update('fills', unit.fillId, { level: from.level, openedOn })
  return { thing, unit }
}

function decanted(from: Fill, amount: number, sizeMl: number) {
  try {
    return decant(from, amount, sizeMl)
  } catch (problem) {
    if (problem instanceof RangeError) throw new BadInput([{ path: 'amount', message: problem.message }])
    throw problem
  }
}

/** A pan goes into another palette: the colour it is stays the same to every recipe. @throws Missing, Conflict */
export function movePan(fillId: string, { unitId }: MovePanInput): Promise<{ id: string }> {
  let words = ''
  return command(
    () => words,
    async act => {
      const [pan] = await act.tx
        .select({ fill: fills, from: units })
        .from(fills)
        .innerJoin(units, eq(fills.unitId, units.id))
        .where(and(eq(fills.id, fillId), isNull(units.deletedAt)))
      if (!pan) throw new Missing('This pan')
      const isLone = pan.from.productId === pan.fill.productId
      if (isLone && !(await isPan(act, pan.fill.productId)))
        throw new Conflict('It is no pan: it stays in its own pack.')
      const [to] = await act.tx
        .select()
        .from(units)
        .where(and(eq(units.id, unitId), isNull(units.deletedAt)))
      const held = await act.tx.select().from(fills).where(eq(fills.unitId, unitId))
      const isCase = to !== undefined && (await isEmptyCase(act, to.productId))
      if (!to || (!isCase && held.every(f => f.productId === to.productId)))
        throw new Conflict('Only a palette or an empty case takes a pan: choose one.')
      if (to.id === pan.from.id) throw new Conflict('It lies in this palette already.')
      const left = await act.tx.select({ id: fills.id }).from(fills).where(eq(fills.unitId, pan.from.id))
      if (!isLone && left.length < 2) {
        if (!(await isEmptyCase(act, pan.from.productId)))
          throw new Conflict('It is the last of its palette: move the palette instead.')
        await act.insert('fills', { ...EMPTY_CASE, id: newId(), unitId: pan.from.id, productId: pan.from.productId })
      }
      // A case with a pan in it is a palette: what stood for the case alone goes.
      if (isCase) for (const f of held) if (f.productId === to.productId) await act.remove('fills', f.id)
      const position = Math.max(...held.map(f => f.position)) + 1
      await act.update('fills', fillId, { unitId, position })
      const [row] = await act.tx
        .select()
        .from(pans)
        .where(and(eq(pans.paletteId, pan.from.productId), eq(pans.productId, pan.fill.productId)))
      const lies = { paletteId: to.productId, position }
      if (row) await act.update('pans', row.id, lies)
      else await act.insert('pans', { id: newId(), productId: pan.fill.productId, ...lies })
      // A pan that lay alone was a thing of its own until now.
      if (isLone) await act.update('units', pan.from.id, { deletedAt: now() })
      const named = await act.tx
        .select()
        .from(products)
        .where(inArray(products.id, [pan.fill.productId, to.productId]))
      const nameOf = (id: string) => named.find(p => p.id === id)?.shade ?? ''
      words = `${nameOf(pan.fill.productId)} lies in ${nameOf(to.productId)} now.`
      return { id: unitId }
    },
  )
}

/** Whether a product is sold as a pan. */
async function isPan(act: Act, productId: string): Promise<boolean> {
  const thing = await thingNow(act, productId)
  return isCosmetic(thing) && thing.traits.dispenser === 'pan'
}
const EMPTY_CASE = { size: 1, measure: 'piece', level: 1 } as const
/** Whether it is a case that is sold without pans. */
async function isEmptyCase(act: Act, productId: string): Promise<boolean> {
  const [of] = await act.tx.select({ kind: products.kind }).from(products).where(eq(products.id, productId))
  return of?.kind === 'palette case'
}

/** Begins what the log says of it, so that it can be counted. */
const REVIVED = 'revived with '

async function timesRevived(from: Transaction | typeof db, unitId: string): Promise<number> {
  const [row] = await from
    .select({ n: count() })
    .from(uses)
    .where(and(eq(uses.unitId, unitId), like(uses.note, `${REVIVED}%`)))
  return row?.n ?? 0
}

/** Whether a dried product can be revived, and with which product of the kit; null where the question does not arise. */
export async function revivalOf(
  thing: OwnedThing,
  unit: OwnedUnit,
  from: Transaction | typeof db = db,
): Promise<Revival | null> {
  if (!isCosmetic(thing)) return null
  const { texture, dispenser } = thing.traits
  const { ingredients } = itemOf(thing)
  const past = isPast({ useBy: lastDayOf(thing, unit) }, today())
  const times = await timesRevived(from, unit.id)
  const asked = {
    kind: thing.kind,
    texture,
    dispenser,
    ingredients,
    family: thing.family,
    left: leftIn(unit),
    isPast: past,
    times,
  }
  const advice = reviveAdvice(asked)
  if (!advice) return null
  const media =
    advice.refused === null
      ? (await kitProducts())
          .filter(p => p.kind === 'medium' && advice.bases.includes(p.family) && p.level > 0 && p.retiredAt === null)
          .map(p => ({ fillId: p.units[0]!.fillId, name: p.shade }))
      : []
  return { ...advice, times, media }
}

/** Works up what has dried with a little of a medium: the log says so, and the medium has that much less. */
export function reviveUnit(unitId: string, { mediumFillId, amount }: ReviveInput): Promise<OwnedThing> {
  return command(
    p => `${p.shade} is revived.`,
    async act => {
      const { thing, unit } = await unitNow(act, unitId)
      const advice = await revivalOf(thing, unit, act.tx)
      if (!advice) throw new Conflict(`${thing.shade} is nothing that dries out.`)
      if (advice.refused) throw new Conflict(`${thing.shade} is not revived: ${advice.refused}.`)
      const medium = advice.media.find(m => m.fillId === mediumFillId)
      if (!medium)
        throw new BadInput([
          { path: 'mediumFillId', message: `must be a medium on a ${advice.bases.join(' or ')} base` },
        ])
      if (amount > advice.most)
        throw new BadInput([
          { path: 'amount', message: `must be at most ${advice.most}: more makes another product of it` },
        ])
      const [row] = await act.tx.select().from(fills).where(eq(fills.id, mediumFillId))
      const left = leftIn(row!)
      if (amount > left) throw new BadInput([{ path: 'amount', message: 'there is not so much left of it' }])
      await act.update('fills', mediumFillId, { level: (left - amount) / row!.size })
      const at = now()
      await act.insert('uses', { id: newId(), at, unitId, fillId: unit.fillId, note: `${REVIVED}${medium.name}` })
      await act.insert('uses', {
        id: newId(),
        at,
        unitId: row!.unitId,
        fillId: mediumFillId,
        amount,
        note: `into ${thing.shade}`,
      })
      return thingNow(act, thing.id)
    },
  )
}
