import type { Lab } from '../colour/lab'
import { difference } from '../colour/difference'
import { VERDICT_LIMITS, type Drops } from '../complexion/recipe'
import type { FacePlan } from '../plan/describe'
import { amountsOf } from '../plan/amounts'
import { cheapestCover } from '../standard/cover'
import type { OwnedKind } from '../stock/kinds'
import { isPast, isUsed, type Thing } from '../stock/thing'
import { STRONGEST_DISINFECTING } from '../stock/gear'
import { countsOf, type Count } from './counts'

/* All faces of a day together: what they share, and whether there is enough of it. */

export interface PlannedFace {
  id: string
  skin: Lab
  plan: Pick<FacePlan, 'layers' | 'pack' | 'missing'>
}

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
export interface CountLine extends Count, Stock {}

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

const sum = (some: readonly number[]) => some.reduce((all, n) => all + n, 0)
const isReady = (t: Thing, today: string) => isUsed(t) && !isPast(t, today) && (t.sort === 'tool' || t.level > 0)

/** @param isAlong whether a thing stands in what goes to a job */
export function together(
  faces: readonly PlannedFace[],
  things: readonly Thing[],
  isAlong: (thing: Thing) => boolean,
  today: string,
): Together {
  const ready = things.filter(t => isReady(t, today))
  const stock = (some: readonly { of: Thing; holds: number }[]): Stock => ({
    along: sum(some.filter(s => isAlong(s.of)).map(s => s.holds)),
    elsewhere: sum(some.filter(s => !isAlong(s.of)).map(s => s.holds)),
  })
  const scarcity = ({ need, along }: { need: number } & Stock) => along / Math.max(need, 1e-9)
  const scarcest = <T extends { need: number } & Stock>(lines: T[]) =>
    lines.sort((x, y) => scarcity(x) - scarcity(y) || y.need - x.need)
  return {
    bottles: scarcest(bottlesOf(faces, ready).map(b => ({ ...b.line, ...stock(b.held) }))),
    counts: scarcest(
      countsOf(faces.map(f => ({ id: f.id, pack: f.plan.pack }))).map(count => ({
        ...count,
        ...stock(ready.filter(t => isOf(t, count)).map(of => ({ of, holds: holdsOf(of, count) }))),
      })),
    ),
    batches: batchesOf(faces),
    unmatched: faces.filter(isUnmatched).map(f => f.id),
    tooStrong: tooStrongIn(ready),
  }
}

/** Somebody who is to have a base, and has none that comes near the skin. */
function isUnmatched({ skin, plan }: PlannedFace): boolean {
  const lab = plan.layers.find(l => l.slot === 'foundation')?.item.lab
  return plan.missing.some(m => m.slot === 'foundation') && (!lab || difference(lab, skin) > VERDICT_LIMITS.workable)
}

function bottlesOf(faces: readonly PlannedFace[], ready: readonly Thing[]) {
  const needs = new Map<string, { need: number; faces: string[] }>()
  for (const { id, plan } of faces)
    for (const [productId, amount] of amountsOf(plan)) {
      const known = needs.get(productId) ?? { need: 0, faces: [] }
      needs.set(productId, { need: known.need + amount, faces: [...known.faces, id] })
    }
  const named = new Map(faces.flatMap(f => f.plan.layers.map(l => [l.item.id, l] as const)))
  return [...needs].map(([productId, { need, faces: whose }]) => {
    const held = ready.flatMap(of => {
      if (of.pans.length === 0) return of.productId === productId ? [{ of, holds: of.size * of.level * of.count }] : []
      const pans = of.pans.filter(p => p.productId === productId)
      return pans.length > 0 ? [{ of, holds: (sum(pans.map(p => p.level)) * of.size) / of.pans.length }] : []
    })
    const [first] = held.map(h => h.of)
    const pan = first?.pans.find(p => p.productId === productId)
    const item = named.get(productId)?.item
    return {
      held,
      line: {
        productId,
        name: pan?.name ?? first?.name ?? item?.name ?? '',
        kind: first?.kind ?? item?.kind ?? ('unknown' as const),
        lab: pan?.lab ?? first?.lab ?? item?.lab ?? null,
        measure: first?.measure ?? ('ml' as const),
        need,
        faces: whose,
      },
    }
  })
}

// What is thrown away does for what is washed.
const INSTEAD: Partial<Record<OwnedKind, OwnedKind>> = {
  spatula: 'disposable spatulas',
  sponge: 'disposable sponges',
  capes: 'towel',
  mat: 'towel',
}
const isOf = (t: Thing, { kind, shape }: Count) =>
  shape
    ? t.kind === 'brush' && t.shape === shape
    : (t.kind === kind || t.kind === INSTEAD[kind]) && (t.percent ?? 0) <= STRONGEST_DISINFECTING
function tooStrongIn(ready: readonly Thing[]): Together['tooStrong'] {
  const strong = ready.filter(
    t => t.kind === 'alcohol' && (t.percent ?? 0) > STRONGEST_DISINFECTING && t.measure === 'ml',
  )
  if (strong.length === 0) return null
  // Of several strengths the weakest is reckoned with: what is stronger goes further.
  return { percent: Math.min(...strong.map(t => t.percent!)), ml: sum(strong.map(t => t.size * t.level * t.count)) }
}

/** Pieces of a pack, tools of a set, millilitres of a bottle. */
const holdsOf = (t: Thing, { measure }: Count): number =>
  measure === 'ml' || (t.sort !== 'tool' && (t.measure === 'piece' || t.measure === 'pair'))
    ? Math.floor(t.size * t.level * t.count + 1e-9)
    : t.count

/**
 * The fewest mixes with which everybody whose base is mixed of the same bottles is matched; those that do for one face alone are not told.
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
