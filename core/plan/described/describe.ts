import { asksOf, stillUnknown } from '../../ingredients/declared'
import type { Programme } from '../../asked/programme'
import { chairTime, type ChairTime } from '../layers/chair'
import { minutesFor, type Minutes } from '../layers/minutes'
import type { Drops } from '../../complexion/mixing/recipe'
import type { Candidate } from '../question/candidate'
import type { PlanQuestion } from '../question/question'
import type { Chosen } from '../chain/together'
import type { Filled } from '../candidates/filled'
import type { Finding } from '../../suitability/finding'
import type { KitItem } from '../../product/item'
import { houseTechnique } from '../../asked/houseRule'
import {
  amountOf,
  minutesOf,
  technique,
  toolsFor,
  wornOf,
  type LayerAmount,
  type WornPrediction,
} from '../layers/layer'
import { leftOutOf, type LeftOut } from './leftOut'
import { missingAt, type Missing } from './missing'
import type { Scene } from '../needs/need'
import { bestOffer } from '../candidates/offer'
import type { PlaceKey, SlotId } from '../../asked/slots'
import { stepsIn, type PlanStep } from '../layers/steps'
import { chartedIn, type Charted } from './charted'
import { costOf } from './cost'
import { seamsOf, type PlanSeam } from './seams'

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

export interface FacePlan {
  programme: Programme
  /** What was declared and has to be asked or kept in mind first, whole sentences; the first may be why nothing goes on. */
  askFirst: string[]
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

interface Laid {
  f: Filled
  candidate: Candidate
}

/** A chosen chain as a plan: every layer with its reasons, what is missing, what was left out, what it takes. */
export function describe({ filled, picks }: Chosen, question: PlanQuestion, scene: Scene): FacePlan {
  const { face, job, settings } = question
  const chosen: Laid[] = filled.flatMap(f => {
    const candidate = picks.get(f.use.key) ?? null
    return candidate ? [{ f, candidate }] : []
  })
  const layers = chosen.map(c => layerOf(c, question))
  const main = chosen.find(({ f }) => f.use.key === 'foundation')?.candidate ?? null
  const concealer = chosen.find(({ f }) => f.use.key === 'concealer')?.candidate ?? null
  const isStopped = stillUnknown(face.sensitivities, face.packsRead).length > 0
  const steps = stepsIn(scene, layers, question.items)
  const timed = chosen.map(({ f, candidate }) => ({
    slot: f.use.slot,
    minutes: minutesOf(f.use, candidate, face, job),
    rich: candidate.item.texture === 'balm' || candidate.item.family === 'oil',
    required: f.use.needs.some(n => !n.soft && n.from !== 'programme'),
  }))
  return {
    programme: scene.programme,
    askFirst: asksOf(face.sensitivities, face.packsRead),
    layers,
    steps,
    seams: seamsOf(
      chosen.map(({ f, candidate }) => ({ use: f.use, item: candidate.item })),
      settings,
    ),
    // What stops everything is said once, and nothing is bought for it.
    missing: (isStopped ? [] : filled).flatMap(f =>
      missingAt(f, picks.get(f.use.key) ?? null, question).map(m => ({
        ...m,
        offer: bestOffer(f.use, question, question.offers ?? [], { base: main, concealer }),
      })),
    ),
    leftOut: isStopped ? [] : leftOutOf(filled, picks, settings),
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

function layerOf({ f, candidate }: Laid, { face, job, faceMl, settings }: PlanQuestion): Layer {
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
