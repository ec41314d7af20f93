/** What a list of ingredients is looked through for. */
// prettier-ignore
export const FLAGS = [
  'mineral filter', 'silica-rich powder', 'fragrance', 'fragrance allergen', 'essential oil', 'latex', 'lanolin',
  'nut oil', 'seed oil', 'wheat or gluten', 'carmine', 'beeswax', 'nickel-bearing', 'drying alcohol',
  'comedogenic-prone oil',
] as const
export type IngredientFlag = (typeof FLAGS)[number]
