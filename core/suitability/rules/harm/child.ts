import { note, veto, weight, when, type Rule, type Said } from '../../finding'
import { isScented } from '../../../product/item'

const loose = (texture: string) => texture === 'loose powder' || texture === 'spray'

export const child: Rule = {
  id: 'child',
  looksAt: 'child',
  weigh({ item, face }): Said[] {
    if (face.ageBand !== 'child') return []
    return when(
      [
        isScented(item) && !item.claims.includes('fragrance-free'),
        veto('harm', 'scented: a child gets fragrance-free only'),
      ],
      [item.sparkle === 'coarse' && loose(item.texture), veto('harm', 'loose glitter near a child’s eyes')],
      [item.sparkle !== 'none', weight(-3, 'no sparkle on a child’s skin')],
      [item.ingredients === null, note('list not on record: ask the guardian and read the pack')],
    )
  },
}
