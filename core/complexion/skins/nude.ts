import type { Lab } from '../../colour/lab'
import { nearestPossible } from '../../colour/possible'

/** A nude lip of a skin: redder than it and a little deeper, so that it is seen and is no colour of its own. */
export const nudeFor = (skin: Lab): Lab => nearestPossible({ L: skin.L - 5, a: skin.a + 8, b: skin.b - 1 })
