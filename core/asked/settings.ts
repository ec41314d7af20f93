import type { MixingFacts } from '../complexion/bottles/mixable'
import type { HouseRule } from './houseRule'
import { SHOWING, type Showing } from './showing'

/** A flash photograph of one product or of several worn together. */
export interface FlashTest {
  itemIds: readonly string[]
  result: 'good' | 'bad'
}

export const METHOD_ORDERS = ['eyes first', 'eyes while skincare settles', 'skin straight through'] as const
export type MethodOrder = (typeof METHOD_ORDERS)[number]

export const TONERS = ['none', 'by skin type', 'always'] as const

/** How the artist works, as far as a plan depends on it. */
export interface PlanSettings extends MixingFacts {
  /** The day of the job, ISO date. */
  day: string
  order: MethodOrder
  primer: 'always' | 'only with a reason'
  powder: 'by zone' | 'all over' | 'blot only'
  /** What follows cleansing. */
  toner: (typeof TONERS)[number]
  /** Limits of how a colour shows. */
  showing: Showing
  flashTests: readonly FlashTest[]
  /** Per rule: 0 switches it off, 1 is as it comes, 2 doubles its weights. */
  ruleWeights: Readonly<Record<string, number>>
  /** An agency's rule: this slot is done with this kind of technique or this product. */
  houseRules: readonly HouseRule[]
}

export const USUAL_SETTINGS: Omit<PlanSettings, 'day'> = {
  order: 'eyes while skincare settles',
  mixing: 'practical',
  primer: 'only with a reason',
  powder: 'by zone',
  toner: 'none',
  showing: SHOWING,
  apart: [],
  paletteTests: [],
  flashTests: [],
  ruleWeights: {},
  houseRules: [],
}
