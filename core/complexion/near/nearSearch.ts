import { surroundings } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { BANDS } from '../../colour/tables'
import type { Due } from '../../due'
import { FIRST, type Shelf } from './nearShelf'
// prettier-ignore
import {
  type Aim, ALL, AXES, f, LOOSE, marginsInto, NEAREST, NO_BASE,
  OUT_OF_REACH, ROUNDING, sidesOf, SUMS, WINDOW, windowInto,
} from './nearWindow'
import { greatestCommonDivisor } from '../mixing/ratio'
import { easePenalty } from '../mixing/recipe'
import { emptyState, insertPart, type NearLimits, type SweepState } from '../mixing/sweep'

const SMALLER = 0.93

/**
 * The search itself: the partial recipe (products chosen, their drops and sums) in flat arrays that are written over and over. Indexes of
 * products are places on the shelf.
 */
export class NearSearch {
  /** By drops: the window that a recipe has to lie in. */
  private readonly windows: Float64Array
  private widest = Infinity
  private closest = Infinity
  /** By drops and product: on which sides of the window it lies alone. */
  private readonly sides: Uint16Array
  private readonly margins = new Float64Array(WINDOW)
  /** By drops and product: how far within each side of the window it or any after it lies at most. */
  private readonly within: Float64Array
  /** By product: how much it or any after it scatters at most. */
  private readonly scatters: Float64Array
  private readonly state: SweepState
  private readonly parts: Int32Array
  private readonly counts: Int32Array
  /** Absorption of the partial recipe, by its number of products; the last is added up only where a recipe may come of it. */
  private readonly sums: readonly Float64Array[]
  private readonly before: Float64Array
  /** The six sums of the partial recipe, of all bands and of those mixed last, as means of the parts' times their scatter; by its number of products. */
  private readonly summed: readonly Float64Array[]
  private readonly standing: Float64Array
  /** What may be added to the partial recipe, by its number of products. */
  private readonly open: readonly Uint8Array[]
  /** What may come last. */
  private readonly lasts: Int32Array
  private lastCount = 0
  /** The six sums of the partial recipe, of all bands and of those mixed last. */
  private readonly whole = new Float64Array(SUMS)
  private readonly first = new Float64Array(AXES)
  private readonly last = new Float64Array(SUMS)
  private over = false
  private readonly slopes: readonly [number, number, number]
  private readonly products: number
  private readonly minDrops: number
  private readonly maxDrops: number

  constructor(
    limits: NearLimits,
    private readonly aim: Aim,
    private readonly shelf: Shelf,
    private readonly count: number,
    private readonly target: Lab,
    private readonly limitFor: (drops: number) => number,
    private readonly visit: (state: SweepState) => void,
    private readonly due: Due | undefined,
  ) {
    const { products, minDrops, maxDrops } = limits
    ;[this.products, this.minDrops, this.maxDrops] = [products, minDrops, maxDrops]
    this.windows = new Float64Array((maxDrops + 1) * WINDOW)
    this.sides = new Uint16Array((maxDrops + 1) * count)
    this.within = new Float64Array((maxDrops + 1) * (count + 1) * WINDOW).fill(-Infinity)
    this.scatters = new Float64Array(count + 1)
    for (let i = count - 1; i >= 0; i--) this.scatters[i] = Math.max(this.scatters[i + 1]!, shelf.S[i]!)
    this.state = emptyState(products)
    this.parts = new Int32Array(products)
    this.counts = new Int32Array(products)
    this.sums = Array.from({ length: products }, () => new Float64Array(BANDS))
    this.before = this.sums[products - 1]!
    this.summed = Array.from({ length: products }, () => new Float64Array(2 * SUMS))
    this.standing = this.summed[products - 1]!
    this.open = Array.from({ length: products }, () => new Uint8Array(count).fill(1))
    this.lasts = new Int32Array(count)
    this.slopes = [aim.slopes[0]!, aim.slopes[1]!, aim.slopes[2]!]
  }

  run(): boolean {
    this.choose(0, 0, 0, ALL)
    return !this.over
  }

  private look(): void {
    const { windows, sides, margins, within, minDrops, maxDrops, aim, count, target } = this
    const { base, own } = this.shelf
    // Windows cost a few hundred recipes: they are made anew when they have become clearly smaller.
    const most = Math.max(NEAREST, this.limitFor(minDrops))
    const least = Math.max(NEAREST, this.limitFor(maxDrops))
    if (most > this.widest * SMALLER && least > this.closest * SMALLER) return
    this.widest = most
    this.closest = least
    const around = surroundings(target, most)
    for (let drops = minDrops; drops <= maxDrops; drops++) {
      windowInto(aim, around, Math.max(NEAREST, this.limitFor(drops)), windows, drops * WINDOW)
      for (let i = count - 1; i >= 0; i--) {
        marginsInto(aim, own, i * SUMS, windows, drops * WINDOW, margins)
        sides[drops * count + i] = sidesOf(margins) | (base[i] === 0 ? NO_BASE : 0)
        const at = (drops * (count + 1) + i) * WINDOW
        for (let m = 0; m < WINDOW; m++) within[at + m] = Math.max(within[at + WINDOW + m]!, margins[m]!)
      }
    }
  }

