import { BANDS, ILLUMINANTS, type Illuminant } from '#core/colour/tables'
import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/bottles/product'
import { DEFAULT_OPTIONS } from '#core/complexion/mixing/recipe'
import * as is from '../checks/rules'
import { ListOf, Satisfies } from '../checks/rules'

/** A reflectance. */
const Samples = (): PropertyDecorator => (target, key) => {
  ListOf(BANDS)(target, key)
  Satisfies(
    'samples',
    v => Array.isArray(v) && v.length === BANDS && v.every(r => typeof r === 'number' && r >= 0 && r <= 1),
    `must be ${BANDS} numbers from 0 to 1: 380 to 730 nm in steps of 10`,
  )(target, key)
}

/** CIELAB, D65, 2° observer. */
export class LabDto {
  @is.Between(0, 100) L!: number
  @is.Between(-160, 160) a!: number
  @is.Between(-160, 160) b!: number
}

export class ProductDto {
  @is.Name(120) id!: string
  @is.One(() => LabDto) lab!: LabDto
  @is.OneOf(COVERAGES) coverage!: Coverage
  /** Hiding power; overrides what the coverage stands for. */
  @is.Maybe() @is.Between(0.05, 10) hide?: number
  @is.OneOf(FAMILIES) family!: Family
  @is.Maybe() @is.Text(0, 120) range?: string
  /** 36 samples, 380–730 nm; overrides `lab`. */
  @is.Maybe()
  @Samples()
  reflectance?: number[]

  @is.Maybe() @is.Between(0, 1e6) pricePerMl?: number
}

export class OptionsDto {
  @is.Whole(1, 4) maxProducts: number = DEFAULT_OPTIONS.maxProducts
  @is.Whole(1, 12) maxDrops: number = DEFAULT_OPTIONS.maxDrops
  @is.Between(0, 20, 'ΔE00') tolerance: number = DEFAULT_OPTIONS.tolerance
  @is.OneOf(ILLUMINANTS) illuminant: Illuminant = DEFAULT_OPTIONS.illuminant
}

export class DropsDto {
  @is.Name(120) id!: string
  @is.Whole(1, 48) count!: number
}
