import { spherical } from '#core/reading/reading'
import { FaceInput, ReadingInput } from '#shared/records/people/faces'
import { OwnedProductInput } from '#shared/records/kit/kit'

/* What an artist enters, as briefly as a test can say it. */

export const MID_SKIN = { L: 58, a: 11, b: 19 }

export const bottleInput = (shade: string, more: Partial<OwnedProductInput> = {}): OwnedProductInput =>
  Object.assign(new OwnedProductInput(), {
    kind: 'foundation',
    shade,
    lab: MID_SKIN,
    colourSource: 'given colour',
    ...more,
  })

export const faceInput = (name: string, more: Partial<FaceInput> = {}): FaceInput =>
  Object.assign(new FaceInput(), { name, ...more })

export const typedReading = (lab = MID_SKIN): ReadingInput =>
  Object.assign(new ReadingInput(), { source: 'typed', lab, covariance: [...spherical(1, 1, 1)] })
