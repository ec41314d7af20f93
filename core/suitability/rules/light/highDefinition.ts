import { when, weight, type Rule } from '../../finding'
import type { SlotId } from '../../../asked/slots'

// prettier-ignore
const ON_SKIN: readonly SlotId[] = [
  'primer', 'glow', 'foundation', 'concealer', 'powder', 'cheek', 'bronze', 'contour', 'highlight', 'eyes', 'set',
]

export const highDefinition: Rule = {
  id: 'high-definition',
  looksAt: 'high definition and close portraits',
  weigh: ({ item, slot, job }) =>
    job.highDefinition && ON_SKIN.includes(slot)
      ? when(
          [item.sparkle === 'coarse', weight(-2, 'coarse sparkle reads as specks close up')],
          [
            slot === 'foundation' && item.coverage === 'full' && (item.texture === 'cream' || item.texture === 'stick'),
            weight(-1, 'a thick film shows in high definition'),
          ],
          [slot === 'foundation' && item.texture === 'fluid', weight(1, 'a fluid disappears in high definition')],
        )
      : [],
}
