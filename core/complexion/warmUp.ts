import { match } from './match'
import type { ComplexionProduct } from './product'
import type { Recipe } from './recipe'
import { skinAt } from './skin'

const BOTTLES = 12
const SEARCHES = 8

/** Bottles nobody has, from light to deep. */
const invented = (): ComplexionProduct[] =>
  Array.from({ length: BOTTLES }, (_, i) => ({
    id: String(i),
    lab: skinAt(1 + (10 * i) / BOTTLES, 5 * (i % 5) - 10, 0.9 + 0.1 * (i % 3)),
    coverage: 'medium',
    family: 'silicone',
  }))

/**
 * Small searches whose answers nobody wants, one at a time: run before the first question, they leave the search compiled, which is
 * otherwise half of the first answer's time.
 */
export function* warmUp(): Generator<Recipe[]> {
  const bottles = invented()
  for (let i = 0; i < SEARCHES; i++) {
    yield match(skinAt(3 + 2 * (i % 4), 12, 0.8), bottles)
  }
}
