import type { ChartArea } from '../asked/brief'
import { CHART_PLACES } from '../look/aim'
import type { Programme } from '../asked/programme'
import { chairTime, type ChairTime } from './chair'
import { minutesFor, type Minutes } from './minutes'
import type { Drops } from '../complexion/recipe'
import type { Candidate } from './candidate'
import type { PlanQuestion } from './facePlan'
import type { Filled } from './filled'
import type { Finding } from '../suitability/finding'
import type { KitItem } from '../product/item'
import { houseTechnique } from '../asked/houseRule'
import { NO_LAYER, seamBetween, type Seam } from './layering'
import { amountOf, minutesOf, technique, toolsFor, wornOf, type LayerAmount, type WornPrediction } from './layer'
import { leftOutOf, type LeftOut } from './leftOut'
import { missingAt, type Missing } from './missing'
import type { Scene } from './needs/need'
import { bestOffer } from './offer'
import { slotPlan, type PlaceKey, type SlotId } from '../asked/slots'
import { stepsIn, type PlanStep } from './steps'
import type { SlotUse } from './uses'

export interface Layer {
  key: PlaceKey
  slot: SlotId
  name: string
  where: string | null
  item: KitItem
  /** Drops of the foundation; null for what comes straight from its pack. */
  drops: readonly Drops[] | null
  amount: LayerAmount
  tool: string
  technique: string | null
  /** Why the layer is there at all: at least one reason, but where the artist holds it in. */
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
/** What became of a colour on the face chart. */
export interface Charted {
  area: ChartArea
  /** The product that makes it; null where nothing does. */
  itemId: string | null
  sentence: string
  /** Whether it is what was placed. */
  asPlaced: boolean
}

export interface FacePlan {
  programme: Programme
  /** In the order of the work. */
  layers: Layer[]
  /** What is done besides the layers. */
  steps: PlanStep[]
  seams: PlanSeam[]
  /** Needs the kit does not meet, or not well: lines for Buys. */
  missing: Missing[]
  leftOut: LeftOut[]
  charted: Charted[]
  minutes: Minutes
  /** The same, as it is done at the chair. */
  chair: ChairTime
  /** Minor units for what goes on this face; what has no price on record is named. */
  cost: { minor: number; unpriced: string[] }
  pack: string[]
  worn: WornPrediction | null
}

const ALTERNATIVES = 2

interface Chosen {
  f: Filled
  candidate: Candidate
}

/** A chosen chain as a plan: every layer with its reasons, what is missing, what was left out, what it takes. */
export function describe(
  filled: readonly Filled[],
  picks: ReadonlyMap<string, Candidate | null>,
  question: PlanQuestion,
  scene: Scene,
): FacePlan {
  const { face, job, settings } = question
  const chosen: Chosen[] = filled.flatMap(f => {
    const candidate = picks.get(f.use.key) ?? null
    return candidate ? [{ f, candidate }] : []
  })
  const layers = chosen.map(c => layerOf(c, question))
  const main = chosen.find(({ f }) => f.use.key === 'foundation')?.candidate ?? null
  const concealer = chosen.find(({ f }) => f.use.key === 'concealer')?.candidate ?? null
  const steps = stepsIn(scene, layers, question.items)
  const timed = chosen.map(({ f, candidate }) => ({
    slot: f.use.slot,
    minutes: minutesOf(f.use, candidate, face, job),
    rich: candidate.item.texture === 'balm' || candidate.item.family === 'oil',
    required: f.use.needs.some(n => !n.soft && n.from !== 'programme'),
  }))
  return {
    programme: scene.programme,
    layers,
    steps,
    seams: seamsOf(
      chosen.map(({ f, candidate }) => ({ use: f.use, item: candidate.item })),
      settings,
    ),
    missing: filled.flatMap(f =>
      missingAt(f, picks.get(f.use.key) ?? null, question).map(m => ({
        ...m,
        offer: bestOffer(f.use, question, question.offers ?? [], { base: main, concealer }),
      })),
    ),
    leftOut: leftOutOf(filled, picks, settings),
    charted: chartedIn(filled, picks, question),
    minutes: minutesFor(
      timed,
      steps.reduce((sum, s) => sum + s.minutes, 0),
      settings.order,
    ),
    chair: chairTime(timed, steps, settings.order),
    cost: costOf(layers, question),
    pack: [...new Set([...toolsFor(layers, face), ...steps.flatMap(s => s.takes)])].sort(),
    worn: main && wornOf(main, face, job, houseTechnique(settings)),
  }
}

/** What could stand there instead, the best first: of mixes one of each other formula, since of one formula all look alike. */
function alternativesTo(chosen: Candidate, candidates: readonly Candidate[]): Layer['alternatives'] {
  const formulaOf = ({ item, recipe }: Candidate) =>
    recipe ? `${item.family} ${item.coverage} ${item.finish}` : item.id
  const seen = new Set([formulaOf(chosen)])
  return candidates
    .filter(c => !c.veto && c.item.id !== chosen.item.id)
    .sort((x, y) => y.score - x.score)
    .filter(c => !seen.has(formulaOf(c)) && !!seen.add(formulaOf(c)))
    .slice(0, ALTERNATIVES)
    .map(({ item, recipe, score, findings }) => ({ item, drops: recipe?.drops ?? null, score, findings }))
}

function layerOf({ f, candidate }: Chosen, { face, job, faceMl, settings }: PlanQuestion): Layer {
  const { use } = f
  const how = technique(use, candidate.item, face, job, houseTechnique(settings))
  return {
    key: use.key,
    slot: use.slot,
    name: use.name,
    where: use.where,
    item: candidate.item,
    drops: candidate.recipe?.drops ?? null,
    amount: amountOf(use, candidate, job, faceMl),
    tool: how.tool,
    technique: how.words,
    asked: [...new Set(use.needs.filter(n => !n.met || n.met(candidate.item)).map(n => n.sentence))],
    score: candidate.score,
    findings: candidate.findings,
    locked: f.fixed,
    alternatives: alternativesTo(candidate, f.candidates),
  }
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
    // Two parts of the face done with two products lie next to each other, not on each other.
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

function chartedIn(
  filled: readonly Filled[],
  picks: ReadonlyMap<string, Candidate | null>,
  { face, items }: PlanQuestion,
): Charted[] {
  return face.chart.map(({ area, itemId, name }) => {
    const key = CHART_PLACES[area]
    const f = filled.find(x => x.use.key === key)
    const picked = picks.get(key) ?? null
    if (picked && picked.item.id === itemId)
      return { area, itemId, sentence: `${picked.item.name}, as placed`, asPlaced: true }
    if (picked && itemId === null) {
      const same = picked.item.name === name
      const sentence = same
        ? `${name}, as placed`
        : `${picked.item.name} comes nearest to ${name || 'the colour placed'}`
      return { area, itemId: picked.item.id, sentence, asPlaced: same }
    }
    const placed = items.find(i => i.id === itemId)
    const veto = f?.candidates.find(c => c.item.id === itemId)?.veto
    const why = !itemId
      ? `${name || 'the colour'} stands there`
      : !placed
        ? `${name || 'what was placed'} is not in the kit any more`
        : veto
          ? `${placed.name} was placed, but ${veto.sentence}`
          : f?.fixed
            ? 'you hold another product there'
            : `${placed.name} does not do the work of this place`
    const near = picked?.findings.find(x => x.rule === 'shows-on-skin')
    return {
      area,
      itemId: picked?.item.id ?? null,
      sentence: picked
        ? `${why}: ${picked.item.name} comes nearest${near ? ` (${near.sentence})` : ''}`
        : f
          ? `${why}; nothing of the kit comes near`
          : `${why}; it has no place in what is done`,
      asPlaced: false,
    }
  })
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
