import type { OwnedKind } from '../stock/things/kinds'
import type { Thing } from '../stock/things/thing'

/* How things are carried: what breaks, what leaks, what burns, and what an aircraft's cabin does not take. */

export const HANDLINGS = ['fragile', 'upright', 'flammable', 'not in a cabin'] as const
export type Handling = (typeof HANDLINGS)[number]

const PRESSED: readonly OwnedKind[] = ['powder', 'eye colour', 'blush', 'bronzer', 'contour', 'highlighter']
const SHARP: readonly OwnedKind[] = ['scissors', 'razor', 'disposable blades', 'trimmer']
/** From here on the vapour of alcohol and water takes fire at the warmth of a room. */
const BURNS_PERCENT = 50
/** Usual for what is liquid or creamy in a cabin: so much a vessel, and so much in all. Airlines and airports have their own. */
export const CABIN_VESSEL_ML = 100
export const CABIN_ALL_ML = 1000

const isFluid = (t: Thing): boolean =>
  t.measure === 'ml' && t.dispenser !== 'pan' && t.dispenser !== 'pencil' && t.dispenser !== 'stick'

/** What to mind of a thing. @param cabin whether it travels in the cabin of an aircraft */
export function handlingOf(t: Thing, cabin: boolean): Handling[] {
  const isPressed = t.pans.length > 0 || (PRESSED.includes(t.kind) && t.dispenser === 'pan')
  const burns = t.dispenser === 'aerosol' || (t.percent ?? 0) >= BURNS_PERCENT
  const all: [Handling, boolean][] = [
    ['fragile', isPressed || t.kind === 'mirror' || t.kind === 'light'],
    ['upright', isFluid(t) && (t.dispenser === 'dropper' || t.dispenser === 'bottle' || t.dispenser === 'pump')],
    ['flammable', burns],
    ['not in a cabin', cabin && (SHARP.includes(t.kind) || burns || (isFluid(t) && t.size > CABIN_VESSEL_ML))],
  ]
  return all.flatMap(([handling, holds]) => (holds ? [handling] : []))
}

/** Millilitres of what counts as liquid in a cabin, by the size of the vessels. */
export const cabinMl = (things: readonly Thing[]): number =>
  things.reduce((all, t) => all + (isFluid(t) && t.size <= CABIN_VESSEL_ML ? t.size * t.count : 0), 0)
