import type { Failing } from '#core/complexion/fails'
import { VERDICTS, type Verdict } from '#core/complexion/recipe'
import { UNDERTONES, type Undertone } from '#core/complexion/skin'
import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/product'
import { FLAGS, type IngredientFlag } from '#core/ingredients/flags'
import { FINISHES, type Finish } from '#core/product/item'
import { MEASURES, PRODUCT_SORTS, type Measure } from '#core/stock/things'
import type { ReadThing } from '#core/stock/list'
import { Between, ListOf, Many, Maybe, Name, One, OneOf, Text, Whole, YesNo } from '../checks/rules'
import { LabDto } from './parts'

/*
 * What the compute API answers. Written as classes so that the published schemas and the tests that hold
 * real answers against them come from one place.
 */

const MANY = 1_000_000

/** What the server can say of itself: nothing that names a person or a path. */
export class HealthAnswer {
  /** `ok`; `limited` while something needs a hand but everything works; `unusable` when the data cannot be opened. */
  @OneOf(['ok', 'limited', 'unusable']) status!: 'ok' | 'limited' | 'unusable'
  @Text(1, 40) version!: string
  /** What is wrong, each as one sentence. */
  @ListOf(20) problems!: string[]
}

export class DifferenceAnswer {
  @ListOf(MANY) deltaE!: number[]
}

export class SpectrumAnswer {
  /** One list of 36 samples, 380–730 nm, per colour. */
  @ListOf(MANY) reflectance!: number[][]
}

class DropsAnswer {
  @Name(120) id!: string
  @Whole(1, 12) count!: number
}

export class RecipeAnswer {
  @Many(() => DropsAnswer, 4, 1) drops!: DropsAnswer[]
  /** Seen under the light asked for. */
  @One(() => LabDto) lab!: LabDto
  @Between(0, 1000) deltaE!: number
  @OneOf(VERDICTS) verdict!: Verdict
}

export class MatchAnswer {
  /** False when the time was over before every mix was tried. */
  @YesNo() complete!: boolean
  @Many(() => RecipeAnswer, MANY) recipes!: RecipeAnswer[]
}

class ShareAnswer {
  @Between(0, 1) within1!: number
  @Between(0, 1) within2!: number
  @Between(0, 1) within3!: number
  @Between(0, 1) withinTolerance!: number
}

class ReachedSkinAnswer {
  @Name(120) id!: string
  @Between(-30, 30) depth!: number
  @OneOf(UNDERTONES) undertone!: Undertone
  @One(() => LabDto) lab!: LabDto
  /** First by rank; null when there is nothing to mix. */
  @Maybe() @One(() => RecipeAnswer) best!: RecipeAnswer | null
  /** Of smallest deltaE. */
  @Maybe() @One(() => RecipeAnswer) nearest!: RecipeAnswer | null
  @ListOf(6) failsBy!: Failing[]
}

export class ReachAnswer {
  @One(() => ShareAnswer) share!: ShareAnswer
  @Many(() => ReachedSkinAnswer, MANY) skins!: ReachedSkinAnswer[]
  @ListOf(MANY) redundant!: string[]
}

class BeforeAfterAnswer {
  @Between(0, 1) before!: number
  @Between(0, 1) after!: number
}

class ProofAnswer {
  @YesNo() optimal!: boolean
  @Between(0, 1) upperBound!: number
}

class SpendPointAnswer {
  @Between(0, 1e12) spend!: number
  @Between(0, 1) reach!: number
  @ListOf(MANY) chosen!: string[]
  @YesNo() optimal!: boolean
}

export class BuyAnswerDto {
  @ListOf(MANY) chosen!: string[]
  @Between(0, 1e12) spend!: number
  @One(() => BeforeAfterAnswer) reach!: BeforeAfterAnswer
  @One(() => ProofAnswer) proof!: ProofAnswer
  @Many(() => SpendPointAnswer, MANY) curve!: SpendPointAnswer[]
  /** Indexes into `mustReach` that the choice does not reach. */
  @ListOf(MANY) unmet!: number[]
}

export class WornAnswer {
  @One(() => LabDto) masstone!: LabDto
  @One(() => LabDto) worn!: LabDto
  /** The mix in the bottle against the target. */
  @Between(0, 1000) deltaEBottle!: number
  /** The film on the face against the target. */
  @Between(0, 1000) deltaEWorn!: number
}

class FlagAnswer {
  @OneOf(FLAGS) flag!: IngredientFlag
  /** The ingredients that raised it. */
  @ListOf(MANY, 1) because!: string[]
}

export class IngredientsAnswer {
  @OneOf(FAMILIES) family!: Family
  /** International names in the order of the list. */
  @ListOf(MANY) ingredients!: string[]
  @ListOf(MANY) mayContain!: string[]
  @Many(() => FlagAnswer, MANY) flags!: FlagAnswer[]
}

export class DiluteAnswer {
  @Between(0, 100_000) stockMl!: number
  /** Distilled, filled up to the mark: alcohol and water shrink a little when they meet. */
  @Between(0, 100_000) waterMl!: number
}

class ReadThingAnswer {
  /** Which of the lines it stands in, from 0. */
  @Whole(0, 2000) line!: number
  @Text(1, 200) name!: string
  @OneOf(PRODUCT_SORTS) sort!: ReadThing['sort']
  @Maybe() @Text(1, 60) kind!: string | null
  @Whole(1, 9999) count!: number
  @Maybe() @Between(0, 10_000_000) size!: number | null
  @Maybe() @OneOf(MEASURES) measure!: Measure | null
  @Maybe() @Between(0, 1) level!: number | null
  @Maybe() @OneOf(FAMILIES) family!: Family | null
  @Maybe() @OneOf(FINISHES) finish!: Finish | null
  @Maybe() @OneOf(COVERAGES) coverage!: Coverage | null
  @Maybe() @Between(1, 12) depth!: number | null
  @Maybe() @OneOf(UNDERTONES) undertone!: Undertone | null
  /** A month (2026-03) or a day. */
  @Maybe() @Text(7, 10) openedOn!: string | null
  /** Of a brush. */
  @Maybe() @Text(1, 60) shape!: string | null
  /** Colours of a palette. */
  @Maybe() @Whole(2, 9999) pans!: number | null
  /** Words that were guessed or not understood. */
  @ListOf(20) doubtful!: string[]
}

export class ListAnswer {
  @Many(() => ReadThingAnswer, 2000) things!: ReadThingAnswer[]
}
