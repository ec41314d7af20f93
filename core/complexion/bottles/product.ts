import type { Lab } from '../../colour/lab'

export const COVERAGES = ['sheer', 'light', 'medium', 'full'] as const
export type Coverage = (typeof COVERAGES)[number]

export const FAMILIES = ['silicone', 'water', 'oil', 'alcohol', 'hydrocarbon', 'powder', 'unknown'] as const
export type Family = (typeof FAMILIES)[number]

/** What the colour model needs to know of a product that can go into a recipe. */
export interface ComplexionProduct {
  id: string
  /** Masstone once set, D65. */
  lab: Lab
  coverage: Coverage
  /** Hiding power; overrides what the coverage stands for. */
  hide?: number
  /** How strongly it pulls a mix against what its cover says, learned from measured mixes; 1 when not known. */
  strength?: number
  family: Family
  range?: string
  /** Measured masstone, 36 samples 380–730 nm; overrides `lab`. */
  reflectance?: ArrayLike<number>
  pricePerMl?: number
  /** False for something that can only change a base, never be one. */
  isBase?: boolean
}

/** Hiding power of each coverage. */
export const HIDE: Readonly<Record<Coverage, number>> = { sheer: 0.35, light: 0.6, medium: 1, full: 1.5 }

export const hideOf = ({ hide, coverage }: Pick<ComplexionProduct, 'hide' | 'coverage'>) => hide ?? HIDE[coverage]
