import { and, asc, eq, isNull } from 'drizzle-orm'
import { decant } from '#core/stock/fills'
import { measureOf, type Traits } from '#core/stock/usual'
import type {
  ChangeAllInput,
  DecantInput,
  OwnedProduct,
  OwnedProductInput,
  OwnedUnit,
  Place,
  RangeInput,
  RetireInput,
  UnitInput,
} from '#shared/records/kit'
import { db } from '../db/connection'
import { fills, offers, places, products, rangesApart, units } from '../db/schema'
import { BadInput, Conflict, Missing } from '../utils/problems'
import { expectVersion } from '../utils/stale'
import { newId, now } from './clock'
import { command, type Act } from './command'
import { ownedAmong, ownedById } from './owned'
import { present } from './present'

/* The acts on what is owned: products, the units that hold them, and what is left in those. */

type ProductRow = typeof products.$inferSelect
type UnitRow = typeof units.$inferSelect
type Reader = Pick<typeof db, 'select'>

/** One product of the kit or brought, with its units. @throws Missing */
export const productById = async (id: string): Promise<OwnedProduct> => (await ownedById(db, [id]))[0]!

export const placesNow = async (): Promise<Place[]> =>
  (await db.select().from(places).where(isNull(places.deletedAt)).orderBy(asc(places.position))).map(
    ({ id, parentId, sort, name }) => ({ id, parentId, sort, name }),
  )

export const rangesThatSeparate = (from: Reader = db) =>
  from.select({ brand: rangesApart.brand, range: rangesApart.range }).from(rangesApart)

/** What the form says of the product, as columns. */
export function productColumns({ kind, brand, range, shade, lab, colourSource, ...input }: OwnedProductInput) {
  const { coverage, family, finish, inci, flagFixes, traits, strength } = input
  const colour = colourSource === 'clear' ? { L: null, a: null, b: null } : { L: lab.L, a: lab.a, b: lab.b }
  return {
    kind,
    brand,
    range,
    shade,
    ...colour,
    colourSource,
    coverage,
    family,
    finish,
    inci,
    flagFixes,
    strength,
    traits: saidOf(traits ?? {}),
  }
}

/** Fields for which "not known" is an answer; left empty, any other is what the kind usually is. */
const MAY_BE_UNKNOWN = ['wearHours', 'spf', 'paoMonths']
const saidOf = (traits: Partial<Traits>): Partial<Traits> =>
  Object.fromEntries(
    Object.entries(traits).filter(([k, v]) => v !== undefined && (v !== null || MAY_BE_UNKNOWN.includes(k))),
  )

const unitColumns = ({ priceMinor, notes }: Pick<OwnedProductInput, 'priceMinor' | 'notes'>) => ({
  priceMinor: priceMinor ?? null,
  notes,
})
const fillColumns = (
  kind: ProductRow['kind'],
  { sizeMl, level, openedOn }: Pick<OwnedProductInput, 'sizeMl' | 'level' | 'openedOn'>,
) => ({ size: sizeMl, measure: measureOf(kind), level, openedOn: openedOn ?? null })

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
  product: { id: string; kind: ProductRow['kind'] },
  input: Pick<OwnedProductInput, 'sizeMl' | 'level' | 'priceMinor' | 'openedOn' | 'notes'>,
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

/**
 * The product that a form names: one that is offered under the very same names and owned by nobody yet, else a new one. So a
 * bottle typed in is the one a supplier sells.
 */
async function productFor(act: Act, input: OwnedProductInput, brought: boolean): Promise<ProductRow> {
  const known = brought || !input.brand.trim() || !input.range.trim() ? undefined : await offeredAs(act, input)
  const columns = productColumns(input)
  return known
    ? (await act.update('products', known, columns))!
    : act.insert('products', { id: newId(), createdAt: now(), ...columns })
}

async function offeredAs(act: Act, input: OwnedProductInput): Promise<string | undefined> {
  const { id, brand, range, shade } = products
  const offered = await act.tx
    .select({ id, brand, range, shade })
    .from(products)
    .innerJoin(offers, eq(offers.productId, products.id))
    .leftJoin(fills, eq(fills.productId, products.id))
    .where(and(eq(products.kind, input.kind), isNull(fills.id), isNull(products.deletedAt)))
  // Not in SQL, for which É and é are two letters.
  const same = (x: string, y: string) => x.trim().toLowerCase() === y.trim().toLowerCase()
  return offered.find(o => same(o.brand, input.brand) && same(o.range, input.range) && same(o.shade, input.shade))?.id
}

