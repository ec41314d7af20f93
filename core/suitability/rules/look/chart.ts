import { weight, when, type Rule } from '../../finding'

// Above every taste: what was agreed with the person is what is put on.
const AGREED = 8

/** The product that was placed on the face chart is the one that goes there. */
export const chart: Rule = {
  id: 'chart',
  looksAt: 'the face chart',
  weigh: ({ item, aim }) =>
    when([aim?.is === 'charted' && aim.itemId === item.id, weight(AGREED, 'the very product that was placed there')]),
}
