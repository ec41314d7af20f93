import type { Lab } from '#core/colour/lab'
import { packPigments } from '#core/complexion/bottles/pigments'
import type { ComplexionProduct } from '#core/complexion/bottles/product'
import type { Drops } from '#core/complexion/mixing/recipe'
import { skinAt } from '#core/complexion/skins/skin'
import { mixLab } from '#core/complexion/mixing/touch'

const bottle = (id: string, lab: Lab): ComplexionProduct => ({ id, lab, coverage: 'medium', family: 'silicone' })
/** A kit of six shades that lie about the skins it serves. */
export const SIX_BOTTLES = [
  bottle('shell', skinAt(1.8, -5, 1)),
  bottle('wheat', skinAt(3.2, 6, 1.04)),
  bottle('rose', skinAt(4.8, -6, 1)),
  bottle('honey', skinAt(6, 6, 1.05)),
  bottle('brick', skinAt(7.8, -4, 1)),
  bottle('umber', skinAt(9.6, 4, 1)),
]
export const mixOf = (drops: readonly Drops[], kit: readonly ComplexionProduct[]) => mixLab(packPigments(kit), drops)
