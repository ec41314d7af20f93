import { USUAL } from '#core/suitability/job'
import type { ChairInput, JobInput } from '#shared/records/jobs'
import { MorningInput } from '#shared/records/jobs'

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

const job = (
  name: string,
  inDays: number,
  place: string,
  conditions: JobInput['conditions'],
  notes = '',
  morning: Partial<MorningInput> = {},
): DemoJob => ({
  morning: { ...new MorningInput(), ...morning },
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
    // The ballroom opens too late for eight faces of one artist.
    { readyBy: '11:30', notBefore: '06:30', hairStations: 1 },
  ),
  job(FERRY, 9, 'Ferry company, pier two', { ...USUAL.portrait, outdoors: true }, '', { readyBy: '10:00' }),
  job(GALA, 14, 'Harbour hall', { ...USUAL.screen, hours: 6 }, '', { readyBy: '17:30', hairStations: 2 }),
  job(VOWS, 20, 'The upper lock', { ...USUAL['ceremony party'], outdoors: true }, '', {
    readyBy: '11:40',
    hairStations: 1,
  }),
  job(STARS, 27, 'School observatory', { ...USUAL.portrait, flash: true }),
  job(TALK, 31, 'The aquarium', { ...USUAL.personal, hours: 4 }),
]

/** How some of them go through their morning, by name. */
export const DEMO_CHAIRS: Readonly<Record<string, { readyBy?: string; chair: Partial<ChairInput> }>> = {
  'Sunniva Achterberg': { chair: { hair: { minutes: 30, order: 'before' } } },
  'Kaisa Mbeki-Lund': { chair: { hair: { minutes: 25, order: 'either' }, lead: true } },
  'Amahle Rosqvist': { chair: { hair: { minutes: 40, order: 'before' } } },
  'Orla Ndiaye-Brandt': { chair: { hair: { minutes: 25, order: 'after' } } },
  'Harumi Castellane': { chair: { hair: { minutes: 20, order: 'either' } } },
  'Wilhelmina Sato-Reyes': { chair: { hair: { minutes: 40, order: 'before' }, lead: true } },
  'Pilar Reyes-Mokoena': { readyBy: '10:30', chair: { hair: { minutes: 25, order: 'after' } } },
  'Tove Reyes': { readyBy: '11:00', chair: {} },
}
