import { when, weight, type Rule } from '../../finding'
import { formsFilm } from '../../../product/item'

export const bodyAndCostume: Rule = {
  id: 'body-costume',
  looksAt: 'body and costume',
  weigh: ({ item, slot, job }) =>
    slot === 'body'
      ? when(
          [formsFilm(item), weight(2, 'film-forming: stays on the skin')],
          [!formsFilm(item) && job.costumeChanges, weight(-2, 'rubs off on a costume')],
        )
      : [],
}
