import { castOf } from '../../../complexion/mixing/worn'
import { filmOf } from '../../../product/film'
import { weight, when, type Rule } from '../../finding'
import type { SlotId } from '../../../asked/slots'

// Layers that should not show. Colour that is meant to be seen is judged elsewhere.
// prettier-ignore
const UNSEEN: readonly SlotId[] = ['moisturise', 'sun protection', 'primer', 'eye primer', 'glow', 'powder', 'set']
// Under the base or colour that hides some of it, a little more may be seen.
const UNDER: readonly SlotId[] = ['eye primer', 'glow']
const UNDER_MORE = 4
const VISIBLE = 2
// Beyond this nobody would call it a matter of taste.
const PLAIN = 5
const THIN = 0.5

export const paleCast: Rule = {
  id: 'pale-cast',
  looksAt: 'pale cast',
  weigh({ item, slot, face }) {
    if (!UNSEEN.includes(slot)) return []
    const { deltaE, lighter, greyer } = castOf(filmOf(item), face.skin, UNDER.includes(slot) ? THIN : 1)
    const limit = UNDER.includes(slot) ? UNDER_MORE : VISIBLE
    const by = deltaE > PLAIN + limit - VISIBLE ? -4 : -2 - Math.round(3 * (deltaE - limit)) / 10
    return when(
      [
        deltaE > limit && (lighter > 1 || greyer > 1),
        weight(by, `turns ${greyer > lighter ? 'grey' : 'pale'} on this depth, by ΔE ${deltaE.toFixed(1)}`),
      ],
      [deltaE > limit && lighter < -3 && greyer <= 1, weight(by, `darkens this skin, by ΔE ${deltaE.toFixed(1)}`)],
    )
  },
}
