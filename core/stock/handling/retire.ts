import { isPast, type Thing, type ThingPan } from '../things/thing'

/* Why a thing goes out of use, and where it goes: what is open has been on somebody's skin, and is given to nobody. */

export const RETIRE_WHYS = [
  'past its day',
  'used up',
  'smells or has separated',
  'somebody reacted to it',
  'broken or lost',
  'never liked',
  'there is another like it',
  'given away, not opened',
  'kept as a keepsake',
] as const
export type RetireWhy = (typeof RETIRE_WHYS)[number]

type Retiring = Pick<Thing, 'sort' | 'openedOn' | 'level' | 'useBy'> & { pans: readonly ThingPan[] }

/** Whether it may be given to somebody: sealed, full and in its days; a tool is washed first. */
export const mayBeGiven = (t: Retiring, today: string): boolean =>
  t.sort === 'tool' || (t.openedOn === null && t.level === 1 && t.pans.every(p => p.level === 1) && !isPast(t, today))

/** The reasons that can be given for a thing, the likeliest first. */
export function whysFor(t: Retiring, today: string): RetireWhy[] {
  const first: RetireWhy[] = [
    ...(isPast(t, today) ? ['past its day' as const] : []),
    ...(t.level === 0 ? ['used up' as const] : []),
  ]
  const fits = (why: RetireWhy) =>
    (why !== 'past its day' || isPast(t, today))
    && (why !== 'given away, not opened' || mayBeGiven(t, today))
    && (t.sort !== 'tool' || !['used up', 'smells or has separated', 'somebody reacted to it'].includes(why))
  return [...new Set([...first, ...RETIRE_WHYS])].filter(fits)
}
