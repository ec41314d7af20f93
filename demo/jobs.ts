import { USUAL } from '#core/suitability/job'
import type { JobInput } from '#shared/records/jobs'

export const BALL = 'Tidewater Ballroom Championships'
export const FERRY = 'Ferry crew portraits'
export const GALA = 'Harbour choir gala, televised'
export const VOWS = 'Vow renewal at the lock'
export const STARS = 'Astronomy night photographs'
export const TALK = 'Talk at the aquarium'
const DRESS = 'Harbour choir dress rehearsal'

export interface DemoJob extends Omit<JobInput, 'day' | 'previewOfId' | 'version'> {
  /** Days from the day the demo is loaded. */
  inDays: number
}

const job = (name: string, inDays: number, place: string, conditions: JobInput['conditions'], notes = ''): DemoJob => ({
  name,
  inDays,
  place,
  conditions,
  notes,
  timeZone: '',
  houseRules: [],
})

/** The seven days of the season. */
export const DEMO_JOBS: readonly DemoJob[] = [
  job(DRESS, -6, 'Port Maren, harbour hall', { ...USUAL.stage, hours: 3 }, 'Only looked at: nobody was made up.'),
  job(
    BALL,
    4,
    'Tidewater Ballroom',
    { ...USUAL.stage, hours: 10, flash: true },
    'Fake tan, quick changes, hot lights.',
  ),
  job(FERRY, 9, 'Ferry company, pier two', { ...USUAL.portrait, outdoors: true }),
  job(GALA, 14, 'Harbour hall', { ...USUAL.screen, hours: 6 }),
  job(VOWS, 20, 'The upper lock', { ...USUAL['ceremony party'], outdoors: true }),
  job(STARS, 27, 'School observatory', { ...USUAL.portrait, flash: true }),
  job(TALK, 31, 'The aquarium', { ...USUAL.personal, hours: 4 }),
]