const oneOf = async (act: Act, id: string): Promise<OwnedProduct> => (await ownedById(act.tx, [id]))[0]!

export function addProduct(input: OwnedProductInput): Promise<OwnedProduct> {
  return command(
    p => `${p.shade} is in the kit.`,
    async act => {
      const product = await productFor(act, input, false)
      await addUnitOf(act, product, input)
      return oneOf(act, product.id)
    },
  )
}

/** What a face brings along: weighed for that face only, no part of the kit. */
export function addOwnProduct(faceId: string, input: OwnedProductInput): Promise<OwnedProduct> {
  return command(
    p => `${p.shade} is on the record.`,
    async act => {
      await present(act.tx, faceId)
      const product = await productFor(act, input, true)
      await addUnitOf(act, product, input, { ownerFaceId: faceId })
      return oneOf(act, product.id)
    },
  )
}

/** Another bottle of a product one has: the same colour to every recipe. */
export function addUnit(productId: string, input: UnitInput): Promise<OwnedProduct> {
  return command(
    p => `Another ${p.shade} is in the kit.`,
    async act => {
      const product = await oneOf(act, productId)
      const { placeId, role, label } = input
      const where = placeId ? { placeId: await placeAt(act, placeId) } : {}
      await addUnitOf(act, product, input, { role, label, ownerFaceId: product.ownerFaceId, ...where })
      return oneOf(act, productId)
    },
  )
}

async function placeAt(act: Act, id: string): Promise<string> {
  const [place] = await act.tx
    .select({ id: places.id })
    .from(places)
    .where(and(eq(places.id, id), isNull(places.deletedAt)))
  if (!place) throw new BadInput([{ path: 'placeId', message: 'is no place of yours' }])
  return place.id
}

async function unitNow(act: Act, unitId: string): Promise<{ product: OwnedProduct; unit: OwnedUnit }> {
  const rows = await act.tx
    .select({ productId: fills.productId })
    .from(fills)
    .innerJoin(units, eq(fills.unitId, units.id))
    .where(and(eq(units.id, unitId), isNull(units.deletedAt)))
    .limit(1)
  if (!rows[0]) throw new Missing('This bottle')
  const product = await oneOf(act, rows[0].productId)
  const unit = product.units.find(u => u.id === unitId)
  if (!unit) throw new Missing('This bottle')
  return { product, unit }
}

export function changeUnit(unitId: string, input: UnitInput): Promise<OwnedProduct> {
  return command(
    p => `A bottle of ${p.shade} is changed.`,
    async act => {
      const { product, unit } = await unitNow(act, unitId)
      expectVersion(product.shade, unit, input.version)
      const placeId = input.placeId ? await placeAt(act, input.placeId) : unit.placeId
      const { role, label } = input
      await act.update('units', unitId, { ...unitColumns(input), role, label, placeId })
      await act.update('fills', unit.fillId, fillColumns(product.kind, input))
      return oneOf(act, product.id)
    },
  )
}

/** Takes one bottle out of the kit; its product stays while another holds it. */
export function removeUnit(unitId: string): Promise<{ id: string }> {
  return command('A bottle is out of the kit.', async act => {
    await takeAway(act, (await unitNow(act, unitId)).unit)
    return { id: unitId }
  })
}

/** Some of a bottle in a vessel of its own: a second unit of the same product. */
export function decantUnit(unitId: string, { amount, sizeMl, placeId, label }: DecantInput): Promise<OwnedProduct> {
  return command(
    p => `Some ${p.shade} is decanted.`,
    async act => {
      const { product, unit } = await unitNow(act, unitId)
      const parts = decanted(unit, amount, sizeMl)
      await act.update('fills', unit.fillId, { level: parts.from.level })
      const made = await act.insert('units', {
        id: newId(),
        productId: product.id,
        placeId: placeId ? await placeAt(act, placeId) : unit.placeId,
        container: 'decant',
        label,
        ownerFaceId: product.ownerFaceId,
        createdAt: now(),
      })
      await act.insert('fills', {
        id: newId(),
        unitId: made.id,
        productId: product.id,
        fromFillId: unit.fillId,
        ...parts.into,
      })
      return oneOf(act, product.id)
    },
  )
}

