import type { FaceFacts } from './face'
import type { JobFacts } from './job'

/** What is done on somebody at all: it decides which places of a plan exist. */
export const PROGRAMMES = [
  'full face',
  'skin and brows',
  'eyes only',
  'grooming',
  'body only',
  'touch-up',
  'as agreed on the chart',
] as const
export type Programme = (typeof PROGRAMMES)[number]

type Asked = Pick<FaceFacts, 'programme' | 'facialHair' | 'ageBand' | 'bareFaced'>

/** What is proposed from the day and the person, with the reason; one tap changes it. */
export function proposedProgramme(
  face: Omit<Asked, 'programme'>,
  job: Pick<JobFacts, 'type'>,
): { programme: Programme; because: string } {
  if (face.ageBand === 'child') return { programme: 'skin and brows', because: 'a child gets the least' }
  if (face.facialHair && job.type === 'stage')
    return { programme: 'skin and brows', because: 'stage lights need an even skin, a beard no colour' }
  if (face.facialHair) return { programme: 'grooming', because: 'facial hair, and nothing else was asked' }
  if (face.bareFaced) return { programme: 'skin and brows', because: 'it is to look as if nothing were there' }
  return { programme: 'full face', because: `usual for ${JOB_WORDS[job.type]}` }
}

export const JOB_WORDS: Readonly<Record<JobFacts['type'], string>> = {
  'ceremony party': 'a ceremony',
  'evening': 'an evening',
  'portrait': 'a portrait',
  'stage': 'the stage',
  'screen': 'the screen',
  'editorial': 'an editorial',
  'personal': 'a personal visit',
  'lesson': 'a lesson',
}

/** What is done: as it was chosen, else as proposed. */
export const programmeOf = (face: Asked, job: Pick<JobFacts, 'type'>): Programme =>
  face.programme ?? proposedProgramme(face, job).programme
