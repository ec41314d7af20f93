/*
 * Simulations and brute force over many independent cases. `npm test` takes a tenth of them, another with each commit; `npm run test:deep`
 * takes all.
 */

const SHARES = 10
export const isDeep = process.env.TEST_DEEP === '1'
/** Which tenth is taken, 0 to 9: scripts/test.mjs derives it from the commit. */
export const OWN_SHARE = Math.abs(Number(process.env.TEST_SHARE ?? 0)) % SHARES

/** The numbers of the cases that are taken, of so many. */
export const shareOf = (cases: number): number[] =>
  Array.from({ length: cases }, (_, i) => i).filter(i => isDeep || i % SHARES === OWN_SHARE)

/** A third of some long cases, another with each commit; all of them in a run that is nobody's commit. */
export const aThirdOf = <T>(all: readonly T[]): T[] =>
  all.filter((_, i) => isDeep || process.env.TEST_SHARE === undefined || i % 3 === OWN_SHARE % 3)

/** A figure that depends on it: a count, or a bound that is looser where few cases scatter more. */
export const dependingOn = (all: number, aTenth: number): number => (isDeep ? all : aTenth)
