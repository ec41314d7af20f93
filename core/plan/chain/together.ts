import { isLongWear } from '../../product/item'
import type { Candidate } from '../question/candidate'
import { chooseChain } from './chooseChain'
import type { Filled } from '../candidates/filled'
import { judge } from '../../look/judge'
import { filmOf } from '../../product/film'
import { need, type Scene } from '../needs/need'
import type { PlanQuestion } from '../question/question'
import { slotPlan } from '../../asked/slots'
import { placeFor, type SlotUse } from '../needs/uses'
import { weighedAt } from '../candidates/weigh'
import type { Under } from '../candidates/corrections'

type Picks = Map<string, Candidate | null>
/** Every place with all that could go there, and what does. */
export interface Chosen {
  filled: Filled[]
  picks: ReadonlyMap<string, Candidate | null>
}

/** What goes in every place, chosen as a whole; then what depends on a choice: two shades of an eye, the liner, a dry lip. */
export function chosenTogether(weighed: readonly Filled[], under: Under, scene: Scene, question: PlanQuestion): Chosen {
  const filled = [...weighed]
  const picks = chooseChain(filled, question.settings)
  twoShades(filled, picks)
  linerToLip(filled, picks, question)
  const over = overDryingLip(scene, picks)
  if (over) {
    filled.splice(filled.findIndex(f => f.use.key === 'lip colour') + 1, 0, weighedAt(over, question, under))
    onTheLips(filled, question).forEach((pick, key) => picks.set(key, pick))
  }
  return { filled, picks }
}

const onTheLips = (filled: readonly Filled[], { settings }: PlanQuestion): Picks =>
  chooseChain(
    filled.filter(f => slotPlan(f.use.slot).ground === 'lips'),
    settings,
  )

// What it may cost to have a crease that is not the lid again.
const WORTH_ANOTHER = 2
const shows = ({ findings }: Candidate) =>
  findings.some(f => f.rule === 'shows-on-skin' && f.effect.is === 'weight' && f.effect.by > 0)
/** A lid and a crease of one colour are one colour: where another is about as good in one of the two, it is taken there. */
function twoShades(filled: readonly Filled[], picks: Picks): void {
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
function linerToLip(filled: Filled[], picks: Picks, question: PlanQuestion): void {
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
  filled[at] = weighedAt(use, question, { base: null, concealer: null })
  onTheLips(filled, question).forEach((pick, key) => key === 'lip liner' && picks.set(key, pick))
}

/** A matte or long-wearing lip alone dries: something goes over it, unless that is there already. */
function overDryingLip(scene: Scene, picks: Picks): SlotUse | null {
  const lip = picks.get('lip colour')?.item
  if (!lip || picks.has('lip top') || scene.look.lipFinish === 'matte') return null
  const dries = lip.finish === 'matte' || isLongWear(lip)
  return dries
    ? placeFor(scene, 'lip top', [
        need('look', 'chapped-lips', 'lip top', `${lip.name} alone dries the lips`, { soft: true }),
      ])
    : null
}
