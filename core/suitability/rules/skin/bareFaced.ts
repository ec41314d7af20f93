import { when, weight, type Rule } from '../../finding'
import type { SlotId } from '../../../asked/slots'

const COVER: readonly SlotId[] = ['foundation', 'concealer']
const isBlack = (lab: { L: number; a: number; b: number } | null) =>
  lab !== null && lab.L < 15 && Math.hypot(lab.a, lab.b) < 6
const isBrown = (lab: { L: number; a: number; b: number } | null) =>
  lab !== null && lab.L < 45 && lab.a > 4 && lab.b > 4

export const bareFaced: Rule = {
  id: 'bare-faced',
  looksAt: 'wants to look bare-faced or never wears any',
  weigh: ({ item, slot, face }) =>
    face.bareFaced
      ? when(
          [
            COVER.includes(slot) && (item.coverage === 'sheer' || item.coverage === 'light'),
            weight(2, `${item.coverage} cover looks like skin`),
          ],
          [
            COVER.includes(slot) && item.coverage === 'full',
            weight(-2, 'full cover is a mask on someone who wears none'),
          ],
          [
            slot === 'lashes',
            weight(
              item.sparkle === 'none' && item.coverage === 'sheer' ? 1 : -1,
              item.coverage === 'sheer' ? 'sparse lashes go unseen' : 'full lashes on someone who wears none',
            ),
          ],
          [(slot === 'mascara' || slot === 'liner') && isBrown(item.lab), weight(1, 'brown instead of black')],
          [
            (slot === 'mascara' || slot === 'liner') && isBlack(item.lab),
            weight(-1, 'black is hard on someone who wears none'),
          ],
        )
      : [],
}
