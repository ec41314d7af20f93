import { meanCoverage, meanKnown, meanWord } from '../complexion/bottles/formula'
import { hideOf, type ComplexionProduct } from '../complexion/bottles/product'
import type { Drops, Recipe } from '../complexion/mixing/recipe'
import { FINISHES, RESISTANCES, SPARKLES, type KitItem } from './item'

type Coloured = Pick<
  KitItem,
  'id' | 'kind' | 'coverage' | 'hide' | 'strength' | 'family' | 'range' | 'priceMinor' | 'size'
> & { lab: NonNullable<KitItem['lab']> }

// An item is never changed once it is made, and every plan asks for the same ones again.
const products = new WeakMap<Coloured, ComplexionProduct>()

/** What the colour model needs of an item: the same object for the same item. Adjusters change a base and are none. */
export function complexionProduct(item: Coloured): ComplexionProduct {
  const known = products.get(item)
  if (known) return known
  const made = {
    id: item.id,
    lab: item.lab,
    coverage: item.coverage,
    hide: item.hide,
    strength: item.strength,
    family: item.family,
    range: item.range,
    pricePerMl: item.priceMinor === null ? undefined : item.priceMinor / item.size,
    isBase: item.kind !== 'adjuster',
  }
  products.set(item, made)
  return made
}

export const recipeName = (drops: readonly Drops[], items: ReadonlyMap<string, KitItem>): string =>
  drops.map(d => (drops.length === 1 ? items.get(d.id)!.name : `${d.count} ${items.get(d.id)!.name}`)).join(' + ')

/** A sheering medium hides nothing; one for more cover brings what its coverage stands for. */
const hideOfPart = (item: KitItem) => (item.kind === 'medium' && item.coverage === 'sheer' ? 0 : hideOf(item))

// A mix keeps a resistance when at least this share of it has it.
const KEEPS = 0.7

/** What a mix of some products is, whatever their shares: its cautions are those of any part, its promises those of all. */
type Whatever = Pick<KitItem, 'flags' | 'ingredients' | 'sparkle' | 'useBy' | 'claims' | 'safeFor'> & {
  filter: KitItem['filter'] | null
  knowsSpf: boolean
}

function whateverShares(parts: readonly KitItem[]): Whatever {
  const all = <T>(pick: (item: KitItem) => readonly T[]) => [...new Set(parts.flatMap(pick))]
  const days = parts.flatMap(p => p.useBy ?? []).sort()
  return {
    flags: all(p => p.flags),
    ingredients: parts.some(p => p.ingredients === null) ? null : all(p => p.ingredients!),
    sparkle: SPARKLES[Math.max(...parts.map(p => SPARKLES.indexOf(p.sparkle)))]!,
    useBy: days[0] ?? null,
    claims: parts[0]!.claims.filter(c => parts.every(p => p.claims.includes(c))),
    safeFor: parts[0]!.safeFor.filter(place => parts.every(p => p.safeFor.includes(place))),
    filter: parts.find(p => p.filter === 'mineral')?.filter ?? null,
    knowsSpf: parts.every(p => p.spf !== null),
  }
}

// The same few bottles are mixed in dozens of ratios.
const known = new WeakMap<ReadonlyMap<string, KitItem>, Map<string, Whatever>>()
function whateverOf(drops: readonly Drops[], items: ReadonlyMap<string, KitItem>): Whatever {
  const sets = known.get(items) ?? new Map<string, Whatever>()
  known.set(items, sets)
  const key = drops.map(d => d.id).join('\n')
  const made = sets.get(key) ?? whateverShares(key.split('\n').map(id => items.get(id)!))
  sets.set(key, made)
  return made
}

/** A mix as one item: its formula is the mass-weighted blend of its parts, its cautions those of any part. */
export function itemOfRecipe(recipe: Recipe, items: ReadonlyMap<string, KitItem>): KitItem {
  const drops = recipe.drops.reduce((sum, d) => sum + d.count, 0)
  const parts = recipe.drops.map(d => ({ item: items.get(d.id)!, share: d.count / drops }))
  const main = parts.filter(p => p.item.kind !== 'medium').reduce((x, y) => (y.share > x.share ? y : x)).item
  const held = (test: (item: KitItem) => boolean) =>
    parts.reduce((sum, p) => sum + (test(p.item) ? p.share : 0), 0) >= KEEPS
  const hide = parts.map(p => ({ hide: hideOfPart(p.item), share: p.share }))
  const hides = hide.reduce((sum, p) => sum + p.share * p.hide, 0)
  const pulls = parts.reduce((sum, p) => sum + p.share * hideOfPart(p.item) * (p.item.strength ?? 1), 0)
  const hours = meanKnown(parts.map(p => ({ value: p.item.wearHours, share: p.share })))
  const { knowsSpf, filter, ...whatever } = whateverOf(recipe.drops, items)
  return {
    ...main,
    ...whatever,
    id: recipe.drops.map(d => `${d.count}×${d.id}`).join('+'),
    name: recipeName(recipe.drops, items),
    alsoFor: [],
    lab: recipe.lab,
    hide: hides,
    strength: hides > 0 ? pulls / hides : 1,
    coverage: meanCoverage(hide),
    finish: meanWord(
      FINISHES,
      parts.map(p => ({ word: p.item.finish, share: p.share })),
    ),
    wearHours: hours === null ? null : Math.round(hours * 10) / 10,
    resists: RESISTANCES.filter(r => held(item => item.resists.includes(r))),
    spf: knowsSpf ? Math.round(meanKnown(parts.map(p => ({ value: p.item.spf, share: p.share })))!) : null,
    filter: filter ?? main.filter,
    buildable: held(item => item.buildable),
    priceMinor: null,
  }
}
