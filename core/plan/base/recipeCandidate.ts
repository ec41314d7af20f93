import type { Lab } from '../../colour/lab'
import { tooFarApart } from '../../complexion/apart'
import { easePenalty, isOneOf, type Recipe } from '../../complexion/mixing/recipe'
import type { KitItem } from '../../product/item'
import { complexionProduct, itemOfRecipe } from '../../product/recipeItem'
import type { FaceFacts } from '../../asked/face'
import type { Finding } from '../../suitability/finding'
import { houseFindings } from '../../suitability/houseRule'
import { findingsOn } from '../../suitability/rules'
import { judged, lift, said, type Candidate } from '../question/candidate'
import type { Situation } from '../question/question'
import { riskBetween } from '../layers/layering'
import type { PlanSettings } from '../../asked/settings'
import type { SlotUse } from '../needs/uses'
import { byIdOf } from '../../product/byId'

/** A product that colours a base. */
export type Bottle = KitItem & { lab: Lab }

const MATCH_WEIGHT = { invisible: 2, match: 1, workable: -1, visible: -5 } as const
// Of two seams of one verdict the nearer is the better.
const PER_DELTA_E = 0.3
/** What the colour of a recipe is worth. */
export const colourWorth = ({ verdict, deltaE }: Recipe) => MATCH_WEIGHT[verdict] - PER_DELTA_E * deltaE

/** Everything the rules say of one product as a base here; of the same product once. */
export function weighing(use: SlotUse, { face, job, settings }: Situation): (item: KitItem) => Finding[] {
  const known = new Map<KitItem, Finding[]>()
  return item => {
    const findings =
      known.get(item)
      ?? findingsOn({ item, slot: 'foundation', skinType: use.skinType, zones: use.zones, face, job, settings })
    known.set(item, findings)
    return findings
  }
}
export type Weigh = ReturnType<typeof weighing>

/** A recipe as a candidate: its formula judged as one product, and findings on single bottles named with the bottle. */
export function recipeCandidate(
  recipe: Recipe,
  use: SlotUse,
  situation: Situation,
  weigh: Weigh = weighing(use, situation),
): Candidate {
  const { face, job, settings, items, overrides, options } = situation
  const byId = byIdOf(items)
  const item = itemOfRecipe(recipe, byId)
  const drops = recipe.drops.reduce((sum, d) => sum + d.count, 0)
  const parts = recipe.drops.map(d => ({ bottle: byId.get(d.id)!, share: d.count / drops }))
  const ofParts = parts.flatMap(({ bottle }) =>
    lift(bottle, weigh(bottle), overrides)
      .filter(f => PER_BOTTLE.includes(f.rule) || f.effect.is === 'veto' || f.sentence.includes('; overridden'))
      .map(f => ({ ...f, sentence: parts.length > 1 ? `${bottle.name}: ${f.sentence}` : f.sentence })),
  )
  // A veto on one bottle is a veto on the mix, listed once with that bottle.
  const ofMix = findingsOn({
    item,
    slot: 'foundation',
    skinType: use.skinType,
    zones: use.zones,
    face,
    job,
    settings: { ...settings, flashTests: flashTestsOf(item, parts, settings) },
  }).filter(f => !PER_BOTTLE.includes(f.rule) && f.effect.is !== 'veto')
  return judged(
    item,
    recipe,
    [
      said('match', colourWorth(recipe), matchSentence(recipe)),
      ...betterNone(recipe),
      ...ownRecipe(recipe, face.recipes, options.tolerance),
      ...simplicity(
        recipe,
        parts.map(p => p.bottle),
      ),
      ...mixingRisk(
        parts.map(p => p.bottle),
        settings,
      ),
      ...ofMix,
      ...ofParts,
      ...houseFindingsOfMix(settings, parts),
    ],
    [],
  )
}

// A mask that far from the neck is worse than a bare face.
const FAR_SEAM = 6
const betterNone = ({ deltaE }: Recipe): Finding[] =>
  deltaE > FAR_SEAM
    ? [
        {
          rule: 'match',
          effect: { is: 'veto', of: 'taste' },
          sentence: `the seam would show, ΔE ${deltaE.toFixed(1)}: better none`,
        },
      ]
    : []

