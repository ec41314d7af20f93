import { dayText } from '../../../dayText'
import { note, veto, when, type Rule, type Said } from '../../finding'
import { slotPlan } from '../../../asked/slots'

/** Past its period after opening, or not enough of it. */
export const freshnessAndLevel: Rule = {
  id: 'freshness',
  looksAt: 'freshness and level',
  weigh({ item, slot, settings }): Said[] {
    if (item.own) return []
    const left = item.level * item.size
    const { amount, unit } = slotPlan(slot)
    const { useBy } = item
    const past = useBy !== null && useBy < settings.day ? dayText(useBy) : ''
    return when(
      [past !== '', veto('harm', `past its last day since ${past}`)],
      [item.level === 0, veto('taste', 'it is empty')],
      [item.level > 0 && unit !== 'pair' && left < amount, note('not enough left for this face: put it on Buys')],
    )
  },
}
