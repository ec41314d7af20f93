import { skinPlace } from '../../../complexion/skins/skin'
import { weight, when, type Rule } from '../../finding'
import type { SlotId } from '../../../asked/slots'

const PLACES: readonly SlotId[] = ['cheek', 'lip colour', 'highlight']
// b* for each a* from which a red is warm, and below which it is cool.
const WARM = 0.6
const COOL = 0.35

/** A matter of taste, and marked as one: warm colours on golden and olive skins, cool ones on rosy skins. */
export const harmony: Rule = {
  id: 'harmony',
  looksAt: 'harmony of undertone and colour (a matter of taste)',
  weigh({ item, slot, face, aim }) {
    if (!item.lab || !PLACES.includes(slot) || aim?.is === 'charted' || item.lab.a < 4) return []
    const lean = item.lab.b / item.lab.a
    const warm = lean > WARM
    const cool = lean < COOL
    const { undertone } = skinPlace(face.skin)
    const warmSkin = undertone === 'golden' || undertone === 'olive'
    const told = (agrees: boolean) =>
      `taste: a ${warm ? 'warm' : 'cool'} colour ${agrees ? 'agrees with' : 'stands against'} ${undertone} skin`
    return when(
      [(warm && warmSkin) || (cool && undertone === 'rosy'), weight(0.5, told(true))],
      [(cool && warmSkin) || (warm && undertone === 'rosy'), weight(-0.5, told(false))],
    )
  },
}
