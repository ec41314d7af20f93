import { isScented } from '../../../product/item'
import { note, veto, when, type Rule } from '../../finding'

/** Somebody who asked for no scent gets none anywhere: lips, lids, lashes and body included. */
export const scent: Rule = {
  id: 'scent',
  looksAt: 'no scent, in every place',
  weigh: ({ item, face }) =>
    face.noScent
      ? when(
          [isScented(item), veto('taste', 'it is scented and no scent was asked for')],
          [
            item.ingredients === null && !item.claims.includes('fragrance-free'),
            note('list not on record: smell it, or read the pack before it goes on'),
          ],
        )
      : [],
}
