import spectra from './spectra.json'

/** Number of spectral samples: 380 nm to 730 nm in 10 nm steps. */
export const BANDS = 36

export const ILLUMINANTS = ['D65', 'A', 'stage3200', 'ledWarm'] as const
export type Illuminant = (typeof ILLUMINANTS)[number]

/**
 * Weights that turn a reflectance (36 samples, 0–1) into tristimulus values with Y = 1 for the perfect
 * diffuser, and that white point itself.
 */
export interface Observer {
  readonly x: Float64Array
  readonly y: Float64Array
  readonly z: Float64Array
  readonly white: { readonly X: number; readonly Y: number; readonly Z: number }
}

function observerUnder(power: readonly number[]): Observer {
  const norm = power.reduce((sum, p, i) => sum + p * spectra.cmf.y[i]!, 0)
  const weigh = (cmf: readonly number[]) => Float64Array.from(power, (p, i) => (p * cmf[i]!) / norm)
  const [x, y, z] = [weigh(spectra.cmf.x), weigh(spectra.cmf.y), weigh(spectra.cmf.z)]
  const sum = (w: Float64Array) => w.reduce((s, v) => s + v, 0)
  return { x, y, z, white: { X: sum(x), Y: sum(y), Z: sum(z) } }
}

const observers = Object.fromEntries(
  ILLUMINANTS.map(name => [name, observerUnder(spectra.illuminants[name])]),
) as Record<Illuminant, Observer>

/** The CIE 1931 2° observer under one of the built-in lights. */
export function observer(illuminant: Illuminant = 'D65'): Observer {
  return observers[illuminant]
}