// A recipe somebody is known by is what they get while it fits, unless much speaks against it today.
const KNOWN = 6
function ownRecipe({ drops, deltaE }: Recipe, recipes: FaceFacts['recipes'], tolerance: number): Finding[] {
  if (!isOneOf(drops, recipes)) return []
  return deltaE <= tolerance
    ? [said('recipe', KNOWN, 'their own recipe, and it still fits')]
    : [said('recipe', 0, `their own recipe, but the skin has moved: ΔE ${deltaE.toFixed(1)} now`)]
}

const PER_L = 1 / 8
/** What it costs to mix a recipe, in drops and bottles far apart. */
export function easeCosts({ drops }: Recipe, bottles: readonly KitItem[]) {
  const count = drops.reduce((sum, d) => sum + d.count, 0)
  const apart = tooFarApart(
    bottles.filter((b): b is Bottle => b.kind !== 'medium' && b.lab !== null).map(complexionProduct),
  )
  return { costs: easePenalty(drops.length, count) + PER_L * apart, apart, count }
}
function simplicity(recipe: Recipe, bottles: readonly KitItem[]): Finding[] {
  const { costs, apart, count } = easeCosts(recipe, bottles)
  if (costs === 0) return [said('simplicity', 0, 'straight from one bottle')]
  const words = `${bottles.length === 1 ? 'one bottle' : `${bottles.length} bottles`} in ${count} drops`
  return [said('simplicity', -costs, apart > 0 ? `${words}, far apart in depth: may turn ashy` : words)]
}

/** What photographs of its bottles say of a mix: one bad one spoils it, a good one of its main bottle speaks for it. */
function flashTestsOf(
  { id }: KitItem,
  parts: readonly { bottle: KitItem; share: number }[],
  { flashTests }: PlanSettings,
): PlanSettings['flashTests'] {
  const last = (is: (ids: readonly string[]) => boolean) => [...flashTests].reverse().find(t => is(t.itemIds))?.result
  const ids = parts.map(p => p.bottle.id)
  const together = last(t => t.length === ids.length && ids.length > 1 && ids.every(i => t.includes(i)))
  const single = parts.map(p => ({ share: p.share, result: last(t => t.length === 1 && t[0] === p.bottle.id) }))
  const good = single.reduce((sum, p) => sum + (p.result === 'good' ? p.share : 0), 0)
  const result = together ?? (single.some(p => p.result === 'bad') ? 'bad' : good >= 0.5 ? 'good' : undefined)
  return result ? [...flashTests, { itemIds: [id], result }] : flashTests
}

/** An agency's word counts by how much of the mix it speaks of. */
function houseFindingsOfMix(settings: PlanSettings, parts: readonly { bottle: KitItem; share: number }[]): Finding[] {
  return parts.flatMap(({ bottle, share }) =>
    houseFindings(settings, 'foundation', bottle).map(f =>
      f.effect.is === 'weight' ? { ...f, effect: { is: 'weight' as const, by: f.effect.by * share } } : f,
    ),
  )
}

/** The risk of mixing across bases, where no palette test has shown that the mix holds. */
function mixingRisk(bottles: readonly KitItem[], { paletteTests }: PlanSettings): Finding[] {
  const pairs = bottles.flatMap((x, i) =>
    bottles.slice(i + 1).map(y => ({ x, y, risk: riskBetween(x, y, paletteTests).risk })),
  )
  const risky = pairs.find(p => p.risk !== 'none')
  return risky
    ? [
        said(
          'mixing',
          RISKY_MIX,
          `${risky.x.family} and ${risky.y.family} in one mix may separate: try it on the palette first`,
        ),
      ]
    : []
}
const RISKY_MIX = -2.5

const PER_BOTTLE: readonly string[] = ['history', 'freshness']

function matchSentence({ deltaE, verdict }: Recipe): string {
  const words = {
    invisible: 'seam invisible at the jaw',
    match: 'a match at the jaw',
    workable: 'workable with a blended edge',
    visible: 'the seam would show',
  }[verdict]
  return `${words}, ΔE ${deltaE.toFixed(1)}`
}
