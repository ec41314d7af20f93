import { difference } from '../colour/difference'
import { mixReflectance, type Pigment } from '../colour/kubelkaMunk'
import { reflectanceToLab, type Lab } from '../colour/lab'
import { solveInPlace } from '../colour/solve'
import { pigmentFor } from '../complexion/bottles/pigments'
import type { ComplexionProduct } from '../complexion/bottles/product'
import type { Drops } from '../complexion/mixing/recipe'

/** A mix as it was made, and the colour it was measured at once set. */
export interface MeasuredMix {
  drops: readonly Drops[]
  lab: Lab
}

/** What measured mixes say of one bottle: how strongly it pulls, and how far its own colour is from what was thought. */
export interface Learned {
  strength: number
  shift: { a: number; b: number }
}

export interface MixLesson {
  /** Per mix, ΔE00 between predicted and measured: as the bottles are thought to be, and as learned. */
  before: number[]
  after: number[]
  /** The same for each mix predicted from others alone. */
  heldOut: number[]
  /** By product; null when mixes that were held out would not come out nearer. */
  learned: Map<string, Learned> | null
}

// Fewer mixes cannot be held out from one another.
const FEWEST_MIXES = 2
const MIXES_FOR_SHIFT = 3
// One standard deviation of what is believed before anything is measured: ln strength, and a*, b*.
const STRENGTH_SPREAD = 0.3
const SHIFT_SPREAD = 0.8
// What the meter and the counting of drops leave, L*, a*, b*.
const NOISE = [0.7, 0.45, 0.6] as const
// A mix that was held out may come out this much worse, by the meter's own noise, ΔE00; all of them must come out nearer.
const WORSE_BY_CHANCE = 0.6
const BETTER_BY = 0.15
// Into so many parts the mixes are dealt; each is held out once.
const FOLDS = 6
const STEPS = 12
const NUDGE = 1e-3

type Axis = 'strength' | 'a' | 'b'
interface Unknown {
  id: string
  axis: Axis
}

const asThought = (product: ComplexionProduct): Learned => ({
  strength: product.strength ?? 1,
  shift: { a: 0, b: 0 },
})

/** A product with what was learned of it; a measured masstone is not shifted. */
export function asLearned(product: ComplexionProduct, { strength, shift }: Learned): ComplexionProduct {
  const { L, a, b } = product.lab
  return { ...product, strength, lab: product.reflectance ? product.lab : { L, a: a + shift.a, b: b + shift.b } }
}

/**
 * Learns how strongly each bottle pulls a mix, and where there are three or more mixes with it a small shift of its colour,
 * by regularised least squares (Gauss–Newton) over mixes that were measured. Whether it is worth having is decided by mixes
 * that were held out: nothing is learned that would bring them out further from what was measured.
 * @throws RangeError for a drop of a product that is not given
 */
export function learnFromMixes(mixes: readonly MeasuredMix[], products: readonly ComplexionProduct[]): MixLesson {
  const shelf = new Shelf(products)
  for (const { id } of mixes.flatMap(m => m.drops)) {
    if (!shelf.byId.has(id)) throw new RangeError(`there is no product "${id}" to mix`)
  }
  const thought = new Map(products.map(p => [p.id, asThought(p)]))
  const before = misses(mixes, shelf, thought)
  if (mixes.length < FEWEST_MIXES) return { before, after: before, heldOut: before, learned: null }

  const trials = [false, true].map(shifts => {
    const found = fit(mixes, shelf, thought, thought, shifts)
    const lessons = Array.from({ length: Math.min(FOLDS, mixes.length) }, (_, fold) => {
      const others = mixes.filter((_, i) => i % FOLDS !== fold)
      return fit(others, shelf, thought, found, shifts)
    })
    const heldOut = mixes.map((mix, i) => misses([mix], shelf, lessons[i % FOLDS]!)[0]!)
    return { found, heldOut }
  })
  // The plainer lesson is taken unless the fuller one is clearly nearer.
  const [plain, full] = [trials[0]!, trials[1]!]
  const { found, heldOut } = mean(full.heldOut) < mean(plain.heldOut) - BETTER_BY ? full : plain
  const helps =
    mean(heldOut) <= mean(before) - BETTER_BY && heldOut.every((miss, i) => miss <= before[i]! + WORSE_BY_CHANCE)
  if (!helps) return { before, after: before, heldOut, learned: null }
  const touched = new Set(mixes.flatMap(m => m.drops.map(d => d.id)))
  return {
    before,
    after: misses(mixes, shelf, found),
    heldOut,
    learned: new Map([...found].filter(([id]) => touched.has(id))),
  }
}

const mean = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0) / list.length

/** The bottles with their pigments at strength 1, each colour reckoned once. */
class Shelf {
  readonly byId: ReadonlyMap<string, ComplexionProduct>
  private readonly known = new Map<string, Pigment>()

  constructor(products: readonly ComplexionProduct[]) {
    this.byId = new Map(products.map(p => [p.id, p]))
  }

