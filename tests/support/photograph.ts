import { encodeSrgb, xyzToLinear } from '#core/colour/display'
import { reflectanceToXyz, type Lab } from '#core/colour/lab'
import { smoothestReflectance } from '#core/colour/spectrum'
import { observer, type Illuminant } from '#core/colour/tables'
import type { Area, Picture } from '#core/reading/photograph'
import type { seeded } from './random'

/** What is photographed, by which light, how badly. */
export interface Shot {
  illuminant: Illuminant
  /** How far the camera has taken the colour of the light for white, 0–1. */
  whitened: number
  /** Of a perfect white, of what the camera can hold. */
  exposure: number
  /** Relative, of a pixel of middle grey. */
  noise: number
  /** Less light in the corners. */
  vignette: number
  /** More light on one side. */
  slope: [number, number]
}

export const CARD: Area = { x: 40, y: 150, width: 120, height: 180 }
export const SWATCHES: readonly Area[] = [0, 1, 2, 3, 4, 5].map(i => ({
  x: 210 + (i % 3) * 135,
  y: 110 + Math.floor(i / 3) * 150,
  width: 95,
  height: 95,
}))
const [WIDTH, HEIGHT] = [640, 480]

/** A surface of about a colour that is no smoothest one: with what bumps its pigments have. */
export function bumpy(lab: Lab, random: ReturnType<typeof seeded>): Float64Array {
  const [width, phase, height] = [random.between(3, 9), random.between(0, 6), random.between(0, 0.12)]
  return smoothestReflectance(lab).map((r, i) =>
    Math.min(1, Math.max(0, r * (1 + height * Math.sin(i / width + phase)))),
  )
}

/** A photograph of surfaces beside a grey card of L* 50, as a camera takes it: known colours, a light, noise and falling light. */
export function photographOf(
  surfaces: readonly Float64Array[],
  shot: Shot,
  random: ReturnType<typeof seeded>,
): Picture {
  const light = observer(shot.illuminant)
  const { white } = observer()
  // What the camera takes for white lies between daylight and the light there is.
  const gains = [light.white.X / white.X, light.white.Y / white.Y, light.white.Z / white.Z].map(
    g => 1 / (1 + (g - 1) * shot.whitened),
  )
  const seen = (surface: Float64Array) => {
    const { X, Y, Z } = reflectanceToXyz(surface, light)
    return xyzToLinear({ X: X * gains[0]!, Y: Y * gains[1]!, Z: Z * gains[2]! })
  }
  const patches = [
    { area: CARD, rgb: seen(smoothestReflectance({ L: 50, a: 0, b: 0 })) },
    ...surfaces.map((surface, i) => ({ area: SWATCHES[i]!, rgb: seen(surface) })),
  ]
  const table = seen(smoothestReflectance({ L: 70, a: 1, b: 6 }))
  const half = Math.hypot(WIDTH, HEIGHT) / 2
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4)
  for (let y = 0; y < HEIGHT; y++)
    for (let x = 0; x < WIDTH; x++) {
      const patch = patches.find(
        ({ area: a }) => x >= a.x - 6 && x < a.x + a.width + 6 && y >= a.y - 6 && y < a.y + a.height + 6,
      )
      const [dx, dy] = [(x - WIDTH / 2) / half, (y - HEIGHT / 2) / half]
      const fall =
        Math.cos(Math.hypot(dx, dy) * Math.acos((1 - shot.vignette) ** 0.25)) ** 4
        * (1 + shot.slope[0] * dx + shot.slope[1] * dy)
      for (let c = 0; c < 3; c++) {
        const clean = (patch?.rgb ?? table)[c]! * shot.exposure * fall
        const grain = shot.noise * Math.sqrt(Math.max(0.002, clean) * 0.2) * random.normal()
        data[(y * WIDTH + x) * 4 + c] = Math.round(255 * encodeSrgb(Math.max(0, clean + grain)))
      }
      data[(y * WIDTH + x) * 4 + 3] = 255
    }
  return { width: WIDTH, height: HEIGHT, data }
}
