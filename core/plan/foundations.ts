import { dueAfter } from '../due'
import type { Lab } from '../colour/lab'
import { matchWithin } from '../complexion/match'
import { mayMix, mixingRules, type MixingRules } from '../complexion/mixable'
import { packPigments } from '../complexion/pigments'
import { FAMILIES } from '../complexion/product'
import { verdictOf, type Recipe } from '../complexion/recipe'
import type { KitItem } from '../product/item'
import { complexionProduct, itemOfRecipe } from '../product/recipeItem'
import { scoreOf, type Finding } from '../suitability/finding'
import { houseFindings } from '../suitability/houseRule'
import { findingsOn } from '../suitability/rules'
import { judged, lift, said, type Candidate, type Situation } from './candidate'
import { riskBetween } from './layering'
import type { PlanSettings } from './settings'
import { bestSteered, differentMedia, leastGain } from './steered'
import type { SlotUse } from './uses'

// Recipes offered per formula: the chain chooses among formulas, the match page among recipes.
const PER_FORMULA = 2
const SIMPLE = 2
const MATCH_WEIGHT = { invisible: 2, match: 1, workable: -1, visible: -5 } as const

/**
 * Foundations as recipes: the best the kit can mix for each base family, so that the formula is chosen with the rest of
 * the chain and not before it. Bottles that may not touch this face are in no recipe.
 */
export function foundationCandidates(use: SlotUse, situation: Situation): Candidate[] {
  const { face, job, settings, items, options, overrides } = situation
  const target = use.tone?.skin ?? face.skin
  const bottles = items.filter(
    (i): i is KitItem & { lab: Lab } => (i.kind === 'foundation' || i.kind === 'adjuster') && i.lab !== null,
  )
  const weighed = bottles.map(item => ({
    item,
    candidate: judged(
      item,
      null,
      findingsOn({ item, slot: 'foundation', skinType: use.skinType, face, job, settings }),
      overrides,
    ),
  }))
  const usable = weighed.filter(w => !w.candidate.veto).map(w => w.item)
  const rules = mixingRules(settings)
  const seen = new Set<string>()
  const safe = { ...rules, someRisk: false }
  const due = situation.mixingMs === undefined ? undefined : dueAfter(situation.mixingMs)
  const cut = new Set<Recipe>()
  const bestOf = (
    group: typeof usable,
    by: MixingRules,
    limit: number,
    most = options.maxProducts,
    known: readonly Recipe[] = [],
  ) => {
    const pigments = packPigments(group.map(complexionProduct), by)
    const { recipes, complete } = matchWithin(
      target,
      pigments,
      { ...options, maxProducts: Math.min(most, options.maxProducts) },
      {
        limit,
        due,
        nearest: 'of a better verdict',
        known,
      },
    )
    if (!complete) recipes.forEach(recipe => cut.add(recipe))
    return recipes
  }
  // One search per formula, so that no base keeps another from being weighed; what may separate stays out of these …
  const ofOneBase = FAMILIES.filter(f => usable.some(b => b.family === f && b.kind === 'foundation')).flatMap(
    family => {
      const own = usable.filter(b => b.family === family)
      return bestOf(
        usable.filter(b => b.family === family || (b.kind === 'adjuster' && own.some(o => mayMix(o, b, safe)))),
        safe,
        PER_FORMULA,
      )
    },
  )
  // … and one over everything that the method and the palette let mix. Where one base alone is as good as can be seen, only two of
  // several bases are worth counting out, for they would have to be simpler.
  const asGood = ofOneBase.some(r => r.verdict === 'invisible')
  const recipes = [...ofOneBase, ...bestOf(usable, rules, 1, asGood ? SIMPLE : options.maxProducts, ofOneBase)].filter(
    recipe => {
      const key = recipe.drops
        .map(d => `${d.count} ${d.id}`)
        .sort()
        .join()
      return !seen.has(key) && !!seen.add(key)
    },
  )
  const media = differentMedia(
    items
      .filter(i => i.kind === 'medium' && i.level > 0)
      .map(item => {
        const findings = findingsOn({ item, slot: 'foundation', skinType: use.skinType, face, job, settings })
        return judged(item, null, [...findings, ...houseFindings(settings, 'foundation', item)], overrides)
      })
      .filter(candidate => !candidate.veto),
    new Set([...usable.map(b => b.range), ...settings.paletteTests.flatMap(t => [t.a, t.b])]),
  )
  // Vetoed bottles stay in the list so that the plan can say why they are left out.
  return [
    ...recipes.flatMap(recipe => {
      const plain = recipeCandidate(recipe, use, situation)
      if (cut.has(recipe)) plain.findings.push(said('match', 0, 'so many bottles that not every mix was tried'))
      return [plain, ...steeredCandidates({ ...plain, recipe }, media, use, situation)]
    }),
    ...weighed.filter(w => w.candidate.veto && w.item.kind === 'foundation').map(w => w.candidate),
  ]
}

