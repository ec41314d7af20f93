import type { Family } from '../../complexion/bottles/product'
import type { Dispenser, ItemKind, Texture } from '../../product/item'
import { USUAL_BY_KIND, type Traits } from './usual'

/*
 * What changes with the form of a product: a cream blush is no powder, comes in a pot and ages sooner than one. Months after opening are
 * the shortest that packs of the form commonly carry; starting values, ours.
 */

const DISPENSERS: Partial<Record<Texture, Dispenser>> = {
  'stick': 'stick',
  'pencil': 'pencil',
  'spray': 'bottle',
  'cream': 'pot',
  'balm': 'pot',
  'gel': 'tube',
  'lotion': 'bottle',
  'fluid': 'bottle',
  'loose powder': 'pot',
  'pressed powder': 'pan',
}
const POWDERS: readonly Texture[] = ['loose powder', 'pressed powder']
/** Sticks, pencils, creams and balms of colour are pigment in wax and oil; of fluids and gels nobody can say without the list. */
const IN_WAX: readonly Texture[] = ['cream', 'stick', 'balm', 'pencil']
const POWDER_MONTHS = 24
const MOIST_MONTHS = 12
const NEAR_THE_EYE_MONTHS = 6
const NEAR_THE_EYE: readonly ItemKind[] = ['eye colour', 'liner', 'brow']

/** @param texture what it is said to be like in the hand; null where nobody says */
export function formed(kind: ItemKind, texture: Texture | null): { family: Family; traits: Partial<Traits> } {
  const { family, traits } = USUAL_BY_KIND[kind]
  if (texture === null || texture === traits.texture) return { family, traits: {} }
  const isPowder = POWDERS.includes(texture)
  const wasPowder = family === 'powder'
  const moist = NEAR_THE_EYE.includes(kind) && texture !== 'pencil' ? NEAR_THE_EYE_MONTHS : MOIST_MONTHS
  const months = isPowder ? POWDER_MONTHS : wasPowder ? moist : traits.paoMonths
  const dispenser = DISPENSERS[texture]
  return {
    family: isPowder ? 'powder' : !wasPowder ? family : IN_WAX.includes(texture) ? 'oil' : 'unknown',
    traits: {
      texture,
      ...(dispenser ? { dispenser } : {}),
      // What dries up fastest decides: a mascara is never older for being a cream.
      paoMonths:
        traits.paoMonths === null || months === null ? months : isPowder ? months : Math.min(months, traits.paoMonths),
    },
  }
}
