import { mixReflectance, type Pigment } from '../colour/kubelkaMunk'
import { reflectanceToLab, type Lab } from '../colour/lab'
import { ImpossibleColour } from '../colour/spectrum'
import type { ComplexionProduct } from '../complexion/bottles/product'
import type { Drops } from '../complexion/mixing/recipe'
import { pigmentFor } from '../complexion/bottles/pigments'
import { normalCloud } from './quasiRandom'
import { summarise, type Reading } from './reading'
import { chanceSaid, placesOf, type Seen } from './verdicts'

/** What was seen of a recipe, or of one shade, on a skin that was read. */
export interface SeenVerdict extends Seen {
  drops: readonly Drops[]
  faceId: string
  skin: Reading
}

// Before anything is seen the odds that a bottle is misjudged; and then by how much, in L*, a*, b*.
const MISJUDGED = 0.4
const SHIFT = [3.4, 2.8, 3.4] as const
const SHIFTS = normalCloud(260)
/** A skin is known by its reading only: it is tried at a few places of its spread, the same for all verdicts on it. */
export const PLACES = normalCloud(5)
const FOLDS = 5
// Held-out verdicts have to be foretold better by this much, in nats, before a colour is changed.
const BETTER = 1.5
const NAMED = 0.95

/** A verdict: its chance at every place of the skin, with all bottles as thought, and with each try of each bottle in it. */
interface Told {
  faceId: string
  asIs: Float64Array
  tries: ReadonlyMap<string, Float64Array>
}

/** The possibilities considered for a kit, and how well each agrees with every verdict so far. */
export interface Doubts {
  products: readonly ComplexionProduct[]
  pigments: ReadonlyMap<string, Pigment>
  /** Colours each bottle may really have. */
  tried: ReadonlyMap<string, readonly Lab[]>
  told: readonly Told[]
}

/** Before any verdict: every bottle may be the colour it is thought to be, or one of many about it. */
export function doubtsAbout(products: readonly ComplexionProduct[]): Doubts {
  const tried = new Map(
    products.map(({ id, lab }) => [
      id,
      SHIFTS.map(([x, y, z]) => ({
        L: Math.min(99, Math.max(1, lab.L + SHIFT[0] * x)),
        a: lab.a + SHIFT[1] * y,
        b: lab.b + SHIFT[2] * z,
      })),
    ]),
  )
  return { products, pigments: new Map(products.map(p => [p.id, pigmentFor(p)])), tried, told: [] }
}

/** Pigments of tries, by the try itself: solving for a spectrum is what costs time, and most tries are asked for again. */
const solved = new WeakMap<Lab, Pigment | null>()

function pigmentOfTry(product: ComplexionProduct, lab: Lab): Pigment | null {
  const known = solved.get(lab)
  if (known !== undefined) return known
  let pigment: Pigment | null = null
  try {
    pigment = pigmentFor({ ...product, lab, reflectance: undefined })
  } catch (problem) {
    if (!(problem instanceof ImpossibleColour)) throw problem
  }
  solved.set(lab, pigment)
  return pigment
}

/** The colour of a mix when one of its bottles is another than thought; null when no surface can have that colour. */
function mixWith(drops: readonly Drops[], { products, pigments }: Doubts, id?: string, lab?: Lab): Lab | null {
  if (drops.length === 1) return lab ?? products.find(p => p.id === drops[0]!.id)!.lab
  const tried =
    lab
    && pigmentOfTry(
      products.find(p => p.id === id)!,
      lab,
    )
  if (tried === null) return null
  return reflectanceToLab(
    mixReflectance(drops.map(d => ({ share: d.count, pigment: d.id === id && tried ? tried : pigments.get(d.id)! }))),
  )
}

