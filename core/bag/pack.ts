import type { Highs } from 'highs'
import { OutOfTime } from '../due'
import { solve, type Program, type Row } from './mip'

/*
 * Which things go along, and into which bag: the choice that is worth most under room and weight. What must go goes with all it needs, or
 * it is said by how much it does not fit.
 */

export interface PackThing {
  id: string
  volumeMl: number
  massG: number
  worth: number
  must?: boolean | null
  /** Ids of things without which it does not go. */
  needs?: readonly string[] | null
  /** Bags it may go into; none named: any. */
  bag?: readonly string[] | null
}
export interface Bag {
  id: string
  volumeMl: number
  limitG: number
}
export interface PackQuestion {
  things: readonly PackThing[]
  bags: readonly Bag[]
  /** Of all bags together. */
  limitG?: number | null
}

export interface Packed {
  feasible: boolean
  placed: { id: string; bagId: string }[]
  /** In the order they were given. */
  left: string[]
  worth: number
  proof: { optimal: boolean; upperBound: number }
  /** Where it is not feasible: by how much what must go overflows, see the compute API. */
  missing?: { volumeMl: number; massG: number }
}

/** The questions with their names read: what may lie where, and what goes only with what. */
interface Read {
  things: readonly PackThing[]
  bags: readonly Bag[]
  limitG: number
  mayLie: number[][]
  needs: number[][]
  /** What must go, and all it needs. */
  must: ReadonlySet<number>
}

function read({ things, bags, limitG }: PackQuestion): Read {
  const at = new Map(things.map((t, i) => [t.id, i]))
  const needs = things.map(t => (t.needs ?? []).map(id => at.get(id)!))
  const must = new Set<number>()
  const take = (i: number) => {
    if (must.has(i)) return
    must.add(i)
    needs[i]!.forEach(take)
  }
  things.forEach((t, i) => {
    if (t.must) take(i)
  })
  const mayLie = things.map(t => bags.flatMap((b, k) => (!t.bag?.length || t.bag.includes(b.id) ? [k] : [])))
  return { things, bags, limitG: limitG ?? Infinity, mayLie, needs, must }
}

/**
 * @returns the choice that is worth most, with its proof
 * @throws OutOfTime where the time was over before anything was known
 */
export function pack(highs: Highs, question: PackQuestion, timeLimitMs: number): Packed {
  const all = read(question)
  const { things, bags, must } = all
  const begun = performance.now()
  const left = () => timeLimitMs - (performance.now() - begun)
  const quick = firstFit(all)
  if (quick.every((bag, i) => bag >= 0 || (things[i]!.worth === 0 && !must.has(i)))) return told(all, quick, Infinity)
  const fits = all.mayLie.map((some, i) =>
    some.filter(k => things[i]!.volumeMl <= bags[k]!.volumeMl && things[i]!.massG <= bags[k]!.limitG),
  )
  const columns = fits.flatMap((some, thing) => some.map(bag => ({ thing, bag })))
  if (columns.length === 0 && must.size === 0) return told(all, quick, 0)
  const program: Program = {
    worth: columns.map(c => things[c.thing]!.worth),
    most: columns.map(() => 1),
    whole: columns.map(() => true),
    rows: [...goingRows(all, columns), ...roomRows(all, columns)],
    sense: 'most',
  }
  const nobody = [...must].some(i => fits[i]!.length === 0)
  const start = [...must].every(i => quick[i]! >= 0) ? columns.map(c => (quick[c.thing] === c.bag ? 1 : 0)) : undefined
  const solved = nobody ? null : solve(highs, program, left(), start)
  if (solved?.values) {
    const lies = things.map(() => -1)
    columns.forEach((c, j) => {
      if (solved.values![j]! > 0.5) lies[c.thing] = c.bag
    })
    return told(all, lies, solved.optimal ? 0 : solved.bound)
  }
  if (solved && !solved.impossible) throw new OutOfTime()
  return {
    feasible: false,
    placed: [],
    left: things.map(t => t.id),
    worth: 0,
    proof: { optimal: true, upperBound: 0 },
    missing: missing(highs, all, left),
  }
}

/** What goes into one bag at most, and only with what it needs. */
function goingRows({ things, needs, must }: Read, columns: readonly { thing: number; bag: number }[]): Row[] {
  const of = things.map((): number[] => [])
  columns.forEach((c, j) => of[c.thing]!.push(j))
  const goes = (i: number, times: number) => of[i]!.map(j => [j, times] as const)
  return [
    ...things.map((_, i) => ({ least: must.has(i) ? 1 : 0, most: 1, terms: goes(i, 1) })),
    ...needs.flatMap((some, i) =>
      some
        .filter(n => n !== i && !must.has(n))
        .map(n => ({ least: -Infinity, most: 0, terms: [...goes(i, 1), ...goes(n, -1)] })),
    ),
  ]
}

