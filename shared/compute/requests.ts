import { ValidateIf } from 'class-validator'
import { ILLUMINANTS, type Illuminant } from '#core/colour/tables'
import {
  Between,
  Distinct,
  Groups,
  Ingredients,
  Lines,
  Many,
  Maybe,
  Name,
  One,
  OneOf,
  Satisfies,
  Whole,
} from '../checks/rules'
import { DropsDto, LabDto, OptionsDto, ProductDto } from './parts'

export const MOST_PRODUCTS = 500
export const MOST_SKINS = 5000
const MOST_LABS = 5000
const MOST_PAIRS = 20_000
const MOST_MS = 60_000

export class DifferenceRequest {
  /** Each pair is a list of two colours. */
  @Groups(() => LabDto, 2, MOST_PAIRS) pairs!: LabDto[][]
}

export class SpectrumRequest {
  @Many(() => LabDto, MOST_LABS) labs!: LabDto[]
}

export class MatchRequest {
  @One(() => LabDto) target!: LabDto
  @Many(() => ProductDto, MOST_PRODUCTS) @Distinct('id') products!: ProductDto[]
  @One(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @Whole(1, 100) limit: number = 5
  @Whole(1, MOST_MS) timeLimitMs: number = 10_000
}

export class SkinDto {
  @Name(120) id!: string
  @One(() => LabDto) lab!: LabDto
  @Maybe() @Between(0, 1e6) weight?: number
}

const EVERYONE_OR_SKINS = 'must be "everyone" or a list of skins, each with id and lab'

/** `everyone`, or skins of the caller's own. */
const Population = (): PropertyDecorator => (target, key) => {
  ValidateIf((owner: Record<string | symbol, unknown>) => owner[key] !== 'everyone')(target, key)
  Satisfies('population', v => Array.isArray(v), EVERYONE_OR_SKINS)(target, key)
  Many(() => SkinDto, MOST_SKINS, 1)(target, key)
  Satisfies(
    'populationWeight',
    v => !Array.isArray(v) || v.length === 0 || v.some(s => ((s as SkinDto | null)?.weight ?? 1) > 0),
    'must hold a skin with a weight above 0',
  )(target, key)
  Distinct('id')(target, key)
}

export class ReachRequest {
  @Many(() => ProductDto, MOST_PRODUCTS) @Distinct('id') products!: ProductDto[]
  @Population() population!: 'everyone' | SkinDto[]
  @One(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @Whole(1, MOST_MS) timeLimitMs: number = 20_000
}

export class OfferDto {
  @Name(120) id!: string
  @One(() => ProductDto) product!: ProductDto
  @Between(0, 1e9) price!: number
}

export class BuyRequest {
  @Many(() => ProductDto, MOST_PRODUCTS) @Distinct('id') owned!: ProductDto[]
  @Many(() => OfferDto, MOST_PRODUCTS)
  @Distinct('id')
  @Satisfies(
    'together',
    (v, owner) => !Array.isArray(v) || v.length + lengthOf((owner as BuyRequest).owned) <= MOST_PRODUCTS,
    `must hold at most ${MOST_PRODUCTS} together with the owned products`,
  )
  offers!: OfferDto[]

  @Population() population!: 'everyone' | SkinDto[]
  @Between(0, 1e9) budget!: number
  @Many(() => LabDto, 100) mustReach: LabDto[] = []
  @One(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @Whole(1, MOST_MS) timeLimitMs: number = 5000
}

const lengthOf = (v: unknown) => (Array.isArray(v) ? v.length : 0)

export class WornRequest {
  /** Bare skin where the film lies. */
  @One(() => LabDto) face!: LabDto
  /** What it has to agree with: jaw, neck or chest. */
  @One(() => LabDto) target!: LabDto
  @Many(() => DropsDto, 12, 1)
  @Distinct('id')
  @Satisfies(
    'dropsOfProducts',
    (drops, owner) => {
      const { products } = owner as WornRequest
      if (!Array.isArray(drops) || !Array.isArray(products)) return true
      return drops.every(d => products.some(p => p?.id === (d as DropsDto | null)?.id))
    },
    'must name only ids that are among the products',
  )
  drops!: DropsDto[]

  @Many(() => ProductDto, MOST_PRODUCTS) @Distinct('id') products!: ProductDto[]
  /** Relative to a normal layer. */
  @Between(0, 10) thickness: number = 1
  @OneOf(ILLUMINANTS) illuminant: Illuminant = 'D65'
}

export class IngredientsRequest {
  @Ingredients() inci!: string
}

const MOST_FINAL_ML = 100_000

/** Strengths by volume. */
export class DiluteRequest {
  @Between(0.001, 100, 'per cent') stockPercent!: number
  @Between(0.001, 100, 'per cent')
  @Satisfies(
    'noStrongerThanStock',
    (v, owner) => {
      const { stockPercent } = owner as DiluteRequest
      return typeof v !== 'number' || typeof stockPercent !== 'number' || v <= stockPercent
    },
    'must be no stronger than the stock: water only weakens it; take a stronger stock',
  )
  targetPercent!: number
  @Between(0.001, MOST_FINAL_ML, 'ml') finalMl!: number
}

/** A list as somebody keeps it: a thing a line. */
export class ListRequest {
  @Lines(2000, 300) lines!: string[]
}
