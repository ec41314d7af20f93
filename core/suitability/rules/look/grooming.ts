import { note, when, weight, type Rule } from '../../finding'
import type { SlotId } from '../../../asked/slots'

// prettier-ignore
const ON_SKIN: readonly SlotId[] = [
  'primer', 'glow', 'foundation', 'concealer', 'powder', 'cheek', 'bronze', 'highlight', 'set',
]

export const grooming: Rule = {
  id: 'grooming',
  looksAt: 'facial hair and grooming',
  weigh: ({ item, slot, face }) =>
    face.facialHair && ON_SKIN.includes(slot)
      ? when(
          [
            slot === 'foundation',
            note(
              'brush it out of the hair with a clean spoolie; shaving needs a single-use blade and, in places, a licence',
            ),
          ],
          [item.finish === 'matte', weight(1, 'matte: no visible product beside a beard')],
          [
            item.sparkle !== 'none' || item.finish === 'luminous',
            weight(-2, 'shimmer beside facial hair shows as product'),
          ],
        )
      : [],
}
