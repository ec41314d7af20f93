import { dueAfter } from '../../due'
import { mixingRules } from '../../complexion/bottles/mixable'
import { isOneOf, type Recipe } from '../../complexion/mixing/recipe'
import type { KitItem } from '../../product/item'
import { itemOfRecipe } from '../../product/recipeItem'
import { note, scoreOf, type Finding } from '../../suitability/finding'
import { houseFindings } from '../../suitability/houseRule'
import { judged, said, type Candidate } from '../question/candidate'
import type { Situation } from '../question/question'
import { baseMixes } from './baseMixes'
import { bestSteered, differentMedia, leastGain } from './steered'
import type { SlotUse } from '../needs/uses'
import { byIdOf } from '../../product/byId'
import { ownRecipes, touchedUp, TOUCHED } from './ownRecipes'
import { colourWorth, easeCosts, recipeCandidate, weighing, type Bottle, type Weigh } from './recipeCandidate'

// Media are tried in every mix of a small kit; of a large one in the best, and in the best of each formula.
const STEERED_ALL = 60
const STEERED = 12

/**
 * Foundations as recipes, the best first by colour, formula and simplicity together: what a plan takes and what Match shows. Bottles
 * that may not touch this face are in no recipe.
 */
export function foundationCandidates(use: SlotUse, situation: Situation): Candidate[] {
  const { settings, items, options, overrides, face } = situation
  const target = use.tone?.skin ?? face.skin
  const weigh = weighing(use, situation)
  const bottles = items.filter((i): i is Bottle => (i.kind === 'foundation' || i.kind === 'adjuster') && i.lab !== null)
  const weighed = bottles.map(item => ({ item, candidate: judged(item, null, weigh(item), overrides) }))
  const usable = weighed.filter(w => !w.candidate.veto)
  const rules = mixingRules(settings)
  const due = situation.mixingMs === undefined ? undefined : dueAfter(situation.mixingMs)
  const promising = usable
    .filter(w => w.item.kind === 'foundation')
    .sort((x, y) => y.candidate.score - x.candidate.score)
    .map(w => w.item)
  const { recipes, complete } = baseMixes({
    target,
    bottles: usable.map(w => w.item),
    rules,
    options,
    promising,
    due,
  })
  const own = ownRecipes(
    usable.map(w => w.item),
    target,
    situation,
  )
  const plain = [
    ...touchedUp(own, usable, target, situation).map(({ recipe, add }) =>
      alsoSaid(recipeCandidate(recipe, use, situation, weigh), said('recipe', TOUCHED, add)),
    ),
    ...[...own, ...undominated(recipes, situation)].map(recipe => recipeCandidate(recipe, use, situation, weigh)),
  ]
  plain.sort((x, y) => y.score - x.score)
  if (!complete && plain[0]) plain[0].findings.push(said('match', 0, 'so many bottles that not every mix was tried'))
  const media = mediaFor(usable, use, situation, weigh)
  const tried =
    media.length === 0
      ? []
      : new Set([
          ...plain.slice(0, plain.length <= STEERED_ALL ? STEERED_ALL : STEERED),
          ...oncePer(plain, c => `${c.item.family} ${c.item.coverage} ${c.item.finish}`).slice(0, STEERED),
        ])
  const steered = [...tried].flatMap(c => steeredCandidates({ ...c, recipe: c.recipe! }, media, use, situation, weigh))
  // Vetoed bottles stay in the list so that the plan can say why they are left out.
  return [
    ...[...plain, ...steered].sort((x, y) => y.score - x.score),
    ...weighed.filter(w => w.candidate.veto && w.item.kind === 'foundation').map(w => w.candidate),
  ]
}

function oncePer<T>(list: readonly T[], by: (entry: T) => string): T[] {
  const seen = new Set<string>()
  return list.filter(entry => !seen.has(by(entry)) && !!seen.add(by(entry)))
}

/**
 * Of mixes of the same bottles with the same formula only the one that is best by colour and ease: whatever the rules say of the formula
 * they say of all of them. Where an agency's word counts by its share, or a recipe is somebody's own, all are kept.
 */
function undominated(recipes: readonly Recipe[], { settings, items, face }: Situation): Recipe[] {
  const byId = byIdOf(items)
  const shares = settings.houseRules.some(r => r.slot === 'foundation') || settings.flashTests.length > 0
  if (shares) return recipes.filter(r => !isOneOf(r.drops, face.recipes))
  const best = new Map<string, { recipe: Recipe; worth: number }>()
  for (const recipe of recipes) {
    if (face.recipes.length > 0 && isOneOf(recipe.drops, face.recipes)) continue
    const { coverage, finish, wearHours, resists, buildable, spf, ...main } = itemOfRecipe(recipe, byId)
    const ids = recipe.drops
      .map(d => d.id)
      .sort()
      .join()
    const key = `${ids} ${coverage} ${finish} ${wearHours} ${resists.join()} ${buildable} ${spf} ${main.range} ${main.texture} ${main.dispenser}`
    const worth =
      colourWorth(recipe)
      - easeCosts(
        recipe,
        recipe.drops.map(d => byId.get(d.id)!),
      ).costs
    const rival = best.get(key)
    if (!rival || worth > rival.worth) best.set(key, { recipe, worth })
  }
  return [...best.values()].map(b => b.recipe)
}

const alsoSaid = (candidate: Candidate, finding: Finding): Candidate => ({
  ...candidate,
  findings: [...candidate.findings, finding],
  score: scoreOf([...candidate.findings, finding]),
})

function mediaFor(
  usable: readonly { item: KitItem }[],
  use: SlotUse,
  { items, settings, overrides }: Situation,
  weigh: Weigh,
): KitItem[] {
  return differentMedia(
    items
      .filter(i => i.kind === 'medium' && i.level > 0)
      .map(item => judged(item, null, [...weigh(item), ...houseFindings(settings, use.slot, item)], overrides))
      .filter(candidate => !candidate.veto),
    new Set([...usable.map(w => w.item.range), ...settings.paletteTests.flatMap(t => [t.a, t.b])]),
  )
}

/** What each medium makes of a recipe, where that is worth the bottle. */
function steeredCandidates(
  plain: Candidate & { recipe: Recipe },
  media: readonly KitItem[],
  use: SlotUse,
  situation: Situation,
  weigh: Weigh,
): Candidate[] {
  const { recipe } = plain
  const byId = byIdOf(situation.items)
  const bottles = recipe.drops.map(d => byId.get(d.id)!)
  const rules = mixingRules(situation.settings)
  const worth = (steeredTo: Recipe) => recipeCandidate(steeredTo, use, situation, weigh).score
  return media.flatMap(medium => {
    const best = bestSteered(recipe, bottles, medium, rules, plain.score, worth)
    if (!best) return []
    const candidate = recipeCandidate(best, use, situation, weigh)
    const what = changed(plain.item, candidate.item) || 'as it was asked'
    const findings = [
      ...candidate.findings,
      said('simplicity', -leastGain(medium), 'one more bottle on the palette'),
      { rule: 'medium', ...note(`${medium.name} in it: ${what}`) },
    ]
    return [{ ...candidate, findings, score: scoreOf(findings) }]
  })
}

/** What a medium changed: "light cover, dewy, lasts 10 h". */
function changed(before: KitItem, after: KitItem): string {
  return [
    after.coverage !== before.coverage && `${after.coverage} cover`,
    after.finish !== before.finish && after.finish,
    after.wearHours !== before.wearHours && after.wearHours !== null && `lasts ${after.wearHours} h`,
  ]
    .filter(Boolean)
    .join(', ')
}
