import { Type } from 'class-transformer'
import { ArrayMaxSize, ArrayMinSize, IsArray, IsObject, ValidateIf, ValidateNested } from 'class-validator'
import { ILLUMINANTS, type Illuminant } from '#core/colour/tables'
import { Between, Distinct, ListOf, Maybe, Name, OneOf, Satisfies, Text, Whole } from '../rules'
import { DropsDto, LabDto, OptionsDto, ProductDto } from './parts'

export const MOST_PRODUCTS = 500
export const MOST_SKINS = 5000
const MOST_LABS = 5000
const MOST_PAIRS = 20_000

const AN_OBJECT = { message: 'must be an object with named fields' }

export class DifferenceRequest {
  /** Each pair is a list of two colours. */
  @ListOf(MOST_PAIRS)
  @Satisfies(
    'pairs',
    v => !Array.isArray(v) || v.every(p => Array.isArray(p) && p.length === 2),
    'must hold pairs: lists of exactly two colours',
  )
  @ValidateNested({ each: true })
  @Type(() => LabDto)
  pairs!: LabDto[][]
}

export class SpectrumRequest {
  @ListOf(MOST_LABS) @ValidateNested({ each: true }) @Type(() => LabDto) labs!: LabDto[]
}

export class MatchRequest {
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => LabDto) target!: LabDto
  @ListOf(MOST_PRODUCTS) @Distinct('id') @ValidateNested({ each: true }) @Type(() => ProductDto) products!: ProductDto[]
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @Whole(1, 100) limit: number = 5
}

export class SkinDto {
  @Name(120) id!: string
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => LabDto) lab!: LabDto
  @Maybe() @Between(0, 1e6) weight?: number
}

const EVERYONE_OR_SKINS = 'must be "everyone" or a list of skins, each with id and lab'

/** `everyone`, or skins of the caller's own. */
const Population = (): PropertyDecorator => (target, key) => {
  ValidateIf((owner: Record<string | symbol, unknown>) => owner[key] !== 'everyone')(target, key)
  IsArray({ message: EVERYONE_OR_SKINS })(target, key)
  ArrayMinSize(1, { message: 'must hold at least one skin' })(target, key)
  ArrayMaxSize(MOST_SKINS, { message: `must hold at most ${MOST_SKINS} skins` })(target, key)
  Satisfies(
    'populationWeight',
    v => !Array.isArray(v) || v.some(s => ((s as SkinDto | null)?.weight ?? 1) > 0),
    'must hold a skin with a weight above 0',
  )(target, key)
  Distinct('id')(target, key)
  ValidateNested({ each: true })(target, key)
  Type(() => SkinDto)(target, key)
}

export class ReachRequest {
  @ListOf(MOST_PRODUCTS) @Distinct('id') @ValidateNested({ each: true }) @Type(() => ProductDto) products!: ProductDto[]
  @Population() population!: 'everyone' | SkinDto[]
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => OptionsDto) options: OptionsDto = new OptionsDto()
}

export class OfferDto {
  @Name(120) id!: string
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => ProductDto) product!: ProductDto
  @Between(0, 1e9) price!: number
}

export class BuyRequest {
  @ListOf(MOST_PRODUCTS) @Distinct('id') @ValidateNested({ each: true }) @Type(() => ProductDto) owned!: ProductDto[]
  @ListOf(MOST_PRODUCTS)
  @Distinct('id')
  @Satisfies(
    'together',
    (v, owner) => !Array.isArray(v) || v.length + lengthOf((owner as BuyRequest).owned) <= MOST_PRODUCTS,
    `must hold at most ${MOST_PRODUCTS} together with the owned products`,
  )
  @ValidateNested({ each: true })
  @Type(() => OfferDto)
  offers!: OfferDto[]

  @Population() population!: 'everyone' | SkinDto[]
  @Between(0, 1e9) budget!: number
  @ListOf(100) @ValidateNested({ each: true }) @Type(() => LabDto) mustReach: LabDto[] = []
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => OptionsDto) options: OptionsDto = new OptionsDto()
  @Whole(1, 60_000) timeLimitMs: number = 5000
}

const lengthOf = (v: unknown) => (Array.isArray(v) ? v.length : 0)

export class WornRequest {
  /** Bare skin where the film lies. */
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => LabDto) face!: LabDto
  /** What it has to agree with: jaw, neck or chest. */
  @IsObject(AN_OBJECT) @ValidateNested() @Type(() => LabDto) target!: LabDto
  @ListOf(12, 1)
  @Distinct('id')
  @ValidateNested({ each: true })
  @Type(() => DropsDto)
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

  @ListOf(MOST_PRODUCTS) @Distinct('id') @ValidateNested({ each: true }) @Type(() => ProductDto) products!: ProductDto[]
  /** Relative to a normal layer. */
  @Between(0, 10) thickness: number = 1
  @OneOf(ILLUMINANTS) illuminant: Illuminant = 'D65'
}

export class IngredientsRequest {
  @Text(0, 20_000) inci!: string
}
