import { difference } from '../../colour/difference'
import { chroma, fromLch, hue, reflectanceToLab, type Lab } from '../../colour/lab'
import { mixReflectance } from '../../colour/kubelkaMunk'
import { BANDS, observer } from '../../colour/tables'
import type { Pigments } from '../bottles/pigments'
import type { Drops } from './recipe'

/** What an artist says of a recipe on the skin. */
export const COMPLAINTS = ['too light', 'too deep', 'too pink', 'too yellow', 'too orange', 'ashy', 'green'] as const
export type Complaint = (typeof COMPLAINTS)[number]
/** How much of it: just to be seen, or plain at arm's length. */
export const DEGREES = ['a touch', 'clearly'] as const
export type Degree = (typeof DEGREES)[number]

// How far one touch should move the mix: about one step an eye sees as a change.
const STEP = 2
const STEPS: Record<Degree, number> = { 'a touch': 1.5, 'clearly': 4 }

/** The colour a recipe should move to when it is found wanting; by one step where nobody said how much. */
export function wantedAfter(lab: Lab, complaint: Complaint, degree?: Degree): Lab {
  const { L, a, b } = lab
  const step = degree ? STEPS[degree] : STEP
  switch (complaint) {
    case 'too light':
      return { L: L - step, a, b }
    case 'too deep':
      return { L: L + step, a, b }
    case 'too pink':
      return turned(lab, step)
    case 'too yellow':
      return turned(lab, -step)
    case 'too orange':
      return fromLch(L, Math.max(0, chroma(lab) - 1.6 * step), hue(lab))
    case 'ashy':
      return fromLch(L, chroma(lab) + 1.6 * step, hue(lab))
    case 'green':
      return { L, a: a + step, b }
  }
}

/** The colour moved along its own circle of hue by an arc in Lab units; positive is yellower. */
function turned(lab: Lab, arc: number): Lab {
  const C = Math.max(1, chroma(lab))
  return fromLch(lab.L, C, hue(lab) + ((arc / C) * 180) / Math.PI)
}

/** A recipe with one product more, or more of one it has. */
export interface Touch {
  /** What to add, and how many drops of it to `to` drops of the recipe as it was. */
  add: Drops
  to: number
  drops: Drops[]
  lab: Lab
}

// A touch goes into a mix of 6 to 24 drops: into fewer it would be no touch, and a face takes about 20.
const FEWEST_DROPS = 6
const MOST_DROPS = 24
const MOST_ADDED = 3
// A touch that leaves more than this share of the way to go is not worth a drop.
const WORTHWHILE = 0.95

/** Colour of whole drops of packed products. */
export function mixLab(pigments: Pigments, drops: readonly Drops[]): Lab {
  const index = (id: string) => {
    const i = pigments.products.findIndex(p => p.id === id)
    if (i < 0) throw new RangeError(`there is no product "${id}" to mix`)
    return i
  }
  return reflectanceToLab(
    mixReflectance(
      drops.map(({ id, count }) => {
        const i = index(id)
        return { share: count, pigment: { K: pigments.K.subarray(i * BANDS, (i + 1) * BANDS), S: pigments.S[i]! } }
      }),
    ),
    observer(),
  )
}

/** Every touch the kit allows on a recipe: one to three drops of anything that may go into it, to one or more batches. */
export function touches(pigments: Pigments, recipe: readonly Drops[]): Touch[] {
  const drops = recipe.reduce((s, d) => s + d.count, 0)
  const first = Math.ceil(FEWEST_DROPS / drops)
  const last = Math.max(first, Math.floor(MOST_DROPS / drops))
  const parts = recipe.map(d => pigments.products.findIndex(p => p.id === d.id))
  const found: Touch[] = []
  pigments.products.forEach((product, i) => {
    if (parts.some(p => p !== i && pigments.mixable[p * pigments.count + i] === 0)) return
    // One bottle alone stays the colour it is.
    if (recipe.length === 1 && recipe[0]!.id === product.id) return
    for (let batch = first; batch <= last; batch++) {
      const before = recipe.map(d => ({ ...d, count: d.count * batch }))
      for (let count = 1; count <= MOST_ADDED; count++) {
        const add = { id: product.id, count }
        const after = before.some(d => d.id === add.id)
          ? before.map(d => (d.id === add.id ? { ...d, count: d.count + count } : d))
          : [...before, add]
        found.push({ add, to: drops * batch, drops: after, lab: mixLab(pigments, after) })
      }
    }
  })
  return found
}

/** The touch that brings a recipe nearest to a colour; undefined when none in the kit does. */
export const touchTowards = (pigments: Pigments, recipe: readonly Drops[], wanted: Lab): Touch | undefined =>
  nearestTouch(touches(pigments, recipe), mixLab(pigments, recipe), wanted)

/**
 * The next touch to add after a complaint.
 * @returns undefined when nothing in the kit brings the mix nearer to it
 */
export function nextTouch(
  pigments: Pigments,
  recipe: readonly Drops[],
  complaint: Complaint,
  degree?: Degree,
): Touch | undefined {
  const now = mixLab(pigments, recipe)
  return nearestTouch(touches(pigments, recipe), now, wantedAfter(now, complaint, degree))
}

export const STEERINGS = ['warmer', 'cooler', 'lighter', 'deeper'] as const
export type Steering = (typeof STEERINGS)[number]

/** For each direction the touch that moves the mix that way for the least other change. */
export function steer(pigments: Pigments, recipe: readonly Drops[]): Partial<Record<Steering, Touch>> {
  const now = mixLab(pigments, recipe)
  const wanted: Record<Steering, Lab> = {
    warmer: turned(now, STEP),
    cooler: turned(now, -STEP),
    lighter: { ...now, L: now.L + STEP },
    deeper: { ...now, L: now.L - STEP },
  }
  const all = touches(pigments, recipe)
  return Object.fromEntries(
    STEERINGS.flatMap(way => {
      const touch = nearestTouch(all, now, wanted[way])
      return touch ? [[way, touch]] : []
    }),
  )
}

/**
 * Of all touches the one that lands nearest the colour wanted, if it lands nearer than the mix is now. Where lightness
 * is not what is wanted, missing it counts half: an artist puts that right with the bottles already in the recipe.
 */
function nearestTouch(all: readonly Touch[], now: Lab, wanted: Lab): Touch | undefined {
  const lightness = wanted.L === now.L ? 0.5 : 1
  const miss = (lab: Lab) => difference({ ...lab, L: wanted.L + lightness * (lab.L - wanted.L) }, wanted)
  let best: Touch | undefined
  let least = WORTHWHILE * miss(now)
  for (const touch of all) {
    const left = miss(touch.lab)
    if (left < least) {
      best = touch
      least = left
    }
  }
  return best
}
