import { note, veto, weight, when, type Rule, type Said } from '../finding'
import { isScented } from '../../product/item'
import type { SlotId } from '../../plan/slots'

// prettier-ignore
const MINIMAL: readonly SlotId[] = [
  'cleanse', 'moisturise', 'lip care', 'foundation', 'concealer', 'cheek', 'lip colour', 'lip top', 'eyes', 'brows',
]
const loose = (texture: string) => texture === 'loose powder' || texture === 'spray'

export const child: Rule = {
  id: 'child',
  looksAt: 'child',
  weigh({ item, slot, face }): Said[] {
    if (face.ageBand !== 'child') return []
    return when(
      [
        isScented(item) && !item.claims.includes('fragrance-free'),
        veto('harm', 'scented: a child gets fragrance-free only'),
      ],
      [item.sparkle === 'coarse' && loose(item.texture), veto('harm', 'loose glitter near a child’s eyes')],
      [!MINIMAL.includes(slot), weight(-3, 'a child needs little: left out')],
      [item.ingredients === null, note('list not on record: ask the guardian and read the pack')],
    )
  },
}
