import { ValidateIf } from 'class-validator'
import { ILLUMINANTS, type Illuminant } from '#core/colour/tables'
import * as is from '../checks/rules'
import { Distinct, Many, Satisfies } from '../checks/rules'
import { DropsDto, LabDto, OptionsDto, ProductDto } from './parts'

export const MOST_PRODUCTS = 500
export const MOST_SKINS = 5000
const MOST_LABS = 5000
const MOST_PAIRS = 20_000
const MOST_MS = 60_000

export class DifferenceRequest {
  /** Each pair is a list of two colours. */
  @is.Groups(() => LabDto, 2, MOST_PAIRS) pairs!: LabDto[][]
}

export class SpectrumRequest {
  @is.Many(() => LabDto, MOST_LABS) labs!: LabDto[]
}

export class MatchRequest {
  @is.One(() => LabDto) target!: LabDto
  @is.Many(() => ProductDto, MOST_PRODUCTS) @is.Distinct('id') products!: ProductDto[]
  @is.One(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @is.Whole(1, 100) limit: number = 5
  @is.Whole(1, MOST_MS) timeLimitMs: number = 10_000
}

export class SkinDto {
  @is.Name(120) id!: string
  @is.One(() => LabDto) lab!: LabDto
  @is.Maybe() @is.Between(0, 1e6) weight?: number
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
  @is.Many(() => ProductDto, MOST_PRODUCTS) @is.Distinct('id') products!: ProductDto[]
  @Population() population!: 'everyone' | SkinDto[]
  @is.One(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @is.Whole(1, MOST_MS) timeLimitMs: number = 20_000
}

export class OfferDto {
  @is.Name(120) id!: string
  @is.One(() => ProductDto) product!: ProductDto
  @is.Between(0, 1e9) price!: number
}

export class BuyRequest {
  @is.Many(() => ProductDto, MOST_PRODUCTS) @is.Distinct('id') owned!: ProductDto[]
  @is.Many(() => OfferDto, MOST_PRODUCTS)
  @is.Distinct('id')
  @is.Satisfies(
    'together',
    (v, owner) => !Array.isArray(v) || v.length + lengthOf((owner as BuyRequest).owned) <= MOST_PRODUCTS,
    `must hold at most ${MOST_PRODUCTS} together with the owned products`,
  )
  offers!: OfferDto[]

  @Population() population!: 'everyone' | SkinDto[]
  @is.Between(0, 1e9) budget!: number
  @is.Many(() => LabDto, 100) mustReach: LabDto[] = []
  @is.One(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @is.Whole(1, MOST_MS) timeLimitMs: number = 5000
}

const lengthOf = (v: unknown) => (Array.isArray(v) ? v.length : 0)

export class WornRequest {
  /** Bare skin where the film lies. */
  @is.One(() => LabDto) face!: LabDto
  /** What it has to agree with: jaw, neck or chest. */
  @is.One(() => LabDto) target!: LabDto
  @is.Many(() => DropsDto, 12, 1)
  @is.Distinct('id')
  @is.Satisfies(
    'dropsOfProducts',
    (drops, owner) => {
      const { products } = owner as WornRequest
      if (!Array.isArray(drops) || !Array.isArray(products)) return true
      return drops.every(d => products.some(p => p?.id === (d as DropsDto | null)?.id))
    },
    'must name only ids that are among the products',
  )
  drops!: DropsDto[]

  @is.Many(() => ProductDto, MOST_PRODUCTS) @is.Distinct('id') products!: ProductDto[]
  /** Relative to a normal layer. */
  @is.Between(0, 10) thickness: number = 1
  @is.OneOf(ILLUMINANTS) illuminant: Illuminant = 'D65'
}

export class IngredientsRequest {
  @is.Ingredients() inci!: string
}

const MOST_FINAL_ML = 100_000

/** Strengths by volume. */
export class DiluteRequest {
  @is.Between(0.001, 100, 'per cent') stockPercent!: number
  @is.Between(0.001, 100, 'per cent')
  @is.Satisfies(
    'noStrongerThanStock',
    (v, owner) => {
      const { stockPercent } = owner as DiluteRequest
      return typeof v !== 'number' || typeof stockPercent !== 'number' || v <= stockPercent
    },
    'must be no stronger than the stock: water only weakens it; take a stronger stock',
  )
  targetPercent!: number
  @is.Between(0.001, MOST_FINAL_ML, 'ml') finalMl!: number
}

/** A list as somebody keeps it: a thing a line. */
export class ListRequest {
  @is.Lines(2000, 300) lines!: string[]
}
