import { difference } from '../../colour/difference'
import { layered } from '../../complexion/worn'
import { weight, when, type Rule } from '../finding'
import type { SlotId } from '../../plan/slots'
import { filmOf } from './paleCast'

// Colour that is meant to be seen, with how thick it is usually laid on.
const THICKNESS: Partial<Record<SlotId, number>> = {
  'eyes': 0.5,
  'contour': 0.3,
  'bronze': 0.3,
  'cheek': 0.3,
  'highlight': 0.4,
  'lip colour': 1,
  'brows': 0.6,
}
const VANISHES = 2.5
const CHALKY = 18
const VIVID = 45
const SOFTEST = 4
const CLEAREST = 16

/** How a colour shows on this depth: from the film over this skin, not from the name on the pan. */
export const showing: Rule = {
  id: 'shows-on-skin',
  looksAt: 'how a colour shows on this skin',
  weigh({ item, slot, face, job }) {
    const thickness = THICKNESS[slot]
    if (thickness === undefined || !item.lab) return []
    const seen = layered(face.skin, [{ film: filmOf(item), thickness }])
    const dE = difference(seen, face.skin)
    const vivid = Math.hypot(item.lab.a, item.lab.b) > VIVID
    return when(
      [dE < VANISHES, weight(-1, `vanishes on this depth, ΔE ${dE.toFixed(1)}`)],
      [slot === 'highlight' && seen.L - face.skin.L > CHALKY, weight(-2, 'chalky: far lighter than this skin')],
      [slot === 'contour' && seen.L >= face.skin.L, weight(-3, 'no deeper than this skin: it shades nothing')],
      [
        slot === 'eyes' && vivid && job.type !== 'editorial' && job.type !== 'stage',
        weight(-1.5, 'vivid, and nobody asked for it'),
      ],
      [dE >= SOFTEST && dE <= CLEAREST && !vivid, weight(0.5, `shows softly on this depth, ΔE ${dE.toFixed(1)}`)],
    )
  },
}
