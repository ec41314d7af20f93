import type { Coverage } from '../complexion/product'
import type { Candidate, Situation } from './candidate'
import type { Concern } from '../complexion/correct'
import type { FaceFacts } from '../asked/face'
import { cancels, candidatesFor, hidesAlone, type Under } from './candidates'
import { chooseChain } from './chooseChain'
import { describe, type FacePlan } from './describe'
import { fill, type Filled } from './filled'
import { judge } from '../look/judge'
import { filmOf } from '../product/film'
import type { KitItem } from '../product/item'
import type { Locks } from './locks'
import { sceneOf } from './needs'
import { need, type Need, type Scene } from './needs/need'
import { placeKey, placeOf, slotPlan } from '../asked/slots'
import { placesIn, placeFor, type SlotUse } from './uses'

export interface PlanQuestion extends Situation {
  locks?: Locks
  /** What could be bought for places the kit cannot fill. */
  offers?: readonly KitItem[]
  /** Liquid foundation for a full face by coverage, ml. */
  faceMl?: Readonly<Record<Coverage, number>>
}

/** What is under other layers is weighed before them. */
const WEIGHED_FIRST: readonly string[] = ['foundation', 'corrector', 'concealer', 'lash glue']

/**
 * The plan for one face on one job: what goes on in which order, chosen as a whole over all places with the cost of every
 * pair of layers that meet, and why. A place is there for a need; findings choose what fills it.
 * @throws LockRefused when something is locked in that may not touch this face, or is not there
 * @example planFace({ face, job, items, settings, options, overrides: [] }).layers.map(l => l.item.name)
 */
export function planFace(question: PlanQuestion): FacePlan {
  const { face, job, settings } = question
  const scene = sceneOf(face, job, settings)
  const uses = placesIn(scene, heldBy(question.locks))
  const under: Under = { base: null, concealer: null }
  const filled: Filled[] = []
  const first = ({ slot, concern }: SlotUse) => {
    const turn = WEIGHED_FIRST.indexOf(slot)
    // Over a dark circle lies the concealer, so that it is weighed before its corrector.
    return turn < 0 || concern === 'dark circles' ? WEIGHED_FIRST.length : turn
  }
  for (const use of [...uses].sort((x, y) => first(x) - first(y))) {
    const candidates = candidatesFor(use, question, under)
    const place = fill(use, candidates, question, needlessAt(use, question, under, filled))
    const [best] = [...place.place.options].sort((x, y) => y.worth - x.worth)
    if (use.key === 'foundation') under.base = best?.what ?? null
    if (use.key === 'concealer') under.concealer = best?.what ?? null
    filled.push(place)
  }
  const inOrder = () => filled.sort((x, y) => uses.indexOf(x.use) - uses.indexOf(y.use))
  const picks = chooseChain(inOrder(), settings)
  twoShades(filled, picks)
  linerToLip(filled, picks, question)
  const over = overDryingLip(scene, picks)
  if (over) {
    uses.splice(uses.findIndex(u => u.key === 'lip colour') + 1, 0, over)
    filled.push(fill(over, candidatesFor(over, question, under), question, null))
    const lips = chooseChain(
      inOrder().filter(f => slotPlan(f.use.slot).ground === 'lips'),
      settings,
    )
    lips.forEach((pick, key) => picks.set(key, pick))
  }
  return describe(filled, picks, question, scene)
}

/** What is held in is there because it is held, whatever else asks for it. */
const heldBy = (locks: Locks = {}): Need[] =>
  Object.entries(locks).flatMap(([key, lock]) => {
    const place = placeOf(key)
    if (!place || 'empty' in lock) return []
    const { slot, part } = place
    return [need('held', 'held', slot, 'you hold it here', part === null ? {} : { key: placeKey(slot, part) })]
  })

/** Why a place is left empty although it has its needs; null where it is to be filled. */
function needlessAt(use: SlotUse, { face }: PlanQuestion, under: Under, filled: readonly Filled[]): string | null {
  if (use.concern && hidesAlone(under, use.concern, face)) {
    under.base?.findings.push({
      rule: 'correction',
      effect: { is: 'note' },
      sentence: `hides the ${use.concern} without a corrector`,
    })
    return `the base hides the ${use.concern}`
  }
  if (
    use.slot === 'concealer'
    && use.needs.length > 0
    && use.needs.every(n => n.covers && isCovered(n.covers, face, under, filled))
  )
    return 'what shows is covered without it'
  if (use.concern && !under.base && !under.concealer && !isCovering(filled)) return 'nothing goes over it'
  const glue = filled.find(f => f.use.slot === 'lash glue')
  return use.slot === 'lashes' && glue && glue.place.options.length === 0 ? 'no glue of the kit may hold them' : null
}

