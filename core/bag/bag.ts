import type { Heft } from '../stock/things/heft'
import type { JobType } from '../asked/job'
import type { OwnedKind } from '../stock/things/kinds'
import type { ListLine } from '../stock/handling/standingList'
import { isReady, type Thing } from '../stock/things/thing'
import { sum, type Need } from './needs'

/*
 * The bag of a job: the core kit with changes. What the plans and the day take goes first, then a spare of what stops the job where it
 * fails, then as much of the core as the artist wants to carry.
 */

export const CARRYING = ['lean', 'ready for nearly anyone', 'everything'] as const
/** Only what is needed · the core kit with it · whatever there is in cases and in reserve. */
export type Carrying = (typeof CARRYING)[number]

/** One known face takes a tiny bag; where many are done, a walk-up may want anything. */
export const usualCarrying = (type: JobType): Carrying =>
  type === 'personal' || type === 'lesson' ? 'lean' : 'ready for nearly anyone'

/** Why a thing goes: somebody's plan takes it, the day does, it is a second one, it is core, or it is there. */
export type Reason = 'plans' | 'day' | 'spare' | 'core' | 'everything'

export interface BagQuestion {
  needs: readonly Need[]
  things: readonly Thing[]
  /** Whether a thing is in a place that goes to a job. */
  isAlong: (thing: Thing) => boolean
  /** Whether a thing is in a place that goes only when everything goes. */
  isReserve: (thing: Thing) => boolean
  /** The kit that stays packed. */
  core: readonly ListLine[]
  carrying: Carrying
  /** Things that stay at home whatever speaks for them. */
  leave: ReadonlySet<string>
  /** ISO date. */
  today: string
}

/** Something that goes: of a set of tools so many, of anything else the whole. */
export interface Going extends Heft {
  of: Thing
  count: number
  why: Reason
}
export interface TakenOut extends Heft {
  of: Thing
  count: number
  why: 'not asked for' | 'past its day' | 'empty' | 'stays at home'
}
export interface Lacking {
  need: Need
  short: number
  /** Who goes without, in the order of the day. */
  faces: string[]
}
export interface Bag {
  /** In no order. */
  going: Going[]
  takeOut: TakenOut[]
  lacking: Lacking[]
  /** Kinds with a single thing: if it fails, the job stops. */
  single: OwnedKind[]
}

/** Where the one there is fails, the job stops. */
export const STOPS: readonly OwnedKind[] = ['lash glue', 'liner', 'mascara', 'remover']
const SAME = 1e-6

/** Along before at home, open before unopened, the emptier first: what is begun is used up. */
const asTaken = (isAlong: BagQuestion['isAlong']) => (x: Thing, y: Thing) =>
  Number(isAlong(y)) - Number(isAlong(x))
  || Number(x.openedOn === null) - Number(y.openedOn === null)
  || x.level - y.level
  || (x.id < y.id ? -1 : 1)

/** What goes into the bag, what comes out of it, and what nobody has. */
export function bagFor({ needs, things, isAlong, isReserve, core, carrying, leave, today }: BagQuestion): Bag {
  const free = things.filter(t => isReady(t, today) && !leave.has(t.id))
  const order = asTaken(isAlong)
  const picked = new Map<string, Going>()
  /** Packs so many more of a thing. */
  const pick = (of: Thing, wanted: number, why: Reason) => {
    const before = picked.get(of.id)
    const count = of.sort === 'tool' ? Math.min(of.count, Math.max(before?.count ?? 0, wanted)) : of.count
    picked.set(of.id, { of, count, why: before?.why ?? why, ...shareOf(of, count) })
  }
  for (const need of needs) {
    let open = need.need
    for (const { of, holds } of inOrderOf(need, order, leave)) {
      if (open <= SAME) break
      pick(of, of.sort === 'tool' ? Math.ceil(open - SAME) : of.count, need.each.length > 0 ? 'plans' : 'day')
      open -= holds
    }
  }
  const single: OwnedKind[] = []
  for (const kind of STOPS) {
    const going = [...picked.values()].filter(g => g.of.kind === kind)
    if (going.length !== 1 || going[0]!.count > 1) continue
    const second = free.filter(t => t.kind === kind && !picked.has(t.id)).sort(order)[0]
    if (second) pick(second, 1, 'spare')
    else single.push(kind)
  }
  if (carrying !== 'lean') takeCore(core, free, order, pick)
  if (carrying === 'everything')
    for (const t of free) if (isAlong(t) || isReserve(t)) pick(t, t.count, picked.has(t.id) ? 'plans' : 'everything')
  const going = [...picked.values()]
  return { going, takeOut: takenOut(things, picked, isAlong, leave, today), lacking: lackingOf(going, needs), single }
}

