import { OccasionInput } from '#shared/records/method/consultation'
import type { Face } from '#shared/records/people/faces'
import { asksOf, nextBooking } from '#shared/records/days/jobs'
import { today } from '#shared/today'

/** The day a face is planned for: the booking that was chosen, else the one that counts today, else a personal visit. */
export function useDay(face: () => Face) {
  const plans = usePlans()
  const draft = computed(() => plans.draftOf(face().id))
  const booking = computed(
    () => face().bookings.find(b => b.id === draft.value.bookingId) ?? nextBooking(face().bookings, today()),
  )
  const asks = computed(() => draft.value.occasion ?? (booking.value ? asksOf(booking.value) : new OccasionInput()))
  return { booking, asks }
}
