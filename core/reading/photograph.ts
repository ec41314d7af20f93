import { adaptedTo } from '../colour/adapt'
import { difference } from '../colour/difference'
import { linearToXyz, SRGB_LIGHT } from '../colour/display'
import { labToXyz, reflectanceToXyz, xyzToLab, type Lab, type Xyz } from '../colour/lab'
import { isPossible } from '../colour/possible'
import { solveInPlace } from '../colour/solve'
import { smoothestReflectance } from '../colour/spectrum'
import { observer, type Illuminant } from '../colour/tables'
import { lightOver, type LightField } from './lightField'

/*
 * The colours of swatches in a photograph that shows a grey card beside them. The card says how bright and how coloured the light is there;
 * what the light does between the card and a swatch is read off how each area, being of one colour, falls off across itself.
 */

/** A picture as a screen holds it: 4 bytes a pixel, sRGB. */
export interface Picture {
  width: number
  height: number
  data: ArrayLike<number>
}
/** A rectangle of pixels. */
export interface Area {
  x: number
  y: number
  width: number
  height: number
}

export type Refusal = 'too small' | 'clipped' | 'too dark' | 'lit unevenly' | 'not one colour'

/** What was read of one swatch. */
export type SwatchReading =
  | {
      lab: Lab
      /** ΔE00 within which the true colour lies in nine of ten readings like this. */
      within: number
    }
  | { refused: Refusal }

export interface PhotographReading {
  /** Why the card cannot be read; then no swatch can. */
  cardRefused: Refusal | null
  /** How the card looks against the light that was named, where they do not agree: the swatches are then read as if it were not known. */
  lightDoubt: 'warmer' | 'colder' | null
  swatches: SwatchReading[]
}

/** What an area shows: mean linear light, and where. */
export interface Patch {
  light: [number, number, number]
  /** Centre, in half diagonals of the picture from its middle. */
  at: [number, number]
  points: { at: [number, number]; log: number }[]
  /** Spread of a single point, relative. */
  noise: number
}

const SMALLEST = 10
// Pixels are taken together so that the grain of the camera is not taken for the thing's.
const BLOCKS_ACROSS = 14
const BRIGHTEST = 252
// Below, a channel holds nothing: the colour is more vivid than the picture can say.
const DARKEST = 1
const CLIPPED_MOST = 0.02
// Between the lightest and the darkest side of one area, relative.
const UNEVEN = 0.22
const MOTTLED = 0.045
const TOO_DARK = 0.006

/** What an area shows, or why it cannot be read. */
export function patchIn(picture: Picture, area: Area): Patch | { refused: Refusal } {
  const left = Math.max(0, Math.round(area.x))
  const top = Math.max(0, Math.round(area.y))
  const right = Math.min(picture.width, Math.round(area.x + area.width))
  const bottom = Math.min(picture.height, Math.round(area.y + area.height))
  if (right - left < SMALLEST || bottom - top < SMALLEST) return { refused: 'too small' }
  const block = Math.max(1, Math.floor(Math.min(right - left, bottom - top) / BLOCKS_ACROSS))
  const half = Math.hypot(picture.width, picture.height) / 2
  const blocks: Block[] = []
  let clipped = 0
  for (let y = top; y + block <= bottom; y += block)
    for (let x = left; x + block <= right; x += block) {
      const { rgb, lost } = meanOf(picture, x, y, block)
      clipped += lost
      const [mx, my] = [x + block / 2 - picture.width / 2, y + block / 2 - picture.height / 2]
      blocks.push({ at: [mx / half, my / half], rgb, log: Math.log(Math.max(1e-4, linearToXyz(...rgb).Y)) })
    }
  if (median(blocks.map(b => b.log)) < Math.log(TOO_DARK)) return { refused: 'too dark' }
  if (clipped > blocks.length * block ** 2 * CLIPPED_MOST) return { refused: 'clipped' }
  return patchOf(blocks)
}

interface Block {
  at: [number, number]
  rgb: [number, number, number]
  log: number
}

