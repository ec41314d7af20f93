import { CHART_PLACES } from '../../look/aim'
import type { Part } from '../../look/agreed'
import { lineOn, shadeOn, type OnTheEye } from '../../look/eyeShape'
import { JOB_WORDS } from '../../asked/programme'
import type { KitItem } from '../../product/item'
import { has } from '../../asked/face'
import { need, needed, type Need, type NeedsOf } from './need'
import { placeOf } from '../../asked/slots'

const RULE = 'brief'
const why = (what: string, { because }: Part<unknown>) => `${what}, ${because}`
const placed = (what: string, on: OnTheEye | null) => (on?.because ? `${what}; ${on.because}` : what)
const matte = (item: KitItem) => item.sparkle === 'none' && item.finish !== 'luminous' && item.finish !== 'dewy'

/** Colour: as agreed on the brief, and as usual on such a day where the brief is open. */
export const fromLook: NeedsOf = scene => {
  const { face, job, look, scope } = scene
  const mature = face.ageBand === 'mature'
  const child = face.ageBand === 'child'
  const pores = has(face, 'textured')
  const plainLid = (item: KitItem) => look.shimmer.eyes.is !== 'none' || matte(item)
  const strong = job.type === 'evening' || job.type === 'stage'
  const eyes = scope.eyes && !child && ['soft', 'smoky'].includes(look.eyes.is)
  const lip = scope.lips && !child && look.lip.is !== 'bare'
  const lined = mature || face.zones.lips?.states.includes('lined') === true
  const definite = look.lipStrength.is === 'full' || ['warm red', 'cool red', 'plum'].includes(look.lip.is)
  const lashed = scope.eyes && !child && look.eyes.is !== 'bare' && !face.lashExtensions
  // Agreed depth goes on whatever the eye; where nobody asked, a deep-set eye goes without.
  const shade = shadeOn(face) ?? (look.eyes.agreed ? { where: 'crease', because: '' } : null)
  const line = lineOn(face)
  return needed(
    [eyes, need('look', RULE, 'eyes', why(`a ${look.eyes.is} eye`, look.eyes), { met: plainLid })],
    [
      eyes && (look.eyeStrength.is !== 'light' || look.eyes.is === 'smoky') && shade !== null,
      need('look', RULE, 'eyes', placed(why('depth to give the lid its shape', look.eyes), shade), {
        key: 'eyes: crease',
        where: shade?.where,
        soft: !look.eyes.agreed,
        met: matte,
      }),
    ],
    [
      scope.eyes && !child && (look.liner.is !== 'none' || look.eyes.is === 'line only'),
      need(
        'look',
        RULE,
        'liner',
        placed(why(look.liner.is === 'wing' ? 'a wing' : 'a line along the lashes', look.liner), line),
        { soft: !look.liner.agreed, ...(line && { where: line.where }) },
      ),
    ],
    [lashed, need('look', RULE, 'mascara', 'lashes frame the eye', { soft: face.bareFaced })],
    [
      scope.cheeks && look.cheeks.is !== 'bare',
      need(
        'look',
        RULE,
        'cheek',
        look.cheeks.agreed ? `${look.cheeks.is} cheeks, as agreed` : 'a flush gives an evened face its life back',
        { met: item => look.shimmer.cheeks.is !== 'none' || item.sparkle === 'none' },
      ),
    ],
    [
      scope.cheeks
        && (look.cheeks.is === 'sculpted' || (strong && !look.cheeks.agreed && !face.bareFaced && !mature && !child)),
      need(
        'look',
        'look',
        'contour',
        look.cheeks.agreed ? 'the face shaped, as agreed' : `the face shaped, usual for ${JOB_WORDS[job.type]}`,
        { soft: !look.cheeks.agreed, met: matte },
      ),
    ],
    [scope.cheeks && look.cheeks.is === 'bronzed', need('look', RULE, 'bronze', why('sun on the face', look.cheeks))],
    [
      scope.cheeks && !child && look.shimmer.cheeks.is !== 'none' && (look.shimmer.cheeks.agreed || (strong && !pores)),
      need('look', 'look', 'highlight', why('light on the cheekbones', look.shimmer.cheeks), {
        soft: !look.shimmer.cheeks.agreed,
        met: item => look.shimmer.cheeks.is === 'yes' || item.sparkle !== 'coarse',
      }),
    ],
    [
      scope.base === 'all over' && look.glow.is && !pores && face.skinType !== 'oily',
      need('look', RULE, 'glow', why('light from under the base', look.glow), { soft: !look.glow.agreed }),
    ],
    [
      lip,
      need(
        'look',
        RULE,
        'lip colour',
        why(look.lip.is === 'theirs' ? 'their own lips, a little more' : `a ${look.lip.is} lip`, look.lip),
        { met: lipMet(scene) },
      ),
    ],
    [
      lip && (lined || definite),
      need(
        'look',
        'mature',
        'lip liner',
        lined ? 'a liner keeps colour out of the lines around the lips' : 'a clear edge for a definite colour',
        { soft: !lined && !look.lip.agreed },
      ),
    ],
    [
      lip && look.lipFinish === 'gloss',
      need('look', RULE, 'lip top', 'gloss, as agreed', { met: item => item.kind === 'gloss' }),
    ],
    [
      scope.eyes && face.wantsLashes !== 'none' && !face.lashExtensions,
      need('look', 'wishes', 'lashes', 'lashes were asked for'),
    ],
    [
      scope.eyes && face.wantsLashes !== 'none' && !face.lashExtensions,
      need('look', 'wishes', 'lash glue', 'lashes hold by a glue that suits who wears them'),
    ],
  )
}

const lipMet =
  ({ look }: Parameters<NeedsOf>[0]) =>
  (item: KitItem) =>
    (look.shimmer.lips.is !== 'none' || item.sparkle === 'none')
    && (look.lipFinish === null
      || look.lipFinish === 'gloss'
      || (look.lipFinish === 'matte') === (item.finish === 'matte'))

/** Colours of the chart are put on, also where the programme leaves out colour elsewhere. */
export const fromChart: NeedsOf = ({ face, programme }) =>
  programme === 'body only'
    ? []
    : face.chart.map((mark): Need => {
        const key = CHART_PLACES[mark.area]
        const { slot, part } = placeOf(key)!
        return need(
          'chart',
          'chart',
          slot,
          mark.name ? `${mark.name} for the ${mark.area}, agreed on the chart` : 'agreed on the chart',
          {
            key,
            ...(part && { where: part }),
          },
        )
      })
