import { purposeOf, type OwnedKind } from '../stock/things/kinds'
import type { Reason } from './bag'

/*
 * What a thing is worth in the bag that nobody's plan asks for: what it would cost not to have it. Starting values; the log of uses says
 * the rest.
 */

/** The job stops where the only one fails. */
const A_SPARE = 30
/** Somebody more is turned away without a base, a colour that corrects it, or what keeps hands and tools clean. */
const A_BASE = 10
const KEEPS_CLEAN = 10
const ITSELF = 1
// Beyond this it is used as a matter of course.
const MOST_USES = 20
/** What comes only because everything does. */
const BESIDE = 0.2

const BASES: readonly OwnedKind[] = ['foundation', 'adjuster', 'corrector', 'concealer', 'medium']

/** @param uses how often it was used in the last year */
export function worthAlong(kind: OwnedKind, why: Exclude<Reason, 'plans' | 'day'>, uses: number): number {
  if (why === 'spare') return A_SPARE
  const kinds = BASES.includes(kind) ? A_BASE : purposeOf(kind) === 'hygiene' ? KEEPS_CLEAN : 0
  return (why === 'everything' ? BESIDE : ITSELF) + Math.min(uses, MOST_USES) + (why === 'core' ? kinds : 0)
}
