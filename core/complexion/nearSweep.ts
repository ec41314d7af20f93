import { surroundings } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { BANDS } from '../colour/tables'
import type { Due } from '../due'
import { FIRST, laidOut } from './nearShelf'
import { AXES, f, marginsInto, ROUNDING, sidesOf, SUMS, WINDOW, windowInto } from './nearWindow'
import type { Pigments } from './pigments'
import { greatestCommonDivisor } from './ratio'
import { easePenalty } from './recipe'
import type { SweepLimits, SweepState } from './sweep'

/*
 * Recipes of exactly so many products near one colour, without mixing all the others.
 *
 * A mix is a mean of its parts' K/S, and reflectance is a convex function of K/S. So each tristimulus value of a mix is at most the mean
 * of its parts' own (the chord), and at least the mean of their values on the tangent to that function at any point: taken at the colour
 * wanted, where it is tight. Both means cost a few products, not 36 square roots. What they let through is mixed at the bands that weigh
 * most, with the means for the rest, and what still may be near is mixed in full: first what stands before the last product, then with
 * it. The chord is close where its ends are: so products are taken farthest from the colour first, and the last one joined lies near it.
 */

const SMALLER = 0.93
const LOOSE = 1 + ROUNDING
// A limit of nothing at all has no surroundings.
const NEAREST = 1e-6

/** In the place of a side: it is no base. */
const NO_BASE = 1 << WINDOW
const OUT_OF_REACH = -1
const ALL = 2 * NO_BASE - 1

export interface NearLimits {
  products: number
  /** Drops of the whole recipe, from and to. */
  minDrops: number
  maxDrops: number
  illuminant: SweepLimits['illuminant']
}

/**
 * Shows every recipe of exactly so many products and drops that may lie within a ΔE00 of a colour, each once in lowest terms; others may be
 * shown as well, and many are not.
 * @param wanted the colour under D65, `target` the same under the light of the limits
 * @param limitFor the ΔE00 that is still of use for a recipe of so many drops; asked now and then, and it may only fall
 * @param visit gets the recipe with its parts as indexes into the pigments, ascending; the state is reused
 * @returns false when the time was over before all were tried
 */
