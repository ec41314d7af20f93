/* What an artist owns, in words: kinds of things, where they are, and what they are there for. */

export const PRODUCT_SORTS = ['cosmetic', 'tool', 'supply', 'unknown'] as const
export type ProductSort = (typeof PRODUCT_SORTS)[number]

export const PLACE_SORTS = ['home', 'reserve', 'bag', 'case', 'pouch', 'table', 'set bag', 'lent'] as const
export type PlaceSort = (typeof PLACE_SORTS)[number]

export const UNIT_ROLES = ['workhorse', 'backup', 'on trial', 'use up', 'keepsake'] as const
export type UnitRole = (typeof UNIT_ROLES)[number]

export const MEASURES = ['ml', 'g', 'piece', 'pair'] as const
export type Measure = (typeof MEASURES)[number]
