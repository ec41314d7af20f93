import type { MethodOrder } from '../../asked/settings'
import type { SlotId } from '../../asked/slots'
import type { PlanStep } from './steps'
import { CUT_FIRST, EYE_SLOTS, TAKES, type TimedLayer } from './minutes'

/* A face as it is done at the chair: what comes before its skincare settles, what comes after, and what could be left out. Minutes. */

export interface ChairTime {
  /** Until skincare settles; 0 where nothing has to. */
  before: number
  /** So long nothing may go over it. */
  settles: number
  /** Of what comes after, what may be done while it settles. */
  meanwhile: number
  after: number
  /** A look before they leave; 0 where none is asked for. */
  touchUp: number
  /** What the short version leaves out, in the order it is given up. */
  cuts: { slot: SlotId; minutes: number; part: 'before' | 'meanwhile' | 'after' }[]
}

// prettier-ignore
const SKINCARE: readonly SlotId[] = ['cleanse', 'tone', 'mask', 'moisturise', 'eye care', 'lip care', 'sun protection']
/** Done to the skin before anything of colour. */
export const isSkincare = (slot: SlotId) => SKINCARE.includes(slot)
const SETTLES: readonly SlotId[] = ['moisturise', 'sun protection']
/** What has to sink in before anything goes over it. */
export const settles = (slot: SlotId) => SETTLES.includes(slot)

export const minutesOf = (some: readonly { minutes: number }[]) => some.reduce((all, s) => all + s.minutes, 0)

/** The time of a face at the chair, by its layers and steps in the order they are done. */
export function chairTime(
  layers: readonly TimedLayer[],
  steps: readonly Pick<PlanStep, 'id' | 'minutes' | 'when'>[],
  order: MethodOrder,
): ChairTime {
  const based = layers.some(l => l.slot === 'foundation' || l.slot === 'concealer')
  const settling = layers.filter(l => SETTLES.includes(l.slot))
  const waits = based && settling.length > 0
  const full = !waits ? 0 : settling.some(l => l.rich) ? TAKES.richSettling : TAKES.settling
  const eyes = layers.filter(l => EYE_SLOTS.includes(l.slot))
  // Brows and eyes are done while it settles, or they stand among the rest.
  const meanwhile = waits && order === 'eyes while skincare settles' ? eyes : []
  const first = order === 'eyes first' ? eyes : []
  const early = waits ? [...layers.filter(l => SKINCARE.includes(l.slot)), ...first] : []
  const stepsOf = (when: (step: (typeof steps)[number]) => boolean) => minutesOf(steps.filter(when))
  const atFirst = stepsOf(s => s.when === 'first')
  const later = stepsOf(s => s.when !== 'first' && s.when !== 'later')
  return {
    before: waits ? Math.ceil(minutesOf(early) + atFirst) : 0,
    settles: full,
    meanwhile: minutesOf(meanwhile),
    after: Math.ceil(
      minutesOf(layers.filter(l => !early.includes(l))) + later + (waits ? 0 : atFirst) + TAKES.checkAndPhoto,
    ),
    touchUp: Math.ceil(stepsOf(s => s.id === 'touch-up')),
    cuts: CUT_FIRST.flatMap(slot => {
      const own = layers.filter(l => l.slot === slot && !l.required)
      const minutes = minutesOf(own)
      const part = own.some(l => early.includes(l))
        ? 'before'
        : own.some(l => meanwhile.includes(l))
          ? 'meanwhile'
          : 'after'
      return minutes === 0 ? [] : [{ slot, minutes, part }]
    }),
  }
}

/** A face whose plan cannot be made yet takes what faces usually take. */
export const USUAL_CHAIR: ChairTime = { before: 5, settles: 5, meanwhile: 10, after: 33, touchUp: 4, cuts: [] }
