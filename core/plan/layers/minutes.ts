import type { MethodOrder } from '../../asked/settings'
import type { SlotId } from '../../asked/slots'

// What a rushed morning leaves out first, by our own judgement.
// prettier-ignore
export const CUT_FIRST: readonly SlotId[] = [
  'mask', 'tone', 'glow', 'highlight', 'contour', 'bronze', 'lip top', 'liner', 'primer', 'lip liner', 'eye care',
  'lashes', 'lash glue', 'eye primer', 'concealer',
]

/** Minutes: starting values, ours. */
export const TAKES = { settling: 5, richSettling: 15, checkAndPhoto: 2 }
export const EYE_SLOTS: readonly SlotId[] = ['brows', 'eye primer', 'eyes', 'liner', 'mascara', 'lash glue', 'lashes']

export interface Minutes {
  full: number
  short: number
  /** What the short version leaves out, in the order it is given up. */
  cut: SlotId[]
  /** Of the full time, waiting for skincare with nothing to do meanwhile. */
  waiting: number
}

export interface TimedLayer {
  slot: SlotId
  minutes: number
  /** A rich cream takes longer to sink in. */
  rich?: boolean
  required?: boolean
}

/** How long a face takes, built from its layers and what else is done, and what can be left out when the morning runs late. */
export function minutesFor(layers: readonly TimedLayer[], otherMinutes: number, order: MethodOrder): Minutes {
  const total = (kept: readonly TimedLayer[]) => {
    const settling = !kept.some(s => s.slot === 'moisturise' || s.slot === 'sun protection')
      ? 0
      : kept.some(s => s.rich)
        ? TAKES.richSettling
        : TAKES.settling
    // Only what comes between skincare and base is of use while it settles.
    const meanwhile =
      order === 'eyes while skincare settles'
        ? kept.filter(s => EYE_SLOTS.includes(s.slot)).reduce((sum, s) => sum + s.minutes, 0)
        : 0
    const based = kept.some(s => s.slot === 'foundation' || s.slot === 'concealer')
    const waiting = based ? Math.max(0, settling - meanwhile) : 0
    const sum = kept.reduce((all, s) => all + s.minutes, 0) + waiting + TAKES.checkAndPhoto + otherMinutes
    return { sum, waiting }
  }
  const cut = CUT_FIRST.filter(id => layers.some(s => s.slot === id && !s.required))
  const full = total(layers)
  return {
    full: Math.round(full.sum),
    waiting: Math.round(full.waiting),
    cut,
    short: Math.round(total(layers.filter(s => !cut.includes(s.slot))).sum),
  }
}
