import { cheapestCover, isServed, servedBy, type Cover } from './cover'
import { partsOf, pointsOf, type AuditScene, type AuditThing, type NamedPoint } from './points'
import type { BrushShape, OwnedKind } from '../stock/things/kinds'
import type { Ability, Standard } from './standard'

/* What a kit can do of a standard, by how little it hangs, and the fewest things that would do as much. */

export const ABILITY_STATES = ['missing', 'thin', 'met', 'doubled'] as const
/** thin: one failure away from missing. doubled: what is left without the fewest that do it does it again. */
export type AbilityState = (typeof ABILITY_STATES)[number]

export interface AbilityFound {
  ability: Ability
  state: AbilityState
  /** Points served, of all. */
  served: number
  points: number
  /** Names of points that nothing serves. */
  lacking: string[]
  /** The fewest things that carry what it can do, by id. */
  carriedBy: string[]
  /** Others that carry some of it too. */
  also: string[]
  /** Ids of things that the ability cannot do without. */
  hangsOn: string[]
}

export interface Audit {
  standard: string
  abilities: AbilityFound[]
  /** The fewest things that do all the kit can do of it, by id. */
  fewest: { ids: string[]; proven: boolean; atLeast: number }
}

interface Worked {
  ability: Ability
  points: NamedPoint[]
}

// A share of points that is reached but for rounding.
const SAME = 1e-9
const countServed = (points: readonly NamedPoint[], has: (thing: number) => boolean): number =>
  points.reduce((sum, p) => sum + (isServed(p, has) ? 1 : 0), 0)
const isMet = ({ ability, points }: Worked, has: (thing: number) => boolean): boolean =>
  points.length > 0 && countServed(points, has) >= ability.share * points.length - SAME

const all = () => true
/** What is served today is to stay served. */
const servedNow = (points: readonly NamedPoint[]) => points.filter(p => isServed(p, all))
const onesOf = (things: readonly AuditThing[]) => things.map(() => 1)

/** Points of every ability of a standard; dear to make, and the same until the kit changes. */
export const workedOut = ({ abilities }: Standard, scene: AuditScene): Worked[] =>
  abilities
    // Where nobody declared anything there is nothing to do without.
    .filter(a => a.sort !== 'chain' || (a.declared ?? scene.declared).length > 0)
    .map(ability => ({ ability, points: pointsOf(ability, scene) }))

export function audit(standard: Standard, scene: AuditScene, worked = workedOut(standard, scene)): Audit {
  const { things, due } = scene
  const cost = onesOf(things)
  const idOf = (t: number) => things[t]!.id
  const fewest = cheapestCover(
    cost,
    worked.flatMap(w => servedNow(w.points)),
    due,
  )!
  return {
    standard: standard.id,
    abilities: worked.map(w => found(w, things, cheapestCover(cost, servedNow(w.points), due)!)),
    fewest: { ids: fewest.chosen.map(idOf), proven: fewest.optimal, atLeast: Math.ceil(fewest.bound - SAME) },
  }
}

function found(worked: Worked, things: readonly AuditThing[], { chosen }: Cover): AbilityFound {
  const { ability, points } = worked
  const idOf = (t: number) => things[t]!.id
  const least = new Set(chosen)
  const useful = new Set(points.flatMap(p => p.ways.flatMap(w => [...w.things])))
  const met = isMet(worked, all)
  // Two of one product do not fail together, but a product that is one thing does.
  // Where a spare is what is asked for, one of two may fail: that is what the other is there for.
  const isSpare = partsOf(ability).some(p => p.perFace === undefined && (p.count ?? 1) > 1)
  const hangsOn = met && !isSpare ? chosen.filter(t => !isMet(worked, other => other !== t)) : []
  const again = met && isMet(worked, t => !least.has(t))
  const state = !met ? 'missing' : hangsOn.length > 0 ? 'thin' : again ? 'doubled' : 'met'
  return {
    ability,
    state,
    served: countServed(points, all),
    points: points.length,
    lacking: points.filter(p => !isServed(p, all)).map(lackingOf),
    carriedBy: chosen.map(idOf),
    also: [...useful].filter(t => !least.has(t)).map(idOf),
    hangsOn: hangsOn.map(idOf),
  }
}

/** What a point lacks; of what is counted, how many there are of those needed. */
const lackingOf = (point: NamedPoint): string =>
  point.need > 1 ? `${point.name}: ${servedBy(point, all)} of ${point.need}` : point.name

/**
 * Ids of things that could go one at a time, with every ability still served.
 * @param stays things that are needed for something else, by index
 */
