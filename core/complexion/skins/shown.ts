import { difference } from '../../colour/difference'
import type { Pigment } from '../../colour/kubelkaMunk'
import { filmOver } from '../../colour/film'
import { chroma, reflectanceToLab, type Lab } from '../../colour/lab'
import { knownReflectance } from '../../colour/spectrum'

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
 * @param under reflectance of the ground, where it is at hand
 */
export function shownOn(film: Pigment, ground: Lab, thickness: number, under = knownReflectance(ground)): Shown {
  const lab = reflectanceToLab(filmOver(film, under, thickness))
  return {
    lab,
    dL: lab.L - ground.L,
    da: lab.a - ground.a,
    db: lab.b - ground.b,
    dC: chroma(lab) - chroma(ground),
    deltaE: difference(lab, ground),
  }
}
