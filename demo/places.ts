import type { PlaceSort } from '#core/stock/things'
import type { ItemKind } from '#core/product/item'
import type { OwnedProductInput } from '#shared/records/kit'

const CASE = 'kit-case'
const place = (id: string, sort: PlaceSort, name: string, parentId: string | null, position: number) => ({
  id,
  sort,
  name,
  parentId,
  position,
})

/** Where Imre's things stand: the wheeled case in the order it is unpacked, the hip bag, and home. */
export const DEMO_PLACES = [
  place('home', 'home', 'Home', null, 0),
  place(CASE, 'case', 'Wheeled case', null, 1),
  place('pouch-skin', 'pouch', 'Skin', CASE, 0),
  place('pouch-base', 'pouch', 'Base', CASE, 1),
  place('pouch-eyes', 'pouch', 'Eyes', CASE, 2),
  place('pouch-colour', 'pouch', 'Cheeks and lips', CASE, 3),
  place('hip-bag', 'set bag', 'Hip bag', null, 2),
] as const

// prettier-ignore
const SKIN: readonly ItemKind[] = [
  'remover', 'cleanser', 'toner', 'mask', 'moisturiser', 'eye care', 'lip care', 'sun protection', 'primer', 'glow',
]
const EYES: readonly ItemKind[] = ['eye primer', 'brow', 'eye colour', 'liner', 'mascara', 'lashes', 'lash glue']
const BASE: readonly ItemKind[] = ['medium', 'corrector', 'foundation', 'adjuster', 'concealer', 'contour', 'bronzer']
const AT_HAND: readonly ItemKind[] = ['powder', 'setting spray', 'gloss']

/** The place of a product of the story. */
export function placeFor({ kind }: Pick<OwnedProductInput, 'kind'>): string {
  if (SKIN.includes(kind)) return 'pouch-skin'
  if (EYES.includes(kind)) return 'pouch-eyes'
  if (BASE.includes(kind)) return 'pouch-base'
  if (AT_HAND.includes(kind)) return 'hip-bag'
  return kind === 'body make-up' ? 'home' : 'pouch-colour'
}
