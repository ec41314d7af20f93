import type { Lab } from '#core/colour/lab'
import { spherical } from '#core/reading/reading'
import { Consultation } from '../records/method/consultation'
import { FaceInput, ReadingInput, type Face } from '../records/people/faces'

/** Somebody of whom nothing is on record but the skin, and what is said here. */
export const stranger = (lab: Lab, face: Partial<FaceInput> = {}, asked: Partial<Consultation> = {}): Face => ({
  ...Object.assign(new FaceInput(), { name: '' }, face),
  id: '',
  version: 1,
  createdAt: '',
  bookings: [],
  consultation: { ...new Consultation(), ...asked },
  readings: [{ ...new ReadingInput(), id: '', takenAt: '', source: 'typed', lab, covariance: [...spherical(1, 1, 1)] }],
  history: [],
  pictures: [],
  own: [],
  plans: [],
  recipes: [],
  seen: [],
})
