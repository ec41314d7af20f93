import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { areaOf, bestCorrection, bestCorrector, leftOver, UNSEEN, type Concern } from '../complexion/correct'
import { amountWord } from '../look/judge'
import { pigmentFor } from '../complexion/pigments'
import type { Drops, Recipe } from '../complexion/recipe'
import { ITEM_KINDS, type ItemKind, type KitItem } from '../product/item'
import { complexionProduct, itemOfRecipe } from '../product/recipeItem'
import type { FaceFacts } from '../asked/face'
import type { Finding } from '../suitability/finding'
import { houseFindings } from '../suitability/houseRule'
import { findingsOn } from '../suitability/rules'
import { judged, said, type Candidate, type Situation } from './candidate'
import { CONCEALER_LIFT, creamRecipe, MIXED_OF_TWO, mixesOfTwo } from './creamMixes'
import { byIdOf, foundationCandidates } from './foundations'
import { slotPlan, SLOTS, type SlotId } from '../asked/slots'
import type { SlotUse } from './uses'

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

// Within this a concealer is seen as skin; farther off than the second it is a patch.
const CONCEALS = 5
const CONCEALER_FAR = 7
// On arms and legs an edge can be blended out a good way, but not every way.
const BODY_NEAR = 4
const BODY_FAR = 9

function colourFindings({ slot, concern }: SlotUse, item: KitItem, { face }: Situation, under: Under): Finding[] {
  if (!item.lab) return []
  if (slot === 'concealer') {
    const dE = difference(item.lab, { ...face.skin, L: face.skin.L + CONCEALER_LIFT })
    const told = `${dE <= CONCEALS ? 'sits at the skin' : 'too far from this skin'}, ΔE ${dE.toFixed(1)}`
    return [
      dE <= CONCEALER_FAR
        ? said('colour', dE <= CONCEALS / 2 ? 2 : dE <= CONCEALS ? 0.5 : -3, told)
        : { rule: 'colour', effect: { is: 'veto', of: 'taste' }, sentence: told },
    ]
  }
  if (slot === 'body') {
    const dE = difference(item.lab, face.skin)
    const told = `${dE <= BODY_NEAR ? 'agrees with the skin' : 'another colour than this skin'}, ΔE ${dE.toFixed(1)}`
    return [
      dE <= BODY_FAR
        ? said('colour', dE <= BODY_NEAR ? 1 : -1, told)
        : { rule: 'colour', effect: { is: 'veto', of: 'taste' }, sentence: told },
    ]
  }
  return concern ? correcting(item as Coloured, concern, face, under) : []
}

type Coloured = KitItem & { lab: Lab }
const filmFor = (item: KitItem) => pigmentFor(complexionProduct(item as Coloured))
/** Where a corrector works the base lies thin. */
const THIN = 0.5

/** What lies over a corrector: the base of the plan and, under the eye, the concealer. */
export interface Under {
  base: Candidate | null
  concealer: Candidate | null
}
function layersOver({ base, concealer }: Under, concern: Concern) {
  return [
    ...(base?.item.lab ? [{ film: filmFor(base.item), thickness: THIN }] : []),
    ...(concern === 'dark circles' && concealer?.item.lab ? [{ film: filmFor(concealer.item), thickness: THIN }] : []),
  ]
}

function correcting(item: Coloured, concern: Concern, { skin }: FaceFacts, under: Under): Finding[] {
  const over = layersOver(under, concern)
  if (over.length === 0) return []
  const area = areaOf(skin, concern)
  const { thickness, left } = bestCorrection(filmFor(item), skin, area, over)
  const alone = leftOver(skin, area, [], over)
  // The least that still shows decides; among equals, the one that is needed least.
  const by = Math.max(-3, 3 - Math.max(0, left - 1) - 0.3 * thickness)
  if (thickness === 0) return [said('correction', -3, `does nothing for the ${concern} at this depth`)]
  const amount = amountWord(thickness)
  return [
    said(
      'correction',
      left < UNSEEN ? by : Math.min(by, 0.5),
      left <= UNSEEN
        ? `cancels the ${concern}: ${amount}, of ΔE ${alone.toFixed(1)} ${left.toFixed(1)} is left`
        : `softens the ${concern} from ΔE ${alone.toFixed(1)} to ${left.toFixed(1)}, ${amount}`,
    ),
  ]
}

// The corrector that leaves least to see, and among equals the one that is needed least, comes before other merits.
const BEST = 1.5
function preferBest(found: Candidate[], concern: Concern, { skin }: FaceFacts, under: Under): Candidate[] {
  const over = layersOver(under, concern)
  if (over.length === 0) return found
  const area = areaOf(skin, concern)
  const corrections = found
    .filter(c => !c.veto && c.item.lab)
    .map(candidate => ({ candidate, ...bestCorrection(filmFor(candidate.item), skin, area, over) }))
  const best = bestCorrector(corrections.filter(c => c.thickness > 0))?.candidate
  return found.map(c =>
    c === best
      ? {
          ...c,
          score: c.score + BEST,
          findings: [...c.findings, said('correction', BEST, 'leaves least, with the least of it')],
        }
      : c,
  )
}

/** Whether a corrector, at its best amount and with what lies over it, leaves nothing to be seen. */
export function cancels(
  { item }: Candidate,
  concern: Concern,
  { skin }: Pick<FaceFacts, 'skin'>,
  under: Under,
): boolean {
  if (!item.lab) return false
  return bestCorrection(filmFor(item), skin, areaOf(skin, concern), layersOver(under, concern)).left <= UNSEEN
}

/** Whether what lies over an area brings it within sight of its surroundings, so that no corrector is needed. */
export function hidesAlone(under: Under, concern: Concern, { skin }: Pick<FaceFacts, 'skin'>): boolean {
  const over = layersOver(under, concern)
  return over.length > 0 && leftOver(skin, areaOf(skin, concern), [], over) <= UNSEEN
}
