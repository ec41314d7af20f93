import type { StoredNow } from '#shared/checks/refusal'
import { Problem } from './problems'

/** A write that was made from an older version of what it changes: the answer holds what is stored now, and nothing is lost. */
export class Stale extends Problem {
  constructor(
    what: string,
    readonly today: StoredNow,
  ) {
    super(409, 'stale', `${what} was changed elsewhere meanwhile. Nothing was saved yet: look at both, then keep one.`)
  }
}

/**
 * Holds a write against the version it was made from; one that names none is taken as made from today's.
 * @throws Stale
 */
export function expectVersion(what: string, today: StoredNow, madeFrom: number | undefined): void {
  if (madeFrom !== undefined && madeFrom !== null && madeFrom !== today.version) throw new Stale(what, today)
}
