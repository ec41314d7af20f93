import type { Lab } from '../../colour/lab'
import { BANDS, type Illuminant } from '../../colour/tables'
import { aimAt, f, SUMS, sumsInto, type Aim } from './nearWindow'
import type { Pigments } from '../bottles/pigments'

/** Bands mixed before the others: those that weigh most in the three sums. */
export const FIRST = 14

/** The products farthest from the colour wanted first, their bands in the order they are mixed. */
export interface Shelf {
  /** Place in the pigments, by place here. */
  places: Int32Array
  /** count × BANDS */
  K: Float64Array
  S: Float64Array
  base: Uint8Array
  /** count × count */
  mixable: Uint8Array
  /** count × SUMS, over all bands, and over those mixed last. */
  own: Float64Array
  rest: Float64Array
}

// What comes last in a recipe then lies near the colour wanted, and so, where a recipe does, do all that stand before it together: there
// the bounds are close to the values.
function farthestFirst({ K, S, count, mixable, base }: Pigments, aim: Aim): Shelf {
  const sums = (i: number, from: number) => {
    const into = new Float64Array(SUMS)
    sumsInto(aim, k => K[i * BANDS + aim.order[k]!]! / S[i]!, from, into, 0)
    return into
  }
  const rows = Array.from({ length: count }, (_, i) => ({ i, own: sums(i, 0), rest: sums(i, FIRST) }))
  const distance = (own: Float64Array) => Math.hypot(...aim.roots.map((root, k) => f(own[k]!) - root))
  rows.sort((p, q) => distance(q.own) - distance(p.own))
  const places = Int32Array.from(rows, r => r.i)
  const shelf: Shelf = {
    places,
    K: new Float64Array(count * BANDS),
    S: Float64Array.from(places, i => S[i]!),
    base: Uint8Array.from(places, i => base[i]!),
    mixable: new Uint8Array(count * count),
    own: new Float64Array(count * SUMS),
    rest: new Float64Array(count * SUMS),
  }
  rows.forEach(({ i, own, rest }, at) => {
    for (let k = 0; k < BANDS; k++) shelf.K[at * BANDS + k] = K[i * BANDS + aim.order[k]!]!
    for (let j = 0; j < count; j++) shelf.mixable[at * count + j] = mixable[i * count + places[j]!]!
    shelf.own.set(own, at * SUMS)
    shelf.rest.set(rest, at * SUMS)
  })
  return shelf
}

interface Laid {
  wanted: Lab
  target: Lab
  illuminant: Illuminant
  aim: Aim
  shelf: Shelf
}
const laid = new WeakMap<Pigments, Laid>()
/** The same for every number of products and drops of one search. */
export function laidOut(pigments: Pigments, wanted: Lab, target: Lab, illuminant: Illuminant): Laid {
  const known = laid.get(pigments)
  if (known?.wanted === wanted && known.target === target && known.illuminant === illuminant) return known
  const aim = aimAt(wanted, target, illuminant)
  const made = { wanted, target, illuminant, aim, shelf: farthestFirst(pigments, aim) }
  laid.set(pigments, made)
  return made
}
