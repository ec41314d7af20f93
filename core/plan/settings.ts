import type { MixingFacts } from '../complexion/mixable'

/** A flash photograph of one product or of several worn together. */
export interface FlashTest {
  itemIds: readonly string[]
  result: 'good' | 'bad'
}

export const METHOD_ORDERS = ['eyes first', 'eyes while skincare settles', 'skin straight through'] as const
export type MethodOrder = (typeof METHOD_ORDERS)[number]

/** How the artist works, as far as a plan depends on it. */
export interface PlanSettings extends MixingFacts {
  /** The day of the job, ISO date. */
  day: string
  order: MethodOrder
  primer: 'always' | 'only with a reason'
  powder: 'by zone' | 'all over' | 'blot only'
  flashTests: readonly FlashTest[]
  /** Per rule: 0 switches it off, 1 is as it comes, 2 doubles its weights. */
  ruleWeights: Readonly<Record<string, number>>
  /** An agency's rule: this slot is done with this kind of technique or this product. */
  houseRules: readonly { slot: string; itemId: string; sentence: string }[]
}

export const USUAL_SETTINGS: Omit<PlanSettings, 'day'> = {
  order: 'eyes while skincare settles',
  mixing: 'practical',
  primer: 'only with a reason',
  powder: 'by zone',
  apart: [],
  paletteTests: [],
  flashTests: [],
  ruleWeights: {},
  houseRules: [],
}
