import { skinPlace } from '#core/complexion/skins/skin'
import { isComplexionKind } from '#core/stock/things/usual'
import { ITEM_KINDS } from '#core/product/item'
import type { KitLine, KitOrder, KitPage, KitQuery, KitState, OwnedProduct, Shelf } from '#shared/records/kit/kit'
import { isMixed, shelfProductOf } from '#shared/asked/kitPigments'
import { rangesThatSeparate } from './kit'
import { placesNow } from './places'
import { afterPlace, cursorOf } from '../record/listing'
import { kitProducts } from './owned'

/* The kit as it is read: a page of it, or in short. Everything owned is at hand, so lists are cut from it and not from the database. */

/** Everything that is mixed, and how much else there is. */
export async function shelf(): Promise<Shelf> {
  const all = await kitProducts()
  const kinds = new Set(all.map(p => p.kind))
  return {
    products: all.filter(isMixed).map(shelfProductOf),
    apart: await rangesThatSeparate(),
    places: await placesNow(),
    count: all.length,
    empty: all.filter(IN_STATE.empty).length,
    kinds: ITEM_KINDS.filter(k => kinds.has(k)),
  }
}

/** Brands and ranges of the kit, by name. */
export async function rangesOwned(): Promise<{ brand: string; range: string }[]> {
  const all = (await kitProducts()).map(({ brand, range }) => ({ brand, range }))
  const once = new Map(all.filter(r => r.brand || r.range).map(r => [`${r.brand}\n${r.range}`, r]))
  return [...once.values()].sort((x, y) => x.brand.localeCompare(y.brand) || x.range.localeCompare(y.range))
}

const IN_STATE: Record<KitState, (p: OwnedProduct) => boolean> = {
  'in use': p => p.retiredAt === null && p.level > 0,
  'empty': p => p.retiredAt === null && p.level === 0,
  'retired': p => p.retiredAt !== null,
  'all': () => true,
}

// What has no depth comes after all that has, by kind.
const NO_DEPTH = 99
/** Only what a skin is matched with has a depth. */
const sits = ({ kind }: OwnedProduct) => kind === 'foundation' || kind === 'concealer'

const KEYS: Record<KitOrder, (p: OwnedProduct) => string | number> = {
  depth: p => (sits(p) ? skinPlace(p.lab).depth : NO_DEPTH + ITEM_KINDS.indexOf(p.kind)),
  shade: p => p.shade.toLowerCase(),
  undertone: p => (sits(p) ? skinPlace(p.lab).undertone : p.kind),
  family: p => p.family,
  coverage: p => p.coverage,
  finish: p => p.finish,
  size: p => p.sizeMl,
  level: p => p.level,
  price: p => p.priceMinor ?? -1,
}

const lineOf = (p: OwnedProduct): KitLine => ({
  id: p.id,
  kind: p.kind,
  brand: p.brand,
  range: p.range,
  shade: p.shade,
  lab: p.lab,
  colourSource: p.colourSource,
  coverage: p.coverage,
  family: p.family,
  finish: p.finish,
  sizeMl: p.sizeMl,
  level: p.level,
  priceMinor: p.priceMinor,
  retiredAt: p.retiredAt,
  units: p.units.length,
  notes: p.notes,
})

/** The kit a page at a time: searched, filtered and in order. */
export async function kitList({
  q,
  kind,
  kinds,
  family,
  state,
  order,
  way,
  cursor,
  limit,
}: KitQuery): Promise<KitPage> {
  const words = q.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8)
  const among = new Set(kinds.split(',').filter(Boolean))
  const all = (await kitProducts()).filter(p => {
    const text = `${p.shade} ${p.brand} ${p.range} ${p.notes}`.toLowerCase()
    return (
      IN_STATE[state](p)
      && (kind === 'all' || (kind === 'complexion' ? isComplexionKind(p.kind) : p.kind === kind))
      && (among.size === 0 || [p.kind, ...p.traits.alsoFor].some(k => among.has(k)))
      && (family === 'all' || p.family === family)
      && words.every(w => text.includes(w))
    )
  })
  const rows = all
    .map(product => ({ product, key: KEYS[order](product), name: product.shade, id: product.id }))
    .sort((x, y) => compare(x, y) * (way === 'up' ? 1 : -1))
  const after = afterPlace(cursor)
  const rest = after ? rows.filter(row => compare(row, after) * (way === 'up' ? 1 : -1) > 0) : rows
  const shown = rest.slice(0, limit)
  return {
    lines: shown.map(r => lineOf(r.product)),
    next: rest.length > limit ? cursorOf(shown.at(-1)!) : null,
    count: rows.length,
  }
}

interface Place {
  key: string | number
  name: string
  id: string
}
const before = (x: string | number, y: string | number) => (x < y ? -1 : x > y ? 1 : 0)
const compare = (x: Place, y: Place) => before(x.key, y.key) || before(x.name, y.name) || before(x.id, y.id)

/** Names of products of the kit by id; products that left it are absent. */
export async function productNames(ids: string): Promise<{ id: string; shade: string }[]> {
  const wanted = new Set(ids.split(',').slice(0, 200))
  return (await kitProducts()).filter(p => wanted.has(p.id)).map(({ id, shade }) => ({ id, shade }))
}
