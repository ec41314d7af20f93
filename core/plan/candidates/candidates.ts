import type { Drops, Recipe } from '../../complexion/mixing/recipe'
import { ITEM_KINDS, type ItemKind, type KitItem } from '../../product/item'
import { itemOfRecipe } from '../../product/recipeItem'
import type { Finding } from '../../suitability/finding'
import { houseFindings } from '../../suitability/houseRule'
import { findingsOn } from '../../suitability/rules'
import { judged, said, type Candidate } from '../question/candidate'
import type { Situation } from '../question/question'
import { creamRecipe, MIXED_OF_TWO, mixesOfTwo } from './creamMixes'
import { byIdOf } from '../../product/byId'
import { foundationCandidates } from '../base/foundations'
import { slotPlan, SLOTS, type SlotId } from '../../asked/slots'
import type { SlotUse } from '../needs/uses'
import { colourFindings, preferBest, type Under } from './corrections'

/** Everything that could go in a place, foundations apart. */
export function candidatesFor(use: SlotUse, situation: Situation, under: Under): Candidate[] {
  if (use.slot === 'foundation') return foundationCandidates(use, situation)
  const { face, items } = situation
  const found = forSlot(items, use.slot).map(item => candidateOf(item, null, use, situation, under))
  const mixes = mixesOfTwo(use, situation, found, recipe => mixedOf(recipe, use, situation, under))
  return use.concern ? preferBest(found, use.concern, face, under) : [...found, ...mixes]
}

/** A product, or a mix of some as one, with all that speaks for and against it in a place. */
function candidateOf(
  item: KitItem,
  recipe: Recipe | null,
  use: SlotUse,
  situation: Situation,
  under: Under,
  more: readonly Finding[] = [],
): Candidate {
  const { kinds } = slotPlan(use.slot)
  const { face, job, settings, overrides } = situation
  const { slot, skinType, zones, aim } = use
  return judged(
    item,
    recipe,
    [
      ...findingsOn({ item, slot, skinType, zones, aim, face, job, settings }),
      ...houseFindings(settings, slot, item),
      ...colourFindings(use, item, situation, under),
      ...(kinds.includes(item.kind)
        ? []
        : [said('several-uses', -0.5, `${article(item.kind)} doing the work of ${article(kinds[0]!)}`)]),
      ...(item.own ? [said('own-product', 0.5, 'their own, used by nobody else')] : []),
      ...more,
    ],
    overrides,
  )
}

// What mixing takes: so much better than one alone it has to be.
const PALETTE = -0.75
function mixedOf(recipe: Recipe, use: SlotUse, situation: Situation, under: Under): Candidate {
  const item = itemOfRecipe(recipe, byIdOf(situation.items))
  return candidateOf(item, recipe, use, situation, under, [
    said('simplicity', PALETTE, 'mixed of two on the palette: neither alone does it'),
  ])
}

/** A mix of creams that is held in a place; undefined where it cannot be mixed there. */
export function heldMix(drops: readonly Drops[], use: SlotUse, situation: Situation): Candidate | undefined {
  const parts = drops.map(d => forSlot(situation.items, use.slot).find(i => i.id === d.id))
  if (!MIXED_OF_TWO.includes(use.slot) || parts.some(p => p === undefined)) return undefined
  const recipe = creamRecipe(drops, parts as KitItem[], use, situation)
  return recipe ? mixedOf(recipe, use, situation, { base: null, concealer: null }) : undefined
}

const slotsOf = (kind: ItemKind) => SLOTS.filter(s => s.kinds.includes(kind)).map(s => s.id)
const SLOTS_BY_KIND: ReadonlyMap<ItemKind, readonly SlotId[]> = new Map(ITEM_KINDS.map(k => [k, slotsOf(k)]))
const bySlot = new WeakMap<readonly KitItem[], Map<SlotId, KitItem[]>>()
/** Items that may do the work of a place, sorted out once for all places of a plan. */
function forSlot(items: readonly KitItem[], slot: SlotId): readonly KitItem[] {
  let known = bySlot.get(items)
  if (!known) {
    known = new Map(SLOTS.map(s => [s.id, []]))
    for (const item of items)
      for (const kind of [item.kind, ...item.alsoFor])
        for (const slot of SLOTS_BY_KIND.get(kind)!) {
          const here = known.get(slot)!
          if (here.at(-1) !== item) here.push(item)
        }
    bySlot.set(items, known)
  }
  return known.get(slot)!
}

const article = (kind: ItemKind) => `${/^[aeiou]/.test(kind) ? 'an' : 'a'} ${kind}`
