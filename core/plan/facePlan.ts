import type { Coverage } from '../complexion/product'
import type { Drops } from '../complexion/recipe'
import { minutesFor, type Minutes } from '../schedule/minutes'
import type { Candidate, Situation } from './candidate'
import { candidatesFor, hidesAlone } from './candidates'
import { bestChain, bestOfEach } from './chain'
import type { Filled } from './filled'
import type { Finding, Requirement } from '../suitability/finding'
import type { KitItem } from '../product/item'
import { meetsAs, rangesThatMeet, seamBetween, type Seam } from './layering'
import { amountOf, technique, toolsFor, wornOf, type LayerAmount, type WornPrediction } from './layer'
import { leftOutOf, type LeftOut } from './leftOut'
import { lockedCandidate, type Locks } from './locks'
import { bestOffer, type Offered } from './offer'
import { requirementsOf } from '../suitability/rules'
import { slotPlan, type SlotId } from './slots'
import { concernOf, usesFor, type SlotUse } from './uses'

export interface Layer {
  key: string
  slot: SlotId
  name: string
  where: string | null
  item: KitItem
  /** Drops of the foundation; null for what comes straight from its pack. */
  drops: readonly Drops[] | null
  amount: LayerAmount
  tool: string
  technique: string | null
  /** What asked for this layer, where it is not always done. */
  asked: string[]
  score: number
  findings: Finding[]
  alternatives: { item: KitItem; drops: readonly Drops[] | null; score: number; findings: Finding[] }[]
  locked: boolean
}

export interface PlanSeam extends Omit<Seam, 'cost'> {
  under: string
  over: string
}
export interface Missing {
  key: string
  slot: SlotId
  sentences: string[]
  offer: Offered | null
}

export interface FacePlan {
  /** In the order of the work. */
  layers: Layer[]
  seams: PlanSeam[]
  /** Places the kit cannot fill as they should be: lines for Buys. */
  missing: Missing[]
  leftOut: LeftOut[]
  minutes: Minutes
  /** Minor units for what goes on this face; what has no price on record is named. */
  cost: { minor: number; unpriced: string[] }
  pack: string[]
  worn: WornPrediction | null
}

export interface PlanQuestion extends Situation {
  locks?: Locks
  /** What could be bought for places the kit cannot fill. */
  offers?: readonly KitItem[]
  /** Liquid foundation for a full face by coverage, ml. */
  faceMl?: Readonly<Record<Coverage, number>>
}

// What a place without a product costs the plan. A face can go without a second lip product, not without a base.
const EMPTY = -4
const EMPTY_BASE = -12
// Something that is not always done is done only with a reason; a primer with a good one.
const NEEDS_REASON = 1
const PRIMER_NEEDS = 1.75
const REQUIRED = 3
/** Wiped off, dried or blotted, or no film at all: nothing of it meets the next layer. */
const NO_LAYER: readonly SlotId[] = ['cleanse', 'tone', 'mask', 'lip care', 'lashes']
const ALTERNATIVES = 2

/**
 * The plan for one face on one job: what goes on in which order, chosen as a whole over all places with the cost of every
 * pair of layers that meet, and why.
 * @throws LockRefused when something is locked in that may not touch this face, or is not there
 */
export function planFace(question: PlanQuestion): FacePlan {
  const { face, job, settings } = question
  const requirements = requirementsOf(face, job, settings)
  const filled: Filled[] = []
  let base: Candidate | null = null
  const uses = usesFor(face, job, settings)
  // The corrector is judged under the base, so bases are weighed first.
  for (const use of [...uses].sort((x, y) => Number(y.slot === 'foundation') - Number(x.slot === 'foundation'))) {
    const candidates = candidatesFor(use, question, base)
    if (use.slot === 'foundation' && !use.tone)
      base = candidates.filter(c => !c.veto).sort((x, y) => y.score - x.score)[0] ?? null
    const alone = use.slot === 'corrector' && base !== null && hidesAlone(base, face)
    if (alone)
      base!.findings.push({
        rule: 'correction',
        effect: { is: 'note' },
        sentence: `hides the ${concernOf(face)!.concern} without a corrector`,
      })
    filled.push(fill(use, candidates, alone ? [] : requirements.filter(r => r.slot === use.slot), question))
  }
  filled.sort((x, y) => uses.indexOf(x.use) - uses.indexOf(y.use))
  const picks = chooseChain(filled, question)
  return describe(filled, picks, question)
}

function fill(use: SlotUse, candidates: Candidate[], requirements: Requirement[], question: PlanQuestion): Filled {
  const { always } = slotPlan(use.slot)
  const lock = question.locks?.[use.key]
  const worth = (c: Candidate) =>
    c.score
    - reasonFor(use.slot, question)
    + REQUIRED * requirements.filter(r => !r.met || r.met(c.item)).length
    + tieBreak(c.item)
  const layers = !NO_LAYER.includes(use.slot)
  if (lock !== undefined) {
    const candidate = lockedCandidate(lock, use, candidates, question)
    const all = candidate && !candidates.includes(candidate) ? [...candidates, candidate] : candidates
    const place = candidate
      ? { options: [{ what: candidate, worth: worth(candidate) }], empty: -Infinity, layers }
      : { options: [], empty: 0, layers }
    return { use, candidates: all, place, fixed: true, requirements }
  }
  const empty = always ? (use.slot === 'foundation' ? EMPTY_BASE : EMPTY) : 0
  const options = candidates.filter(c => !c.veto).map(what => ({ what, worth: worth(what) }))
  return { use, candidates, place: { options, empty, layers }, fixed: false, requirements }
}

