import { filmOf } from '../../../product/film'
import { amountWord, judge } from '../../../look/judge'
import { note, weight, when, type Rule, type Said } from '../../finding'
import type { JobFacts } from '../../../asked/job'
import { chroma } from '../../../colour/lab'

// Worth at which a colour is no longer the one that was meant. Starting value, ours.
const FAR = -1.5
const VIVID_DAYS: readonly JobFacts['type'][] = ['editorial', 'stage']

/** How a colour shows: the film over this skin, these lips or this hair with its direction, not the name on the pan. */
export const showing: Rule = {
  id: 'shows-on-skin',
  looksAt: 'how a colour shows on this skin',
  weigh({ item, slot, aim, job, settings }): Said[] {
    if (!aim) return []
    if (!item.lab)
      return when(
        [aim.is === 'brow' && !aim.clear, weight(-1, 'no colour in it: it holds, but fills nothing')],
        [aim.is === 'brow' && aim.clear, weight(2, 'holds and shows nothing')],
      )
    const { worth, sentence, faults, thickness, shown } = judge(aim, item.lab, filmOf(item), settings.showing)
    const vivid = chroma(item.lab) > settings.showing.vivid && !VIVID_DAYS.includes(job.type) && aim.is !== 'charted'
    const far = worth <= FAR && (aim.is === 'lip' || aim.is === 'lid' || aim.is === 'charted')
    const fault =
      faults[0]
      ?? (far
        ? `${sentence}: far from ${aim.is === 'charted' ? aim.name || 'what stands on the chart' : aim.words}`
        : undefined)
    return [
      // A colour with a fault never counts in its favour, however near it comes.
      weight(Math.round((faults.length > 0 ? Math.min(worth, FAR) : worth) * 100) / 100, fault ?? sentence),
      ...when(
        [slot === 'eyes' && vivid, weight(-1.5, 'vivid, and nobody asked for it')],
        [
          shown !== null && !fault && thickness !== 1,
          note(thickness < 1 ? `${amountWord(thickness)} is enough` : 'has to be built up'),
        ],
      ),
    ]
  },
}