export function idleOf(
  worked: readonly Worked[],
  things: readonly AuditThing[],
  stays: ReadonlySet<number> = new Set(),
): string[] {
  const served = worked.flatMap(w => servedNow(w.points))
  const needed = new Set(stays)
  for (const point of served)
    for (const t of new Set(point.ways.flatMap(w => [...w.things])))
      if (!needed.has(t) && !isServed(point, other => other !== t)) needed.add(t)
  return things.filter((_, i) => !needed.has(i)).map(t => t.id)
}

export interface Lighter {
  /** Things that can stay at home and nothing is lost, the heaviest first, by id. */
  leave: string[]
  leaveG: number
  /** No choice that loses nothing leaves more at home than this. */
  mostG: number
  proven: boolean
  /** Whether so much can go as was asked for. */
  enough: boolean
}

/** What is of no use without the other: of each two kinds the first needs the second. */
const NEEDS: readonly (readonly [OwnedKind, OwnedKind])[] = [
  ['spray gun', 'compressor'],
  ['compressor', 'power'],
  ['light', 'stand'],
  ['light', 'power'],
]

/** Things that go or stay together, by index; a thing that needs nothing is alone. */
export function belongTogether(things: readonly Pick<AuditThing, 'kind'>[]): number[][] {
  const of = things.map((_, i) => [i])
  const indices = (kind: OwnedKind) => things.flatMap((t, i) => (t.kind === kind ? [i] : []))
  for (const [kind, needed] of NEEDS) {
    const others = indices(needed)
    // The first light stands on the first stand; what is over is a spare.
    for (const [n, i] of indices(kind).entries()) {
      const other = others[n]
      if (other === undefined || of[i] === of[other]) continue
      const both = [...of[i]!, ...of[other]!]
      for (const member of both) of[member] = both
    }
  }
  return [...new Set(of)]
}

/** So many of a kind that a day ahead takes. */
export interface TakenAhead {
  kind: OwnedKind
  shape: BrushShape | null
  need: number
}
/** What days ahead take, as far as it is there. */
const pointsAhead = (ahead: readonly TakenAhead[], things: readonly AuditThing[]): NamedPoint[] =>
  ahead.map(({ kind, shape, need }) => {
    const ways = things.flatMap((t, i) =>
      t.kind === kind && (shape === null || t.shape === shape) ? [{ things: [i], gives: t.count }] : [],
    )
    const there = ways.reduce((sum, w) => sum + w.gives, 0)
    return { name: shape ?? kind, need: Math.min(need, there), ways }
  })

/**
 * The most weight that can stay at home while everything the kit can do of the standards it can still do, and all days ahead can be done.
 * @param worked points of every standard that is to hold
 * @param wantedG so much is to go; of what can go no more than that is named, the heaviest first
 * @param stays things that stay in whatever they serve, by index
 * @param ahead what days ahead take in counts
 */
export function downsize(
  worked: readonly Worked[],
  { things, due }: Pick<AuditScene, 'things' | 'due'>,
  wantedG: number,
  stays: ReadonlySet<number> = new Set(),
  ahead: readonly TakenAhead[] = [],
): Lighter {
  // What belongs together is one thing here: it goes or stays as a whole.
  const together = belongTogether(things)
  const partOf = new Map(together.flatMap((of, at) => of.map(i => [i, at] as const)))
  const mass = together.map(of => of.reduce((sum, i) => sum + things[i]!.massG, 0))
  const kept = [...stays].map(t => ({ name: '', need: 1, ways: [{ things: [t], gives: 1 }] }))
  const asked = [...worked.flatMap(w => servedNow(w.points)), ...pointsAhead(ahead, things), ...kept].map(p => ({
    ...p,
    ways: p.ways.map(w => ({ ...w, things: [...new Set(w.things.map(i => partOf.get(i)!))] })),
  }))
  const lightest = cheapestCover(mass, asked, due)!
  const keep = new Set(lightest.chosen)
  const total = mass.reduce((sum, g) => sum + g, 0)
  const free = together
    .map((of, at) => ({ of, at }))
    .filter(({ at }) => !keep.has(at))
    .sort((x, y) => mass[y.at]! - mass[x.at]!)
  const leave: string[] = []
  let leaveG = 0
  for (const { of, at } of free) {
    if (leaveG >= wantedG) break
    leave.push(...of.map(i => things[i]!.id))
    leaveG += mass[at]!
  }
  const mostG = total - lightest.bound
  return { leave, leaveG, mostG, proven: lightest.optimal, enough: leaveG >= wantedG }
}
