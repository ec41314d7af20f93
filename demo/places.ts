import type { PlaceSort } from '#core/stock/things/things'
import type { ItemKind } from '#core/product/item'
import type { OwnedProductInput } from '#shared/records/kit/kit'

const CASE = 'kit-case'
const place = (
  id: string,
  sort: PlaceSort,
  name: string,
  parentId: string | null,
  position: number,
  limitG: number | null = null,
) => ({ id, sort, name, parentId, position, limitG })

/** Where Imre's things stand: the wheeled case in the order it is unpacked, the hip bag, what stays, and what is lent. */
export const DEMO_PLACES = [
  // What he can lift up a ship's ladder.
  place(CASE, 'case', 'Wheeled case', null, 0, 9500),
  place('pouch-skin', 'pouch', 'Skin', CASE, 0),
  place('pouch-base', 'pouch', 'Base', CASE, 1),
  place('pouch-eyes', 'pouch', 'Eyes', CASE, 2),
  place('pouch-colour', 'pouch', 'Cheeks and lips', CASE, 3),
  place('pouch-brushes', 'pouch', 'Brushes and tools', CASE, 4),
  place('pouch-clean', 'pouch', 'Clean and spare', CASE, 5),
  place('hip-bag', 'set bag', 'Hip bag', null, 1),
  place('reserve', 'reserve', 'Reserve case', null, 2),
  place('home', 'home', 'Home', null, 3),
  place('lent-out', 'lent', 'Lent to Oona', null, 4),
] as const

// prettier-ignore
const SKIN: readonly ItemKind[] = [
  'remover', 'cleanser', 'toner', 'mask', 'moisturiser', 'eye care', 'lip care', 'sun protection', 'primer', 'glow',
]
const EYES: readonly ItemKind[] = ['eye primer', 'brow', 'eye colour', 'liner', 'mascara', 'lashes', 'lash glue']
const BASE: readonly ItemKind[] = ['medium', 'corrector', 'foundation', 'adjuster', 'concealer', 'contour', 'bronzer']
const AT_HAND: readonly ItemKind[] = ['powder', 'setting spray', 'gloss']

/** Ranges whose colours lie in one palette. */
export const DEMO_PALETTES: readonly string[] = ['Field Palette', 'Carnival', 'Lip Press']

/** The place of a product of the story. */
export function placeFor({ kind }: Pick<OwnedProductInput, 'kind'>): string {
  if (SKIN.includes(kind)) return 'pouch-skin'
  if (EYES.includes(kind)) return 'pouch-eyes'
  if (BASE.includes(kind)) return 'pouch-base'
  if (AT_HAND.includes(kind)) return 'hip-bag'
  return kind === 'body make-up' ? 'home' : 'pouch-colour'
}