const tables = new WeakMap<readonly KitItem[], ReadonlyMap<string, KitItem>>()
/** Items by id: the same table for every recipe of a plan. */
function byIdOf(items: readonly KitItem[]): ReadonlyMap<string, KitItem> {
  const table = tables.get(items) ?? new Map(items.map(i => [i.id, i]))
  tables.set(items, table)
  return table
}

/** A recipe as a candidate: its formula judged as one product, and what belongs to single bottles said of them. */
export function recipeCandidate(recipe: Recipe, use: SlotUse, situation: Situation): Candidate {
  const { face, job, settings, items, overrides } = situation
  const byId = byIdOf(items)
  const weigh = (item: KitItem) => findingsOn({ item, slot: 'foundation', skinType: use.skinType, face, job, settings })
  const item = itemOfRecipe(recipe, byId)
  const ofParts = recipe.drops.flatMap(({ id }) => {
    const bottle = byId.get(id)!
    return lift(bottle, weigh(bottle), overrides)
      .filter(f => PER_BOTTLE.includes(f.rule) || f.effect.is === 'veto' || f.sentence.includes('; overridden'))
      .map(f => ({ ...f, sentence: recipe.drops.length > 1 ? `${bottle.name}: ${f.sentence}` : f.sentence }))
  })
  // A veto on a part stands for the whole mix; said once, of the bottle it concerns.
  const ofMix = weigh(item).filter(f => !PER_BOTTLE.includes(f.rule) && f.effect.is !== 'veto')
  const verdict = verdictOf(recipe.deltaE)
  return judged(
    item,
    recipe,
    [
      said('match', MATCH_WEIGHT[verdict], matchSentence(recipe)),
      ...mixingRisk(
        recipe.drops.map(d => byId.get(d.id)!),
        settings,
      ),
      ...ofMix,
      ...ofParts,
      ...recipe.drops.flatMap(d => houseFindings(settings, 'foundation', byId.get(d.id)!)).slice(0, 1),
    ],
    [],
  )
}

/** What the rules make of the formula of a recipe. */
const worthOf =
  (use: SlotUse, { face, job, settings, items }: Situation) =>
  (recipe: Recipe): number => {
    const item = itemOfRecipe(recipe, byIdOf(items))
    return scoreOf(findingsOn({ item, slot: 'foundation', skinType: use.skinType, face, job, settings }))
  }

/** What each medium makes of a recipe, where that is worth the bottle. */
function steeredCandidates(
  plain: Candidate & { recipe: Recipe },
  media: readonly KitItem[],
  use: SlotUse,
  situation: Situation,
): Candidate[] {
  const { recipe } = plain
  const byId = byIdOf(situation.items)
  const bottles = recipe.drops.map(d => byId.get(d.id)!)
  const rules = mixingRules(situation.settings)
  const worth = worthOf(use, situation)
  const before = worth(recipe)
  return media.flatMap(medium => {
    const best = bestSteered(recipe, bottles, medium, rules, before, worth)
    if (!best) return []
    const candidate = recipeCandidate(best, use, situation)
    const what = changed(plain.item, candidate.item) || 'as it was asked'
    const findings = [...candidate.findings, said('medium', -leastGain(medium), `${medium.name} in it: ${what}`)]
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

/** What mixing across bases risks: said where no palette test has shown that it holds. */
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
const RISKY_MIX = -1.5

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