function reasonFor(slot: SlotId, { settings }: PlanQuestion): number {
  if (slotPlan(slot).always) return 0
  return slot === 'primer' && settings.primer === 'only with a reason' ? PRIMER_NEEDS : NEEDS_REASON
}

/** Between equals: what clients see, then what costs less. */
const tieBreak = (item: KitItem) =>
  (item.seenByClients ? 0.02 : 0)
  - (item.priceMinor === null ? 0.005 : Math.min(0.01, item.priceMinor / item.size / 100_000))

/**
 * Grounds do not meet, but for eye care under concealer: so each ground is a chain of its own, and the skin's is chosen
 * once for every kind of eye care the kit has.
 */
function chooseChain(filled: readonly Filled[], { settings }: PlanQuestion): Map<string, Candidate | null> {
  const slotOf = new Map(filled.flatMap(f => f.place.options.map(o => [o.what, f.use.slot] as const)))
  const cost = (under: Candidate, over: Candidate) =>
    seamBetween({ item: under.item, slot: slotOf.get(under)! }, { item: over.item, slot: slotOf.get(over)! }, settings)
      ?.cost ?? 0
  const ranges = rangesThatMeet(
    filled.map(f => f.place.options.map(o => o.what.item)),
    settings.paletteTests,
  )
  const kinds = new Map([...slotOf].map(([what, slot]) => [what, meetsAs(what.item, slot, ranges)]))
  const meets = (what: Candidate) => kinds.get(what)
  const on = (ground: string) => filled.filter(f => slotPlan(f.use.slot).ground === ground)
  const chain = (places: readonly Filled[]) => {
    const best = bestChain(
      places.map(f => f.place),
      cost,
      meets,
    )
    const chosen = (f: Filled, i: number) => {
      const pick = best?.picks[i]
      return pick === null || pick === undefined ? null : f.place.options[pick]!.what
    }
    return { worth: best?.worth ?? -Infinity, chosen: places.map((f, i) => [f.use.key, chosen(f, i)] as const) }
  }
  const eyeCare = filled.find(f => f.use.slot === 'eye care')
  const first: (Candidate | null)[] = eyeCare
    ? [
        ...(eyeCare.place.empty === -Infinity ? [] : [null]),
        ...bestOfEach(eyeCare.place.options, meets).map(i => eyeCare.place.options[i]!.what),
      ]
    : [null]
  const skinAndEyes = first
    .map(care => {
      const eyes = chain(on('eyes').map(f => (f === eyeCare ? only(f, care) : f)))
      const skin = chain(
        on('skin').map(f => (f.use.slot === 'concealer' && care ? dearer(f, option => cost(care, option)) : f)),
      )
      return { worth: eyes.worth + skin.worth, chosen: [...eyes.chosen, ...skin.chosen] }
    })
    .reduce((x, y) => (y.worth > x.worth ? y : x))
  return new Map([...skinAndEyes.chosen, ...['lips', 'lashes', 'brows', 'body'].flatMap(g => chain(on(g)).chosen)])
}

const only = (f: Filled, care: Candidate | null): Filled => ({
  ...f,
  place: { ...f.place, options: f.place.options.filter(o => o.what === care), empty: care ? -Infinity : f.place.empty },
})
const dearer = (f: Filled, by: (c: Candidate) => number): Filled => ({
  ...f,
  place: { ...f.place, options: f.place.options.map(o => ({ ...o, worth: o.worth - by(o.what) })) },
})

