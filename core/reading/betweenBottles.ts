import type { Lab } from '../colour/lab'
import { skinPlace } from '../complexion/skins/skin'
import { priorSkins } from './prior'
import { summarise, type Reading } from './reading'

/** What the artist sees where a bottle touches the skin: the skin is … than the bottle. */
// prettier-ignore
export const SHADES_OF_DEPTH = [
  'much deeper', 'deeper', 'a little deeper', 'same depth', 'a little lighter', 'lighter', 'much lighter',
] as const
export const SHADES_OF_HUE = ['pinker', 'a little pinker', 'same hue', 'a little yellower', 'yellower'] as const
export const SHADES_OF_CHROMA = ['greyer', 'same strength', 'stronger'] as const
export type ShadeOfDepth = (typeof SHADES_OF_DEPTH)[number]
export type HueWord = (typeof SHADES_OF_HUE)[number]
export type ChromaWord = (typeof SHADES_OF_CHROMA)[number]

/** One comparison; a word left out says nothing about that side. */
export interface Comparison {
  bottle: Lab
  depth?: ShadeOfDepth
  hue?: HueWord
  chroma?: ChromaWord
}

// Where each word's region begins and ends, open ends infinite; an edge is the scale of its logistic softness.
interface Region {
  from: number
  to: number
}
// In L* of the bottle minus L* of the skin.
const DEPTH_REGION: Readonly<Record<ShadeOfDepth, Region>> = {
  'much deeper': { from: 12, to: Infinity },
  'deeper': { from: 5, to: 15 },
  'a little deeper': { from: 1, to: 6 },
  'same depth': { from: -1.5, to: 1.5 },
  'a little lighter': { from: -6, to: -1 },
  'lighter': { from: -15, to: -5 },
  'much lighter': { from: -Infinity, to: -12 },
}
const DEPTH_EDGE = 0.5
// In degrees of hue deviation from the locus, skin minus bottle: undertones compare across depths that way.
const HUE_REGION: Readonly<Record<HueWord, Region>> = {
  'pinker': { from: -Infinity, to: -6 },
  'a little pinker': { from: -8, to: -1.5 },
  'same hue': { from: -2.5, to: 2.5 },
  'a little yellower': { from: 1.5, to: 8 },
  'yellower': { from: 6, to: Infinity },
}
const HUE_EDGE = 0.8
// In ratio of chroma to the locus chroma, skin minus bottle.
const CHROMA_REGION: Readonly<Record<ChromaWord, Region>> = {
  'greyer': { from: -Infinity, to: -0.06 },
  'same strength': { from: -0.08, to: 0.08 },
  'stronger': { from: 0.06, to: Infinity },
}
const CHROMA_EDGE = 0.03
/** Share of answers taken to be plain mistakes, so that one slip cannot rule out the truth. */
const SLIP = 0.02

/** Chance, up to a constant, that a value is called by the word of a region. */
function soft(value: number, { from, to }: Region, edge: number): number {
  const rise = from === -Infinity ? 1 : 1 / (1 + Math.exp(-(value - from) / edge))
  const fall = to === Infinity ? 1 : 1 / (1 + Math.exp((value - to) / edge))
  return SLIP + (1 - SLIP) * rise * fall
}

/**
 * Where a skin lies, from comparisons with bottles whose colour is known: soft-edged half-spaces in Lab combined by
 * Bayes with the population as prior.
 * @returns mean and spread; without comparisons those of the whole population
 */
export function betweenBottles(comparisons: readonly Comparison[]): Reading {
  const prior = priorSkins()
  const bottles = comparisons.map(c => ({ ...c, place: skinPlace(c.bottle) }))
  const weights = Float64Array.from(prior, skin => {
    let weight = 1
    for (const { bottle, place, depth, hue, chroma } of bottles) {
      if (depth) weight *= soft(bottle.L - skin.lab.L, DEPTH_REGION[depth], DEPTH_EDGE)
      if (hue) weight *= soft(skin.hueDeviation - place.hueDeviation, HUE_REGION[hue], HUE_EDGE)
      if (chroma) weight *= soft(skin.chromaRatio - place.chromaRatio, CHROMA_REGION[chroma], CHROMA_EDGE)
    }
    return weight
  })
  return summarise(
    prior.map(p => p.lab),
    weights,
  )
}
