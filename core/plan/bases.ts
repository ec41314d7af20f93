import { COVERAGES } from '../complexion/bottles/product'
import { easePenalty, type Drops, type Recipe } from '../complexion/mixing/recipe'
import { FINISHES, type KitItem } from '../product/item'
import type { FaceFacts } from '../asked/face'
import type { Finding } from '../suitability/finding'
import type { Candidate } from './question/candidate'
import type { Situation } from './question/question'
import { worthIn } from './candidates/filled'
import { foundationCandidates } from './base/foundations'
import { gaveWay } from './needs/met'
import { sceneOf } from './needs'
import { need } from './needs/need'
import { placeFor, placesIn, type SlotUse } from './needs/uses'

/** Which way Match is steered. */
export const STEERS = [
  'sheerer',
  'more cover',
  'more matte',
  'more glow',
  'longer wear',
  'only what is open',
  'use up first',
] as const
export type Steer = (typeof STEERS)[number]

/** Together with formula and ease, or by colour alone. */
export const BASE_ORDERS = ['all together', 'by colour alone'] as const
export type BaseOrder = (typeof BASE_ORDERS)[number]

/** How Match is asked. */
export interface BasesWish {
  order?: BaseOrder
  steers?: readonly Steer[]
  /** How many. */
  limit?: number
}

/** A base the kit can mix, what it is as a product, and which wishes it does not meet. */
export interface BaseOffer {
  drops: readonly Drops[]
  lab: Recipe['lab']
  deltaE: number
  verdict: Recipe['verdict']
  coverage: KitItem['coverage']
  finish: KitItem['finish']
  wearHours: number | null
  family: KitItem['family']
  /** Worth by colour, formula and simplicity together. */
  score: number
  findings: Finding[]
  /** What of the cover and finish asked for it does not have. */
  gaveWay: string[]
}

const LOW = 0.35
const USE_UP = 2
const LONGER_H = 4

const moved = <T>(list: readonly T[], from: T, by: number): T =>
  list[Math.min(list.length - 1, Math.max(0, list.indexOf(from) + by))]!

/** The wishes as the chips bend them. */
function steeredTo(face: FaceFacts, steers: readonly Steer[]): FaceFacts {
  const cover = Number(steers.includes('more cover')) - Number(steers.includes('sheerer'))
  const glow = Number(steers.includes('more glow')) - Number(steers.includes('more matte'))
  return {
    ...face,
    coverage: moved(COVERAGES, face.coverage, cover),
    finish: moved(FINISHES, face.finish, glow * 2),
  }
}

/** The place of the base on this face, also where the programme has none: Match is asked for it all the same. */
function basePlace(situation: Situation): SlotUse {
  const { face, job, settings } = situation
  const scene = sceneOf(face, job, settings)
  const whole = placeFor(scene, 'foundation', [need('held', 'held', 'foundation', 'Match was asked')])
  const planned = placesIn(scene).find(u => u.key === 'foundation')
  return planned ?? whole
}

/** The same formula, no nearer and no simpler, with another bottle in one place or one bottle more: no idea of its own. */
function isSameIdea(shown: BaseOffer, next: BaseOffer): boolean {
  const others = next.drops.filter(d => !shown.drops.some(s => s.id === d.id)).length
  const more = next.drops.length - shown.drops.length
  return (
    (more > 0 || (more === 0 && others <= 1))
    && next.deltaE > shown.deltaE - BETTER
    && (['coverage', 'finish', 'family', 'wearHours'] as const).every(what => shown[what] === next[what])
  )
}
// So much nearer it is worth a line of its own.
const BETTER = 0.3
// What is worth so much less than the best is none.
const FAR_BELOW = 6

const isKnown = ({ findings }: BaseOffer) => findings.some(f => f.rule === 'recipe')
/** What it is worth without being somebody's own. */
const withoutRecord = ({ score, findings }: BaseOffer) =>
  findings.reduce((rest, f) => (f.rule === 'recipe' && f.effect.is === 'weight' ? rest - f.effect.by : rest), score)

/** The list as Match shows it: different ideas, so many as asked and so many that give way, and none whose seam shows for nothing. */
function worthShowing(ranked: readonly BaseOffer[], order: BaseOrder, limit: number): BaseOffer[] {
  const shown: BaseOffer[] = []
  for (const offer of ranked) {
    const [first] = shown
    if (first && first.verdict !== 'visible' && offer.verdict === 'visible') continue
    const known = isKnown(offer)
    if (first && !known && order === 'all together' && offer.score < withoutRecord(first) - FAR_BELOW) continue
    if (!known && shown.some(other => isSameIdea(other, offer))) continue
    const group = shown.filter(o => order === 'by colour alone' || o.gaveWay.length > 0 === offer.gaveWay.length > 0)
    if (group.length < limit) shown.push(offer)
  }
  return shown
}

/**
 * What the kit can mix for this face, the best first: the first is the base of its plan, unless another is held there.
 * @param limit how many as asked, and how many that give way
 */
export function basesFor(
  situation: Situation,
  { order = 'all together', steers = [], limit = 4 }: BasesWish = {},
): BaseOffer[] {
  const { job, items } = situation
  const asked: Situation = {
    ...situation,
    face: steeredTo(situation.face, steers),
    job: steers.includes('longer wear') ? { ...job, hours: Math.max(job.hours + LONGER_H, HARD_H) } : job,
    items: steers.includes('only what is open') ? items.filter(i => i.isOpen || i.own) : items,
  }
  const use = basePlace(asked)
  const found = foundationCandidates(use, asked).flatMap(c => (c.recipe ? [{ ...c, recipe: c.recipe }] : []))
  const low = new Set(items.filter(i => i.level > 0 && i.level <= LOW).map(i => i.id))
  const worth = (c: Candidate & { recipe: Recipe }) =>
    order === 'by colour alone'
      ? -colourRank(c.recipe)
      : worthIn(use, c) + (steers.includes('use up first') ? USE_UP * shareOf(c.recipe.drops, low) : 0)
  const offers = found
    .sort((x, y) => worth(y) - worth(x))
    .map(({ item, recipe, score, findings }) => ({
      drops: recipe.drops,
      lab: recipe.lab,
      deltaE: recipe.deltaE,
      verdict: recipe.verdict,
      coverage: item.coverage,
      finish: item.finish,
      wearHours: item.wearHours,
      family: item.family,
      score,
      findings,
      gaveWay: gaveWay(item, asked.face),
    }))
  return worthShowing(offers, order, limit)
}
// From so many hours on wear is weighed.
const HARD_H = 10

/** By colour and the trouble of counting, as the compute API ranks. */
const colourRank = ({ drops, deltaE }: Recipe) =>
  deltaE
  + easePenalty(
    drops.length,
    drops.reduce((sum, d) => sum + d.count, 0),
  )

function shareOf(drops: readonly Drops[], ids: ReadonlySet<string>): number {
  const all = drops.reduce((sum, d) => sum + d.count, 0)
  return drops.reduce((sum, d) => sum + (ids.has(d.id) ? d.count : 0), 0) / all
}
