import { when, weight, type Rule } from '../../finding'
import { isPowder } from '../../../product/item'
import type { SlotId } from '../../../asked/slots'

// prettier-ignore
const ON_SKIN: readonly SlotId[] = [
  'foundation', 'concealer', 'powder', 'cheek', 'bronze', 'contour', 'highlight', 'primer', 'glow', 'set',
]
const heavy = (t: string) => t === 'balm' || t === 'cream'

export const mature: Rule = {
  id: 'mature',
  looksAt: 'mature skin',
  weigh: ({ item, slot, face, aim }) =>
    face.ageBand === 'mature'
      ? when(
          [
            slot === 'foundation' && (item.coverage === 'sheer' || item.coverage === 'light'),
            weight(1, 'a thin film does not sit in lines'),
          ],
          [slot === 'foundation' && item.finish === 'satin', weight(1, 'satin is kind to lines')],
          [
            (slot === 'foundation' || slot === 'primer') && (item.family === 'silicone' || item.texture === 'fluid'),
            weight(1, 'a silicone or serum texture glides over lines'),
          ],
          [
            (ON_SKIN.includes(slot) || slot === 'eyes') && item.sparkle === 'coarse',
            weight(-2, 'coarse sparkle settles in lines'),
          ],
          [slot === 'powder' && isPowder(item) && item.coverage !== 'sheer', weight(-1, 'heavy powder ages')],
          [
            slot === 'eyes' && (item.finish === 'matte' || item.finish === 'satin') && item.sparkle === 'none',
            weight(
              1,
              aim?.is === 'lid' && aim.part === 'crease'
                ? 'matte shade is kind to lines'
                : 'a matte or satin lid lifts',
            ),
          ],
          [slot === 'eye care' && heavy(item.texture), weight(-1, 'heavy eye cream makes concealer slip into lines')],
        )
      : [],
}
