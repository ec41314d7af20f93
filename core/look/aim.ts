import type { Lab } from '../colour/lab'
import { nearestPossible } from '../colour/possible'
import { skinPlace } from '../complexion/skins/skin'
import type { PlaceKey } from '../asked/slots'
import type { FaceFacts } from '../asked/face'
import type { Look } from './agreed'
import type { ChartArea } from '../asked/brief'
import { browTarget } from './colouring'

/** What a colour is to do on what it lies on. */
export type Aim =
  /** A flush: it reddens by so much a* without lightening. */
  | { is: 'flush'; on: Lab; by: number }
  /** Shade: it darkens by so much L* without reddening. */
  | { is: 'shade'; on: Lab; by: number }
  /** Sun: it warms and deepens a little. */
  | { is: 'bronze'; on: Lab }
  /** Light: it lifts by so much L*, never to chalk. */
  | { is: 'lift'; on: Lab; by: number }
  /** A lid or crease moved so far from the skin. */
  | { is: 'lid'; part: 'lid' | 'crease'; smoky: boolean; on: Lab; by: Offset; words: string }
  /** A lip brought to a colour. */
  | { is: 'lip'; on: Lab; skin: Lab; wanted: Lab; words: string; line: boolean }
  /** A brow of its own colour. */
  | { is: 'brow'; wanted: Lab; words: string; clear: boolean }
  /** A line or lashes: brown or black. */
  | { is: 'line'; wanted: 'brown' | 'black' }
  /** What the chart shows, as it would look here. */
  | { is: 'charted'; on: Lab; wanted: Lab; itemId: string | null; name: string; area: ChartArea }

export interface Offset {
  L: number
  a: number
  b: number
}

/** Lips as they are, until somebody reads them: deeper and redder than the skin around. */
export const lipsOf = (skin: Lab): Lab => nearestPossible({ L: Math.max(4, skin.L - 9), a: skin.a + 11, b: skin.b - 3 })

type LipColour = Exclude<Look['lip']['is'], 'bare' | 'theirs'>
// From the skin or the lips, so that each means the same on every depth.
const LIP_TARGETS: Readonly<Record<LipColour, (skin: Lab, lips: Lab) => Lab>> = {
  'nude': (skin, lips) => ({ L: (skin.L + lips.L) / 2, a: skin.a + 6, b: skin.b - 1 }),
  'rose': (_skin, lips) => ({ L: lips.L - 4, a: lips.a + 9, b: lips.b - 4 }),
  'coral': (_skin, lips) => ({ L: lips.L - 2, a: lips.a + 13, b: lips.b + 11 }),
  'warm red': skin => ({ L: 26 + 0.22 * skin.L, a: 44, b: 28 }),
  'cool red': skin => ({ L: 22 + 0.22 * skin.L, a: 42, b: 14 }),
  'plum': skin => ({ L: 14 + 0.2 * skin.L, a: 28, b: 3 }),
  'brown': skin => ({ L: 18 + 0.34 * skin.L, a: 20, b: 17 }),
}
// How much of the way from the lips to the colour is gone.
const LIP_SHARE = { sheer: 0.45, soft: 0.75, full: 1 } as const

function lipAim({ lip, lipStrength }: Look, skin: Lab, line: boolean): Aim {
  const on = lipsOf(skin)
  if (lip.is === 'bare' || lip.is === 'theirs')
    return { is: 'lip', on, skin, wanted: { L: on.L - 2, a: on.a + 3, b: on.b }, words: 'their own lips', line }
  const whole = LIP_TARGETS[lip.is](skin, on)
  const share = lip.is === 'nude' ? 1 : LIP_SHARE[lipStrength.is]
  const between = (axis: keyof Lab) => on[axis] + share * (whole[axis] - on[axis])
  return {
    is: 'lip',
    on,
    skin,
    wanted: { L: between('L'), a: between('a'), b: between('b') },
    words: `a ${lip.is} lip`,
    line,
  }
}

// How far a colour is to move the skin, in L* and a*: starting values, ours, as those below.
const FLUSH = { bare: 3, soft: 7, flushed: 12, sculpted: 6, bronzed: 5 } as const
const QUIET_FLUSH = 5
const SHADE = { soft: 4, clear: 7 } as const
const LIFT = { soft: 6, clear: 9 } as const
// Lid and crease by how strong the eye is, L*.
const LID = { light: 3, mid: -6, deep: -13 } as const
const CREASE = { light: -6, mid: -11, deep: -18 } as const
const SMOKY = { lid: -34, crease: -26 } as const
// From this depth on a lid lifts instead: what would shade it is not seen.
const LIFTS_FROM = 6
const LIFTED = { light: 0, mid: 11, deep: 16 } as const
const LEANS = { warm: { a: 4, b: 7 }, cool: { a: 4, b: -5 }, neutral: { a: 3, b: 3 } } as const

