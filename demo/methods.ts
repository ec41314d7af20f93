import type { Settings } from '#shared/records/method/settings'

/** What the artist of the story has said of her money. */
export const DEMO_METHODS = {
  currency: 'EUR',
  budgetMinor: 14_000,
  hourMinor: 4000,
  kmMinor: 40,
  marginPercent: 15,
} as const satisfies Partial<Settings>