function roomRows({ things, bags, limitG }: Read, columns: readonly { thing: number; bag: number }[]): Row[] {
  const sum = (of: (thing: PackThing) => number, bag: number | null) =>
    columns.flatMap((c, j) => (bag === null || c.bag === bag ? [[j, of(things[c.thing]!)] as const] : []))
  return [
    ...bags.flatMap((b, k) => [
      { least: -Infinity, most: b.volumeMl, terms: sum(t => t.volumeMl, k) },
      { least: -Infinity, most: b.limitG, terms: sum(t => t.massG, k) },
    ]),
    ...(limitG < Infinity ? [{ least: -Infinity, most: limitG, terms: sum(t => t.massG, null) }] : []),
  ]
}

/** The largest first, each where it fits, what must go before the rest; −1 for what does not. Often that is all there is to it. */
function firstFit({ things, bags, limitG, mayLie, needs, must }: Read): number[] {
  const lies = things.map(() => -1)
  const room = bags.map(b => b.volumeMl)
  const carries = bags.map(b => b.limitG)
  let carriesAll = limitG
  const size = (i: number) => things[i]!.volumeMl + things[i]!.massG
  const order = things.map((_, i) => i).sort((x, y) => Number(must.has(y)) - Number(must.has(x)) || size(y) - size(x))
  for (const i of order) {
    const { volumeMl, massG } = things[i]!
    const k = mayLie[i]!.find(b => volumeMl <= room[b]! && massG <= carries[b]!)
    if (k === undefined || massG > carriesAll) continue
    lies[i] = k
    room[k]! -= volumeMl
    carries[k]! -= massG
    carriesAll -= massG
  }
  // What lacks what it needs stays behind too.
  for (let again = true; again;) {
    again = false
    lies.forEach((bag, i) => {
      if (bag < 0 || needs[i]!.every(n => lies[n]! >= 0)) return
      lies[i] = -1
      again = true
    })
  }
  return lies
}

function told({ things, bags }: Read, lies: readonly number[], bound: number): Packed {
  const placed = things.flatMap((t, i) => (lies[i]! < 0 ? [] : [{ id: t.id, bagId: bags[lies[i]!]!.id }]))
  const worth = things.reduce((sum, t, i) => sum + (lies[i]! < 0 ? 0 : t.worth), 0)
  const most = things.reduce((sum, t) => sum + t.worth, 0)
  const upperBound = Math.max(worth, Math.min(bound, most))
  return {
    feasible: true,
    placed,
    left: things.flatMap((t, i) => (lies[i]! < 0 ? [t.id] : [])),
    worth,
    proof: { optimal: upperBound - worth <= 1e-6 * Math.max(1, worth), upperBound },
  }
}

/** By how much what must go does not fit: its room with weights aside, its weight with room aside, and where each alone would do both together. */
function missing(highs: Highs, all: Read, left: () => number): { volumeMl: number; massG: number } {
  const { things, bags, must, limitG } = all
  const mass = [...must].reduce((sum, i) => sum + things[i]!.massG, 0)
  const over = (of: (t: PackThing) => number, cap: (b: Bag) => number, kept: readonly Row[] = []) =>
    leastOver(highs, all, of, cap, kept, left())
  const volumeMl = over(
    t => t.volumeMl,
    b => b.volumeMl,
  )
  const massG = Math.max(
    0,
    mass - limitG,
    over(
      t => t.massG,
      b => b.limitG,
    ),
  )
  if (volumeMl > 0 || massG > 0) return { volumeMl, massG }
  const columns = columnsOf(all)
  const masses = bags.map((b, k) => ({
    least: -Infinity,
    most: b.limitG,
    terms: columns.flatMap((c, j) => (c.bag === k ? [[j, things[c.thing]!.massG] as const] : [])),
  }))
  return {
    volumeMl: over(
      t => t.volumeMl,
      b => b.volumeMl,
      masses,
    ),
    massG: 0,
  }
}

const columnsOf = ({ mayLie, must }: Read) => [...must].flatMap(thing => mayLie[thing]!.map(bag => ({ thing, bag })))

/** The least by which bags overflow together when all that must go is in them. */
function leastOver(
  highs: Highs,
  all: Read,
  of: (thing: PackThing) => number,
  cap: (bag: Bag) => number,
  kept: readonly Row[],
  timeLimitMs: number,
): number {
  const { things, bags, must } = all
  const sum = [...must].reduce((whole, i) => whole + of(things[i]!), 0)
  if (bags.length === 0) return sum
  const columns = columnsOf(all)
  const n = columns.length
  const program: Program = {
    worth: [...columns.map(() => 0), ...bags.map(() => 1)],
    most: [...columns.map(() => 1), ...bags.map(() => Infinity)],
    whole: [...columns.map(() => true), ...bags.map(() => false)],
    rows: [
      ...[...must].map(i => ({
        least: 1,
        most: 1,
        terms: columns.flatMap((c, j) => (c.thing === i ? [[j, 1] as const] : [])),
      })),
      ...bags.map((b, k) => ({
        least: -Infinity,
        most: cap(b),
        terms: [
          ...columns.flatMap((c, j) => (c.bag === k ? [[j, of(things[c.thing]!)] as const] : [])),
          [n + k, -1] as const,
        ],
      })),
      ...kept,
    ],
    sense: 'least',
  }
  const solved = solve(highs, program, timeLimitMs)
  if (!solved.optimal) throw new OutOfTime()
  return Math.round(Math.max(0, solved.worth) * 1e6) / 1e6
}
