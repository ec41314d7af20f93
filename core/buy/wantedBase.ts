import { tooFarApart } from '../complexion/apart'
import { meanCoverage, meanWord } from '../complexion/bottles/formula'
import { hideOf, type ComplexionProduct, type Coverage } from '../complexion/bottles/product'
import { gaveWay } from '../plan/needs/met'
import { FINISHES, type Finish } from '../product/item'

/** A base as it was asked for, with the bottles it may be mixed from. */
export interface WantedBase {
  coverage: Coverage
  finish: Finish
  bottles: readonly { id: string; finish: Finish }[]
}

/** Whether a mix has the cover and finish that were asked for, of bottles near enough in depth not to turn ashy. */
export function isAsWanted(
  wanted: Pick<WantedBase, 'coverage' | 'finish'>,
  parts: readonly { product: ComplexionProduct; finish: Finish; share: number }[],
): boolean {
  const coverage = meanCoverage(parts.map(p => ({ hide: hideOf(p.product), share: p.share })))
  const finish = meanWord(
    FINISHES,
    parts.map(p => ({ word: p.finish, share: p.share })),
  )
  return gaveWay({ coverage, finish }, wanted).length === 0 && tooFarApart(parts.map(p => p.product)) === 0
}
