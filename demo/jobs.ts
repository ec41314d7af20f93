import { USUAL } from '#core/asked/job'
import type { ChairInput, JobInput } from '#shared/records/days/jobs'
import { MorningInput } from '#shared/records/days/jobs'
import type { QuoteInput } from '#shared/records/days/quotes'
import type { Wrap } from '#shared/records/days/wraps'

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
  quote?: Partial<QuoteInput>
  /** Of one that is over: how it went, and who was on it. */
  closed?: { wrap: Partial<Wrap>; people: readonly string[] }
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

/** What went well, what was asked too little for, and what nobody had reckoned with. */
const PAST: readonly DemoJob[] = [
  {
    ...job('Ruby wedding on the quay', -24, 'Quay five', USUAL['ceremony party'], '', { readyBy: '11:00' }),
    quote: { client: 'The Tolliver family', km: 18, travelMinutes: 40, feeMinor: 26_000 },
    closed: {
      wrap: { began: '07:30', ended: '11:20', km: 18, travelMinutes: 40, paidMinor: 26_000, tipMinor: 2000 },
      people: ['Ravindra Tolliver', 'Pilar Reyes-Mokoena', 'Tove Reyes'],
    },
  },
  {
    ...job('Regatta evening', -38, 'Yacht club', USUAL.evening, '', { readyBy: '18:30' }),
    quote: { client: 'Yacht club', km: 6, travelMinutes: 20, standingByMinutes: 60, feeMinor: 14_000 },
    closed: {
      wrap: {
        began: '15:30',
        ended: '21:40',
        km: 6,
        travelMinutes: 25,
        spentMinor: 1200,
        paidMinor: 14_000,
        notes: 'They stayed three hours longer than agreed: say what standing by costs.',
      },
      people: ['Kaisa Mbeki-Lund', 'Harumi Castellane'],
    },
  },
  {
    ...job('Pilots’ portraits', -52, 'Ferry company, pier two', USUAL.portrait, '', { readyBy: '12:00' }),
    quote: { client: 'Ferry company', km: 4, travelMinutes: 15, extras: [{ what: 'Grooming kit', minor: 900 }] },
    closed: {
      wrap: { began: '09:45', ended: '12:05', km: 4, travelMinutes: 15, paidMinor: 15_500 },
      people: ['Teodoro Vaskelis', 'Malakai Fenestra'],
    },
  },
]

/** The days of the season, and three that are over. */
export const DEMO_JOBS: readonly DemoJob[] = [
  ...PAST,
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
