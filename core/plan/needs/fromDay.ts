import type { KitItem } from '../../product/item'
import { isHard } from '../../asked/job'
import { need, needed, type NeedsOf } from './need'

const proof = (item: KitItem) => item.resists.includes('water') || item.resists.includes('tears')

/** What the day asks for, of the places the programme has. */
export const fromDay: NeedsOf = ({ face, job, scope, look, settings, programme }) => {
  const base = scope.base === 'all over'
  const child = face.ageBand === 'child'
  const dry = face.skinType === 'dry'
  const coloured = scope.eyes && !child && look.eyes.is !== 'bare'
  const lights = job.heat || job.type === 'stage' || job.type === 'screen'
  return needed(
    [
      job.outdoors && programme !== 'body only' && programme !== 'eyes only' && programme !== 'touch-up',
      need(
        'day',
        'child',
        'sun protection',
        child
          ? 'outdoors: a child’s skin is protected before anything else'
          : 'outdoors: make-up with a sun factor is no measured protection',
      ),
    ],
    [
      (base || scope.body) && isHard(job) && !child,
      need('day', 'endurance', 'set', 'heat or a long day needs a setting spray'),
    ],
    [coloured && isHard(job), need('day', 'endurance', 'eye primer', 'heat or a long day needs an eye base')],
    [
      coloured && job.tears && !face.lashExtensions,
      need('day', 'tears', 'mascara', 'tears or water need a waterproof mascara', { met: proof }),
    ],
    [
      base && lights && settings.powder !== 'blot only' && !child,
      need('day', 'endurance', 'powder', 'shine is kept down under the lights', { soft: dry }),
    ],
    [
      programme === 'grooming'
        && !dry
        && (job.highDefinition || job.flash || lights)
        && settings.powder !== 'blot only',
      need('day', 'grooming', 'powder', 'shine shows before a camera, powder may not', { where: 'forehead, nose' }),
    ],
  )
}
