import type { Lab } from '../colour/lab'
import { difference } from '../colour/difference'
import { VERDICT_LIMITS, type Drops } from '../complexion/mixing/recipe'
import { cheapestCover } from '../standard/cover'
import type { OwnedKind } from '../stock/things/kinds'
import { isReady, type Thing } from '../stock/things/thing'
import { STRONGEST_DISINFECTING } from '../stock/things/gear'
import type { Counted } from './counts'
import { USUAL_VENUE, type Venue } from './venue'
import { needsOf, sum, type Need, type PlannedFace } from './needs'

/* All faces of a day together: what they share, and whether there is enough of it. */

/** How much of something there is: along already, and elsewhere of one's own. */
export interface Stock {
  along: number
  elsewhere: number
}

export interface BottleLine extends Stock {
  productId: string
  name: string
  kind: OwnedKind
  lab: Lab | null
  measure: Thing['measure']
  need: number
  faces: string[]
}
export interface CountLine extends Counted, Stock {
  need: number
  measure: 'piece' | 'ml'
  faces: string[]
}

/** One mix that does for several faces. */
export interface Batch {
  drops: readonly Drops[]
  lab: Lab
  faces: { id: string; deltaE: number }[]
  amount: number
}

export interface Together {
  /** What goes on, the scarcest first. */
  bottles: BottleLine[]
  /** Tools and supplies, the scarcest first. */
  counts: CountLine[]
  /** Mixes that do for more than one face. */
  batches: Batch[]
  /** Faces for which the kit has no base that matches. */
  unmatched: string[]
  /** Alcohol too strong to disinfect with as it is, that could be thinned; null where there is none. */
  tooStrong: { percent: number; ml: number } | null
}

/** @param isAlong whether a thing is in a place that goes to a job */
export function together(
  faces: readonly PlannedFace[],
  things: readonly Thing[],
  isAlong: (thing: Thing) => boolean,
  today: string,
  venue: Venue = USUAL_VENUE,
  own?: ReadonlyMap<OwnedKind, number>,
): Together {
  const ready = things.filter(t => isReady(t, today))
  const lines = needsOf(faces, ready, venue, own).map(need => ({ need, stock: stockOf(need, isAlong) }))
  const scarcity = ({ need, along }: { need: number } & Stock) => along / Math.max(need, 1e-9)
  const scarcest = <T extends { need: number } & Stock>(some: T[]) =>
    some.sort((x, y) => scarcity(x) - scarcity(y) || y.need - x.need)
  const facesOf = ({ each }: Need) => each.map(e => e.faceId)
  return {
    bottles: scarcest(
      lines.flatMap(({ need: n, stock }): BottleLine[] => {
        const { productId, name, kind, lab, measure, need } = n
        return productId === null ? [] : [{ productId, name, kind, lab, measure, need, faces: facesOf(n), ...stock }]
      }),
    ),
    counts: scarcest(
      lines.flatMap(({ need: n, stock }): CountLine[] => {
        const { sort, kind, shape, need, measure } = n
        return sort === 'count'
          ? [{ kind, shape, need, measure: measure === 'ml' ? 'ml' : 'piece', faces: facesOf(n), ...stock }]
          : []
      }),
    ),
    batches: batchesOf(faces),
    unmatched: faces.filter(isUnmatched).map(f => f.id),
    tooStrong: tooStrongIn(ready),
  }
}

/** Somebody who is to have a base, and has none that comes near the skin. */
export function isUnmatched({ skin, plan }: Pick<PlannedFace, 'skin' | 'plan'>): boolean {
  const lab = plan.layers.find(l => l.slot === 'foundation')?.item.lab
  return plan.missing.some(m => m.slot === 'foundation') && (!lab || difference(lab, skin) > VERDICT_LIMITS.workable)
}

/** How much of a need is along, and how much elsewhere. */
export const stockOf = ({ held }: Need, isAlong: (thing: Thing) => boolean): Stock => ({
  along: sum(held.filter(h => isAlong(h.of)).map(h => h.holds)),
  elsewhere: sum(held.filter(h => !isAlong(h.of)).map(h => h.holds)),
})
function tooStrongIn(ready: readonly Thing[]): Together['tooStrong'] {
  const strong = ready.filter(
    t => t.kind === 'alcohol' && (t.percent ?? 0) > STRONGEST_DISINFECTING && t.measure === 'ml',
  )
  if (strong.length === 0) return null
  // Of several strengths the weakest is reckoned with: what is stronger goes further.
  return { percent: Math.min(...strong.map(t => t.percent!)), ml: sum(strong.map(t => t.size * t.level * t.count)) }
}

/**
 * The fewest mixes with which everybody whose base is mixed of the same bottles is matched; mixes for a single face are left out.
 */
function batchesOf(faces: readonly PlannedFace[]): Batch[] {
  const bases = faces.flatMap(face => {
    const layer = face.plan.layers.find(l => l.slot === 'foundation' && l.key === 'foundation')
    const drops = layer?.drops
    return layer && drops && drops.length > 1 && layer.item.lab
      ? [
          {
            face,
            drops,
            lab: layer.item.lab,
            amount: layer.amount.value,
            bottles: drops
              .map(d => d.id)
              .sort()
              .join(),
          },
        ]
      : []
  })
  const ways = bases.map(of =>
    bases.flatMap((mix, i) =>
      mix.bottles === of.bottles && difference(mix.lab, of.face.skin) <= VERDICT_LIMITS.match ? [i] : [],
    ),
  )
  const points = ways.filter(w => w.length > 0).map(w => ({ need: 1, ways: w.map(i => ({ things: [i], gives: 1 })) }))
  const chosen = cheapestCover(new Array<number>(bases.length).fill(1), points)?.chosen ?? []
  const best = (k: number) =>
    chosen.filter(i => ways[k]!.includes(i)).reduce<number>((x, i) => (x < 0 || far(i, k) < far(x, k) ? i : x), -1)
  const far = (mix: number, k: number) => difference(bases[mix]!.lab, bases[k]!.face.skin)
  return chosen.flatMap(i => {
    const whose = bases.flatMap((_, k) => (best(k) === i ? [k] : []))
    if (whose.length < 2) return []
    const { drops, lab } = bases[i]!
    const members = whose.map(k => ({ id: bases[k]!.face.id, deltaE: far(i, k) }))
    return [{ drops, lab, faces: members, amount: sum(whose.map(k => bases[k]!.amount)) }]
  })
}