/** Whether a base or a concealer is still to be weighed, or may be held there. */
const isCovering = (filled: readonly Filled[]) => !filled.some(f => f.use.key === 'foundation')

/** Whether base and corrector leave nothing of a concern to be seen. */
function isCovered(concern: Concern, face: FaceFacts, under: Under, filled: readonly Filled[]): boolean {
  const corrector = filled.find(f => f.use.concern === concern)
  if (!corrector) return hidesAlone(under, concern, face)
  const [best] = [...corrector.place.options].sort((x, y) => y.worth - x.worth)
  return corrector.needless !== null || (best !== undefined && cancels(best.what, concern, face, under))
}

// What it may cost to have a crease that is not the lid again.
const WORTH_ANOTHER = 2
const shows = ({ findings }: Candidate) =>
  findings.some(f => f.rule === 'shows-on-skin' && f.effect.is === 'weight' && f.effect.by > 0)
/** A lid and a crease of one colour are one colour: where another is about as good in one of the two, it is taken there. */
function twoShades(filled: readonly Filled[], picks: Map<string, Candidate | null>): void {
  const [lid, crease] = ['eyes', 'eyes: crease'].map(key => filled.find(f => f.use.key === key))
  const same = lid && picks.get(lid.use.key)
  if (!lid || !crease || !same || picks.get(crease.use.key)?.item.id !== same.item.id) return
  const swaps = [crease, lid]
    .filter(f => !f.fixed && !f.use.needs.some(n => n.from === 'chart'))
    .flatMap(f => {
      const worthOf = (id: string) => f.place.options.find(o => o.what.item.id === id)?.worth ?? -Infinity
      const [next] = f.place.options
        .filter(o => o.what.item.id !== same.item.id && shows(o.what))
        .sort((x, y) => y.worth - x.worth)
      return next ? [{ f, next, costs: worthOf(same.item.id) - next.worth }] : []
    })
    .sort((x, y) => x.costs - y.costs)
  const [best] = swaps
  if (best && best.costs <= WORTH_ANOTHER && best.next.worth > 0) picks.set(best.f.use.key, best.next.what)
}

/** A liner goes with the lip that is put on, not with the one that was wished for. */
function linerToLip(filled: Filled[], picks: Map<string, Candidate | null>, question: PlanQuestion): void {
  const at = filled.findIndex(f => f.use.key === 'lip liner')
  const lip = filled.find(f => f.use.key === 'lip colour')
  const colour = picks.get('lip colour')?.item
  const [liner, aim] = [filled[at], lip?.use.aim]
  if (!liner || liner.fixed) return
  if (!colour) {
    filled[at] = { ...liner, place: { ...liner.place, options: [] }, needless: 'there is no lip to line' }
    picks.set('lip liner', null)
    return
  }
  if (!colour.lab || !aim || !('on' in aim)) return
  const shown = judge(aim, colour.lab, filmOf(colour), question.settings.showing).shown?.lab
  if (!shown) return
  const use: SlotUse = {
    ...liner.use,
    aim: {
      is: 'lip',
      on: aim.on,
      skin: question.face.skin,
      wanted: shown,
      words: `the lip, ${colour.name}`,
      line: true,
    },
  }
  const found = fill(use, candidatesFor(use, question, { base: null, concealer: null }), question, null)
  filled[at] = found
  chooseChain(
    filled.filter(f => slotPlan(f.use.slot).ground === 'lips'),
    question.settings,
  ).forEach((pick, key) => key === 'lip liner' && picks.set(key, pick))
}

const DRIES_FROM_H = 12
/** A matte or long-wearing lip alone dries: something goes over it, unless that is there already. */
function overDryingLip(scene: Scene, picks: ReadonlyMap<string, Candidate | null>): SlotUse | null {
  const lip = picks.get('lip colour')?.item
  if (!lip || picks.has('lip top') || scene.look.lipFinish === 'matte') return null
  const dries = lip.finish === 'matte' || (lip.wearHours ?? 0) >= DRIES_FROM_H
  return dries
    ? placeFor(scene, 'lip top', [
        need('look', 'chapped-lips', 'lip top', `${lip.name} alone dries the lips`, { soft: true }),
      ])
    : null
}
export type { FacePlan, Layer, PlanSeam } from './describe'
export type { Missing } from './missing'
