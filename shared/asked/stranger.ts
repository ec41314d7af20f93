import type { Lab } from '#core/colour/lab'
import { spherical } from '#core/reading/reading'
import { Consultation } from '../records/method/consultation'
import { FaceInput, ReadingInput, type Face } from '../records/people/faces'

/** A face with nothing on record but its skin and what is given here. */
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
