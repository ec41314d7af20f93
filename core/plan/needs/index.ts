import { agreedLook } from '../../look/agreed'
import { programmeOf } from '../../asked/programme'
import type { FaceFacts } from '../../asked/face'
import type { JobFacts } from '../../asked/job'
import type { PlanSettings } from '../../asked/settings'
import { fromDay } from './fromDay'
import { fromChart, fromLook } from './fromLook'
import { fromHouse, fromMethod } from './fromMethod'
import { fromProgramme } from './fromProgramme'
import { fromSkin } from './fromSkin'
import type { Need, NeedsOf, Scene } from './need'
import { scopeOf } from './scope'

/** In the order in which the artist reads the reasons: agreements first. */
const SOURCES: readonly NeedsOf[] = [fromChart, fromLook, fromSkin, fromDay, fromProgramme, fromMethod, fromHouse]

/** Somebody on a day, with what is done and how they are to look. */
export function sceneOf(face: FaceFacts, job: JobFacts, settings: PlanSettings): Scene {
  const programme = programmeOf(face, job)
  const look = agreedLook(face, job)
  return { face, job, settings, programme, look, scope: scopeOf(programme, face, job, look) }
}

/** Every reason for a layer; a rule that was switched off gives none. */
export const needsIn = (scene: Scene): Need[] =>
  SOURCES.flatMap(of => of(scene)).filter(({ rule }) => (scene.settings.ruleWeights[rule] ?? 1) > 0)
