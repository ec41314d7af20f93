import { and, eq, isNull } from 'drizzle-orm'
import { usualMeasure } from '#core/stock/things/gear'
import type { OwnedKind } from '#core/stock/things/kinds'
import type { Measure } from '#core/stock/things/things'
import type { OwnedThing } from '#shared/records/kit/gear'
import type { LevelInput, OwnedUnit, RetireInput, UnitInput } from '#shared/records/kit/kit'
import type { RetireUnitsInput } from '#shared/records/kit/things'
import { fills, places, units } from '../../db/schema'
import { BadInput, Conflict, Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { namesNow, rowsNow, updateAll } from '../record/bulk'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { thingsById } from './owned'

/* The acts on physical things, bottles and brushes alike: another one, what is left, decanted, out of use, gone. */

type UnitRow = typeof units.$inferSelect

interface UnitSaid {
  sizeMl: number
  measure?: Measure
  level: number
  priceMinor?: number | null
  openedOn?: string | null
  expiresOn?: string | null
  notes: string
}

export const unitColumns = ({ priceMinor, notes }: Pick<UnitSaid, 'priceMinor' | 'notes'>) => ({
  priceMinor: priceMinor ?? null,
  notes,
})
export const fillColumns = (
  kind: OwnedKind,
  { sizeMl, measure, level, openedOn, expiresOn }: Omit<UnitSaid, 'priceMinor' | 'notes'>,
) => ({
  size: sizeMl,
  measure: measure ?? usualMeasure(kind),
  level,
  openedOn: openedOn ?? null,
  // Who does not speak of it does not take it off.
  ...(expiresOn === undefined ? {} : { expiresOn }),
})

/** Where things are put that nobody has placed. */
export const USUAL_PLACE = 'kit-case'

async function usualPlace(act: Act): Promise<string | null> {
  const [place] = await act.tx
    .select({ id: places.id })
    .from(places)
    .where(and(eq(places.id, USUAL_PLACE), isNull(places.deletedAt)))
  return place?.id ?? null
}

/** A unit of a product, with what is in it. */
export async function addUnitOf(
  act: Act,
  product: { id: string; kind: OwnedKind },
  input: UnitSaid,
  more: Partial<UnitRow> = {},
): Promise<string> {
  const unit = await act.insert('units', {
    id: newId(),
    productId: product.id,
    placeId: more.ownerFaceId ? null : await usualPlace(act),
    createdAt: now(),
    ...unitColumns(input),
    ...more,
  })
  await act.insert('fills', {
    id: newId(),
    unitId: unit.id,
    productId: product.id,
    ...fillColumns(product.kind, input),
  })
  return unit.id
}

/** One thing of the kit or brought, with its units. @throws Missing */
export const thingNow = async (act: Act, id: string): Promise<OwnedThing> => (await thingsById(act.tx, [id]))[0]!

/** @throws BadInput for a place that is none */
export async function placeAt(act: Act, id: string, path = 'placeId'): Promise<string> {
  const [place] = await act.tx
    .select({ id: places.id })
    .from(places)
    .where(and(eq(places.id, id), isNull(places.deletedAt)))
  if (!place) throw new BadInput([{ path, message: 'is no place of yours' }])
  return place.id
}

/** Another of a thing one has: of a product, the same colour to every recipe. */
export function addUnit(productId: string, input: UnitInput): Promise<OwnedThing> {
  return command(
    p => `Another ${p.shade} is in the kit.`,
    async act => {
      const thing = await thingNow(act, productId)
      const { placeId, role, label, count } = input
      const where = placeId ? { placeId: await placeAt(act, placeId) } : {}
      await addUnitOf(act, thing, input, { role, label, count, ownerFaceId: thing.ownerFaceId, ...where })
      return thingNow(act, productId)
    },
  )
}

export async function unitNow(act: Act, unitId: string): Promise<{ thing: OwnedThing; unit: OwnedUnit }> {
  const rows = await act.tx
    .select({ productId: fills.productId })
    .from(fills)
    .innerJoin(units, eq(fills.unitId, units.id))
    .where(and(eq(units.id, unitId), isNull(units.deletedAt)))
    .limit(1)
  if (!rows[0]) throw new Missing('This thing')
  const thing = await thingNow(act, rows[0].productId)
  const unit = thing.units.find(u => u.id === unitId)
  if (!unit) throw new Missing('This thing')
  return { thing, unit }
}

export function changeUnit(unitId: string, input: UnitInput): Promise<OwnedThing> {
  return command(
    p => `${p.shade} is changed.`,
    async act => {
      const { thing, unit } = await unitNow(act, unitId)
      expectVersion(thing.shade, unit, input.version)
      const placeId = input.placeId ? await placeAt(act, input.placeId) : unit.placeId
      const { role, label, count } = input
      await act.update('units', unitId, { ...unitColumns(input), role, label, count, placeId })
      await act.update(
        'fills',
        unit.fillId,
        fillColumns(thing.kind, { ...input, measure: input.measure ?? unit.measure }),
      )
      return thingNow(act, thing.id)
    },
  )
}

/** What is left of a bottle, of one pan, or of all of a palette. */
export function setLevel(
  unitId: string,
  { level, fillId, version }: LevelInput,
): Promise<{ id: string; version: number }> {
  let name = ''
  return command(
    () => `${name} is ${level === 0 ? 'empty' : `${Math.round(level * 100)} % full`}.`,
    async act => {
      const { thing, unit } = await unitNow(act, unitId)
      const held = await act.tx.select().from(fills).where(eq(fills.unitId, unitId))
      const meant = fillId ? held.filter(f => f.id === fillId) : held
      if (meant.length === 0) throw new Missing('This pan')
      name = (fillId ? null : unit.inside) ?? thing.shade
      const [row] = await act.tx.select({ version: units.version }).from(units).where(eq(units.id, unitId))
      const versionOf = (fill: { version: number }) => row!.version + fill.version
      // A whole palette has no version of its own: each of its pans is changed with that pan's own version.
      if (meant.length === 1) expectVersion(name, { ...unit, version: versionOf(meant[0]!) }, version)
      let written = meant[0]!
      for (const fill of meant) written = (await act.update('fills', fill.id, { level })) ?? fill
      return { id: unitId, version: versionOf(written) }
    },
  )
}

/** Units that go out of use, or come back into it, all or none; a palette goes with all its pans. */
export function retireUnits({ ids, retired, why }: RetireUnitsInput): Promise<{ retired: number }> {
  let words = ''
  return command(
    () => words,
    async act => {
      const rows = await rowsNow(act, 'units', ids)
      const meant = [...new Set(ids)].map(id => {
        const unit = rows.get(id)
        if (!unit || unit.deletedAt !== null) throw new Missing('This thing')
        return unit
      })
      const names = await namesNow(
        act,
        meant.map(u => u.productId),
      )
      const nameOf = (unit: UnitRow) => names.get(unit.productId)?.shade ?? ''
      const set = { retiredAt: retired ? now() : null, why: retired ? why : '' }
      await updateAll(
        act,
        'units',
        meant.map(row => ({ row, set })),
        nameOf,
      )
      const who = meant.length === 1 ? `${nameOf(meant[0]!)} is` : `${meant.length} things are`
      words = `${who} ${retired ? 'retired' : 'back in use'}.`
      return { retired: meant.length }
    },
  )
}

/** Takes one unit out of the kit, a palette with all its pans; its product stays while another holds it. */
export function removeUnit(unitId: string): Promise<{ id: string }> {
  let name = ''
  return command(
    () => `One ${name} is out of the kit.`,
    async act => {
      const { thing, unit } = await unitNow(act, unitId)
      name = unit.inside ?? thing.shade
      await act.update('units', unit.id, { deletedAt: now() })
      return { id: unitId }
    },
  )
}

/** @throws Conflict for a pan: the palette holds others */
function refusePan(unit: OwnedUnit, instead: string): void {
  if (unit.inside !== null) throw new Conflict(`It is a pan of ${unit.inside}: mark the pan as empty, or ${instead}.`)
}

async function takeAway(act: Act, unit: OwnedUnit): Promise<void> {
  refusePan(unit, 'take the whole palette out')
  await act.update('units', unit.id, { deletedAt: now() })
}

/** Every unit of a thing leaves the kit; recipes that name it go on naming it. */
export function removeThing(id: string): Promise<{ id: string }> {
  let name = ''
  return command(
    () => `${name} is deleted.`,
    async act => {
      const thing = await thingNow(act, id)
      name = thing.shade
      for (const unit of thing.units) await takeAway(act, unit)
      return { id }
    },
  )
}

/** Takes things out of use with all their units, or back into it, all or none. */
export function retire({ ids, retired }: RetireInput): Promise<OwnedThing[]> {
  const who = (all: readonly OwnedThing[]) => (all.length === 1 ? `${all[0]!.shade} is` : `${all.length} things are`)
  return command(
    all => `${who(all)} ${retired ? 'retired' : 'back in use'}.`,
    async act => {
      const at = retired ? now() : null
      for (const thing of await thingsById(act.tx, ids, 'One of these things'))
        for (const unit of thing.units) {
          refusePan(unit, 'retire the whole palette')
          await act.update('units', unit.id, { retiredAt: at })
        }
      return thingsById(act.tx, ids)
    },
  )
}
