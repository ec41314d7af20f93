import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { areaOf, leastCorrection } from '../complexion/correct'
import { matchWithin } from '../complexion/match'
import { mayMix, mixingRules, type MixingRules } from '../complexion/mixable'
import { packPigments, pigmentFor } from '../complexion/pigments'
import { dueAfter } from '../due'
import { FAMILIES } from '../complexion/product'
import { verdictOf, type Recipe, type RecipeOptions } from '../complexion/recipe'
import type { FaceFacts } from '../suitability/face'
import { scoreOf, vetoOf, weight, type Finding } from '../suitability/finding'
import { houseFindings } from '../suitability/houseRule'
import type { ItemKind, KitItem } from '../product/item'
import type { JobFacts } from '../suitability/job'
import { riskBetween } from './layering'
import { complexionProduct, itemOfRecipe } from '../product/recipeItem'
import { findingsOn } from '../suitability/rules'
import type { PlanSettings } from './settings'
import { slotPlan, type SlotId } from './slots'
import { isThinner, steered } from './steered'
import { concernOf, type SlotUse } from './uses'

/** Something the kit can put in a place, with all that speaks for and against it. */
export interface Candidate {
  item: KitItem
  recipe: Recipe | null
  findings: Finding[]
  score: number
  veto: ReturnType<typeof vetoOf>
}

/** A veto that the artist lifted: one of taste as it is, one of harm with the reason that is kept. */
export interface Override {
  itemId: string
  rule: string
  reason: string
}

export interface Situation {
  face: FaceFacts
  job: JobFacts
  settings: PlanSettings
  items: readonly KitItem[]
  options: RecipeOptions
  /** What the search for recipes of one base may take; without it every mix is tried. */
  mixingMs?: number
  overrides: readonly Override[]
}

const said = (rule: string, by: number, sentence: string): Finding => ({ rule, ...weight(by, sentence) })

/** Turns vetoes that were lifted into notes. A veto of harm without a reason stays. */
function lift(item: KitItem, findings: readonly Finding[], overrides: readonly Override[]): Finding[] {
  return findings.map(f => {
    if (f.effect.is !== 'veto') return f
    const lifted = overrides.find(o => o.itemId === item.id && o.rule === f.rule)
    if (!lifted || (f.effect.of === 'harm' && lifted.reason.trim() === '')) return f
    return {
      ...f,
      effect: { is: 'note' },
      sentence: `${f.sentence}; overridden${lifted.reason.trim() ? `: ${lifted.reason.trim()}` : ''}`,
    }
  })
}

function judged(
  item: KitItem,
  recipe: Recipe | null,
  findings: readonly Finding[],
  overrides: readonly Override[],
): Candidate {
  const all = lift(item, findings, overrides)
  return { item, recipe, findings: all, score: scoreOf(all), veto: vetoOf(all) }
}

/** Everything that could go in a place, foundations apart. */
export function candidatesFor(use: SlotUse, situation: Situation, base: Candidate | null): Candidate[] {
  if (use.slot === 'foundation') return foundationCandidates(use, situation)
  const { kinds } = slotPlan(use.slot)
  const { face, job, settings, items, overrides } = situation
  return items.flatMap(item => {
    const first = kinds.includes(item.kind)
    if (!first && !item.alsoFor.some(kind => kinds.includes(kind))) return []
    const findings = findingsOn({ item, slot: use.slot, skinType: use.skinType, face, job, settings })
    return [
      judged(
        item,
        null,
        [
          ...findings,
          ...houseFindings(settings, use.slot, item),
          ...colourFindings(use.slot, item, situation, base),
          ...(first
            ? []
            : [said('several-uses', -0.5, `${article(item.kind)} doing the work of ${article(kinds[0]!)}`)]),
          ...(item.own ? [said('own-product', 0.5, 'their own, used by nobody else')] : []),
        ],
        overrides,
      ),
    ]
  })
}

const article = (kind: ItemKind) => `${/^[aeiou]/.test(kind) ? 'an' : 'a'} ${kind}`

// On arms and legs an edge can be blended out a good way, but not every way.
const BODY_NEAR = 4
const BODY_FAR = 9
// How far a concealer may lie from the skin, a little lighter than it.
const CONCEALER_LIFT = 2

