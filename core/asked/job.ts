import type { Illuminant } from '../colour/tables'

// prettier-ignore
export const JOB_TYPES = [
  'ceremony party', 'evening', 'portrait', 'stage', 'screen', 'editorial', 'personal', 'lesson',
] as const
export type JobType = (typeof JOB_TYPES)[number]

/** What the day asks of the make-up. */
export interface JobFacts {
  type: JobType
  flash: boolean
  highDefinition: boolean
  heat: boolean
  humidity: boolean
  /** How long it has to hold. */
  hours: number
  /** Tears, water or kissing. */
  tears: boolean
  costumeChanges: boolean
  outdoors: boolean
  /** Arms and legs to be made up. */
  limbs: number
  /** Light of the venue. */
  light: Illuminant
}

const LONG_H = 10
/** Heat, the stage, a humid or a long day: the make-up has to be held. */
export const isHard = ({
  heat,
  humidity,
  hours,
  type,
}: Pick<JobFacts, 'heat' | 'humidity' | 'hours' | 'type'>): boolean =>
  heat || humidity || hours >= LONG_H || type === 'stage'

const CALM: Omit<JobFacts, 'type'> = {
  flash: false,
  highDefinition: false,
  heat: false,
  humidity: false,
  hours: 6,
  tears: false,
  costumeChanges: false,
  outdoors: false,
  limbs: 0,
  light: 'D65',
}

/** What each type of job usually asks; the artist says what is different this time. */
export const USUAL: Readonly<Record<JobType, JobFacts>> = {
  'ceremony party': { ...CALM, type: 'ceremony party', flash: true, tears: true, hours: 12 },
  'evening': { ...CALM, type: 'evening', flash: true, hours: 8, light: 'A' },
  'portrait': { ...CALM, type: 'portrait', highDefinition: true, hours: 2 },
  'stage': { ...CALM, type: 'stage', heat: true, costumeChanges: true, hours: 8, light: 'stage3200' },
  'screen': { ...CALM, type: 'screen', highDefinition: true, heat: true, hours: 10, light: 'ledWarm' },
  'editorial': { ...CALM, type: 'editorial', highDefinition: true, hours: 4 },
  'personal': { ...CALM, type: 'personal', hours: 6 },
  'lesson': { ...CALM, type: 'lesson', hours: 4 },
}
