/** Limits of how a colour shows; the artist may set them. */
export interface Showing {
  /** ΔE00 below which a colour vanishes. */
  vanishes: number
  /** ΔE00 from which it shows clearly, and strongly. */
  clear: number
  strong: number
  /** How many L* a highlight may lift before it is chalk. */
  chalky: number
  /** C* from which a colour is vivid. */
  vivid: number
}

export const SHOWING: Showing = { vanishes: 2.5, clear: 7, strong: 16, chalky: 18, vivid: 45 }
