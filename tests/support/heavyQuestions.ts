/* Questions that take longer than anybody waits: for what happens to others meanwhile, and to deadlines. */

const bottle = { coverage: 'medium', family: 'silicone' }

/** A match over 500 bottles, which no machine tries to the end in the time there is. */
export const endlessMatch = (timeLimitMs: number) => ({
  timeLimitMs,
  target: { L: 55.3, a: 11.2, b: 18.7 },
  products: Array.from({ length: 500 }, (_, i) => ({
    id: `p${i}`,
    lab: { L: 30 + (i % 50), a: 8 + (i % 6), b: 12 + (i % 9) },
    ...bottle,
  })),
})

/** Thirty offers near one price under a budget of four of them. */
export const thirtyOffers = (timeLimitMs: number) => ({
  owned: [],
  population: 'everyone',
  budget: 120,
  timeLimitMs,
  offers: Array.from({ length: 30 }, (_, i) => ({
    id: `o${i}`,
    price: 28 + (i % 5),
    product: { id: `o${i}`, lab: { L: 74 - 1.5 * i, a: 6 + ((i * 7) % 9), b: 9 + ((i * 5) % 13) }, ...bottle },
  })),
})