/** Mean light of a block of pixels, and how many of them have a channel that is as bright or as dark as can be. */
function meanOf({ data, width }: Picture, left: number, top: number, size: number) {
  const rgb: [number, number, number] = [0, 0, 0]
  let lost = 0
  for (let y = top; y < top + size; y++)
    for (let x = left; x < left + size; x++) {
      const from = (y * width + x) * 4
      if (Math.max(data[from]!, data[from + 1]!, data[from + 2]!) >= BRIGHTEST) lost++
      else if (Math.min(data[from]!, data[from + 1]!, data[from + 2]!) <= DARKEST) lost++
      for (let c = 0; c < 3; c++) rgb[c]! += SRGB_LIGHT[data[from + c]!]! / (size * size)
    }
  return { rgb, lost }
}

function patchOf(pixels: Block[]): Patch | { refused: Refusal } {
  // A glint or a grain of dust is no part of the colour.
  const flat = planeThrough(pixels)
  const residuals = pixels.map(p => p.log - flat.at(p.at))
  const spread = 1.4826 * median(residuals.map(Math.abs))
  const kept = pixels.filter((_, i) => Math.abs(residuals[i]!) <= Math.max(0.01, 3 * spread))
  const off = 1 - kept.length / pixels.length
  const plane = planeThrough(kept)
  const across = kept.map(p => plane.at(p.at))
  if (spread > MOTTLED || off > 0.12) return { refused: 'not one colour' }
  if (Math.max(...across) - Math.min(...across) > UNEVEN) return { refused: 'lit unevenly' }
  const mean = (of: (p: (typeof kept)[number]) => number) => kept.reduce((sum, p) => sum + of(p), 0) / kept.length
  return {
    light: [mean(p => p.rgb[0]), mean(p => p.rgb[1]), mean(p => p.rgb[2])],
    at: [mean(p => p.at[0]), mean(p => p.at[1])],
    points: kept.map(({ at, log }) => ({ at, log })),
    noise: Math.max(0.003, spread),
  }
}

/** The plane through logarithms of light, by least squares. */
function planeThrough(points: readonly { at: readonly [number, number]; log: number }[]) {
  const m = new Float64Array(9)
  const v = new Float64Array(3)
  for (const { at, log } of points) {
    const row = [1, at[0], at[1]]
    for (let i = 0; i < 3; i++) {
      v[i]! += row[i]! * log
      for (let j = 0; j < 3; j++) m[i * 3 + j]! += row[i]! * row[j]!
    }
  }
  solveInPlace(m, v, 3)
  return { at: ([x, y]: readonly [number, number]) => v[0]! + v[1]! * x + v[2]! * y }
}

const median = (values: readonly number[]): number => [...values].sort((x, y) => x - y)[values.length >> 1] ?? 0

/** The light a photograph was taken by, where it is known. */
export const PHOTO_LIGHTS = ['daylight', 'bulb', 'warm LED', 'not sure'] as const
export type PhotoLight = (typeof PHOTO_LIGHTS)[number]
const LIGHTS: Readonly<Record<PhotoLight, readonly Illuminant[]>> = {
  'daylight': ['D65'],
  'bulb': ['A'],
  'warm LED': ['ledWarm'],
  'not sure': ['D65', 'A', 'ledWarm'],
}

const scaled = ({ X, Y, Z }: Xyz, by: number): Xyz => ({ X: X * by, Y: Y * by, Z: Z * by })

/**
 * Reads swatches beside a grey card.
 * @param cardL lightness of the card, L* (50 for the usual one of 18 %)
 */
export function readPhotograph(
  picture: Picture,
  card: Area,
  cardL: number,
  areas: readonly Area[],
  photoLight: PhotoLight = 'not sure',
): PhotographReading {
  const grey = patchIn(picture, card)
  if ('refused' in grey) return { cardRefused: grey.refused, lightDoubt: null, swatches: [] }
  const patches = areas.map(area => patchIn(picture, area))
  const light = lightOver([grey, ...patches.flatMap(p => ('refused' in p ? [] : [p]))])
  const lightDoubt = doubtOf(grey, photoLight)
  const illuminants = LIGHTS[lightDoubt ? 'not sure' : photoLight]
  return {
    cardRefused: null,
    lightDoubt,
    swatches: patches.map(p => ('refused' in p ? p : readOne(p, grey, cardL, light, illuminants))),
  }
}