function describe(
  filled: readonly Filled[],
  picks: ReadonlyMap<string, Candidate | null>,
  question: PlanQuestion,
): FacePlan {
  const { face, job, settings } = question
  const chosen = filled.flatMap(f => {
    const candidate = picks.get(f.use.key) ?? null
    return candidate ? [{ f, candidate }] : []
  })
  const layers = chosen.map(({ f, candidate }): Layer => {
    const { use } = f
    const how = technique(use.slot, candidate.item, face, job)
    return {
      key: use.key,
      slot: use.slot,
      name: use.name,
      where: use.where,
      item: candidate.item,
      drops: candidate.recipe?.drops ?? null,
      amount: amountOf(use.slot, candidate, job, question.faceMl),
      tool: how.tool,
      technique: how.words,
      asked: f.requirements.filter(r => !r.met || r.met(candidate.item)).map(r => r.sentence),
      score: candidate.score,
      findings: candidate.findings,
      locked: f.fixed,
      alternatives: alternativesFor(f, candidate),
    }
  })
  const main = chosen.find(({ f }) => f.use.key === 'foundation')?.candidate ?? null
  return {
    layers,
    seams: seamsOf(
      chosen.map(({ f, candidate }) => ({ use: f.use, item: candidate.item })),
      settings,
    ),
    missing: filled.flatMap(f =>
      missingAt(f, picks.get(f.use.key) ?? null).map(m => ({
        ...m,
        offer: bestOffer(f.use, f.requirements, question, question.offers ?? [], main),
      })),
    ),
    leftOut: leftOutOf(filled, picks, settings),
    minutes: minutesFor(
      chosen
        .map(({ f, candidate }) => ({
          slot: f.use.slot,
          rich: candidate.item.texture === 'balm' || candidate.item.family === 'oil',
          required: f.requirements.some(r => !r.soft),
        }))
        .filter((s, i, all) => all.findIndex(o => o.slot === s.slot) === i),
      face,
      job,
      settings.order,
    ),
    cost: costOf(layers, question),
    pack: toolsFor(layers, face),
    worn: main && wornOf(main, face, job),
  }
}

function alternativesFor(f: Filled, chosen: Candidate): Layer['alternatives'] {
  return f.candidates
    .filter(c => c !== chosen && !c.veto && c.item.id !== chosen.item.id)
    .sort((x, y) => y.score - x.score)
    .slice(0, ALTERNATIVES)
    .map(({ item, recipe, score, findings }) => ({ item, drops: recipe?.drops ?? null, score, findings }))
}

function seamsOf(chosen: readonly { use: SlotUse; item: KitItem }[], settings: PlanQuestion['settings']): PlanSeam[] {
  const laid = chosen.filter(c => !NO_LAYER.includes(c.use.slot))
  const seams: PlanSeam[] = []
  const meet = (under: (typeof laid)[number] | undefined, over: (typeof laid)[number] | undefined) => {
    if (!under || !over) return
    const seam = seamBetween(
      { item: under.item, slot: under.use.slot },
      { item: over.item, slot: over.use.slot },
      settings,
    )
    if (seam)
      seams.push({
        under: under.use.key,
        over: over.use.key,
        risk: seam.risk,
        sentence: seam.sentence,
        mend: seam.mend,
      })
  }
  for (const ground of ['skin', 'eyes', 'lips', 'lashes', 'brows', 'body'] as const) {
    // Two parts of the face done with two products lie beside each other, not on each other.
    const own = laid.filter(c => slotPlan(c.use.slot).ground === ground)
    own.forEach((over, i) => {
      const below = own.slice(0, i).filter(c => c.use.slot !== over.use.slot)
      const nearest = below.at(-1)?.use.slot
      for (const under of below.filter(c => c.use.slot === nearest)) meet(under, over)
    })
  }
  meet(
    laid.find(c => c.use.slot === 'eye care'),
    laid.find(c => c.use.slot === 'concealer'),
  )
  return seams
}

function missingAt(f: Filled, picked: Candidate | null): Omit<Missing, 'offer'>[] {
  const { always } = slotPlan(f.use.slot)
  const unmet = f.requirements.filter(r => !picked || (r.met && !r.met(picked.item)))
  if (f.fixed && !picked) return []
  const sentences = [...new Set(unmet.map(r => r.sentence))]
  if (!picked && always) sentences.push(whyEmpty(f))
  const noMatch = picked?.findings.find(x => x.rule === 'match' && x.effect.is === 'weight' && x.effect.by < -1)
  if (noMatch) sentences.push(`no recipe of this kit matches: ${noMatch.sentence}`)
  const low = picked?.findings.find(x => x.rule === 'freshness' && x.effect.is === 'note')
  if (low) sentences.push(low.sentence)
  return sentences.length > 0 ? [{ key: f.use.key, slot: f.use.slot, sentences }] : []
}

function whyEmpty(f: Filled): string {
  const name = slotPlan(f.use.slot).kinds.join(' or ')
  if (f.candidates.length === 0) return `the kit holds no ${name}`
  const best =
    f.candidates.find(c => c.veto)?.veto?.sentence
    ?? f.candidates[0]!.findings.find(x => x.effect.is === 'weight' && x.effect.by < 0)?.sentence
  return `no ${name} of the kit may go on this face${best ? `: ${best}` : ''}`
}

function costOf(layers: readonly Layer[], { items }: PlanQuestion): FacePlan['cost'] {
  const byId = new Map(items.map(i => [i.id, i]))
  const unpriced = new Set<string>()
  let minor = 0
  for (const { item, drops, amount } of layers) {
    const total = drops?.reduce((sum, d) => sum + d.count, 0) ?? 1
    const parts = drops?.map(d => ({ part: byId.get(d.id)!, share: d.count / total })) ?? [{ part: item, share: 1 }]
    for (const { part, share } of parts) {
      if (part.own) continue
      if (part.priceMinor === null) unpriced.add(part.name)
      else minor += (part.priceMinor * share * amount.value) / part.size
    }
  }
  return { minor: Math.round(minor), unpriced: [...unpriced] }
}
