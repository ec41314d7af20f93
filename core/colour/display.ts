import { labToXyz, type Lab } from './lab'

// D65 XYZ (Y = 1) to linear sRGB, IEC 61966-2-1.
const LINEAR = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
] as const

const encode = (u: number) => (u <= 0.0031308 ? 12.92 * u : 1.055 * u ** (1 / 2.4) - 0.055)

/** sRGB components 0–1 of a D65 colour, clipped to what a screen can show. */
export function labToSrgb(lab: Lab): [number, number, number] {
  const { X, Y, Z } = labToXyz(lab)
  const channel = (row: readonly [number, number, number]) => {
    const linear = row[0] * X + row[1] * Y + row[2] * Z
    return encode(Math.min(1, Math.max(0, linear)))
  }
  return [channel(LINEAR[0]), channel(LINEAR[1]), channel(LINEAR[2])]
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
