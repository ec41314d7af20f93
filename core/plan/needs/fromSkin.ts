import { placeKey } from '../../asked/slots'
import { CONCERNS, type Concern } from '../../complexion/correct'
import { statesOf, typesOf, zonesIn, type FaceFacts, type SkinType, type Zone, type ZoneState } from '../../asked/face'
import { isScrub, type KitItem } from '../../product/item'
import { need, needed, type Need, type NeedsOf, type Scene } from './need'

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

const STATE = 'skin-state-texture'
const TYPE = 'skin-type-finish'

/** A skin as needs are read from it. */
interface Skin extends Scene {
  eyes: ReadonlySet<ZoneState>
  lips: ReadonlySet<ZoneState>
  centre: SkinType
  cheeks: SkinType
  child: boolean
  /** Flaky or dehydrated. */
  thirsty: boolean
  /** An oily centre with dry or normal cheeks. */
  twoSkins: boolean
  shines: boolean
  base: boolean
  /** Whether colour on the skin is evened at all. */
  evened: boolean
}
function skinOf(scene: Scene): Skin {
  const { face, scope, programme } = scene
  const states = statesOf(face)
  const { centre, cheeks } = typesOf(face)
  const base = scope.base !== 'none'
  return {
    ...scene,
    eyes: new Set(face.zones['eye area']?.states ?? []),
    lips: new Set(face.zones.lips?.states ?? []),
    centre,
    cheeks,
    child: face.ageBand === 'child',
    thirsty: states.has('flaky') || states.has('dehydrated'),
    twoSkins: centre === 'oily' && dryish(cheeks),
    shines: face.skinType === 'oily' || face.skinType === 'combination' || centre === 'oily',
    base,
    evened: base || programme === 'eyes only',
  }
}

/** What the skin asks for, by its zones. */
export const fromSkin: NeedsOf = scene => {
  const skin = skinOf(scene)
  return [
    ...moisture(skin),
    ...lipsAndEyes(skin),
    ...poresAndShine(skin),
    ...concealing(skin),
    ...correcting(skin),
    ...underTheEye(skin),
  ]
}

const moisture = ({ scope, settings, thirsty, twoSkins, centre, cheeks, child, shines }: Skin): Need[] =>
  needed(
    [
      scope.prep && thirsty,
      need('skin', STATE, 'moisturise', 'a flaky or dehydrated skin needs hydrating prep first', { met: hydrates }),
    ],
    [
      scope.prep && twoSkins,
      need('skin', TYPE, 'moisturise', 'the centre is oily', { where: CENTRE, zones: CENTRE_ZONES, skinType: centre }),
    ],
    [
      scope.prep && twoSkins,
      need('skin', TYPE, 'moisturise', `the cheeks are ${cheeks}`, {
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
  )

const lipsAndEyes = ({ scope, eyes, lips, cheeks, child, evened }: Skin): Need[] =>
  needed(
    [
      evened && (cheeks === 'dry' || eyes.has('lined') || eyes.has('dehydrated')),
      need('skin', STATE, 'eye care', 'a dry or lined eye area needs care before concealer'),
    ],
    [
      scope.prep && !child && (eyes.has('dark circles') || eyes.has('lined') || eyes.has('dehydrated')) && scope.eyes,
      need('skin', STATE, 'mask', 'patches work under the eye while the rest is prepared', {
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
        { met: item => !isScrub(item) },
      ),
    ],
  )

/** Zones of the skin itself in a state: lips and the eye area have needs of their own. */
const skinZones = (face: FaceFacts, state: ZoneState): Zone[] =>
  zonesIn(face, state).filter(z => z !== 'lips' && z !== 'eye area')

function poresAndShine({ face, scope, settings, programme, child, shines, twoSkins }: Skin): Need[] {
  const textured = skinZones(face, 'textured')
  return needed(
    [
      scope.base === 'all over' && textured.length > 0 && !child,
      need('skin', STATE, 'primer', `open pores on ${textured.join(' and ')}`, {
        where: textured.join(', '),
        zones: textured,
        met: item => item.family === 'silicone',
      }),
    ],
    [
      scope.base !== 'none' && shines && !child && settings.powder !== 'blot only' && programme !== 'touch-up',
      need(
        'skin',
        TYPE,
        'powder',
        face.skinType === 'oily'
          ? 'an oily skin needs its shine set'
          : 'the centre of a combination skin needs its shine set',
        settings.powder !== 'all over' && twoSkins ? { where: CENTRE, zones: CENTRE_ZONES } : {},
      ),
    ],
  )
}

function concealing({ face, eyes, child, base, evened }: Skin): Need[] {
  const [uneven, blemishes] = [skinZones(face, 'uneven'), skinZones(face, 'blemish-prone')]
  return needed(
    [
      evened && eyes.has('dark circles') && !child,
      need('skin', STATE, 'concealer', 'dark circles need concealer', { where: 'under the eye', zones: ['eye area'] }),
    ],
    [
      base && !child && uneven.length > 0,
      need('skin', STATE, 'concealer', 'an uneven skin needs spot cover', {
        where: uneven.join(', '),
        zones: uneven,
        covers: 'brown marks',
      }),
    ],
    [
      base && !child && blemishes.length > 0,
      need('skin', STATE, 'concealer', 'blemishes are covered one by one, not under more base', {
        where: blemishes.join(', '),
        zones: blemishes,
      }),
    ],
  )
}

/** A corrector for each concern; the first stands in the slot itself. */
function correcting({ face, programme, child, evened }: Skin): Need[] {
  if (!evened || child) return []
  return concernsOn(face)
    .filter(c => programme !== 'eyes only' || c.concern === 'dark circles')
    .map(({ concern, zones }, i) => {
      const isUnderEye = concern === 'dark circles'
      const sentence = isUnderEye
        ? 'dark circles need a corrector under the concealer'
        : `${concern} on ${zones.join(' and ')} ${concern === 'redness' ? 'needs' : 'need'} a corrector or coverage`
      return need('skin', STATE, 'corrector', sentence, {
        key: i === 0 ? 'corrector' : placeKey('corrector', concern),
        where: isUnderEye ? 'under the eye' : zones.join(', '),
        zones,
        concern,
      })
    })
}

/** Under the eye powder is another matter than on the rest: the finest, the least, and none on lines. */
function underTheEye({ face, job, scope, settings, eyes }: Skin): Need[] {
  const holds = job.heat || job.humidity || job.hours >= 8
  const dry = eyes.has('lined') || eyes.has('dehydrated') || face.ageBand === 'mature' || face.ageBand === 'child'
  return needed([
    scope.base !== 'none' && settings.powder !== 'blot only' && eyes.has('dark circles') && holds && !dry,
    need('day', 'endurance', 'powder', 'concealer creases on a long or hot day unless it is set', {
      key: 'powder: under the eye',
      where: 'under the eye',
      zones: ['eye area'],
      met: item => !item.flags.includes('silica-rich powder') || !job.flash,
    }),
  ])
}
