import type { OwnedKind } from '../stock/things/kinds'

/*
 * What there is where a job is, and what follows where it lacks something: what is brought instead, what need not come, what has to run by
 * itself, and how what is packed gets up the stairs.
 */

export interface Venue {
  /** Flights of stairs that everything is carried up, with no lift. */
  stairs: number
  power: boolean
  water: boolean
  /** A table that can be wiped. */
  table: boolean
}
export const USUAL_VENUE: Venue = { stairs: 0, power: true, water: true, table: true }

/** So many of a kind, for the day and of each face. */
export interface Brought {
  kind: OwnedKind
  day: number
  face: number
}
/** Hands and the palette before each face; a bottle for them besides the drinking water. */
const NO_WATER: readonly Brought[] = [
  { kind: 'wet wipes', day: 4, face: 3 },
  { kind: 'water', day: 1, face: 0 },
]
/** One works out of a belt, and a second cover lies where the case is opened. */
const NO_TABLE: readonly Brought[] = [
  { kind: 'belt', day: 1, face: 0 },
  { kind: 'mat', day: 1, face: 0 },
]
/** What a venue asks for besides what any day takes; starting values, ours. */
export function broughtTo({ water, table }: Venue): Brought[] {
  return [...(water ? [] : NO_WATER), ...(table ? [] : NO_TABLE)]
}
/** Whether a kind is of no use there. */
export const isIdleAt = ({ power }: Venue, kind: OwnedKind): boolean => kind === 'power' && !power

const RUNS_ON_POWER: readonly OwnedKind[] = ['compressor', 'light', 'trimmer']
/** Whether a kind is to be charged before, or left. */
export const needsPower = (kind: OwnedKind): boolean => RUNS_ON_POWER.includes(kind)

/** What one person carries up in one go; a starting value of ours, local rules for lifting go before it. */
export const AT_ONCE_G = 12_000
const FLIGHT_MIN = 1.5

export interface CarriedUp {
  flights: number
  massG: number
  /** How often one goes up. */
  goes: number
  /** Of going up and down again, altogether. */
  minutes: number
  /** What is too heavy for one go by itself, by its name, as it is packed. */
  tooHeavy: { name: string; massG: number }[]
}

/**
 * How what is packed gets up the stairs: cases whole, several in one go as long as they are not too heavy together.
 * @param cases each as it stands, with all that is in it
 * @returns null where there are no stairs
 */
export function carriedUp({ stairs }: Venue, cases: readonly { name: string; massG: number }[]): CarriedUp | null {
  const carried = cases.filter(c => c.massG > 0)
  if (stairs === 0 || carried.length === 0) return null
  const goes: number[] = []
  for (const { massG } of [...carried].sort((x, y) => y.massG - x.massG)) {
    const at = goes.findIndex(g => g + massG <= AT_ONCE_G)
    if (at < 0) goes.push(massG)
    else goes[at]! += massG
  }
  return {
    flights: stairs,
    massG: carried.reduce((sum, c) => sum + c.massG, 0),
    goes: goes.length,
    minutes: Math.ceil(goes.length * stairs * FLIGHT_MIN),
    tooHeavy: carried.filter(c => c.massG > AT_ONCE_G).map(({ name, massG }) => ({ name, massG })),
  }
}