/** A verdict heard; one on a bottle that is not in the kit says nothing. */
export function afterVerdict(doubts: Doubts, verdict: SeenVerdict): Doubts {
  const { pigments, tried, told } = doubts
  const { drops, faceId } = verdict
  if (!drops.every(d => pigments.has(d.id))) return doubts
  const places = placesOf(verdict.skin, PLACES)
  // What cannot be explains nothing.
  const chances = (mix: Lab | null) => places.map(place => (mix ? chanceSaid(verdict, mix, place) : 0))
  const tries = new Map(
    drops.map(({ id }) => [
      id,
      Float64Array.from(tried.get(id)!.flatMap(lab => chances(mixWith(drops, doubts, id, lab)))),
    ]),
  )
  return { ...doubts, told: [...told, { faceId, asIs: Float64Array.from(chances(mixWith(drops, doubts))), tries }] }
}

/** Chance of all verdicts on one face at each place of its skin; with the bottle `id` at its try `i`, or as thought (-1). */
export function chanceByPlace(told: readonly Told[], id: string, i: number): number[] {
  return PLACES.map((_, p) =>
    told.reduce((chance, { asIs, tries }) => {
      const own = i < 0 ? undefined : tries.get(id)
      return chance * (own ? own[i * PLACES.length + p]! : asIs[p]!)
    }, 1),
  )
}

export function toldByFace(told: readonly Told[]): Map<string, Told[]> {
  const faces = new Map<string, Told[]>()
  for (const t of told) faces.set(t.faceId, [...(faces.get(t.faceId) ?? []), t])
  return faces
}

const sum = (values: readonly number[]) => values.reduce((s, v) => s + v, 0)

/** Chance of all verdicts, the skins being anywhere in their spread: of every try of a bottle, and with it as thought. */
function chancesOf(id: string, { tried }: Doubts, told: readonly Told[]): { asIs: number; tries: number[] } {
  // Faces the bottle was not seen on say the same whatever it is.
  const faces = [...toldByFace(told).values()].filter(face => face.some(t => t.tries.has(id)))
  const chance = (i: number) => faces.reduce((c, face) => (c * sum(chanceByPlace(face, id, i))) / PLACES.length, 1)
  return { asIs: chance(-1), tries: tried.get(id)!.map((_, i) => chance(i)) }
}

/** Probability of every try of each bottle; what they leave of 1 is that all bottles are right. */
export function believe(doubts: Doubts): ReadonlyMap<string, number[]> {
  const weights = doubts.products.map(({ id }) => {
    const { asIs, tries } = chancesOf(id, doubts, doubts.told)
    return { id, tries: tries.map(chance => ((MISJUDGED / tries.length) * chance) / asIs) }
  })
  const total = weights.reduce((s, w) => s + sum(w.tries), 1)
  return new Map(weights.map(({ id, tries }) => [id, tries.map(t => t / total)]))
}

/** A bottle that the verdicts speak against, with the colour they speak for. */
export interface Suspect {
  id: string
  probability: number
  lab: Lab
  /** Whether taking that colour foretells verdicts it was not fitted to better than the old one: only then is it to be taken. */
  holds: boolean
}

/** The misjudged bottle, if one is likelier than all else: than that all are right, and than that it is any other. */
export function suspectOf(doubts: Doubts): Suspect | null {
  if (doubts.told.length === 0) return null
  const [likeliest] = [...believe(doubts)]
    .map(([id, own]) => ({ id, own, probability: sum(own) }))
    .sort((x, y) => y.probability - x.probability)
  if (!likeliest || likeliest.probability <= 0.5) return null
  const { id, own, probability } = likeliest
  const { mean } = summarise(doubts.tried.get(id)!, own)
  return { id, probability, lab: mean, holds: probability >= NAMED && foretellsBetter(id, doubts) }
}

/** Fits without each fifth of the verdicts in turn and asks how much better that fifth is foretold than by the colour thought of. */
function foretellsBetter(id: string, doubts: Doubts): boolean {
  const { told } = doubts
  const whole = chancesOf(id, doubts, told)
  let gain = 0
  for (let fold = 0; fold < Math.min(FOLDS, told.length); fold++) {
    const rest = chancesOf(
      id,
      doubts,
      told.filter((_, k) => k % FOLDS !== fold),
    )
    gain += Math.log(sum(whole.tries) / sum(rest.tries)) - Math.log(whole.asIs / rest.asIs)
  }
  return gain > BETTER
}
