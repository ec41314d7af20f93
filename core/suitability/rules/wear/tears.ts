import { when, weight, type Rule } from '../../finding'
import { formsFilm, type KitItem } from '../../../product/item'

const proof = (item: KitItem) => item.resists.includes('water') || item.resists.includes('tears')

export const tears: Rule = {
  id: 'tears',
  looksAt: 'tears, water, kissing',
  weigh: ({ item, slot, job }) =>
    job.tears
      ? when(
          [
            (slot === 'foundation' || slot === 'concealer') && formsFilm(item),
            weight(2, 'dries to a film that tears do not move'),
          ],
          [slot === 'lip top' && item.kind === 'gloss', weight(-1, 'gloss comes off in the first kiss')],
          [(slot === 'mascara' || slot === 'liner') && proof(item), weight(2, 'waterproof')],
          [
            (slot === 'mascara' || slot === 'liner') && !proof(item),
            weight(-2, 'not waterproof, and there will be tears or water'),
          ],
        )
      : [],
}
