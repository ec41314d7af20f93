import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { areaOf, bestCorrection, bestCorrector, leftOver, UNSEEN, type Concern } from '../../complexion/correct'
import { amountWord } from '../../look/judge'
import { pigmentFor } from '../../complexion/bottles/pigments'
import type { KitItem } from '../../product/item'
import { complexionProduct } from '../../product/recipeItem'
import type { FaceFacts } from '../../asked/face'
import type { Finding } from '../../suitability/finding'
import { said, type Candidate } from '../question/candidate'
import type { Situation } from '../question/question'
import { CONCEALER_LIFT } from './creamMixes'
import type { SlotUse } from '../needs/uses'

// Within this a concealer is seen as skin; farther off than the second it is a patch.
const CONCEALS = 5
const CONCEALER_FAR = 7
// On arms and legs an edge can be blended out a good way, but not every way.
const BODY_NEAR = 4
const BODY_FAR = 9

/** What the colour of a product says in a place where something is to be hidden or matched. */
export function colourFindings(
  { slot, concern }: SlotUse,
  item: KitItem,
  { face }: Situation,
  under: Under,
): Finding[] {
  if (!item.lab) return []
  if (slot === 'concealer') {
    const dE = difference(item.lab, { ...face.skin, L: face.skin.L + CONCEALER_LIFT })
    const told = `${dE <= CONCEALS ? 'sits at the skin' : 'too far from this skin'}, ΔE ${dE.toFixed(1)}`
    return [
      dE <= CONCEALER_FAR
        ? said('colour', dE <= CONCEALS / 2 ? 2 : dE <= CONCEALS ? 0.5 : -3, told)
        : { rule: 'colour', effect: { is: 'veto', of: 'taste' }, sentence: told },
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
  return concern ? correcting(item as Coloured, concern, face, under) : []
}

type Coloured = KitItem & { lab: Lab }
const filmFor = (item: KitItem) => pigmentFor(complexionProduct(item as Coloured))
/** Where a corrector works the base lies thin. */
const THIN = 0.5

/** What lies over a corrector: the base of the plan and, under the eye, the concealer. */
export interface Under {
  base: Candidate | null
  concealer: Candidate | null
}
function layersOver({ base, concealer }: Under, concern: Concern) {
  return [
    ...(base?.item.lab ? [{ film: filmFor(base.item), thickness: THIN }] : []),
    ...(concern === 'dark circles' && concealer?.item.lab ? [{ film: filmFor(concealer.item), thickness: THIN }] : []),
  ]
}

function correcting(item: Coloured, concern: Concern, { skin }: FaceFacts, under: Under): Finding[] {
  const over = layersOver(under, concern)
  if (over.length === 0) return []
  const area = areaOf(skin, concern)
  const { thickness, left } = bestCorrection(filmFor(item), skin, area, over)
  const alone = leftOver(skin, area, [], over)
  // The least that still shows decides; among equals, the one that is needed least.
  const by = Math.max(-3, 3 - Math.max(0, left - 1) - 0.3 * thickness)
  if (thickness === 0) return [said('correction', -3, `does nothing for the ${concern} at this depth`)]
  const amount = amountWord(thickness)
  return [
    said(
      'correction',
      left < UNSEEN ? by : Math.min(by, 0.5),
      left <= UNSEEN
        ? `cancels the ${concern}: ${amount}, of ΔE ${alone.toFixed(1)} ${left.toFixed(1)} is left`
        : `softens the ${concern} from ΔE ${alone.toFixed(1)} to ${left.toFixed(1)}, ${amount}`,
    ),
  ]
}

const BEST = 1.5
/** The corrector that leaves least to see, and among equals the one that is needed least, comes before other merits. */
export function preferBest(found: Candidate[], concern: Concern, { skin }: FaceFacts, under: Under): Candidate[] {
  const over = layersOver(under, concern)
  if (over.length === 0) return found
  const area = areaOf(skin, concern)
  const corrections = found
    .filter(c => !c.veto && c.item.lab)
    .map(candidate => ({ candidate, ...bestCorrection(filmFor(candidate.item), skin, area, over) }))
  const best = bestCorrector(corrections.filter(c => c.thickness > 0))?.candidate
  return found.map(c =>
    c === best
      ? {
          ...c,
          score: c.score + BEST,
          findings: [...c.findings, said('correction', BEST, 'leaves least, with the least of it')],
        }
      : c,
  )
}

/** Whether a corrector, at its best amount and with what lies over it, leaves nothing to be seen. */
export function cancels(
  { item }: Candidate,
  concern: Concern,
  { skin }: Pick<FaceFacts, 'skin'>,
  under: Under,
): boolean {
  if (!item.lab) return false
  return bestCorrection(filmFor(item), skin, areaOf(skin, concern), layersOver(under, concern)).left <= UNSEEN
}

/** Whether what lies over an area brings it within sight of its surroundings, so that no corrector is needed. */
export function hidesAlone(under: Under, concern: Concern, { skin }: Pick<FaceFacts, 'skin'>): boolean {
  const over = layersOver(under, concern)
  return over.length > 0 && leftOver(skin, areaOf(skin, concern), [], over) <= UNSEEN
}
