import type { Rule } from '../finding'
import type { JobType } from '../job'
import type { SlotId } from '../../plan/slots'

/** What a job usually carries beyond the everyday; a late morning may give it up. */
const CARRIES: Partial<Record<JobType, readonly SlotId[]>> = {
  'ceremony party': ['highlight', 'lip liner'],
  'evening': ['liner', 'contour', 'highlight', 'lip liner'],
  'stage': ['liner', 'contour', 'highlight', 'lip liner'],
}

export const look: Rule = {
  id: 'look',
  looksAt: 'what the job usually carries',
  asks: (face, job) =>
    face.bareFaced || face.ageBand === 'child' || face.facialHair
      ? []
      : (CARRIES[job.type] ?? []).map(slot => ({
          slot,
          soft: true,
          sentence: `usual for ${job.type === 'evening' ? 'an evening' : job.type === 'stage' ? 'the stage' : 'a ceremony'}`,
        })),
}
