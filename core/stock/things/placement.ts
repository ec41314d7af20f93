import type { Lab } from '../../colour/lab'
import { skinAt, skinPlace, typicalSkin, type Undertone } from '../../complexion/skins/skin'

/** Depths as artists call them, with where on the 1–12 scale they stand. */
export const DEPTH_WORDS = {
  'fair': 1.5,
  'light': 3,
  'light medium': 4.5,
  'medium': 6,
  'tan': 7.5,
  'deep': 9.5,
  'very deep': 11.5,
} as const
export type DepthWord = keyof typeof DEPTH_WORDS

/** Colours that stand for adjusters by name, to be sharpened when the real bottle is known. */
export const ADJUSTER_WORDS = {
  white: { L: 93, a: 0, b: 3 },
  yellow: { L: 72, a: 8, b: 57 },
  red: { L: 42, a: 37, b: 26 },
  olive: { L: 50, a: -3, b: 28 },
  blue: { L: 38, a: -4, b: -33 },
} as const satisfies Record<string, Lab>
export type AdjusterWord = keyof typeof ADJUSTER_WORDS

export const fromDepthWord = (word: DepthWord, undertone: Undertone): Lab => typicalSkin(DEPTH_WORDS[word], undertone)

export const STEPS = [-1, 0, 1] as const
/** −1 lighter or pinker, 0 the same, 1 deeper or yellower. */
export type Step = (typeof STEPS)[number]

// How far "a little lighter than this bottle" is: one step an artist would name.
const DEPTH_STEP = 0.75
const HUE_STEP = 5

/** A colour a little lighter or deeper, pinker or yellower than a bottle that is known. */
export function besideBottle(bottle: Lab, depth: Step, hue: Step): Lab {
  const place = skinPlace(bottle)
  return skinAt(place.depth + depth * DEPTH_STEP, place.hueDeviation + hue * HUE_STEP, place.chromaRatio)
}