function lidAim(look: Look, skin: Lab, part: 'lid' | 'crease'): Aim {
  const smoky = look.eyes.is === 'smoky'
  const strength = look.eyeStrength.is
  // A fair lid is shaded, a deep one lifted: both show.
  const lifts = part === 'lid' && !smoky && skinPlace(skin).depth > LIFTS_FROM
  const lifted = lifts ? LIFTED[strength] : 0
  const L = (smoky ? SMOKY[part] : part === 'lid' ? LID[strength] : CREASE[strength]) + lifted
  const lean = LEANS[look.temperature.is]
  // On a deep skin there is less room below: a lid lifts where a fair one is shaded.
  const room = Math.min(1, Math.max(0.35, (skin.L - 14) / 50))
  // What deepens turns neutral, the more the less room there is.
  const leans = part === 'crease' ? room : 0.5 + 0.5 * room
  const by = { L: L < 0 ? L * room : L + (1 - room) * 4, a: lean.a * leans, b: lean.b * leans }
  const what = smoky ? 'smoky' : strength === 'mid' ? 'soft' : strength
  return {
    is: 'lid',
    part,
    smoky,
    on: skin,
    by,
    words: `a ${what} ${look.temperature.is} ${part === 'lid' ? 'lid' : 'shade'}`,
  }
}

// With neither brows nor hair noted: what goes with the depth, and it is said so.
const FAIR_ENOUGH = 4.5
const unnoted = (skin: Lab): Lab =>
  skinPlace(skin).depth < FAIR_ENOUGH ? { L: 43, a: 5, b: 10 } : { L: 25, a: 4, b: 6 }

function browAim(face: FaceFacts, look: Look): Aim {
  const known = browTarget(face.browColour, face.hairColour)
  return {
    is: 'brow',
    wanted: known ?? unnoted(face.skin),
    words: known
      ? face.browColour
        ? `${face.browColour.toLowerCase()} brows`
        : `brows that go with ${face.hairColour.toLowerCase()} hair`
      : 'brows by depth, since neither hair nor brows are noted',
    clear: look.brows.is === 'tidy',
  }
}

/** Which area of the chart a place of the plan is. */
export const CHART_PLACES: Readonly<Record<ChartArea, PlaceKey>> = {
  'brow': 'brows',
  'lid': 'eyes',
  'crease': 'eyes: crease',
  'lash line': 'liner',
  'inner corner': 'eyes: inner corner',
  'cheek': 'cheek',
  'cheekbone': 'highlight',
  'contour': 'contour',
  'nose': 'contour: nose',
  'lips': 'lip colour',
  'jaw': 'contour: jaw',
}

/**
 * What the colour in a place is to do on this face; null where colour is not chosen by eye.
 * @param key of the place, as in a plan
 */
export function aimAt(key: PlaceKey, face: FaceFacts, look: Look): Aim | null {
  const { skin } = face
  const mark = face.chart.find(m => CHART_PLACES[m.area] === key)
  if (mark) {
    const on = mark.area === 'lips' ? lipsOf(skin) : skin
    return { is: 'charted', on, wanted: mark.lab, itemId: mark.itemId, name: mark.name, area: mark.area }
  }
  const strong = look.cheeks.is === 'flushed' || look.cheeks.is === 'sculpted'
  const quiet = face.bareFaced || face.ageBand === 'mature'
  switch (key) {
    case 'cheek':
      return { is: 'flush', on: skin, by: quiet && !look.cheeks.agreed ? QUIET_FLUSH : FLUSH[look.cheeks.is] }
    case 'contour':
      return { is: 'shade', on: skin, by: strong ? SHADE.clear : SHADE.soft }
    case 'bronze':
      return { is: 'bronze', on: skin }
    case 'highlight':
      return { is: 'lift', on: skin, by: look.shimmer.cheeks.is === 'yes' ? LIFT.clear : LIFT.soft }
    case 'eyes':
      return lidAim(look, skin, 'lid')
    case 'eyes: crease':
      return lidAim(look, skin, 'crease')
    case 'lip colour':
      return lipAim(look, skin, false)
    case 'lip liner':
      return lipAim(look, skin, true)
    case 'brows':
      return browAim(face, look)
    case 'liner':
      return { is: 'line', wanted: look.liner.is === 'brown' ? 'brown' : 'black' }
    case 'mascara':
      return { is: 'line', wanted: face.bareFaced || look.eyeStrength.is === 'light' ? 'brown' : 'black' }
    default:
      return null
  }
}
