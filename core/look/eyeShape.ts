import type { FaceFacts } from '../asked/face'
import type { JobFacts } from '../asked/job'
import type { EyeShape } from '../asked/brief'

/** Where on an eye of this shape something goes, and why there. */
export interface OnTheEye {
  where: string
  because: string
}

/** Where the deeper colour goes; null for a deep-set eye, which it would sink further. */
const SHADE: Readonly<Record<EyeShape, OnTheEye | null>> = {
  'not noted': { where: 'crease', because: '' },
  'almond': { where: 'crease', because: '' },
  'round': { where: 'outer third', because: 'a round eye is drawn out sideways' },
  'hooded': { where: 'above the fold', because: 'what lies in the fold is gone when the eye opens' },
  'deep-set': null,
  'downturned': { where: 'outer corner, upwards', because: 'it lifts an eye that turns down' },
  'upturned': { where: 'outer corner, above and below', because: 'it brings an upturned eye level' },
  'single lid': { where: 'from the lashes up', because: 'a single lid has no crease: laid with the eye open' },
}
export const shadeOn = ({ eyeShape }: Pick<FaceFacts, 'eyeShape'>): OnTheEye | null => SHADE[eyeShape]

/** Where a line goes so that it opens the eye; null where it follows the lashes from end to end. */
export function lineOn({ eyeShape, eyeSize }: Pick<FaceFacts, 'eyeShape' | 'eyeSize'>): OnTheEye | null {
  if (eyeSize === 'small') return { where: 'outer third', because: 'a line all round closes a small eye' }
  switch (eyeShape) {
    case 'round':
      return { where: 'outer half', because: 'a round eye is drawn out sideways' }
    case 'downturned':
      return { where: 'up to the last lashes', because: 'beyond them it pulls the eye down' }
    case 'hooded':
    case 'single lid':
      return { where: 'thin, with the eye open', because: 'what lies in the fold is gone when the eye opens' }
    case 'deep-set':
      return { where: 'between the lashes', because: 'a thick line sinks a deep-set eye' }
    default:
      return null
  }
}

type Strength = 'light' | 'mid' | 'deep'
const A_STEP_LIGHTER = { deep: 'mid', mid: 'light', light: 'light' } as const
/** Colour is taken lighter where depth would make the eye smaller; null where nothing speaks for it. */
export function lighterOn(
  { eyeShape, eyeSize }: Pick<FaceFacts, 'eyeShape' | 'eyeSize'>,
  strength: Strength,
): { is: Strength; because: string } | null {
  if (eyeShape === 'deep-set') return { is: 'light', because: 'lighter brings a deep-set eye forward' }
  return eyeSize === 'small' ? { is: A_STEP_LIGHTER[strength], because: 'lighter opens a small eye' } : null
}

/** How a strip is cut, and whether single lashes serve better, by the eye. */
export function lashCut(
  { eyeShape, eyeSize, wantsLashes }: Pick<FaceFacts, 'eyeShape' | 'eyeSize' | 'wantsLashes'>,
  { type }: Pick<JobFacts, 'type'>,
): string {
  if (wantsLashes === 'sparse') return 'Singles or a strip cut into three, only where lashes are thin.'
  if (eyeShape === 'hooded' || eyeShape === 'single lid')
    return 'A light strip, cut off where the lid folds; short at the outer corner, longest above the pupil.'
  if (eyeShape === 'downturned') return 'End the strip before the outer corner, so that it does not pull the eye down.'
  if (eyeShape === 'round') return 'Longest at the outer third; leave the inner corner free.'
  if (eyeSize === 'small') return 'A half strip on the outer third: a whole one closes a small eye.'
  const measured = 'Measure along the lash line and cut from the outer end.'
  return type === 'stage' ? `${measured} Seen from afar: a second light strip stacked on the first.` : measured
}
