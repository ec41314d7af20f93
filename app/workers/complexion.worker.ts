import { expose } from 'comlink'
import { buy, type BuyQuestion } from '#core/buy/buy'
import { cheapestMend, type MendQuestion } from '#core/buy/mend'
import type { Lab } from '#core/colour/lab'
import type { MixingRules } from '#core/complexion/bottles/mixable'
import { packPigments, pigmentFor } from '#core/complexion/bottles/pigments'
import type { Skin } from '#core/complexion/skins/population'
import type { ComplexionProduct } from '#core/complexion/bottles/product'
import { reach } from '#core/complexion/reach'
import { doubtsAbout, afterVerdict, suspectOf, type SeenVerdict } from '#core/reading/doubts'
import { learnFromMixes, type MeasuredMix } from '#core/reading/measuredMixes'
import { looksAt, nextLook } from '#core/reading/nextLook'
import type { Reading } from '#core/reading/reading'
import type { RecipeOptions, Drops } from '#core/complexion/mixing/recipe'
import { sharesByFamily, sharesOfParts } from '#core/complexion/shares'
import { steer, nextTouch, touchTowards, type Complaint, type Degree } from '#core/complexion/mixing/touch'

/** The kit as the worker takes it. */
export interface Shelf {
  products: ComplexionProduct[]
  rules: MixingRules
}
export type Progress = (done: number) => void

/** What the screens compute away from the page. Progress is a callback proxied by comlink. */
const work = {
  /** Solves for the spectra of a kit, which are known then. */
  prepare: (products: ComplexionProduct[]) => {
    products.forEach(pigmentFor)
  },
  reach: ({ products, rules }: Shelf, skins: Skin[], options: RecipeOptions, progress: Progress) =>
    reach(packPigments(products, rules), skins, options, progress),
  byFamily: ({ products, rules }: Shelf, skins: Skin[], options: RecipeOptions) =>
    sharesByFamily(products, rules, skins, options),
  sharesOfParts: (
    { products, rules }: Shelf,
    parts: string[][],
    skins: Skin[],
    options: RecipeOptions,
    progress: Progress,
  ) => sharesOfParts(products, rules, parts, skins, options, progress),
  buy: (question: BuyQuestion, progress: Progress) => buy(question, progress),
  mend: (question: MendQuestion, progress: Progress) => cheapestMend(question, progress),
  /** What the verdicts so far say of the bottles, and which look would tell most. */
  doubts: (
    products: ComplexionProduct[],
    verdicts: SeenVerdict[],
    skins: { faceId: string; skin: Reading }[],
    progress: Progress,
  ) => {
    const doubts = verdicts.reduce(afterVerdict, doubtsAbout(products))
    return { suspect: suspectOf(doubts), question: nextLook(doubts, looksAt(doubts, skins, progress)) }
  },
  learn: (mixes: MeasuredMix[], products: ComplexionProduct[]) => learnFromMixes(mixes, products),
  touches: ({ products, rules }: Shelf, recipe: Drops[]) => steer(packPigments(products, rules), recipe),
  touchTowards: ({ products, rules }: Shelf, recipe: Drops[], wanted: Lab) =>
    touchTowards(packPigments(products, rules), recipe, wanted) ?? null,
  nextTouch: ({ products, rules }: Shelf, recipe: Drops[], complaint: Complaint, degree?: Degree) =>
    nextTouch(packPigments(products, rules), recipe, complaint, degree) ?? null,
}
export type Work = typeof work

expose(work)
