/*
 * Whether the data can be used, and what needs a hand: asked by the health page, the Bench, and whatever serves data.
 */

export type DataState =
  | { usable: true }
  | {
      usable: false
      why: 'damaged' | 'newer'
      /** What happened, that nothing was harmed, and what to do. */
      sentence: string
    }

let state: DataState = { usable: true }
const troubles = new Map<string, string>()

export const dataState = (): DataState => state
export const setDataState = (now: DataState): void => {
  state = now
}

export type Trouble = 'room' | 'integrity' | 'backup' | 'erasure' | 'log' | 'held'

/** Says that something needs a hand, as a sentence, or that it no longer does. */
export function trouble(about: Trouble, sentence: string | null): void {
  if (sentence === null) troubles.delete(about)
  else troubles.set(about, sentence)
}

export const troublesNow = (): string[] => [...troubles.values()]