/** What is meant before what does for it. */
const inOrderOf = ({ held, kind, name }: Need, order: (x: Thing, y: Thing) => number, leave: ReadonlySet<string>) =>
  held
    .filter(h => !leave.has(h.of.id) && h.holds > 0)
    .sort((x, y) => meant(y.of, kind, name) - meant(x.of, kind, name) || order(x.of, y.of))
const meant = (t: Thing, kind: OwnedKind, name: string) =>
  Number(t.kind === kind) + Number(t.name.toLowerCase().includes(name.toLowerCase()))

function takeCore(
  core: readonly ListLine[],
  free: readonly Thing[],
  order: (x: Thing, y: Thing) => number,
  pick: (of: Thing, wanted: number, why: Reason) => void,
): void {
  const byProduct = new Map<string, Thing[]>()
  for (const t of free) byProduct.set(t.productId, [...(byProduct.get(t.productId) ?? []), t])
  for (const { productId, count } of core) {
    let open = count
    for (const t of (byProduct.get(productId) ?? []).sort(order)) {
      if (open <= 0) break
      pick(t, open, 'core')
      open -= t.count
    }
  }
}

function takenOut(
  things: readonly Thing[],
  picked: ReadonlyMap<string, Going>,
  isAlong: BagQuestion['isAlong'],
  leave: ReadonlySet<string>,
  today: string,
): TakenOut[] {
  return things.flatMap((of): TakenOut[] => {
    if (of.retiredAt !== null || !isAlong(of)) return []
    const stays = of.count - (picked.get(of.id)?.count ?? 0)
    if (stays <= 0) return []
    const isEmpty = of.sort !== 'tool' && of.level <= 0
    const why = leave.has(of.id)
      ? 'stays at home'
      : isReady(of, today)
        ? 'not asked for'
        : isEmpty
          ? 'empty'
          : 'past its day'
    return [{ of, count: stays, why, ...shareOf(of, stays) }]
  })
}

const shareOf = ({ massG, roomMl, count }: Thing, some: number): Heft => ({
  massG: (massG * some) / count,
  roomMl: (roomMl * some) / count,
})

/** What of a need is held by what goes. */
export function heldBy(going: readonly Pick<Going, 'of' | 'count'>[], need: Need): number {
  const counts = new Map(going.map(g => [g.of.id, g.count]))
  return sum(
    need.held.map(({ of, holds }) => {
      const count = counts.get(of.id) ?? 0
      return of.sort === 'tool' ? Math.min(holds, count) : count > 0 ? holds : 0
    }),
  )
}

/** Whoever goes without where so much of something is there, in the order of the day; all who share it where it is too little. */
export function withoutIt({ need, each }: Need, there: number): string[] {
  if (there + SAME >= need) return []
  let left = there
  const without: string[] = []
  for (const { faceId, amount } of each) {
    if (amount === 0 || amount > left + SAME) without.push(faceId)
    else left -= amount
  }
  return without
}

function lackingOf(going: readonly Going[], needs: readonly Need[]): Lacking[] {
  return needs.flatMap(need => {
    const there = heldBy(going, need)
    return there + SAME >= need.need ? [] : [{ need, short: need.need - there, faces: withoutIt(need, there) }]
  })
}

/** What breaks where one thing stays at home: what there is too little of then, and who goes without. */
export interface Breaks {
  needs: { key: string; name: string; faces: string[]; forTheDay: boolean }[]
  /** The kind that has no second thing. */
  spare: OwnedKind | null
}

/** Exactly what breaks when one packed thing stays at home; what was short before counts only where more faces go without. */
export function breaksWithout(going: readonly Going[], needs: readonly Need[], unitId: string): Breaks {
  const rest = going.filter(g => g.of.id !== unitId)
  const gone = going.find(g => g.of.id === unitId)
  const broken = needs.flatMap(need => {
    if (!need.held.some(h => h.of.id === unitId)) return []
    const [before, after] = [heldBy(going, need), heldBy(rest, need)]
    if (after + SAME >= need.need || after === before) return []
    const already = new Set(withoutIt(need, before))
    const faces = withoutIt(need, after).filter(id => !already.has(id))
    const forTheDay = need.each.length === 0
    return faces.length > 0 || forTheDay ? [{ key: need.key, name: need.name, faces, forTheDay }] : []
  })
  const kind = gone && STOPS.includes(gone.of.kind) ? gone.of.kind : null
  const isLast = kind !== null && rest.filter(g => g.of.kind === kind).length === 1
  return { needs: broken, spare: isLast ? kind : null }
}
