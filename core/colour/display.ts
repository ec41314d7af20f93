import { labToXyz, type Lab, type Xyz } from './lab'

// D65 XYZ (Y = 1) to linear sRGB, IEC 61966-2-1.
const LINEAR = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
] as const

// The inverse of the above.
const FROM_LINEAR = [
  [0.4124564, 0.3575761, 0.1804375],
  [0.2126729, 0.7151522, 0.072175],
  [0.0193339, 0.119192, 0.9503041],
] as const

/** Linear light 0–1 of each of the 256 steps of an sRGB channel, IEC 61966-2-1. */
export const SRGB_LIGHT: Float64Array = Float64Array.from({ length: 256 }, (_, i) =>
  i / 255 <= 0.04045 ? i / 255 / 12.92 : ((i / 255 + 0.055) / 1.055) ** 2.4,
)

/** Tristimulus values of linear sRGB, Y = 1 for its white. */
export function linearToXyz(r: number, g: number, b: number): Xyz {
  const axis = (row: readonly [number, number, number]) => row[0] * r + row[1] * g + row[2] * b
  return { X: axis(FROM_LINEAR[0]), Y: axis(FROM_LINEAR[1]), Z: axis(FROM_LINEAR[2]) }
}
/** Linear sRGB of tristimulus values, not clipped. */
export function xyzToLinear({ X, Y, Z }: Xyz): [number, number, number] {
  const channel = (row: readonly [number, number, number]) => row[0] * X + row[1] * Y + row[2] * Z
  return [channel(LINEAR[0]), channel(LINEAR[1]), channel(LINEAR[2])]
}

export const encodeSrgb = (u: number) => (u <= 0.0031308 ? 12.92 * u : 1.055 * u ** (1 / 2.4) - 0.055)

/** sRGB components 0–1 of a D65 colour, clipped to what a screen can show. */
export function labToSrgb(lab: Lab): [number, number, number] {
  const shown = (linear: number) => encodeSrgb(Math.min(1, Math.max(0, linear)))
  const [r, g, b] = xyzToLinear(labToXyz(lab))
  return [shown(r), shown(g), shown(b)]
}

/** The colour as a CSS hex string. */
export function labToCss(lab: Lab): string {
  return (
    '#'
    + labToSrgb(lab)
      .map(c =>
        Math.round(c * 255)
          .toString(16)
          .padStart(2, '0'),
      )
      .join('')
  )
}

/** Black or white, whichever reads better on the colour (WCAG relative luminance is Y). */
export function inkOn(lab: Lab): '#000000' | '#ffffff' {
  const { Y } = labToXyz(lab)
  return 1.05 / (Y + 0.05) > (Y + 0.05) / 0.05 ? '#ffffff' : '#000000'
}