/*
 * A camera takes most of the colour of a light away, and never quite all of it: what is left of it on the card is yellow under a bulb and
 * a warm LED, and nothing in daylight. b* of the card, as if it were of middle grey.
 */
const WARM_FROM = 1.5
const COLD_BELOW = 0.3
function doubtOf(card: Patch, named: PhotoLight): PhotographReading['lightDoubt'] {
  if (named === 'not sure') return null
  const seen = linearToXyz(...card.light)
  const { b } = xyzToLab(scaled(seen, labToXyz({ L: 50, a: 0, b: 0 }).Y / seen.Y))
  if (named === 'daylight') return b > WARM_FROM ? 'warmer' : null
  return b < COLD_BELOW ? 'colder' : null
}

function readOne(
  patch: Patch,
  card: Patch,
  cardL: number,
  field: LightField,
  illuminants: readonly Illuminant[],
): SwatchReading {
  const { log, spread } = field.between(card.at, patch.at)
  const asSeen = scaled(linearToXyz(...patch.light), Math.exp(-log))
  const white = scaled(linearToXyz(...card.light), 1 / labToXyz({ L: cardL, a: 0, b: 0 }).Y)
  const adapted = xyzToLab(adaptedTo(asSeen, white, observer().white))
  // In each light it may have been taken by, what looks so there; not knowing which, what lies between them.
  const likely = illuminants.map(i => inDaylight(adapted, i))
  const lab = meanLab(likely)
  const apart = Math.max(0, ...likely.map(l => difference(l, lab)))
  const keeping = Math.max(...illuminants.map(i => KEEPING[i] ?? 1))
  return { lab, within: within(lab, spread, patch, apart, keeping) }
}

const meanLab = (labs: readonly Lab[]): Lab => {
  const mean = (axis: keyof Lab) => labs.reduce((sum, l) => sum + l[axis], 0) / labs.length
  return { L: mean('L'), a: mean('a'), b: mean('b') }
}

const STEPS = 6
/** The colour in daylight of what has such a colour under another light, to eyes that have got used to that: found on smoothest reflectances. */
function inDaylight(seen: Lab, illuminant: Illuminant): Lab {
  if (illuminant === 'D65') return seen
  const light = observer(illuminant)
  let lab = seen
  for (let i = 0; i < STEPS; i++) {
    if (!isPossible(lab)) return seen
    const there = reflectanceToXyz(smoothestReflectance(lab), light)
    const looks = xyzToLab(adaptedTo(there, light.white, observer().white))
    lab = { L: lab.L + seen.L - looks.L, a: lab.a + seen.a - looks.a, b: lab.b + seen.b - looks.b }
  }
  return isPossible(lab) ? lab : seen
}

/*
 * What makes a reading wrong, each as ΔE00 of one standard deviation: light that falls off unlike what the areas show; not knowing the light;
 * colours that do not keep under another light than they are judged by, the more the more vivid they are (in daylight they are judged by
 * what they were taken by: only what cameras see otherwise than eyes is left); the card itself. Checked against
 * photographs of known colours: see the test.
 */
function within(lab: Lab, lightSpread: number, patch: Patch, apart: number, keeping: number): number {
  const slope = (116 / 3) * Math.cbrt(Math.max(0.005, labToXyz(lab).Y))
  const perL = 1 + (0.015 * (lab.L - 50) ** 2) / Math.sqrt(20 + (lab.L - 50) ** 2)
  const byLight = (slope * lightSpread) / perL
  const byNoise = (slope * patch.noise) / Math.sqrt(patch.points.length / 2)
  const byKeeping = keeping * (0.6 + Math.hypot(lab.a, lab.b) / 35)
  return NINE_OF_TEN * Math.hypot(byLight, byNoise, byKeeping, CARD, apart * BETWEEN_LIGHTS)
}
const CARD = 0.3
/** How much less, or more, colours keep in each light than under a bulb. */
const KEEPING: Partial<Record<Illuminant, number>> = { D65: 0.2, A: 1, ledWarm: 1.25 }
const BETWEEN_LIGHTS = 0.55
const NINE_OF_TEN = 2.2
