import { skinAt, skinPlace, TYPICAL_UNDERTONE, UNDERTONES } from '#core/complexion/skins/skin'
import type { Lab } from '#core/colour/lab'
import { spread, type Reading } from '#core/reading/reading'
import type { seeded } from './random'

/** A skin as they come: any depth, an undertone scattered about a typical one. */
export function someSkin(random: ReturnType<typeof seeded>): Lab {
  const typical = TYPICAL_UNDERTONE[random.pick(UNDERTONES)]
  return skinAt(
    random.between(1, 12),
    typical.hueDeviation + 3 * random.normal(),
    typical.chromaRatio + 0.05 * random.normal(),
  )
}

/**
 * How well a way of reading finds simulated skins: mean errors of depth and undertone (degrees), and the share of runs in
 * which twice the stated spread covers the truth, in lightness and in the a*, b* plane.
 */
export function readingQuality(runs: number, random: ReturnType<typeof seeded>, read: (truth: Lab) => Reading) {
  const quality = { depth: 0, undertone: 0, coversL: 0, coversHue: 0 }
  for (let run = 0; run < runs; run++) {
    const truth = someSkin(random)
    const { mean, covariance } = read(truth)
    const [found, real] = [skinPlace(mean), skinPlace(truth)]
    const sd = spread(covariance)
    quality.depth += Math.abs(found.depth - real.depth) / runs
    quality.undertone += Math.abs(found.hueDeviation - real.hueDeviation) / runs
    if (Math.abs(mean.L - truth.L) <= 2 * sd.L) quality.coversL += 1 / runs
    // 2.45 standard deviations hold 95 % of a plane.
    if (Math.hypot((mean.a - truth.a) / sd.a, (mean.b - truth.b) / sd.b) <= 2.45) quality.coversHue += 1 / runs
  }
  return quality
}
