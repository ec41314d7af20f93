import { skinPlace } from '../../../complexion/skins/skin'
import { note, veto, weight, when, type Rule, type Said } from '../../finding'
import type { SlotId } from '../../../asked/slots'

const SHOWS: readonly SlotId[] = ['moisturise', 'sun protection', 'primer', 'foundation', 'concealer', 'powder', 'set']
// Depth up to which pallor in flash hardly shows. Starting value, ours.
const FAIR = 3

/** The last flash photograph of a product decides over every guess. */
const photographed = (itemId: string, tests: readonly { itemIds: readonly string[]; result: 'good' | 'bad' }[]) =>
  [...tests].reverse().find(t => t.itemIds.length === 1 && t.itemIds[0] === itemId)?.result

export const flashPhotographs: Rule = {
  id: 'flash',
  looksAt: 'flash photographs',
  weigh({ item, slot, face, job, settings }): Said[] {
    if (!job.flash || !SHOWS.includes(slot) || photographed(item.id, settings.flashTests)) return []
    const mineral = item.filter === 'mineral' || item.flags.includes('mineral filter')
    const spf = item.spf ?? 0
    const fair = skinPlace(face.skin).depth <= FAIR
    return when(
      [mineral && spf >= 30, veto('taste', `mineral filter with SPF ${spf}: pale in flash photographs`)],
      [mineral && spf >= 15 && spf < 30, weight(fair ? -1 : -2, `mineral filter with SPF ${spf} may go pale in flash`)],
      [
        slot === 'powder' && item.texture === 'loose powder' && item.flags.includes('silica-rich powder'),
        weight(-2, 'silica-rich loose powder flashes white under the eye'),
      ],
      [item.sparkle === 'coarse', weight(-1, 'heavy sparkle scatters the flash')],
      [item.spf === 0 && slot === 'foundation', weight(1, 'no sun filter: nothing to go pale in flash')],
    )
  },
}

export const flashTest: Rule = {
  id: 'flash-test',
  looksAt: 'flash test',
  weigh({ item, slot, job, settings }): Said[] {
    if (!job.flash || !SHOWS.includes(slot)) return []
    const result = photographed(item.id, settings.flashTests)
    return when(
      [result === 'good', weight(1, 'it photographed well in flash')],
      [result === 'bad', weight(-3, 'it photographed badly in flash')],
      [
        result === undefined
          && item.spf === null
          && (slot === 'foundation' || slot === 'sun protection' || slot === 'moisturise'),
        note('sun factor not known: ask, or take a flash test'),
      ],
    )
  },
}
