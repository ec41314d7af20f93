/** Radical inverse of an index: the low-discrepancy sequence of Halton 1960, in 0–1. */
export function halton(index: number, base: number): number {
  let fraction = 1
  let value = 0
  for (let i = index; i > 0; i = Math.floor(i / base)) {
    fraction /= base
    value += fraction * (i % base)
  }
  return value
}

/**
 * Standard normal quantile, relative error below 1.2e-9.
 * @param p 0–1, open interval
 * @see Acklam 2003, "An algorithm for computing the inverse normal cumulative distribution function"
 */
export function normalQuantile(p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`a probability between 0 and 1 is needed, not ${p}`)
  if (p < 0.02425) return tail(Math.sqrt(-2 * Math.log(p)))
  if (p > 1 - 0.02425) return -tail(Math.sqrt(-2 * Math.log(1 - p)))
  const q = p - 0.5
  const r = q * q
  return (q * horner(CENTRE_TOP, r)) / (r * horner(CENTRE_BOTTOM, r) + 1)
}

const CENTRE_TOP = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
]
const CENTRE_BOTTOM = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572]
const TAIL_TOP = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
]
const TAIL_BOTTOM = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416]

const horner = (coefficients: readonly number[], x: number) => coefficients.reduce((sum, c) => sum * x + c, 0)
const tail = (q: number) => horner(TAIL_TOP, q) / (q * horner(TAIL_BOTTOM, q) + 1)

/** The same `count` points of a standard normal cloud in three dimensions every time, evenly spread. */
export function normalCloud(count: number): readonly (readonly [number, number, number])[] {
  return Array.from(
    { length: count },
    (_, i) =>
      [normalQuantile(halton(i + 1, 2)), normalQuantile(halton(i + 1, 3)), normalQuantile(halton(i + 1, 5))] as const,
  )
}