  private pigment(id: string, shift: Learned['shift']): Pigment {
    const key = `${id} ${shift.a} ${shift.b}`
    const before = this.known.get(key)
    if (before) return before
    const pigment = pigmentFor(asLearned(this.byId.get(id)!, { strength: 1, shift }))
    this.known.set(key, pigment)
    return pigment
  }

  /** The colour of a mix once set. Strength scales K and S alike, so it acts as more drops would. */
  colourOf({ drops }: MeasuredMix, all: ReadonlyMap<string, Learned>): Lab {
    return reflectanceToLab(
      mixReflectance(
        drops.map(({ id, count }) => {
          const { strength, shift } = all.get(id)!
          return { pigment: this.pigment(id, shift), share: count * strength }
        }),
      ),
    )
  }
}

const misses = (mixes: readonly MeasuredMix[], shelf: Shelf, all: ReadonlyMap<string, Learned>) =>
  mixes.map(mix => difference(shelf.colourOf(mix, all), mix.lab))

function unknownsOf(mixes: readonly MeasuredMix[], { byId }: Shelf, shifts: boolean) {
  const ids = [...new Set(mixes.flatMap(m => m.drops.map(d => d.id)))]
  const count = (id: string) => mixes.filter(m => m.drops.some(d => d.id === id)).length
  // A bottle by itself has the same colour at every strength.
  const pulls = (id: string) => mixes.some(m => m.drops.length > 1 && m.drops.some(d => d.id === id))
  const moves = (id: string) => shifts && count(id) >= MIXES_FOR_SHIFT && !byId.get(id)!.reflectance
  return ids.flatMap((id): Unknown[] => [
    ...(pulls(id) ? [{ id, axis: 'strength' as const }] : []),
    ...(moves(id)
      ? [
          { id, axis: 'a' as const },
          { id, axis: 'b' as const },
        ]
      : []),
  ])
}

const moved = ({ strength, shift }: Learned, axis: Axis, by: number): Learned =>
  axis === 'strength'
    ? { strength: strength * Math.exp(by), shift }
    : { strength, shift: { ...shift, [axis]: shift[axis] + by } }

/** Where an unknown stands against what is believed of it, in standard deviations. */
const strain = ({ strength, shift }: Learned, axis: Axis) =>
  axis === 'strength' ? Math.log(strength) / STRENGTH_SPREAD : shift[axis] / SHIFT_SPREAD

/**
 * @param start from where to look; products without a mix of their own stay as thought
 */
function fit(
  mixes: readonly MeasuredMix[],
  shelf: Shelf,
  thought: ReadonlyMap<string, Learned>,
  start: ReadonlyMap<string, Learned>,
  shifts: boolean,
): Map<string, Learned> {
  const unknowns = unknownsOf(mixes, shelf, shifts)
  const n = unknowns.length
  const all = new Map(thought)
  for (const { id } of unknowns) all.set(id, start.get(id)!)
  for (let step = 0; step < STEPS && n > 0; step++) {
    // Normal equations JᵀJ x = Jᵀr, the prior as one more row for each unknown.
    const m = new Float64Array(n * n)
    const r = new Float64Array(n)
    unknowns.forEach(({ id, axis }, i) => {
      const spread = axis === 'strength' ? STRENGTH_SPREAD : SHIFT_SPREAD
      m[i * n + i]! += 1 / spread ** 2
      r[i]! -= strain(all.get(id)!, axis) / spread
    })
    for (const mix of mixes) {
      const now = parts(shelf.colourOf(mix, all))
      const wanted = parts(mix.lab)
      const inIt = unknowns.flatMap(({ id }, i) => (mix.drops.some(d => d.id === id) ? [i] : []))
      const slopes = inIt.map(i => {
        const { id, axis } = unknowns[i]!
        const then = parts(shelf.colourOf(mix, new Map(all).set(id, moved(all.get(id)!, axis, NUDGE))))
        return then.map((x, k) => (x - now[k]!) / NUDGE / NOISE[k]!)
      })
      inIt.forEach((i, x) => {
        inIt.forEach((j, y) => {
          for (let k = 0; k < 3; k++) m[i * n + j]! += slopes[x]![k]! * slopes[y]![k]!
        })
        for (let k = 0; k < 3; k++) r[i]! += (slopes[x]![k]! * (wanted[k]! - now[k]!)) / NOISE[k]!
      })
    }
    if (!solveInPlace(m, r, n)) break
    // A step longer than what is believed possible at once would leave the straight part of the curve.
    const longest = Math.max(...unknowns.map(({ axis }, i) => Math.abs(r[i]!) / (axis === 'strength' ? 0.4 : 1)))
    const scale = longest > 1 ? 1 / longest : 1
    unknowns.forEach(({ id, axis }, i) => all.set(id, moved(all.get(id)!, axis, scale * r[i]!)))
    if (longest < 1e-3) break
  }
  return all
}

const parts = ({ L, a, b }: Lab): readonly [number, number, number] => [L, a, b]
