import { difference } from '../colour/difference'
import type { Pigment } from '../colour/kubelkaMunk'
import { chroma, type Lab } from '../colour/lab'
import { layered } from './worn'

/** A colour as it shows on what it lies on, with the direction in which it moves it. */
export interface Shown {
  lab: Lab
  /** Above 0 it lightens. */
  dL: number
  /** Above 0 it reddens. */
  da: number
  /** Above 0 it warms, below it cools. */
  db: number
  /** Below 0 it greys. */
  dC: number
  deltaE: number
}

/**
 * How a film shows on a ground: skin, lips, a lid.
 * @param thickness relative to a normal layer (1)
 */
export function shownOn(film: Pigment, ground: Lab, thickness: number): Shown {
  const lab = layered(ground, [{ film, thickness }])
  return {
    lab,
    dL: lab.L - ground.L,
    da: lab.a - ground.a,
    db: lab.b - ground.b,
    dC: chroma(lab) - chroma(ground),
    deltaE: difference(lab, ground),
  }
}
