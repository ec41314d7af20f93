import { USUAL_CHAIR } from '#core/plan/layers/chair'
import { minutesUntil } from '#core/schedule/clock'
import { ONESELF, type JobMorning, type MorningPerson } from '#shared/records/days/mornings'
import type { Job } from '#shared/records/days/jobs'
import type { Asking } from '../../compute/pool'
import { dayPlansOf, type DayPlan } from './dayPlans'
import { jobById } from '../jobs/jobs'

/* The morning of a job: every booked face with the time its plan takes. */

// Where nobody says by when: the middle of the day.
const USUAL_READY = 12 * 60

/** @throws Missing */
export async function morningFor(jobId: string, asking: Asking): Promise<JobMorning> {
  const job = await jobById(jobId)
  return morningWith(job, await dayPlansOf(job, asking))
}

/** The same where the plans are known already. */
export function morningWith(job: Job, plans: readonly DayPlan[]): JobMorning {
  const { morning } = job
  const planOf = new Map(plans.map(p => [p.bookingId, p]))
  const people = job.bookings.map(booking => personOf(job, booking, planOf.get(booking.id)!))
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

/** What a face takes at the chair by its plan; where there is none yet, what faces usually take. */
function personOf(job: Job, booking: Job['bookings'][number], { skin, plan }: DayPlan): MorningPerson {
  const { hair, lead, artists, notReady, cut } = booking.chair
  return {
    id: booking.id,
    faceId: booking.faceId,
    name: booking.faceName,
    skin,
    services: booking.services,
    readyBy: booking.readyBy ? minutesUntil(job, booking.readyBy) : null,
    chair: plan?.chair ?? USUAL_CHAIR,
    hair: hair ?? null,
    lead,
    artists,
    notReady,
    cut,
    guessed: plan ? null : 'The skin has not been read yet.',
  }
}
