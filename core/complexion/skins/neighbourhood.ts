import type { Surroundings } from '../../colour/difference'
import type { Lab } from '../../colour/lab'

// Smallest edge of a cell in Lab units: a few cells across the distance at which a difference becomes visible.
const FINEST = 1.5
// Cells along an axis at most, so that balls as large as the whole space cost no more memory than small ones.
const MOST_CELLS = 28
// No surface has a colour outside this box.
const LOWEST = { L: -1, a: -250, b: -250 }
const HIGHEST = { L: 101, a: 250, b: 250 }

/** Which of a fixed set of colours may lie within their own ΔE00 limit of a place, found without looking at the others. */
export interface Neighbourhood {
  /** The cell of a colour, or −1 when none of the set is near. */
  cellAt(L: number, a: number, b: number): number
  /** Colours near cell c are `items[start[c]] … items[start[c + 1] − 1]`. */
  readonly start: Int32Array
  readonly items: Int32Array
}

/**
 * A uniform grid over Lab in flat arrays: every colour is entered in each cell that its surroundings touch, so one cell
 * holds a superset of the colours whose limit a place in it may keep.
 * @param around one per colour
 */
export function neighbourhood(colours: readonly Lab[], around: readonly Surroundings[]): Neighbourhood {
  const radii = around.map(s => s.radius)
  const lowest = (axis: keyof Lab) =>
    Math.max(
      LOWEST[axis],
      colours.reduce((m, c, i) => Math.min(m, c[axis] - radii[i]!), Infinity),
    )
  const highest = (axis: keyof Lab) =>
    Math.min(
      HIGHEST[axis],
      colours.reduce((m, c, i) => Math.max(m, c[axis] + radii[i]!), -Infinity),
    )
  const low = [lowest('L'), lowest('a'), lowest('b')] as const
  const high = [highest('L'), highest('a'), highest('b')] as const
  const cell = Math.max(FINEST, ...low.map((l, k) => (high[k]! - l) / MOST_CELLS))
  const size = low.map((l, k) => Math.max(0, Math.floor((high[k]! - l) / cell) + 1))
  /** How far a coordinate lies outside the cell edge that begins at `from`. */
  const outside = (v: number, from: number) => Math.max(0, from - v, v - from - cell)
  const [nL, na, nb] = colours.length > 0 ? (size as [number, number, number]) : [0, 0, 0]

  const eachCell = (enter: (index: number, colour: number) => void) =>
    colours.forEach((c, i) => {
      const { radius: r, perL, perChroma, limit } = around[i]!
      const from = [c.L - r, c.a - r, c.b - r].map((v, k) => Math.max(0, Math.floor((v - low[k]!) / cell)))
      const to = [c.L + r, c.a + r, c.b + r].map((v, k) => Math.min(size[k]! - 1, Math.floor((v - low[k]!) / cell)))
      for (let p = from[0]!; p <= to[0]!; p++) {
        for (let q = from[1]!; q <= to[1]!; q++) {
          for (let s = from[2]!; s <= to[2]!; s++) {
            const gapL = outside(c.L, low[0] + p * cell) ** 2
            const gapC = outside(c.a, low[1] + q * cell) ** 2 + outside(c.b, low[2] + s * cell) ** 2
            if (gapL + gapC <= r * r && perL * gapL + perChroma * gapC <= limit * limit) enter((p * na + q) * nb + s, i)
          }
        }
      }
    })

  const start = new Int32Array(nL * na * nb + 1)
  eachCell(index => {
    start[index + 1]!++
  })
  for (let c = 0; c < start.length - 1; c++) start[c + 1]! += start[c]!
  const items = new Int32Array(start[start.length - 1]!)
  const next = start.slice()
  eachCell((index, colour) => {
    items[next[index]!++] = colour
  })

  return {
    start,
    items,
    cellAt(L, a, b) {
      const p = Math.floor((L - low[0]) / cell)
      const q = Math.floor((a - low[1]) / cell)
      const s = Math.floor((b - low[2]) / cell)
      if (p < 0 || q < 0 || s < 0 || p >= nL || q >= na || s >= nb) return -1
      return (p * na + q) * nb + s
    },
  }
}