function colourFindings(slot: SlotId, item: KitItem, { face }: Situation, base: Candidate | null): Finding[] {
  if (!item.lab) return []
  if (slot === 'concealer') {
    const dE = difference(item.lab, { ...face.skin, L: face.skin.L + CONCEALER_LIFT })
    const by = dE <= 2.5 ? 2 : dE <= 5 ? 0.5 : -3
    return [
      said(
        'colour',
        by,
        dE <= 5 ? `sits at the skin, ΔE ${dE.toFixed(1)}` : `too far from this skin, ΔE ${dE.toFixed(1)}`,
      ),
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
  const concern = slot === 'corrector' ? concernOf(face) : null
  if (!concern || !base?.item.lab) return []
  const film = pigmentFor(complexionProduct(item as KitItem & { lab: Lab }))
  const cover = pigmentFor(complexionProduct(base.item as KitItem & { lab: Lab }))
  const { thickness, left, enough } = leastCorrection(
    film,
    cover,
    face.skin,
    areaOf(face.skin, concern.concern),
    UNDER_EYE,
  )
  if (thickness === 0 && enough) return [said('correction', 0, `the base alone hides the ${concern.concern}`)]
  if (thickness === 0) return [said('correction', -3, `does nothing for the ${concern.concern} at this depth`)]
  return [
    said(
      'correction',
      enough ? 2 - thickness : -1,
      enough
        ? `hides the ${concern.concern}; ${thickness <= 0.3 ? 'a trace' : 'a thin layer'} is the least that does`
        : `leaves the ${concern.concern} at ΔE ${left.toFixed(1)}`,
    ),
  ]
}
/** Where a corrector works the base lies thin. */
const UNDER_EYE = 0.5

/** Whether a base alone brings an area of concern within sight of its surroundings, so that no corrector is needed. */
export function hidesAlone({ item }: Candidate, face: FaceFacts): boolean {
  const concern = concernOf(face)
  if (!concern || !item.lab) return false
  const cover = pigmentFor(complexionProduct(item as KitItem & { lab: Lab }))
  const { thickness, enough } = leastCorrection(cover, cover, face.skin, areaOf(face.skin, concern.concern), UNDER_EYE)
  return enough && thickness === 0
}

// Recipes offered per formula: the chain chooses among formulas, the match page among recipes.
const PER_FORMULA = 2
const SIMPLE = 2
const MATCH_WEIGHT = { invisible: 2, match: 1, workable: -1, visible: -5 } as const

/**
 * Foundations as recipes: the best the kit can mix for each base family, so that the formula is chosen with the rest of
 * the chain and not before it. Bottles that may not touch this face are in no recipe.
 */
function foundationCandidates(use: SlotUse, situation: Situation): Candidate[] {
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
      return [plain, ...media.flatMap(medium => steeredCandidate(plain, medium, use, situation) ?? [])]
    }),
    ...weighed.filter(w => w.candidate.veto && w.item.kind === 'foundation').map(w => w.candidate),
  ]
}

/**
 * Of media that would do the same to every recipe, and of which the same is said, the cheapest.
 * @param ranges on which it depends what may be mixed with what
 */
function differentMedia(media: readonly Candidate[], ranges: ReadonlySet<string>): KitItem[] {
  const price = ({ priceMinor, size }: KitItem) => (priceMinor === null ? Infinity : priceMinor / size)
  const cheapest = new Map<string, KitItem>()
  for (const { item, findings } of media) {
    const { id: _id, name: _name, priceMinor: _price, size: _size, level: _level, useBy: _useBy, ...does } = item
    const key = JSON.stringify([{ ...does, range: ranges.has(item.range) ? item.range : '' }, findings])
    const known = cheapest.get(key)
    if (!known || price(item) < price(known)) cheapest.set(key, item)
  }
  return [...cheapest.values()]
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

// What has to be gained: thinning is done with what stands open anyway, a booster is one more bottle.
const WORTH_THINNING = 0.5
const WORTH_BOOSTING = 1

/** The best a medium makes of a recipe, if that is worth the bottle. */
function steeredCandidate(plain: Candidate, medium: KitItem, use: SlotUse, situation: Situation): Candidate | null {
  const { face, job, settings, items } = situation
  const least = isThinner(medium) ? WORTH_THINNING : WORTH_BOOSTING
  const byId = byIdOf(items)
  const bottles = plain.recipe!.drops.map(d => byId.get(d.id)!)
  const worth = (recipe: Recipe) =>
    scoreOf(
      findingsOn({ item: itemOfRecipe(recipe, byId), slot: 'foundation', skinType: use.skinType, face, job, settings }),
    )
  const [best] = steered(plain.recipe!, bottles, medium, mixingRules(settings))
    .map(recipe => ({ recipe, worth: worth(recipe) }))
    .sort((x, y) => y.worth - x.worth)
  if (!best || best.worth <= worth(plain.recipe!) + least) return null
  const candidate = recipeCandidate(best.recipe, use, situation)
  const what = changed(plain.item, candidate.item)
  const findings = [...candidate.findings, said('medium', -least, `${medium.name} in it: ${what || 'as it was asked'}`)]
  return { ...candidate, findings, score: scoreOf(findings) }
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
