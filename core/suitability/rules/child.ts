import { note, veto, when, type Rule, type Said } from '../finding'
import { isScented } from '../../product/item'

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
      [item.ingredients === null, note('list not on record: ask the guardian and read the pack')],
    )
  },
}