  private show(n: number, finisher: number, drops: number, X: number, Y: number, Z: number): void {
    const { state, parts, counts, products } = this
    const { places } = this.shelf
    for (let k = 0; k < products; k++) {
      const isFinisher = k === products - 1
      insertPart(state, k, places[isFinisher ? finisher : parts[k]!]!, isFinisher ? n : counts[k]!)
    }
    const fx = f(X)
    const fy = f(Y)
    const fz = f(Z)
    state.L = 116 * fy - 16
    state.a = 500 * (fx - fy)
    state.b = 200 * (fy - fz)
    state.penalty = easePenalty(products, drops)
    this.visit(state)
  }

  /** The sums of the products chosen so far, as means of the parts: upper bounds of the values, and lower ones from the tangents. */
  private means(scale: number): void {
    const { standing, whole, last } = this
    for (let k = 0; k < SUMS; k++) {
      whole[k] = standing[k]! * scale
      last[k] = standing[SUMS + k]! * scale
    }
  }

  /** The values of the partial recipe itself at the bands from one to another, added up. */
  private mixed(from: number, to: number, scale: number, into: Float64Array): void {
    const { parts, counts, sums, before, products } = this
    const { K } = this.shelf
    const { weights } = this.aim
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
   * Beyond which sides of the window for so many drops the partial recipe lies; {@link OUT_OF_REACH} where no product after the last of it can
   * bring it back with this share of the mix.
   */
  private sidesBack(drops: number, share: number): number {
    const { windows, margins, within, parts, whole, products, aim, count } = this
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

  /** The same, once more of the values of the partial recipe itself are known. */
  private sidesSettled(drops: number, share: number): number {
    const { whole, first, last } = this
    for (let k = 0; k < AXES; k++) whole[k] = first[k]! + last[k]!
    return this.sidesBack(drops, share)
  }

  /** Whether one of the last lies on none of these sides. */
  private someBeside(on: number, at: number): boolean {
    const { sides, lasts } = this
    for (let j = 0; j < this.lastCount; j++) if ((sides[at + lasts[j]!]! & on) === 0) return true
    return false
  }

  /** Everything that one more product can make of the partial recipe: `drops` drops. */
  private finish(drops: number, divisor: number, scatter: number, based: number): void {
    const { windows, sides, scatters, parts, lasts, whole, first, last, products, minDrops, maxDrops, count } = this
    const { S, own } = this.shelf
    const [sx, sy, sz] = this.slopes
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
    this.means(scale)
    let on = this.sidesBack(widestDrops, share)
    if (on === OUT_OF_REACH || !this.someBeside(on | without, sidesAt)) return
    this.mixed(0, FIRST, scale, first)
    on = this.sidesSettled(widestDrops, share)
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
    for (let j = 0; j < this.lastCount; j++) {
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
        this.mixed(FIRST, BANDS, scale, last)
        on = this.sidesSettled(widestDrops, share)
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
        this.mix(part, n, drops, 1 / total, share, w)
      }
    }
  }

  /** The bands that weigh most, mixed, and the rest by the two means; then, where it still may be near, all of them. */
  private mix(part: number, n: number, drops: number, scale: number, share: number, w: number): void {
    const { windows, before, last } = this
    const { K, rest } = this.shelf
    const { weights } = this.aim
    const [sx, sy, sz] = this.slopes
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
    this.show(n, part, drops + n, X, Y, Z)
  }

  /** Every number of drops of the partial recipe, from the product at `size` on. */
  private portion(size: number, drops: number, divisor: number, scatter: number, based: number): void {
    const { parts, counts, sums, summed, products, maxDrops } = this
    const { K, S, own, rest } = this.shelf
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
      if (size === products - 2) this.finish(drops + n, common, spread, based)
      else {
        for (let k = 0; k < BANDS; k++) sum[k] = below[k]! + n * K[part * BANDS + k]!
        this.portion(size + 1, drops + n, common, spread, based)
      }
    }
  }

  /** @param on the sides on which the whole partial recipe lies, in the this.widest window */
  private choose(size: number, from: number, based: number, on: number): void {
    const { sides, parts, open, lasts, products, minDrops, count } = this
    const { base, mixable } = this.shelf
    const may = open[size]!
    const mayNext = open[size + 1]!
    const isLast = size === products - 2
    for (let part = from; part < count; part++) {
      this.over ||= this.due?.() ?? false
      if (this.over) return
      if (may[part] === 0) continue
      parts[size] = part
      this.look()
      const onBoth = on & sides[minDrops * count + part]!
      const basedNow = based | base[part]!
      if (!isLast) {
        for (let next = part + 1; next < count; next++) mayNext[next] = may[next]! & mixable[part * count + next]!
        this.choose(size + 1, part + 1, basedNow, onBoth)
        continue
      }
      this.lastCount = 0
      for (let next = part + 1; next < count; next++)
        if ((may[next]! & mixable[part * count + next]!) === 1 && (sides[minDrops * count + next]! & onBoth) === 0)
          lasts[this.lastCount++] = next
      if (this.lastCount > 0) this.portion(0, 0, 0, 0, basedNow)
    }
  }
}
