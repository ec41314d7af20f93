import type { Lab } from '#core/colour/lab'
import { skinAt, typicalSkin } from '#core/complexion/skins/skin'
import { COVERAGES, type ComplexionProduct, type Family } from '#core/complexion/bottles/product'
import type { seeded } from './random'

/** A medium neutral silicone shade on the locus. */
export const shade = (depth: number, more: Partial<ComplexionProduct> = {}): ComplexionProduct => ({
  id: `s${depth}`,
  lab: typicalSkin(depth, 'neutral'),
  coverage: 'medium',
  family: 'silicone',
  ...more,
})

const adjuster = (id: string, lab: Lab, hide: number): ComplexionProduct => ({
  id,
  lab,
  hide,
  coverage: 'medium',
  family: 'silicone',
})

export const ADJUSTERS: readonly ComplexionProduct[] = [
  adjuster('white', { L: 93, a: 0, b: 3 }, 1.5),
  adjuster('red', { L: 42, a: 38, b: 26 }, 1),
  adjuster('yellow', { L: 72, a: 8, b: 58 }, 1),
  adjuster('olive', { L: 50, a: -2, b: 28 }, 1),
  adjuster('blue', { L: 38, a: -4, b: -34 }, 1),
]

/** A random product near the skin colours. */
export function randomProduct(
  id: string,
  random: ReturnType<typeof seeded>,
  families: readonly Family[] = ['silicone'],
): ComplexionProduct {
  return {
    id,
    lab: skinAt(random.between(0.5, 12.5), random.between(-12, 14), random.between(0.8, 1.2)),
    coverage: random.pick(COVERAGES),
    family: random.pick(families),
    range: random.pick(['Quay', 'Lantern', undefined]),
    pricePerMl: random.between(0.5, 3),
  }
}
