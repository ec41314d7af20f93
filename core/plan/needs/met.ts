import { FINISHES, type Finish, type KitItem } from '../../product/item'
import type { FaceFacts } from '../../asked/face'
import type { Finding } from '../../suitability/finding'
import type { Need } from './need'

/** Which of the reasons a place is there for a product does not meet. */
export const unmetBy = (needs: readonly Need[], item: KitItem) => needs.filter(n => n.met && !n.met(item))

/** Rules whose worst word means that a need is not met well. */
// prettier-ignore
const MEANS_BADLY: readonly string[] = [
  'pale-cast', 'shows-on-skin', 'skin-state-texture', 'skin-type-finish', 'endurance', 'tears', 'flash', 'flash-test',
  'high-definition', 'match', 'wishes', 'correction', 'colour', 'mature', 'body-costume',
]
const BADLY = -1.5
const weightOf = ({ effect }: Finding) => (effect.is === 'weight' ? effect.by : 0)

/** What is badly met with a product, the worst first: a pale cast, a colour that vanishes, shimmer on pores, too short a wear. */
export const badlyMet = ({ findings }: { findings: readonly Finding[] }): Finding[] =>
  findings.filter(f => MEANS_BADLY.includes(f.rule) && weightOf(f) <= BADLY).sort((x, y) => weightOf(x) - weightOf(y))

/** Neighbours in the middle look alike; who asked for matte or for dew meant it. */
function toldApart(is: Finish, asked: Finish): boolean {
  const apart = Math.abs(FINISHES.indexOf(is) - FINISHES.indexOf(asked))
  return apart >= 2 || (apart === 1 && asked !== 'natural' && asked !== 'satin')
}

/** Which wishes for a base are not met at this colour. */
export function gaveWay(
  { coverage, finish }: Pick<KitItem, 'coverage' | 'finish'>,
  wish: Pick<FaceFacts, 'coverage' | 'finish'>,
): string[] {
  return [
    ...(coverage === wish.coverage ? [] : [`${coverage} cover where ${wish.coverage} was asked`]),
    ...(toldApart(finish, wish.finish) ? [`${finish} where ${wish.finish} was asked`] : []),
  ]
}
