import type { Lab } from '#core/colour/lab'

/*
 * A stand-in for a skin meter, shipped with the application and named as simulated wherever it shows. It drifts until
 * it is calibrated on its white tile and then reads with the noise a small contact meter has on skin.
 */

/** Standard deviations of one shot. */
export const SHOT_NOISE = { L: 0.6, a: 0.35, b: 0.5 }
export const CALIBRATION_MINUTES = 30

/** Standard normal from two uniform numbers, Box–Muller. */
const normal = (random: () => number) => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())

export function shoot(skin: Lab, random: () => number = Math.random): Lab {
  const axis = (mean: number, sd: number) => Math.round((mean + sd * normal(random)) * 100) / 100
  return {
    L: Math.min(100, Math.max(0, axis(skin.L, SHOT_NOISE.L))),
    a: axis(skin.a, SHOT_NOISE.a),
    b: axis(skin.b, SHOT_NOISE.b),
  }
}

/**
 * How strongly the simulated world has a bottle pull, from its name alone so that it stays the same: from 0.7 to 1.4 of what
 * its cover says. The meter sees mixes made of such bottles.
 */
export function strengthSeen(name: string): number {
  let hash = 2166136261
  for (const letter of name) hash = Math.imul(hash ^ letter.codePointAt(0)!, 16777619)
  return 2 ** (((hash >>> 0) % 1000) / 1000 - 0.5)
}

let calibratedAt: number | undefined

export function calibrate(at = Date.now()): string {
  calibratedAt = at
  return new Date(at + CALIBRATION_MINUTES * 60_000).toISOString()
}

/** Until when the calibration holds, or null when the tile is due. */
export function calibratedUntil(at = Date.now()): string | null {
  if (calibratedAt === undefined || at >= calibratedAt + CALIBRATION_MINUTES * 60_000) return null
  return new Date(calibratedAt + CALIBRATION_MINUTES * 60_000).toISOString()
}
