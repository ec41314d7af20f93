import type { Coverage } from '#core/complexion/bottles/product'
import type { AgeBand, SkinType, Zone, ZoneState } from '#core/asked/face'
import type { Finish } from '#core/product/item'
import { Consultation, OccasionInput, type Consent, type LashWish } from '../records/method/consultation'
import { NewFaceInput } from '../records/people/faces'
import { JobInput } from '../records/days/jobs'

export const LOOKS = ['as if nothing were there', 'light and even', 'even and lasting', 'full'] as const
export type Look = (typeof LOOKS)[number]
const COVERAGE: Record<Look, Coverage> = {
  'as if nothing were there': 'sheer',
  'light and even': 'light',
  'even and lasting': 'medium',
  'full': 'full',
}

/** What may be seen at a glance, and where it usually is; the face diagram says it more exactly. */
export const SEEN_AT: Partial<Record<ZoneState, Zone>> = {
  'flaky': 'cheeks',
  'textured': 'nose',
  'reactive': 'cheeks',
  'blemish-prone': 'chin',
  'redness': 'cheeks',
  'dark circles': 'eye area',
  'chapped': 'lips',
  'broken': 'cheeks',
  'sunburnt': 'nose',
  'signs of infection': 'cheeks',
}
export const SEEN_AT_A_GLANCE = Object.keys(SEEN_AT) as ZoneState[]

/** Two minutes of answers from somebody who just sat down. */
export interface WalkUp {
  look: Look
  finish: Finish
  sensitivities: string[]
  packsRead: string[]
  noScent: boolean
  mildOnly: boolean
  skinType: SkinType
  ageBand: AgeBand
  seen: ZoneState[]
  lashes: LashWish
  contactLenses: boolean
  flash: boolean
  hours: number
  name: string
  keepRecord: Consent
}

export const emptyWalkUp = (): WalkUp => ({
  look: 'light and even',
  finish: 'natural',
  sensitivities: [],
  packsRead: [],
  noScent: false,
  mildOnly: false,
  skinType: 'normal',
  ageBand: 'adult',
  seen: [],
  lashes: 'none wished',
  contactLenses: false,
  flash: false,
  hours: 4,
  name: '',
  keepRecord: 'not asked',
})

/**
 * The face with its answers and its day, as they are kept.
 * @param when the time of day, which names somebody who gave no name
 * @param day today as a date
 */
export function recordsOf(answers: WalkUp, when: string, day: string): NewFaceInput {
  const { look, finish, skinType, ageBand, name, seen, flash, hours, ...asked } = answers
  const zones = new Map<Zone, ZoneState[]>()
  for (const state of seen) {
    const zone = SEEN_AT[state]
    if (zone) zones.set(zone, [...(zones.get(zone) ?? []), state])
  }
  const consultation = Object.assign(new Consultation(), {
    ...asked,
    bareFaced: look === LOOKS[0],
    zones: [...zones].map(([zone, states]) => ({ zone, states })),
  })
  const conditions = Object.assign(new OccasionInput(), { flash, hours })
  return Object.assign(new NewFaceInput(), {
    name: name.trim() || `Walk-up ${when}`,
    coverage: COVERAGE[look],
    finish,
    skinType,
    ageBand,
    consultation,
    booking: { jobId: null, job: Object.assign(new JobInput(), { name: `Walk-up ${when}`, day, conditions }) },
  })
}
