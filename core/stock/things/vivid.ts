import type { Lab } from '../../colour/lab'
import type { OwnedKind } from './kinds'

/* What is loud: most people ask for neutrals, and count a colour by that. */

/** Chroma beyond which a colour is no neutral any more, by where it goes; what is not named has no loud colours. */
const LOUD: Partial<Record<OwnedKind, number>> = {
  'eye colour': 38,
  'liner': 38,
  'blush': 60,
  'highlighter': 50,
  'lip colour': 68,
}

export const isVivid = (kind: OwnedKind, { a, b }: Lab): boolean => Math.hypot(a, b) > (LOUD[kind] ?? Infinity)