export function sweepNear(
  pigments: Pigments,
  { products, minDrops, maxDrops, illuminant }: NearLimits,
  wanted: Lab,
  target: Lab,
  limitFor: (drops: number) => number,
  visit: (state: SweepState) => void,
  due?: Due,
): boolean {
  const { count } = pigments
  if (count < products || maxDrops < products) return true
  const { aim, shelf } = laidOut(pigments, wanted, target, illuminant)
  const { weights } = aim
  const { places, K, S, base, mixable, own, rest } = shelf

  const windows = new Float64Array((maxDrops + 1) * WINDOW)
  let widest = Infinity
  let closest = Infinity
  /** By drops and product: on which sides of the window it lies alone. */
  const sides = new Uint16Array((maxDrops + 1) * count)
  const margins = new Float64Array(WINDOW)
  /** By drops and product: how far within each side of the window it or any after it lies at most. */
  const within = new Float64Array((maxDrops + 1) * (count + 1) * WINDOW).fill(-Infinity)
  /** By product: how much it or any after it scatters at most. */
  const scatters = new Float64Array(count + 1)
  for (let i = count - 1; i >= 0; i--) scatters[i] = Math.max(scatters[i + 1]!, S[i]!)
  function look(): void {
    // Windows cost a few hundred recipes: they are made anew when they have become clearly smaller.
    const most = Math.max(NEAREST, limitFor(minDrops))
    const least = Math.max(NEAREST, limitFor(maxDrops))
    if (most > widest * SMALLER && least > closest * SMALLER) return
    widest = most
    closest = least
    const around = surroundings(target, most)
    for (let drops = minDrops; drops <= maxDrops; drops++) {
      windowInto(aim, around, Math.max(NEAREST, limitFor(drops)), windows, drops * WINDOW)
      for (let i = count - 1; i >= 0; i--) {
        marginsInto(aim, own, i * SUMS, windows, drops * WINDOW, margins)
        sides[drops * count + i] = sidesOf(margins) | (base[i] === 0 ? NO_BASE : 0)
        const at = (drops * (count + 1) + i) * WINDOW
        for (let m = 0; m < WINDOW; m++) within[at + m] = Math.max(within[at + WINDOW + m]!, margins[m]!)
      }
    }
  }
  const [sx, sy, sz] = [aim.slopes[0]!, aim.slopes[1]!, aim.slopes[2]!]
  const state: SweepState = {
    size: products,
    parts: new Int32Array(products),
    counts: new Int32Array(products),
    L: 0,
    a: 0,
    b: 0,
    penalty: 0,
  }
  const parts = new Int32Array(products)
  const counts = new Int32Array(products)
  /** Absorption of what stands, by how many products stand; the last is added up only where something may come of it. */
  const sums = Array.from({ length: products }, () => new Float64Array(BANDS))
  const before = sums[products - 1]!
  /** The six sums of what stands, of all bands and of those mixed last, as means of the parts' times their scatter; by how many stand. */
  const summed = Array.from({ length: products }, () => new Float64Array(2 * SUMS))
  const standing = summed[products - 1]!
  /** What may be added to what stands, by how many products stand. */
  const open = Array.from({ length: products }, () => new Uint8Array(count).fill(1))
  /** What may come last. */
  const lasts = new Int32Array(count)
  let lastCount = 0
  /** The six sums of what stands, of all bands and of those mixed last. */
  const whole = new Float64Array(SUMS)
  const first = new Float64Array(AXES)
  const last = new Float64Array(SUMS)
  let over = false

  function show(n: number, finisher: number, drops: number, X: number, Y: number, Z: number): void {
    for (let k = 0; k < products; k++) {
      // Into ascending order of the pigments, as any sweep shows them.
      const part = places[k < products - 1 ? parts[k]! : finisher]!
      const taken = k < products - 1 ? counts[k]! : n
      let at = k
      while (at > 0 && state.parts[at - 1]! > part) {
        state.parts[at] = state.parts[at - 1]!
        state.counts[at] = state.counts[at - 1]!
        at--
      }
      state.parts[at] = part
      state.counts[at] = taken
    }
    const fx = f(X)
    const fy = f(Y)
    const fz = f(Z)
    state.L = 116 * fy - 16
    state.a = 500 * (fx - fy)
    state.b = 200 * (fy - fz)
    state.penalty = easePenalty(products, drops)
    visit(state)
  }

  /** The sums of what stands as means of the parts': most of the values themselves, and those on the tangents. */
  function means(scale: number): void {
    for (let k = 0; k < SUMS; k++) {
      whole[k] = standing[k]! * scale
      last[k] = standing[SUMS + k]! * scale
    }
  }

  /** The values of what stands themselves at the bands from one to another, added up. */
  function mixed(from: number, to: number, scale: number, into: Float64Array): void {
    const part = parts[products - 2]!
    const n = counts[products - 2]!
    const below = sums[products - 2]!
    let X = 0
    let Y = 0
    let Z = 0
    for (let k = from, w = k * AXES; k < to; k++, w += AXES) {
      const sum = below[k]! + n * K[part * BANDS + k]!
      before[k] = sum
      const q = sum * scale
      const R = 1 + q - Math.sqrt(q * (q + 2))
      X += weights[w]! * R
      Y += weights[w + 1]! * R
      Z += weights[w + 2]! * R
    }
    into[0] = X
    into[1] = Y
    into[2] = Z
  }

  /**
   * Beyond which sides of the window for so many drops what stands lies; {@link OUT_OF_REACH} where no product after the last of it can
   * bring it back with this share of the mix.
   */
  function sidesBack(drops: number, share: number): number {
    marginsInto(aim, whole, 0, windows, drops * WINDOW, margins)
    const from = (drops * (count + 1) + parts[products - 2]! + 1) * WINDOW
    let on = 0
    for (let m = 0; m < WINDOW; m++) {
      const off = margins[m]!
      if (off >= 0) continue
      if ((1 - share) * off + share * within[from + m]! < -ROUNDING) return OUT_OF_REACH
      on |= 1 << m
    }
    return on
  }

  /** The same, once more of the values of what stands are known themselves. */
  function sidesSettled(drops: number, share: number): number {
    for (let k = 0; k < AXES; k++) whole[k] = first[k]! + last[k]!
    return sidesBack(drops, share)
  }

  /** Whether one of the last lies on none of these sides. */
  function someBeside(on: number, at: number): boolean {
    for (let j = 0; j < lastCount; j++) if ((sides[at + lasts[j]!]! & on) === 0) return true
    return false
  }

  /** Everything that one more product can make of what stands: `drops` drops. */
  function finish(drops: number, divisor: number, scatter: number, based: number): void {
    const most = maxDrops - drops
    const widestDrops = Math.max(drops + 1, minDrops)
    const widestAt = widestDrops * WINDOW
    const sidesAt = widestDrops * count
    const lowest = windows[widestAt + 1]!
    const highest = windows[widestAt + 4]!
    const scale = 1 / scatter
    const without = based === 0 ? NO_BASE : 0
    const added = most * scatters[parts[products - 2]! + 1]!
    const share = added / (scatter + added)
    means(scale)
    let on = sidesBack(widestDrops, share)
    if (on === OUT_OF_REACH || !someBeside(on | without, sidesAt)) return
    mixed(0, FIRST, scale, first)
    on = sidesSettled(widestDrops, share)
    if (on === OUT_OF_REACH) return
    on |= without
    let complete = false
    let xb = whole[0]!
    let yb = whole[1]!
    let zb = whole[2]!
    const txb = whole[3]!
    const tyb = whole[4]!
    const tzb = whole[5]!
    const over = tyb - highest
    let room = yb - lowest
    for (let j = 0; j < lastCount; j++) {
      const part = lasts[j]!
      if ((sides[sidesAt + part]! & on) !== 0) continue
      const row = part * SUMS
      const yk = own[row + 1]!
      const tyk = own[row + 4]!
      const dy = yk - yb
      const dty = tyk - tyb
      const Sk = S[part]!
      // From how many drops on, and up to how many, it may be neither too light nor too dark; divided only where some number is.
      let fewest = Math.max(1, minDrops - drops)
      let up = most
      if (over > 0) {
        if (over * scatter > most * Sk * (-dty - over) * LOOSE) continue
        fewest = Math.max(fewest, Math.ceil((over * scatter) / (Sk * (-dty - over)) - ROUNDING))
      } else if (dty > -over) {
        if (-over * scatter * LOOSE < fewest * Sk * (dty + over)) continue
        up = Math.min(up, Math.floor((-over * scatter) / (Sk * (dty + over)) + ROUNDING))
      }
      if (room < 0) {
        if (-room * scatter > most * Sk * (dy + room) * LOOSE) continue
        fewest = Math.max(fewest, Math.ceil((-room * scatter) / (Sk * (dy + room)) - ROUNDING))
      } else if (dy < -room) {
        if (room * scatter * LOOSE < fewest * Sk * (-dy - room)) continue
        up = Math.min(up, Math.floor((room * scatter) / (Sk * (-dy - room)) + ROUNDING))
      }
      if (fewest > up) continue
      if (!complete) {
        // Something may come of it: the other bands as well, and this product again.
        complete = true
        mixed(FIRST, BANDS, scale, last)
        on = sidesSettled(widestDrops, share)
        if (on === OUT_OF_REACH) return
        on |= without
        xb = whole[0]!
        yb = whole[1]!
        zb = whole[2]!
        room = yb - lowest
        j--
        continue
      }
      const dx = own[row]! - xb
      const dz = own[row + 2]! - zb
      const dtx = own[row + 3]! - txb
      const dtz = own[row + 5]! - tzb
      for (let n = fewest; n <= up; n++) {
        const total = scatter + n * Sk
        const share = (n * Sk) / total
        const w = (drops + n) * WINDOW
        const y = yb + share * dy
        if (y < windows[w + 1]!) {
          // Each further drop of something darker only darkens the chord, and windows only narrow.
          if (dy < 0) break
          continue
        }
        const ty = tyb + share * dty
        if (ty > windows[w + 4]!) continue
        const x = xb + share * dx
        const tx = txb + share * dtx
        if (x < windows[w]! || tx > windows[w + 3]!) continue
        const z = zb + share * dz
        const tz = tzb + share * dtz
        if (z < windows[w + 2]! || tz > windows[w + 5]!) continue
        if (500 * (sx * x - sy * ty) < windows[w + 6]! || 500 * (sx * tx - sy * y) > windows[w + 7]!) continue
        if (200 * (sy * y - sz * tz) < windows[w + 8]! || 200 * (sy * ty - sz * z) > windows[w + 9]!) continue
        if (divisor > 1 && greatestCommonDivisor(divisor, n) !== 1) continue
        mix(part, n, drops, 1 / total, share, w)
      }
    }
  }

  /** The bands that weigh most, mixed, and the rest by the two means; then, where it still may be near, all of them. */
  function mix(part: number, n: number, drops: number, scale: number, share: number, w: number): void {
    const offset = part * BANDS
    const row = part * SUMS
    let X = 0
    let Y = 0
    let Z = 0
    for (let k = 0, v = 0; k < FIRST; k++, v += AXES) {
      const q = (before[k]! + n * K[offset + k]!) * scale
      const R = 1 + q - Math.sqrt(q * (q + 2))
      X += weights[v]! * R
      Y += weights[v + 1]! * R
      Z += weights[v + 2]! * R
    }
    const left = 1 - share
    const Yh = Y + left * last[1]! + share * rest[row + 1]!
    const Yl = Y + left * last[4]! + share * rest[row + 4]!
    if (Yh < windows[w + 1]! || Yl > windows[w + 4]!) return
    const Xh = X + left * last[0]! + share * rest[row]!
    const Xl = X + left * last[3]! + share * rest[row + 3]!
    if (Xh < windows[w]! || Xl > windows[w + 3]!) return
    const Zh = Z + left * last[2]! + share * rest[row + 2]!
    const Zl = Z + left * last[5]! + share * rest[row + 5]!
    if (Zh < windows[w + 2]! || Zl > windows[w + 5]!) return
    if (500 * (sx * Xh - sy * Yl) < windows[w + 6]! || 500 * (sx * Xl - sy * Yh) > windows[w + 7]!) return
    if (200 * (sy * Yh - sz * Zl) < windows[w + 8]! || 200 * (sy * Yl - sz * Zh) > windows[w + 9]!) return
    for (let k = FIRST, v = FIRST * AXES; k < BANDS; k++, v += AXES) {
      const q = (before[k]! + n * K[offset + k]!) * scale
      const R = 1 + q - Math.sqrt(q * (q + 2))
      X += weights[v]! * R
      Y += weights[v + 1]! * R
      Z += weights[v + 2]! * R
    }
    show(n, part, drops + n, X, Y, Z)
  }

  /** Every number of drops of what stands, from the product at `size` on. */
  function portion(size: number, drops: number, divisor: number, scatter: number, based: number): void {
    const part = parts[size]!
    const below = sums[size]!
    const sum = sums[size + 1]!
    const sumsBelow = summed[size]!
    const sumsNow = summed[size + 1]!
    const room = maxDrops - (products - size - 1)
    for (let n = 1; drops + n <= room; n++) {
      counts[size] = n
      const common = greatestCommonDivisor(divisor, n)
      const weight = n * S[part]!
      const spread = scatter + weight
      for (let k = 0; k < SUMS; k++) {
        sumsNow[k] = sumsBelow[k]! + weight * own[part * SUMS + k]!
        sumsNow[SUMS + k] = sumsBelow[SUMS + k]! + weight * rest[part * SUMS + k]!
      }
      if (size === products - 2) finish(drops + n, common, spread, based)
      else {
        for (let k = 0; k < BANDS; k++) sum[k] = below[k]! + n * K[part * BANDS + k]!
        portion(size + 1, drops + n, common, spread, based)
      }
    }
  }

  /** @param on the sides on which all that stands lies, in the widest window */
  function choose(size: number, from: number, based: number, on: number): void {
    const may = open[size]!
    const mayNext = open[size + 1]!
    const isLast = size === products - 2
    for (let part = from; part < count; part++) {
      over ||= due?.() ?? false
      if (over) return
      if (may[part] === 0) continue
      parts[size] = part
      look()
      const onBoth = on & sides[minDrops * count + part]!
      const basedNow = based | base[part]!
      if (!isLast) {
        for (let next = part + 1; next < count; next++) mayNext[next] = may[next]! & mixable[part * count + next]!
        choose(size + 1, part + 1, basedNow, onBoth)
        continue
      }
      lastCount = 0
      for (let next = part + 1; next < count; next++)
        if ((may[next]! & mixable[part * count + next]!) === 1 && (sides[minDrops * count + next]! & onBoth) === 0)
          lasts[lastCount++] = next
      if (lastCount > 0) portion(0, 0, 0, 0, basedNow)
    }
  }
  choose(0, 0, 0, ALL)
  return !over
}
