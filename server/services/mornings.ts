import { USUAL_CHAIR, type ChairTime } from '#core/schedule/chair'
import { minutesUntil } from '#core/schedule/clock'
import { targetReading } from '#shared/faceFacts'
import { ONESELF, type JobMorning, type MorningPerson } from '#shared/records/mornings'
import type { Job } from '#shared/records/jobs'
import { PlanInput } from '#shared/records/plans'
import type { Asking } from '../compute/pool'
import { Conflict } from '../utils/problems'
import { faceById } from './faces'
import { jobById } from './jobs'
import { planFor } from './plans'

/* The morning of a job: every booked face with the time its plan takes. */

// Where nobody says by when: the middle of the day.
const USUAL_READY = 12 * 60

/** @throws Missing */
export async function morningFor(jobId: string, asking: Asking): Promise<JobMorning> {
  const job = await jobById(jobId)
  const { morning } = job
  const people: MorningPerson[] = []
  // One after the other: so many plans at once would take every thread from whoever else waits.
  for (const booking of job.bookings) people.push(await personOf(job, booking, asking))
  return {
    day: {
      artists: [ONESELF, ...morning.others],
      hairStations: morning.hairStations,
      setUp: morning.setUp,
      changeover: morning.changeover,
      begins: morning.readyBy ? minutesUntil(job, morning.readyBy) : USUAL_READY,
      faces: people,
      keepOrder: morning.keepOrder,
    },
    notBefore: morning.notBefore ? minutesUntil(job, morning.notBefore) : null,
    timed: Boolean(morning.readyBy) || job.bookings.some(b => b.readyBy),
    packDown: morning.packDown,
  }
}

async function personOf(job: Job, booking: Job['bookings'][number], asking: Asking): Promise<MorningPerson> {
  const face = await faceById(booking.faceId)
  const { hair, lead, artists, notReady, cut } = booking.chair
  const { chair, guessed } = await chairOf(booking, asking)
  return {
    id: booking.id,
    faceId: booking.faceId,
    name: booking.faceName,
    skin: targetReading(face)?.mean ?? null,
    services: booking.services,
    readyBy: booking.readyBy ? minutesUntil(job, booking.readyBy) : null,
    chair,
    hair: hair ?? null,
    lead,
    artists,
    notReady,
    cut,
    guessed,
  }
}

/** What a face takes at the chair by its plan; where there is none yet, what faces usually take. */
async function chairOf(
  { id, faceId }: Job['bookings'][number],
  asking: Asking,
): Promise<{ chair: ChairTime; guessed: string | null }> {
  try {
    const { chair } = await planFor(faceId, { ...new PlanInput(), bookingId: id }, asking)
    return { chair, guessed: null }
  } catch (problem) {
    // Nobody has read the skin yet.
    if (!(problem instanceof Conflict)) throw problem
    return { chair: USUAL_CHAIR, guessed: problem.message }
  }
}
