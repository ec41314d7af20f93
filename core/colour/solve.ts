/**
 * Solves m·x = b by Gaussian elimination with partial pivoting; `m` is used up and the solution replaces `b`.
 * @param m n × n, row by row
 * @param b n
 * @returns false for a singular matrix
 */
export function solveInPlace(m: Float64Array, b: Float64Array, n: number): boolean {
  for (let col = 0; col < n; col++) {
    let pivot = col
    for (let row = col + 1; row < n; row++) {
      if (Math.abs(m[row * n + col]!) > Math.abs(m[pivot * n + col]!)) pivot = row
    }
    if (Math.abs(m[pivot * n + col]!) < 1e-300) return false
    if (pivot !== col) {
      for (let k = col; k < n; k++) [m[col * n + k], m[pivot * n + k]] = [m[pivot * n + k]!, m[col * n + k]!]
      ;[b[col], b[pivot]] = [b[pivot]!, b[col]!]
    }
    const lead = m[col * n + col]!
    for (let row = col + 1; row < n; row++) {
      const factor = m[row * n + col]! / lead
      if (factor === 0) continue
      for (let k = col; k < n; k++) m[row * n + k]! -= factor * m[col * n + k]!
      b[row]! -= factor * b[col]!
    }
  }
  for (let row = n - 1; row >= 0; row--) {
    let sum = b[row]!
    for (let k = row + 1; k < n; k++) sum -= m[row * n + k]! * b[k]!
    b[row] = sum / m[row * n + row]!
  }
  return true
}
