import { DROP_ML, FACE_ML } from '#core/stock/amount'
import { DEFAULT_OPTIONS } from '#core/complexion/recipe'
import { Between, OneOf, Text, Whole } from '../rules'

export const THEMES = ['day', 'wings'] as const
export type Theme = (typeof THEMES)[number]

/** How this artist works. */
export class Settings {
  @Between(0.5, 6, 'ΔE00') tolerance: number = DEFAULT_OPTIONS.tolerance
  @Whole(1, 4) maxProducts: number = DEFAULT_OPTIONS.maxProducts
  @Whole(1, 12) maxDrops: number = DEFAULT_OPTIONS.maxDrops
  @Between(0.005, 0.5, 'ml') dropMl: number = DROP_ML
  @Between(0.1, 5, 'ml') faceMlSheer: number = FACE_ML.sheer
  @Between(0.1, 5, 'ml') faceMlLight: number = FACE_ML.light
  @Between(0.1, 5, 'ml') faceMlMedium: number = FACE_ML.medium
  @Between(0.1, 5, 'ml') faceMlFull: number = FACE_ML.full
  @Whole(0, 100_000_000) budgetMinor: number = 14_000
  @Text(0, 3) currency: string = ''
  @OneOf(THEMES) theme: Theme = 'day'
}