function decanted(unit: OwnedUnit, amount: number, sizeMl: number) {
  try {
    return decant(unit, amount, sizeMl)
  } catch (problem) {
    if (problem instanceof RangeError) throw new BadInput([{ path: 'amount', message: problem.message }])
    throw problem
  }
}

/** Changes a product, and the unit a drop comes from. What was set aside is put right by hand that way. */
async function change(act: Act, id: string, input: OwnedProductInput): Promise<void> {
  const [before] = await ownedAmong(act.tx, [id])
  if (before) expectVersion(before.shade, before, input.version)
  const unit = before?.units[0] ?? (await unsoundUnit(act, id))
  await act.update('products', id, productColumns(input))
  await act.update('units', unit.id, unitColumns(input))
  await act.update('fills', unit.fillId, fillColumns(input.kind, input))
}

export function changeProduct(id: string, input: OwnedProductInput): Promise<OwnedProduct> {
  return command(`${input.shade} is changed.`, async act => {
    await change(act, id, input)
    return oneOf(act, id)
  })
}

/** A unit of a product, whatever else stands in its rows. @throws Missing where nobody owns it */
async function unsoundUnit(act: Act, productId: string): Promise<{ id: string; fillId: string }> {
  const [unit] = await act.tx
    .select({ id: units.id, fillId: fills.id })
    .from(units)
    .innerJoin(fills, eq(fills.unitId, units.id))
    .where(and(eq(fills.productId, productId), isNull(units.deletedAt)))
    .orderBy(units.createdAt, units.id)
    .limit(1)
  if (!unit) throw new Missing('This bottle')
  return unit
}

/** Several bottles changed as one act. */
export function changeAll({ products, asMeasured }: ChangeAllInput): Promise<OwnedProduct[]> {
  const ids = products.map(p => p.id)
  const [who, are] = products.length === 1 ? [products[0]!.shade, 'is'] : [`${products.length} bottles`, 'are']
  const pull = products.length === 1 ? 'pulls as it was' : 'pull as they were'
  return command(asMeasured ? `${who} ${pull} measured to.` : `${who} ${are} changed.`, async act => {
    for (const input of products) await change(act, input.id, input)
    return ownedById(act.tx, ids)
  })
}

/** @throws Conflict for a pan: the palette holds others */
async function takeAway(act: Act, unit: OwnedUnit): Promise<void> {
  if (unit.inside !== null)
    throw new Conflict(`It is a pan of ${unit.inside}: mark the pan as empty, or take the whole palette out.`)
  await act.update('units', unit.id, { deletedAt: now() })
}

/** Every unit of a product leaves the kit; recipes that name it go on naming it. */
export function removeProduct(id: string): Promise<{ id: string }> {
  let name = ''
  return command(
    () => `${name} is deleted.`,
    async act => {
      const product = await oneOf(act, id)
      name = product.shade
      for (const unit of product.units) await takeAway(act, unit)
      return { id }
    },
  )
}

/** Takes products out of use with all their units, or back into it, all or none. */
export function retire({ ids, retired }: RetireInput): Promise<OwnedProduct[]> {
  const who = (all: readonly OwnedProduct[]) => (all.length === 1 ? `${all[0]!.shade} is` : `${all.length} bottles are`)
  return command(
    all => `${who(all)} ${retired ? 'retired' : 'back in use'}.`,
    async act => {
      const at = retired ? now() : null
      for (const product of await ownedById(act.tx, ids, 'One of these bottles'))
        for (const unit of product.units) await act.update('units', unit.id, { retiredAt: at })
      return ownedById(act.tx, ids)
    },
  )
}

export function setRange({ brand, range, mixes }: RangeInput): Promise<{ brand: string; range: string }[]> {
  return command(mixes ? `${range} mixes with itself.` : `${range} separates.`, async act => {
    const [known] = await act.tx
      .select({ id: rangesApart.id })
      .from(rangesApart)
      .where(and(eq(rangesApart.brand, brand), eq(rangesApart.range, range)))
    if (mixes && known) await act.remove('rangesApart', known.id)
    else if (!mixes && !known) await act.insert('rangesApart', { id: newId(), brand, range })
    return rangesThatSeparate(act.tx)
  })
}
