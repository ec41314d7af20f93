import { dueAfter } from '../due'
import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { tooFarApart } from '../complexion/apart'
import { mixingRules } from '../complexion/mixable'
import { packPigments } from '../complexion/pigments'
import { easePenalty, isOneOf, verdictOf, type Recipe } from '../complexion/recipe'
import { mixLab, touchTowards } from '../complexion/touch'
import type { KitItem } from '../product/item'
import { complexionProduct, itemOfRecipe } from '../product/recipeItem'
import type { FaceFacts } from '../asked/face'
import { note, scoreOf, type Finding } from '../suitability/finding'
import { houseFindings } from '../suitability/houseRule'
import { findingsOn } from '../suitability/rules'
import { judged, lift, said, type Candidate, type Situation } from './candidate'
import { baseMixes } from './baseMixes'
import { riskBetween } from './layering'
import type { PlanSettings } from '../asked/settings'
import { bestSteered, differentMedia, leastGain } from './steered'
import type { SlotUse } from './uses'

const MATCH_WEIGHT = { invisible: 2, match: 1, workable: -1, visible: -5 } as const
// Of two seams of one verdict the nearer is the better.
const PER_DELTA_E = 0.3
// Media are tried in every mix of a small kit; of a large one in the best, and in the best of each formula.
const STEERED_ALL = 60
const STEERED = 12

type Bottle = KitItem & { lab: Lab }

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

const colourWorth = ({ verdict, deltaE }: Recipe) => MATCH_WEIGHT[verdict] - PER_DELTA_E * deltaE

/** Everything the rules say of one product as a base here; of the same product once. */
function weighing(use: SlotUse, { face, job, settings }: Situation): (item: KitItem) => Finding[] {
  const known = new Map<KitItem, Finding[]>()
  return item => {
    const findings =
      known.get(item)
      ?? findingsOn({ item, slot: 'foundation', skinType: use.skinType, zones: use.zones, face, job, settings })
    known.set(item, findings)
    return findings
  }
}
type Weigh = ReturnType<typeof weighing>

/** Recipes on record whose bottles are all here, as they come out now. */
function ownRecipes(usable: readonly Bottle[], target: Lab, { face, settings, items }: Situation): Recipe[] {
  const byId = new Map(usable.map(b => [b.id, b]))
  const media = new Set(items.filter(i => i.kind === 'medium' && i.level > 0).map(i => i.id))
  return face.recipes.flatMap(drops => {
    const coloured = drops.filter(d => byId.has(d.id))
    if (coloured.length === 0 || drops.some(d => !byId.has(d.id) && !media.has(d.id))) return []
    const bottles = coloured.map(d => byId.get(d.id)!)
    const lab = mixLab(packPigments(bottles.map(complexionProduct), mixingRules(settings)), [...coloured])
    const deltaE = difference(lab, target)
    return [{ drops: [...drops], lab, deltaE, verdict: verdictOf(deltaE) }]
  })
}

// As known as one that fits still is the one that a touch brings back.
const TOUCHED = 4
// A touch comes out of a bottle of the recipe, an adjuster, or a sister shade; of so many at most.
const MOST_TOUCHES = 40

/** Recipes on record from which the skin has moved away, with the touch that brings them back. */
function touchedUp(
  own: readonly Recipe[],
  usable: readonly { item: Bottle }[],
  target: Lab,
  { settings, items, options }: Situation,
): { recipe: Recipe; add: string }[] {
  const byId = byIdOf(items)
  return own.flatMap(({ drops, deltaE }) => {
    if (deltaE <= options.tolerance || drops.some(d => byId.get(d.id)?.kind === 'medium')) return []
    const ranges = new Set(drops.map(d => byId.get(d.id)!.range))
    const bottles = usable
      .map(w => w.item)
      .filter(b => b.kind === 'adjuster' || ranges.has(b.range) || drops.some(d => d.id === b.id))
      .sort((x, y) => Number(drops.some(d => d.id === y.id)) - Number(drops.some(d => d.id === x.id)))
      .slice(0, MOST_TOUCHES)
    const touch = touchTowards(packPigments(bottles.map(complexionProduct), mixingRules(settings)), drops, target)
    if (!touch || difference(touch.lab, target) > options.tolerance) return []
    const now = difference(touch.lab, target)
    const count = touch.add.count === 1 ? 'a drop' : `${touch.add.count} drops`
    return [
      {
        recipe: { drops: touch.drops, lab: touch.lab, deltaE: now, verdict: verdictOf(now) },
        add: `their own recipe, brought back by ${count} of ${byId.get(touch.add.id)!.name} to ${touch.to}`,
      },
    ]
  })
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

const tables = new WeakMap<readonly KitItem[], ReadonlyMap<string, KitItem>>()
/** Items by id: the same table for every recipe of a plan. */
export function byIdOf(items: readonly KitItem[]): ReadonlyMap<string, KitItem> {
  const table = tables.get(items) ?? new Map(items.map(i => [i.id, i]))
  tables.set(items, table)
  return table
}

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
function easeCosts({ drops }: Recipe, bottles: readonly KitItem[]) {
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
