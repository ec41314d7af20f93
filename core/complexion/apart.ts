import { chroma, type Lab } from '../colour/lab'

// Bottles farther apart in L* than this turn ashy in the middle, and a drop more or less shows. Starting value, ours.
const FAR_APART = 22
// Chroma: an adjuster with a hue does not count as a depth; a white or black one does.
const HUELESS = 15

/** By how much the lightest and the darkest of a mix lie farther apart in L* than mixes well; 0 where they are near enough. */
export function tooFarApart(products: readonly { lab: Lab; isBase?: boolean }[]): number {
  const depths = products.flatMap(p => (p.isBase !== false || chroma(p.lab) < HUELESS ? [p.lab.L] : []))
  return depths.length < 2 ? 0 : Math.max(0, Math.max(...depths) - Math.min(...depths) - FAR_APART)
}
