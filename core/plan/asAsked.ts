import type { KitItem } from '../product/item'
import { findingsOn } from '../suitability/rules'
import { judged } from './question/candidate'
import type { Situation } from './question/question'
import { gaveWay } from './needs/met'
import { zonesOf } from '../asked/slots'

/**
 * Which bottles a base as asked may be mixed from on this face: of the cover and finish that was wished for and allowed to touch it,
 * with the adjusters that are allowed too.
 */
export function asAsked(
  { face, job, settings, overrides }: Omit<Situation, 'items' | 'options'>,
  bottles: readonly KitItem[],
): KitItem[] {
  const zones = zonesOf('foundation')
  return bottles.filter(item => {
    const isBase = item.kind === 'foundation' && gaveWay(item, face).length === 0
    if (!item.lab || !(isBase || item.kind === 'adjuster')) return false
    const findings = findingsOn({ item, slot: 'foundation', skinType: face.skinType, zones, face, job, settings })
    return !judged(item, null, findings, overrides).veto
  })
}
