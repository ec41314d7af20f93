import type { Lab } from '../colour/lab'
import { skinAt, TYPICAL_UNDERTONE, UNDERTONES } from '../complexion/skins/skin'
import { halton, normalQuantile } from './quasiRandom'

const PRIOR_SIZE = 4000

export interface Believed {
  lab: Lab
  depth: number
  hueDeviation: number
  chromaRatio: number
}

let prior: readonly Believed[] | undefined

/** Skins as they come, before anything is known: all depths alike, undertones spread about the four typical ones. */
export function priorSkins(): readonly Believed[] {
  prior ??= Array.from({ length: PRIOR_SIZE }, (_, i) => {
    const depth = 0.25 + 12.5 * halton(i + 1, 2)
    // Its own base: i modulo 4 would tie each undertone to a quarter of the depths.
    const typical = TYPICAL_UNDERTONE[UNDERTONES[Math.floor(UNDERTONES.length * halton(i + 1, 7))]!]
    const hueDeviation = typical.hueDeviation + 3 * normalQuantile(halton(i + 1, 3))
    const chromaRatio = Math.max(0.6, typical.chromaRatio + 0.06 * normalQuantile(halton(i + 1, 5)))
    return { lab: skinAt(depth, hueDeviation, chromaRatio), depth, hueDeviation, chromaRatio }
  })
  return prior
}
