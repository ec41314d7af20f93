import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { COVERAGES, type Coverage, type Family } from '../../complexion/bottles/product'
import type { Finish, ItemKind, Texture } from '../../product/item'

/* What could replace a product that is no longer made: the nearest in colour, in formula and in what it does. */

export interface Replaceable {
  id: string
  name: string
  kind: ItemKind
  /** Null where it has no colour to show. */
  lab: Lab | null
  coverage: Coverage
  family: Family
  finish: Finish
  texture: Texture
}

export interface Replacement<T extends Replaceable> {
  by: T
  /** ΔE00; null where there is no colour to tell apart. */
  deltaE: number | null
  /** How it differs otherwise, each a clause. */
  differs: string[]
}

// In the same measure as a difference of colour: what an artist would put up with in its place.
const OTHER_BASE = 2
const OTHER_FINISH = 1.5
const A_COVER_MORE = 1
const OTHER_TEXTURE = 1
// Further from it is another colour.
const FURTHEST = 8

const stepsApart = (x: Coverage, y: Coverage) => Math.abs(COVERAGES.indexOf(x) - COVERAGES.indexOf(y))

/** The nearest of these of the same kind, at most `most`; itself and other colours are none. */
export function replacementsFor<T extends Replaceable>(
  of: Replaceable,
  among: readonly T[],
  most = 3,
): Replacement<T>[] {
  return among
    .filter(p => p.id !== of.id && p.kind === of.kind && (p.lab === null) === (of.lab === null))
    .map(by => {
      const deltaE = of.lab && by.lab ? difference(of.lab, by.lab) : null
      const cover = stepsApart(of.coverage, by.coverage)
      const base = of.family !== by.family && of.family !== 'unknown' && by.family !== 'unknown'
      const rank =
        (deltaE ?? 0)
        + (base ? OTHER_BASE : 0)
        + (by.finish === of.finish ? 0 : OTHER_FINISH)
        + cover * A_COVER_MORE
        + (by.texture === of.texture ? 0 : OTHER_TEXTURE)
      const differs = [
        base ? `${by.family} base instead of ${of.family}` : '',
        by.finish === of.finish ? '' : `${by.finish} instead of ${of.finish}`,
        cover === 0 ? '' : `${by.coverage} cover instead of ${of.coverage}`,
        by.texture === of.texture ? '' : `${by.texture} instead of ${of.texture}`,
      ].filter(Boolean)
      return { by, deltaE, differs, rank }
    })
    .filter(r => r.deltaE === null || r.deltaE <= FURTHEST)
    .sort((x, y) => x.rank - y.rank || (x.by.id < y.by.id ? -1 : 1))
    .slice(0, most)
    .map(({ rank: _rank, ...r }) => r)
}
