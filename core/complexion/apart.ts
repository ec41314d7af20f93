import { chroma, type Lab } from '../colour/lab'

// Bottles farther apart than this turn ashy in the middle, and a drop more or less shows.
const FAR_APART = 22
// What pulls to a hue is no depth of its own; white and black are.
const HUELESS = 15

/** How much farther apart in L* the depths of a mix are than goes well; 0 where they are near enough. */
export function tooFarApart(products: readonly { lab: Lab; isBase?: boolean }[]): number {
  const depths = products.flatMap(p => (p.isBase !== false || chroma(p.lab) < HUELESS ? [p.lab.L] : []))
  return depths.length < 2 ? 0 : Math.max(0, Math.max(...depths) - Math.min(...depths) - FAR_APART)
}
