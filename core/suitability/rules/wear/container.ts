import { when, note, weight, type Rule } from '../../finding'
import type { Dispenser } from '../../../product/item'

const DIPPED: readonly Dispenser[] = ['pot', 'stick', 'wand']
const CLEAN: readonly Dispenser[] = ['pump', 'tube', 'airless']

export const containerAndHygiene: Rule = {
  id: 'container',
  looksAt: 'container × hygiene',
  weigh: ({ item }) =>
    when(
      [
        DIPPED.includes(item.dispenser) && !item.own,
        note(
          item.dispenser === 'wand'
            ? 'fresh wand for every dip: one that touched a person never goes back'
            : 'take it out with a clean spatula onto the palette',
        ),
      ],
      [CLEAN.includes(item.dispenser), weight(0.5, 'comes out of the pack clean')],
      [item.dispenser === 'pencil' && !item.own, note('sharpen, wipe with 70 % alcohol and let dry, before and after')],
    ),
}
