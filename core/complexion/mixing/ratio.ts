/** What two counts of drops have in common: a ratio is said in its smallest numbers. */
export function greatestCommonDivisor(a: number, b: number): number {
  while (b !== 0) {
    const rest = a % b
    a = b
    b = rest
  }
  return a
}
