import type { Lab } from '../colour/lab'

/*
 * What a look says in structure. Everything may be left unsaid: then the day and the person decide, and the plan says so.
 */
export const UNSAID = 'not said'

export const SHIMMERS = [UNSAID, 'none', 'a little', 'yes'] as const
export type Shimmer = (typeof SHIMMERS)[number]
export const SHIMMER_PLACES = ['eyes', 'cheeks', 'lips'] as const
export type ShimmerPlace = (typeof SHIMMER_PLACES)[number]

export const GLOWS = [UNSAID, 'none', 'yes'] as const
// prettier-ignore
export const LIPS = [
  UNSAID, 'bare', 'theirs', 'nude', 'rose', 'coral', 'warm red', 'cool red', 'plum', 'brown',
] as const
export type LipWish = (typeof LIPS)[number]
export const LIP_STRENGTHS = [UNSAID, 'sheer', 'soft', 'full'] as const
export const LIP_FINISHES = [UNSAID, 'matte', 'satin', 'gloss'] as const
export const EYES = [UNSAID, 'bare', 'soft', 'smoky', 'line only'] as const
export type EyeWish = (typeof EYES)[number]
export const TEMPERATURES = [UNSAID, 'warm', 'cool'] as const
export const EYE_STRENGTHS = [UNSAID, 'light', 'mid', 'deep'] as const
export const LINERS = [UNSAID, 'none', 'brown', 'black', 'wing'] as const
export const BROW_WISHES = [UNSAID, 'leave', 'tidy', 'fill', 'shape'] as const
export const CHEEKS = [UNSAID, 'bare', 'soft', 'flushed', 'sculpted', 'bronzed'] as const

export interface LookBrief {
  shimmer: Readonly<Record<ShimmerPlace, Shimmer>>
  glow: (typeof GLOWS)[number]
  lip: LipWish
  lipStrength: (typeof LIP_STRENGTHS)[number]
  lipFinish: (typeof LIP_FINISHES)[number]
  eyes: EyeWish
  eyeTemperature: (typeof TEMPERATURES)[number]
  eyeStrength: (typeof EYE_STRENGTHS)[number]
  liner: (typeof LINERS)[number]
  brows: (typeof BROW_WISHES)[number]
  cheeks: (typeof CHEEKS)[number]
}

export const NOTHING_SAID: LookBrief = {
  shimmer: { eyes: UNSAID, cheeks: UNSAID, lips: UNSAID },
  glow: UNSAID,
  lip: UNSAID,
  lipStrength: UNSAID,
  lipFinish: UNSAID,
  eyes: UNSAID,
  eyeTemperature: UNSAID,
  eyeStrength: UNSAID,
  liner: UNSAID,
  brows: UNSAID,
  cheeks: UNSAID,
}

/** Where on the face colour is placed. */
// prettier-ignore
export const CHART_AREAS = [
  'brow', 'lid', 'crease', 'lash line', 'inner corner', 'cheek', 'cheekbone', 'contour', 'nose', 'lips', 'jaw',
] as const
export type ChartArea = (typeof CHART_AREAS)[number]

/** A colour placed on the face chart, with the product that is to make it where one was placed. */
export interface ChartMark {
  area: ChartArea
  lab: Lab
  itemId: string | null
  /** As it is called on the chart. */
  name: string
}

export const BROWS = ['not noted', 'sparse', 'even', 'dense', 'none'] as const
export type BrowDensity = (typeof BROWS)[number]
// prettier-ignore
export const EYE_SHAPES = [
  'not noted', 'round', 'almond', 'hooded', 'deep-set', 'downturned', 'upturned', 'single lid',
] as const
export type EyeShape = (typeof EYE_SHAPES)[number]
export const EYE_SIZES = ['not noted', 'small', 'even', 'large'] as const
export type EyeSize = (typeof EYE_SIZES)[number]
