import type { BookingForFace, BookingInput } from '#shared/records/days/jobs'
import { plain } from '#shared/checks/validate'
import { api } from '~/asking/api'
import { useJobs } from '../jobs'

/**
 * Acts on the jobs a face is booked for.
 * @param reload shows the face as it stands now
 */
export function faceBookings(reload: (faceId: string) => Promise<void>) {
  async function book(faceId: string, input: BookingForFace): Promise<void> {
    await api('post', '/api/faces/:id/bookings', { id: faceId }, { body: plain(input) })
    await Promise.all([reload(faceId), useJobs().load()])
  }
  async function changeBooking(faceId: string, id: string, input: BookingInput): Promise<void> {
    await api('put', '/api/bookings/:id', { id }, { body: plain(input) })
    await reload(faceId)
  }

  return { book, changeBooking }
}
