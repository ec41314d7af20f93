import type { Look } from '../../look/agreed'
import type { ChartArea } from '../../asked/brief'
import type { Programme } from '../../asked/programme'
import type { FaceFacts, ZoneState } from '../../asked/face'
import type { JobFacts } from '../../asked/job'

/** Which parts of somebody a programme touches. */
export interface Scope {
  /** Cleansed, moisturised, lips cared for. */
  prep: boolean
  base: 'all over' | 'where it shows' | 'none'
  brows: boolean
  eyes: boolean
  cheeks: boolean
  lips: boolean
  body: boolean
}

const NOTHING: Scope = {
  prep: false,
  base: 'none',
  brows: false,
  eyes: false,
  cheeks: false,
  lips: false,
  body: false,
}

const EYE_AREAS: readonly ChartArea[] = ['lid', 'crease', 'lash line', 'inner corner']

/** What shows on a skin and may be evened where it is. */
export const SHOWS: readonly ZoneState[] = ['redness', 'uneven', 'blemish-prone']
export function scopeOf(programme: Programme, face: FaceFacts, job: JobFacts, { charted }: Look): Scope {
  const body = job.limbs > 0
  // A child is evened where something shows, and all over only where the lights ask for it.
  const wholeBase = face.ageBand === 'child' && job.type !== 'stage' ? 'where it shows' : 'all over'
  switch (programme) {
    case 'full face':
      return { prep: true, base: wholeBase, brows: true, eyes: true, cheeks: true, lips: true, body }
    case 'skin and brows':
      return { ...NOTHING, prep: true, base: wholeBase, brows: true, body }
    case 'eyes only':
      return { ...NOTHING, brows: true, eyes: true }
    case 'grooming':
      return { ...NOTHING, prep: true, base: 'where it shows', brows: true, body }
    case 'body only':
      return { ...NOTHING, body: true }
    case 'touch-up':
      return { ...NOTHING, base: 'where it shows', lips: !face.facialHair && !face.bareFaced }
    case 'as agreed on the chart':
      return {
        prep: true,
        base: wholeBase,
        brows: charted.has('brow'),
        eyes: EYE_AREAS.some(a => charted.has(a)),
        cheeks: charted.has('cheek'),
        lips: charted.has('lips'),
        body,
      }
  }
}
