import { CONCERNS, type Concern } from '../../complexion/correct'
import { statesOf, typesOf, zonesIn, type SkinType, type Zone, type ZoneState } from '../../asked/face'
import { isScrub, type KitItem } from '../../product/item'
import { need, needed, type Need, type NeedsOf } from './need'

const hydrates = (item: KitItem) =>
  ['cream', 'balm', 'lotion', 'fluid', 'gel'].includes(item.texture) && item.finish !== 'matte'
const dryish = (type: SkinType) => type === 'dry' || type === 'normal'
export const CENTRE = 'forehead, nose, chin'
const CENTRE_ZONES: readonly Zone[] = ['forehead', 'nose', 'chin']

const SHOWN_BY: Readonly<Record<Concern, ZoneState>> = {
  'dark circles': 'dark circles',
  'redness': 'redness',
  'brown marks': 'uneven',
}
/** Where each concern lies on this face: under the eye, on red cheeks, on the chin or hairline of a deep face. */
export function concernsOn(face: Parameters<typeof zonesIn>[0]): { concern: Concern; zones: Zone[] }[] {
  return CONCERNS.map(concern => ({
    concern,
    zones: zonesIn(face, SHOWN_BY[concern]).filter(
      z => (z === 'eye area') === (concern === 'dark circles') && z !== 'lips',
    ),
  })).filter(c => c.zones.length > 0)
}

