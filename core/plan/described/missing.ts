import type { FaceFacts } from '../../asked/face'
import type { Finding } from '../../suitability/finding'
import type { Candidate } from '../question/candidate'
import type { PlanQuestion } from '../question/question'
import type { Filled } from '../candidates/filled'
import { badlyMet, gaveWay, unmetBy } from '../needs/met'
import type { Offered } from '../candidates/offer'
import { slotPlan, type PlaceKey, type SlotId } from '../../asked/slots'

/** A place that is empty, or filled otherwise than it should be. */
export interface Missing {
  key: PlaceKey
  slot: SlotId
  sentences: string[]
  /** What is used instead; null where the place stays empty. */
  instead: string | null
  offer: Offered | null
}

/** What is missing in a place, or not as asked; nothing where all is well. */
export function missingAt(f: Filled, picked: Candidate | null, question: PlanQuestion): Omit<Missing, 'offer'>[] {
  const { use } = f
  const { face } = question
  if ((f.fixed && !picked) || f.needless !== null) return []
  const place = { key: use.key, slot: use.slot }
  if (!picked) {
    const firm = use.needs.filter(n => !n.soft)
    return firm.length === 0
      ? []
      : [{ ...place, instead: null, sentences: [...new Set([...firm.map(n => n.sentence), ...whyEmpty(f)])] }]
  }
  const sentences = [
    ...(use.slot === 'foundation' ? gaveWay(picked.item, face) : []),
    ...(use.key === 'foundation' && !picked.findings.some(x => x.rule === 'recipe')
      ? spoiledRecipe(face, question)
      : []),
    ...unmetBy(use.needs, picked.item).map(n => n.sentence),
    ...badlyMet(picked)
      .slice(0, 1)
      .map(({ rule, sentence }) => (rule === 'match' ? `no recipe of this kit matches: ${sentence}` : sentence)),
    ...picked.findings.filter(x => x.rule === 'freshness' && x.effect.is === 'note').map(x => x.sentence),
  ]
  return sentences.length > 0 ? [{ ...place, instead: picked.item.name, sentences: [...new Set(sentences)] }] : []
}

/** Why somebody does not get the recipe they are known by; nothing where it is all there, or they have none. */
function spoiledRecipe({ recipes }: Pick<FaceFacts, 'recipes'>, { items, settings }: PlanQuestion): string[] {
  const [newest] = recipes
  return (newest ?? []).flatMap(({ id }) => {
    const bottle = items.find(i => i.id === id)
    if (!bottle) return ['a bottle of their recipe has left the kit']
    if (bottle.level === 0) return [`their recipe holds ${bottle.name}, which is empty`]
    const past = bottle.useBy !== null && bottle.useBy < settings.day
    return past ? [`their recipe holds ${bottle.name}, which is past its last day`] : []
  })
}

const LEAVES_THE_AREA: readonly string[] = ['single-use-broken-skin', 'stop-infection']
const REASONS = 2
/** What an artist does where the kit has nothing for a place. */
const DONE_INSTEAD: Partial<Record<SlotId, string>> = {
  'eye primer': 'a little of the base, powdered, holds the lid meanwhile',
}

const by = ({ effect }: Finding) => (effect.is === 'weight' ? effect.by : 0)
const worstOf = ({ findings }: Candidate): Finding | undefined =>
  findings.filter(f => by(f) < 0).sort((x, y) => by(x) - by(y))[0]

function whyEmpty({ candidates, use }: Filled): string[] {
  const name = slotPlan(use.slot).kinds.join(' or ')
  if (candidates.length === 0) return [`the kit holds no ${name}`]
  // Nothing to buy helps where the area itself is to be left alone.
  const left = candidates.every(c => c.veto && LEAVES_THE_AREA.includes(c.veto.rule))
  if (left) return [candidates[0]!.veto!.sentence]
  const may = candidates.some(c => c.veto?.effect.of !== 'harm')
  const why = candidates.flatMap(c => (c.veto ?? badlyMet(c)[0] ?? worstOf(c))?.sentence ?? [])
  const reasons = [...new Set(why)].slice(0, REASONS).join('; ')
  return [
    `no ${name} of the kit ${may ? 'does well' : 'may go'} on this face: ${reasons || 'what there is does other work'}`,
    ...(DONE_INSTEAD[use.slot] ? [DONE_INSTEAD[use.slot]!] : []),
  ]
}
