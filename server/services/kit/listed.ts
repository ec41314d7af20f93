import { isNull } from 'drizzle-orm'
import { isToolKind } from '#core/stock/things/kinds'
import { cut } from '#core/stock/list/words'
import {
  gearOfListed,
  isListedCosmetic,
  isListedGear,
  packed,
  productOfListed,
  type ListedInput,
  type ListedThing,
} from '#shared/records/kit/listed'
import { products } from '../../db/schema'
import { newId, now } from '../record/clock'
import { command, same, type Act } from '../record/command'
import { gearColumns } from './gear'
import { productColumns } from './kit'
import { pouchFor, usualPouches } from './places'
import { addUnitOf, fillColumns, placeAt } from './units'

/** Everything of a list enters the kit as one act, or nothing of it does. */
export function addListed({ things, intoPouches }: ListedInput): Promise<{ added: number }> {
  const count = things.reduce((sum, t) => sum + t.count, 0)
  return command(`${count === 1 ? `${things[0]!.name} is` : `${count} things are`} in the kit.`, async act => {
    for (const id of new Set(things.flatMap(t => t.placeId ?? []))) await placeAt(act, id)
    const pouches = intoPouches ? await usualPouches(act) : null
    const known = await knownProducts(act)
    for (const thing of things) {
      const placeId = thing.placeId ?? (pouches ? pouchFor(pouches, thing.kind) : undefined)
      await addOne(act, thing, placeId, known)
    }
    return { added: count }
  })
}

type Columns = Partial<typeof products.$inferInsert>
type Known = Map<string, { id: string; columns: Columns }[]>
const keyOf = (kind: string, shade: string) => `${kind} ${shade.trim().toLowerCase()}`

/** Products by kind and name: a line with the same words is another of the same product. */
async function knownProducts(act: Act): Promise<Known> {
  const known: Known = new Map()
  for (const row of await act.tx.select().from(products).where(isNull(products.deletedAt))) {
    const key = keyOf(row.kind, row.shade)
    known.set(key, [...(known.get(key) ?? []), { id: row.id, columns: row }])
  }
  return known
}

async function productLike(act: Act, columns: Columns & { kind: ListedThing['kind']; shade: string }, known: Known) {
  const key = keyOf(columns.kind, columns.shade)
  const alike = known.get(key) ?? []
  const there = alike.find(p =>
    Object.entries(columns).every(([field, value]) => same(p.columns[field as keyof Columns], value)),
  )
  if (there) return there.id
  const { id } = await act.insert('products', {
    ...(columns as typeof products.$inferInsert),
    id: newId(),
    createdAt: now(),
  })
  known.set(key, [...alike, { id, columns }])
  return id
}

async function addOne(act: Act, said: ListedThing, placeId: string | undefined, known: Known): Promise<void> {
  const thing = packed(said)
  const where = placeId === undefined ? {} : { placeId }
  if (isListedGear(thing)) {
    const gear = gearOfListed(thing)
    const id = await productLike(act, gearColumns(gear), known)
    if (isToolKind(thing.kind)) await addUnitOf(act, { id, kind: thing.kind }, gear, { count: thing.count, ...where })
    else for (let i = 0; i < thing.count; i++) await addUnitOf(act, { id, kind: thing.kind }, gear, where)
    return
  }
  if (!isListedCosmetic(thing)) return
  for (let i = 0; i < thing.count; i++) {
    if ((thing.pans ?? 0) > 1) await addPalette(act, thing, where)
    else {
      const input = productOfListed(thing)
      const id = await productLike(act, productColumns(input), known)
      await addUnitOf(act, { id, kind: thing.kind }, input, where)
    }
  }
}

/** A palette is a product, and each of its colours is one: a recipe names the colour wherever its pan lies. */
async function addPalette(
  act: Act,
  thing: Parameters<typeof productOfListed>[0],
  where: { placeId?: string },
): Promise<void> {
  const whole = productOfListed(thing)
  const palette = await act.insert('products', { id: newId(), createdAt: now(), ...productColumns(whole) })
  const pans = thing.pans ?? 0
  const unit = await act.insert('units', {
    id: newId(),
    productId: palette.id,
    container: 'palette',
    createdAt: now(),
    priceMinor: whole.priceMinor ?? null,
    notes: whole.notes,
    ...where,
  })
  for (let position = 0; position < pans; position++) {
    const own = thing.panNames[position]?.trim()
    const name = own || `${cut(whole.shade, 68)}, pan ${position + 1}`
    const pan = productOfListed(thing, name, own || null)
    const { id } = await act.insert('products', { id: newId(), createdAt: now(), ...productColumns(pan) })
    await act.insert('pans', { id: newId(), paletteId: palette.id, position, productId: id })
    // The size given for a palette is that of all its pans.
    const sizeMl = thing.size ? thing.size / pans : pan.sizeMl
    await act.insert('fills', {
      id: newId(),
      unitId: unit.id,
      position,
      productId: id,
      ...fillColumns(thing.kind, { ...pan, sizeMl }),
    })
  }
}
