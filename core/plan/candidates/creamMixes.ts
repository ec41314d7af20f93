import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { mixingRules } from '../../complexion/bottles/mixable'
import { packPigments } from '../../complexion/bottles/pigments'
import { verdictOf, type Drops, type Recipe } from '../../complexion/mixing/recipe'
import { mixLab } from '../../complexion/mixing/touch'
import { isPowder, type KitItem } from '../../product/item'
import { complexionProduct } from '../../product/recipeItem'
import type { Candidate } from '../question/candidate'
import type { Situation } from '../question/question'
import { riskBetween } from '../layers/layering'
import type { SlotId } from '../../asked/slots'
import type { SlotUse } from '../needs/uses'

/** Places whose colour may be mixed of two on the palette, as a base is. */
export const MIXED_OF_TWO: readonly SlotId[] = ['concealer', 'lip colour']

type Coloured = KitItem & { lab: Lab }
const isColoured = (item: KitItem): item is Coloured => item.lab !== null
/** Creams, sticks and fluids mix; a powder lies on what is below it. */
export const mayBeMixed = (item: KitItem): item is Coloured => isColoured(item) && !isPowder(item)

/** How far a concealer lies from the skin, a little lighter than it. */
export const CONCEALER_LIFT = 2
function wantedAt({ aim }: SlotUse, { skin }: Situation['face']): Lab {
  return aim?.is === 'lip' || aim?.is === 'charted' ? aim.wanted : { ...skin, L: skin.L + CONCEALER_LIFT }
}

/** A mix of creams as it comes out; null where something of it has no colour. */
export function creamRecipe(
  drops: readonly Drops[],
  items: readonly KitItem[],
  use: SlotUse,
  { face, settings }: Situation,
): Recipe | null {
  const parts = items.filter(mayBeMixed)
  if (parts.length < items.length || parts.length === 0) return null
  const lab = mixLab(packPigments(parts.map(complexionProduct), mixingRules(settings)), drops)
  const deltaE = difference(lab, wantedAt(use, face))
  return { drops: [...drops], lab, deltaE, verdict: verdictOf(deltaE) }
}

// prettier-ignore
const FINER = [[2, 1], [1, 2], [3, 1], [1, 3]] as const
// Of many colours so many are tried in pairs, and so many pairs in other shares than even ones.
const MOST = 8
const MOST_PAIRS = 4

// So much better the colour has to be than that of any one alone.
const SEEN = 0.5
/** Too far off alone, it may still be half of a mix. */
const isOffAlone = ({ veto }: Candidate) => veto?.rule === 'colour'
/** Findings on the colour alone. */
const colourOf = ({ findings }: Candidate) =>
  findings.reduce(
    (sum, f) => (f.effect.is === 'weight' && ['colour', 'shows-on-skin'].includes(f.rule) ? sum + f.effect.by : sum),
    0,
  )

/**
 * Mixes of two that serve better than either alone, the best of each pair. Even shares are tried first, the most promising pairs in
 * other shares too.
 * @param judge says what a mix is worth in the place
 */
export function mixesOfTwo(
  use: SlotUse,
  situation: Situation,
  singles: readonly Candidate[],
  judge: (recipe: Recipe) => Candidate,
): Candidate[] {
  const { settings } = situation
  if (!MIXED_OF_TWO.includes(use.slot) || settings.houseRules.some(r => r.slot === use.slot)) return []
  const parts = singles
    .filter(c => (!c.veto || isOffAlone(c)) && mayBeMixed(c.item))
    .sort((x, y) => y.score - x.score)
    .slice(0, MOST)
  const tried = (x: Candidate, y: Candidate, shares: readonly [number, number]): Candidate[] => {
    const drops = [
      { id: x.item.id, count: shares[0] },
      { id: y.item.id, count: shares[1] },
    ]
    const recipe = creamRecipe(drops, [x.item, y.item], use, situation)
    return recipe ? [judge(recipe)] : []
  }
  const pairs = parts
    .flatMap((x, i) => parts.slice(i + 1).map(y => ({ x, y })))
    .filter(({ x, y }) => riskBetween(x.item, y.item, settings.paletteTests).risk === 'none')
    .flatMap(({ x, y }) => tried(x, y, [1, 1]).map(even => ({ x, y, even })))
    .sort((p, q) => q.even.score - p.even.score)
  const single = Math.max(...parts.map(colourOf))
  return pairs.flatMap(({ x, y, even }, i) => {
    const finer = i < MOST_PAIRS ? FINER.flatMap(shares => tried(x, y, shares)) : []
    const best = [even, ...finer].reduce((a, b) => (b.score > a.score ? b : a))
    return best.score > Math.max(x.score, y.score) && colourOf(best) > single + SEEN ? [best] : []
  })
}