/** What the skin asks for, by its zones. */
export const fromSkin: NeedsOf = ({ face, job, scope, settings, programme, look }) => {
  const states = statesOf(face)
  const eyes = new Set(face.zones['eye area']?.states ?? [])
  const lips = new Set(face.zones.lips?.states ?? [])
  const { centre, cheeks } = typesOf(face)
  const child = face.ageBand === 'child'
  const thirsty = states.has('flaky') || states.has('dehydrated')
  const twoSkins = centre === 'oily' && dryish(cheeks)
  const base = scope.base !== 'none'
  const evened = base || programme === 'eyes only'
  const textured = zonesIn(face, 'textured').filter(z => z !== 'lips' && z !== 'eye area')
  const [uneven, blemishes] = (['uneven', 'blemish-prone'] as const).map(s =>
    zonesIn(face, s).filter(z => z !== 'lips' && z !== 'eye area'),
  ) as [Zone[], Zone[]]
  const shines = face.skinType === 'oily' || face.skinType === 'combination' || centre === 'oily'
  const state = 'skin-state-texture'
  const type = 'skin-type-finish'
  const concerns: Need[] =
    evened && !child
      ? concernsOn(face)
          .filter(c => programme !== 'eyes only' || c.concern === 'dark circles')
          .map(({ concern, zones }, i) =>
            need(
              'skin',
              state,
              'corrector',
              concern === 'dark circles'
                ? 'dark circles need a corrector under the concealer'
                : `${concern} on ${zones.join(' and ')} ${concern === 'redness' ? 'needs' : 'need'} a corrector or coverage`,
              {
                key: i === 0 ? 'corrector' : `corrector: ${concern}`,
                where: concern === 'dark circles' ? 'under the eye' : zones.join(', '),
                zones,
                concern,
              },
            ),
          )
      : []
  return [
    ...needed(
      [
        scope.prep && thirsty,
        need('skin', state, 'moisturise', 'a flaky or dehydrated skin needs hydrating prep first', { met: hydrates }),
      ],
      [
        scope.prep && twoSkins,
        need('skin', type, 'moisturise', 'the centre is oily', {
          where: CENTRE,
          zones: CENTRE_ZONES,
          skinType: centre,
        }),
      ],
      [
        scope.prep && twoSkins,
        need('skin', type, 'moisturise', `the cheeks are ${cheeks}`, {
          key: 'moisturise: cheeks',
          where: 'cheeks',
          zones: ['cheeks'],
          skinType: cheeks,
        }),
      ],
      [
        scope.prep && !child && settings.toner === 'by skin type' && (shines || thirsty),
        need('method', 'method', 'tone', shines ? 'you tone an oily skin' : 'you tone a thirsty skin'),
      ],
      [
        evened && (cheeks === 'dry' || eyes.has('lined') || eyes.has('dehydrated')),
        need('skin', state, 'eye care', 'a dry or lined eye area needs care before concealer'),
      ],
      [
        scope.prep && !child && (eyes.has('dark circles') || eyes.has('lined') || eyes.has('dehydrated')) && scope.eyes,
        need('skin', state, 'mask', 'patches work under the eye while the rest is prepared', {
          soft: true,
          where: 'under the eye',
          zones: ['eye area'],
        }),
      ],
      [
        scope.prep && lips.has('chapped') && !lips.has('broken') && !lips.has('signs of infection'),
        need('skin', 'chapped-lips', 'lip care', 'chapped lips: the loose skin off first', {
          key: 'lip care: scrub',
          where: 'scrub',
          met: isScrub,
        }),
      ],
      [
        scope.prep && (lips.has('chapped') || lips.has('broken')),
        need(
          'skin',
          'chapped-lips',
          'lip care',
          lips.has('broken') ? 'broken lips: balm, and nothing that rubs' : 'then balm, so that colour lies flat',
          {
            met: item => !isScrub(item),
          },
        ),
      ],
      [
        scope.base === 'all over' && textured.length > 0 && !child,
        need('skin', state, 'primer', `open pores on ${textured.join(' and ')}`, {
          where: textured.join(', '),
          zones: textured,
          met: item => item.family === 'silicone',
        }),
      ],
      [
        scope.base !== 'none' && shines && !child && settings.powder !== 'blot only' && programme !== 'touch-up',
        need(
          'skin',
          type,
          'powder',
          face.skinType === 'oily'
            ? 'an oily skin needs its shine set'
            : 'the centre of a combination skin needs its shine set',
          settings.powder !== 'all over' && twoSkins ? { where: CENTRE, zones: CENTRE_ZONES } : {},
        ),
      ],
      [
        evened && eyes.has('dark circles') && !child,
        need('skin', state, 'concealer', 'dark circles need concealer', {
          where: 'under the eye',
          zones: ['eye area'],
        }),
      ],
      [
        base && !child && uneven.length > 0,
        need('skin', state, 'concealer', 'an uneven skin needs spot cover', {
          where: uneven.join(', '),
          zones: uneven,
          covers: 'brown marks',
        }),
      ],
      [
        base && !child && blemishes.length > 0,
        need('skin', state, 'concealer', 'blemishes are covered one by one, not under more base', {
          where: blemishes.join(', '),
          zones: blemishes,
        }),
      ],
    ),
    ...concerns,
    ...underTheEye({ face, job, scope, eyes, look, blot: settings.powder === 'blot only' }),
  ]
}

/** Under the eye powder is another matter than on the rest: the finest, the least, and none on lines. */
function underTheEye({
  face,
  job,
  scope,
  eyes,
  blot,
}: Pick<Parameters<NeedsOf>[0], 'face' | 'job' | 'scope' | 'look'> & {
  eyes: ReadonlySet<ZoneState>
  blot: boolean
}): Need[] {
  const holds = job.heat || job.humidity || job.hours >= 8
  const dry = eyes.has('lined') || eyes.has('dehydrated') || face.ageBand === 'mature' || face.ageBand === 'child'
  return needed([
    scope.base !== 'none' && !blot && eyes.has('dark circles') && holds && !dry,
    need('day', 'endurance', 'powder', 'concealer creases on a long or hot day unless it is set', {
      key: 'powder: under the eye',
      where: 'under the eye',
      zones: ['eye area'],
      met: item => !item.flags.includes('silica-rich powder') || !job.flash,
    }),
  ])
}
