import { lashCut } from '../../look/eyeShape'
import { isScented, isOilRich, type KitItem } from '../../product/item'
import { statesOf } from '../../asked/face'
import { vetoOf } from '../../suitability/finding'
import { findingsOn } from '../../suitability/rules'
import { isHard } from '../../asked/job'
import type { Scene } from '../needs/need'
import type { SlotId } from '../../asked/slots'

/** Something to be done that puts nothing on: brushing a beard, blotting, a round against shine. */
export interface PlanStep {
  id: string
  name: string
  /** What to do. */
  say: string
  /** Why it is there. */
  asked: string
  /** What to mind; null where there is nothing. */
  caution: string | null
  minutes: number
  takes: string[]
  /** Before everything, after the layer it belongs to, or once the face is done. */
  when: 'first' | { after: SlotId } | 'later'
}

const step = (
  id: string,
  name: string,
  say: string,
  asked: string,
  more: Partial<Omit<PlanStep, 'id' | 'name' | 'say' | 'asked'>> = {},
): PlanStep => ({ id, name, say, asked, caution: null, minutes: 1, takes: [], when: 'later', ...more })

const ROUND_H = 2
const LONG_FOR_SHINE = 4
const LONG_FOR_TOUCH_UP = 8

/** A scene with what already goes on the face, as steps are read from it. */
interface Done extends Scene {
  has: (slot: SlotId) => boolean
  /** Name of the product in a slot. */
  named: (slot: SlotId) => string | undefined
  items: readonly KitItem[]
  shines: boolean
  /** Whether a base is laid on, and not only mended. */
  based: boolean
}
type Steps = readonly (PlanStep | false)[]

/** Steps between and after the layers, each with its reason. */
export function stepsIn(
  scene: Scene,
  layers: readonly { slot: SlotId; item: KitItem }[],
  items: readonly KitItem[],
): PlanStep[] {
  const { face, job, programme, scope } = scene
  const done: Done = {
    ...scene,
    items,
    has: slot => layers.some(l => l.slot === slot),
    named: slot => layers.find(l => l.slot === slot)?.item.name,
    shines: face.skinType === 'oily' || face.skinType === 'combination' || job.heat || job.humidity,
    based: scope.base !== 'none' && programme !== 'touch-up',
  }
  return [...grooming(done), ...cleaningUp(done), ...lashes(done), ...later(done)].filter(s => s !== false)
}

function grooming({ face, programme, scope }: Done): Steps {
  const raw = [...statesOf(face)].some(s => s === 'broken' || s === 'sunburnt' || s === 'signs of infection')
  const grooms = programme === 'grooming' || (face.facialHair && scope.prep)
  return [
    grooms
      && face.facialHair
      && step(
        'beard',
        'Beard',
        'Brush the beard and moustache into shape, comb through and tidy the line.',
        'a beard is seen before a skin is',
        { minutes: 3, takes: ['spoolie', 'beard comb'], when: 'first' },
      ),
    programme === 'grooming'
      && face.facialHair
      && step(
        'trim',
        'Trim or shave',
        'Trim what stands out; shave the neck line only if they want it.',
        'tidied before anything goes on',
        {
          minutes: 5,
          takes: ['trimmer', 'single-use blade if they shave'],
          caution: `Blades are single-use; a licence may be needed where you work${raw ? '; not over broken or burnt skin' : ''}.`,
          when: 'first',
        },
      ),
    programme === 'grooming'
      && step(
        'stray brows',
        'Stray hairs',
        'Comb the brows up, trim what is too long, take single stray hairs if they agree.',
        'brows tidied, nothing drawn',
        { minutes: 2, takes: ['spoolie', 'small scissors', 'tweezers'], when: 'first' },
      ),
  ]
}

/** After the base: out of the hair, and without shine. */
const cleaningUp = ({ face, programme, settings, has, shines, based }: Done): Steps => [
  based
    && face.facialHair
    && has('foundation')
    && step(
      'brush out',
      'Brush it out',
      'Brush the base out of beard, brows and hairline with a clean spoolie.',
      'product in hair shows',
      { takes: ['spoolie'], when: { after: 'foundation' } },
    ),
  (settings.powder === 'blot only' || programme === 'touch-up')
    && shines
    && step(
      'blot',
      'Blot',
      'Press blotting sheets on forehead, nose and chin; do not rub.',
      programme === 'touch-up' ? 'first what shines is lifted, then mended' : 'you blot and do not powder',
      { takes: ['blotting sheets'], when: programme === 'touch-up' ? 'first' : { after: 'foundation' } },
    ),
]

const lashes = (done: Done): Steps =>
  done.has('lashes')
    ? [
        step(
          'lash spare',
          'Cut and spare',
          `${lashCut(done.face, done.job)} Keep a spare within reach.`,
          'lashes fit the eye, not the pack',
          { minutes: 1, takes: ['lash scissors', 'spare lash pair'], when: { after: 'mascara' } },
        ),
        step(
          'lash removal',
          'Taking lashes off',
          removalInWords(done, done.items),
          'glue comes off with what is made for it',
          {
            caution: 'Never pull. A red or swollen lid: off at once, and suggest a pharmacist or doctor.',
            minutes: 0,
          },
        ),
      ]
    : []

/** Once the face is done: rounds against shine, a touch-up, sun protection again. */
const later = ({ face, job, programme, scope, has, named, shines, based }: Done): Steps => [
  based
    && shines
    && face.ageBand !== 'child'
    && face.skinType !== 'dry'
    && job.hours >= LONG_FOR_SHINE
    && (isHard(job) || job.highDefinition || face.skinType === 'oily')
    && step(
      'shine rounds',
      'Shine rounds',
      `Every ${ROUND_H} hours: blot first${named('powder') ? `, then ${named('powder')} only where it shines` : ''}.`,
      `${job.hours} hours${job.heat ? ' under hot lights' : ''}`,
      { minutes: 1, takes: ['blotting sheets', 'puff'] },
    ),
  (scope.lips || based)
    && programme !== 'touch-up'
    && face.ageBand !== 'child'
    && job.hours >= LONG_FOR_TOUCH_UP
    && step(
      'touch-up',
      'Touch-up',
      `Look once more before leaving${named('lip colour') ? `; into the pouch, decanted: ${named('lip colour')}` : ''}.`,
      `it has to hold ${job.hours} hours`,
      { minutes: 4, takes: ['touch-up pouch'] },
    ),
  job.outdoors
    && has('sun protection')
    && step(
      'sun again',
      'Sun again',
      'Outdoors for longer than two hours it has to be renewed, as its label says.',
      'protection wears off',
      { minutes: 0, caution: 'Make-up with a sun factor, applied thin, is not measured sun protection.' },
    ),
]

function removalInWords({ face, job, settings }: Scene, items: readonly KitItem[]): string {
  const [best] = items
    .filter(i => i.kind === 'remover' && i.level > 0)
    .filter(
      item =>
        !vetoOf(
          findingsOn({ item, slot: 'cleanse', skinType: face.skinType, zones: ['eye area'], face, job, settings }),
        ),
    )
    .sort((x, y) => Number(isOilRich(y)) - Number(isOilRich(x)) || Number(isScented(x)) - Number(isScented(y)))
  return best
    ? `Soften the band with ${best.name} on a bud and wait; it slides off.`
    : 'No remover of the kit suits this face: take one made for the glue.'
}
