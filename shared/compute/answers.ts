import type { Failing } from '#core/complexion/fails'
import { VERDICTS, type Verdict } from '#core/complexion/mixing/recipe'
import { UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/bottles/product'
import { FLAGS, type IngredientFlag } from '#core/ingredients/flags'
import { FINISHES, RESISTANCES, TEXTURES, type Finish, type Resistance, type Texture } from '#core/product/item'
import { MEASURES, PRODUCT_SORTS, type Measure } from '#core/stock/things/things'
import type { ReadThing } from '#core/stock/list'
import { UNSAFE_PLACES, type UnsafePlace } from '#core/stock/list/unsafe'
import * as is from '../checks/rules'
import { LabDto } from './parts'

/*
 * What the compute API answers. Written as classes so that the published schemas and the tests that hold
 * real answers against them come from one place.
 */

const MANY = 1_000_000

/** What the server can say of itself: nothing that names a person or a path. */
export class HealthAnswer {
  /** `ok`; `limited` while something needs a hand but everything works; `unusable` when the data cannot be opened. */
  @is.OneOf(['ok', 'limited', 'unusable']) status!: 'ok' | 'limited' | 'unusable'
  @is.Text(1, 40) version!: string
  /** What is wrong, each as one sentence. */
  @is.ListOf(20) problems!: string[]
}

export class DifferenceAnswer {
  @is.ListOf(MANY) deltaE!: number[]
}

export class SpectrumAnswer {
  /** One list of 36 samples, 380–730 nm, per colour. */
  @is.ListOf(MANY) reflectance!: number[][]
}

class DropsAnswer {
  @is.Name(120) id!: string
  @is.Whole(1, 12) count!: number
}

export class RecipeAnswer {
  @is.Many(() => DropsAnswer, 4, 1) drops!: DropsAnswer[]
  /** Seen under the light asked for. */
  @is.One(() => LabDto) lab!: LabDto
  @is.Between(0, 1000) deltaE!: number
  @is.OneOf(VERDICTS) verdict!: Verdict
}

export class MatchAnswer {
  /** False when the time was over before every mix was tried. */
  @is.YesNo() complete!: boolean
  @is.Many(() => RecipeAnswer, MANY) recipes!: RecipeAnswer[]
}

class ShareAnswer {
  @is.Between(0, 1) within1!: number
  @is.Between(0, 1) within2!: number
  @is.Between(0, 1) within3!: number
  @is.Between(0, 1) withinTolerance!: number
}

class ReachedSkinAnswer {
  @is.Name(120) id!: string
  @is.Between(-30, 30) depth!: number
  @is.OneOf(UNDERTONES) undertone!: Undertone
  @is.One(() => LabDto) lab!: LabDto
  /** First by rank; null when there is nothing to mix. */
  @is.Maybe() @is.One(() => RecipeAnswer) best!: RecipeAnswer | null
  /** Of smallest deltaE. */
  @is.Maybe() @is.One(() => RecipeAnswer) nearest!: RecipeAnswer | null
  @is.ListOf(6) failsBy!: Failing[]
}

export class ReachAnswer {
  @is.One(() => ShareAnswer) share!: ShareAnswer
  @is.Many(() => ReachedSkinAnswer, MANY) skins!: ReachedSkinAnswer[]
  @is.ListOf(MANY) redundant!: string[]
}

class BeforeAfterAnswer {
  @is.Between(0, 1) before!: number
  @is.Between(0, 1) after!: number
}

class ProofAnswer {
  @is.YesNo() optimal!: boolean
  @is.Between(0, 1) upperBound!: number
}

class SpendPointAnswer {
  @is.Between(0, 1e12) spend!: number
  @is.Between(0, 1) reach!: number
  @is.ListOf(MANY) chosen!: string[]
  @is.YesNo() optimal!: boolean
}

export class BuyAnswerDto {
  @is.ListOf(MANY) chosen!: string[]
  @is.Between(0, 1e12) spend!: number
  @is.One(() => BeforeAfterAnswer) reach!: BeforeAfterAnswer
  @is.One(() => ProofAnswer) proof!: ProofAnswer
  @is.Many(() => SpendPointAnswer, MANY) curve!: SpendPointAnswer[]
  /** Indexes into `mustReach` that the choice does not reach. */
  @is.ListOf(MANY) unmet!: number[]
}

export class WornAnswer {
  @is.One(() => LabDto) masstone!: LabDto
  @is.One(() => LabDto) worn!: LabDto
  /** The mix in the bottle against the target. */
  @is.Between(0, 1000) deltaEBottle!: number
  /** The film on the face against the target. */
  @is.Between(0, 1000) deltaEWorn!: number
}

class FlagAnswer {
  @is.OneOf(FLAGS) flag!: IngredientFlag
  /** The ingredients that raised it. */
  @is.ListOf(MANY, 1) because!: string[]
}

export class IngredientsAnswer {
  @is.OneOf(FAMILIES) family!: Family
  /** International names in the order of the list. */
  @is.ListOf(MANY) ingredients!: string[]
  @is.ListOf(MANY) mayContain!: string[]
  @is.Many(() => FlagAnswer, MANY) flags!: FlagAnswer[]
}

export class DiluteAnswer {
  @is.Between(0, 100_000) stockMl!: number
  /** Distilled, filled up to the mark: alcohol and water shrink a little when they meet. */
  @is.Between(0, 100_000) waterMl!: number
}

class ReadThingAnswer {
  /** Its line, from 0. */
  @is.Whole(0, 2000) line!: number
  /** Which of the things of its line, from 0. */
  @is.Whole(0, 300) part!: number
  /** The heading it stands under. */
  @is.Maybe() @is.Text(1, 300) under!: string | null
  @is.Text(1, 200) name!: string
  @is.OneOf(PRODUCT_SORTS) sort!: ReadThing['sort']
  @is.Maybe() @is.Text(1, 60) kind!: string | null
  @is.Whole(1, 9999) count!: number
  @is.Maybe() @is.Between(0, 10_000_000) size!: number | null
  @is.Maybe() @is.OneOf(MEASURES) measure!: Measure | null
  @is.Maybe() @is.Between(0, 1) level!: number | null
  @is.Maybe() @is.OneOf(TEXTURES) texture!: Texture | null
  @is.Maybe() @is.OneOf(FAMILIES) family!: Family | null
  @is.Maybe() @is.OneOf(FINISHES) finish!: Finish | null
  @is.Maybe() @is.OneOf(COVERAGES) coverage!: Coverage | null
  @is.SomeOf(RESISTANCES) resists!: Resistance[]
  /** Sun protection factor. */
  @is.Maybe() @is.Whole(2, 100) spf!: number | null
  /** Its label in a range: "N20". */
  @is.Maybe() @is.Text(1, 20) shade!: string | null
  @is.Maybe() @is.Between(1, 12) depth!: number | null
  @is.Maybe() @is.OneOf(UNDERTONES) undertone!: Undertone | null
  /** A month (2026-03) or a day. */
  @is.Maybe() @is.Text(7, 10) openedOn!: string | null
  /** The last day that is printed on it, a month or a day. */
  @is.Maybe() @is.Text(7, 10) expiresOn!: string | null
  /** As it was written, in whatever currency. */
  @is.Maybe() @is.Between(0, 10_000_000) price!: number | null
  /** Of a brush. */
  @is.Maybe() @is.Text(1, 60) shape!: string | null
  /** Colours of a palette. */
  @is.Maybe() @is.Whole(2, 9999) pans!: number | null
  /** Places of a face it must be kept from, as far as its words say. */
  @is.SomeOf(UNSAFE_PLACES) unsafeFor!: UnsafePlace[]
  /** Words that were guessed or not understood. */
  @is.ListOf(20) doubtful!: string[]
}

class HeadingAnswer {
  @is.Whole(0, 2000) line!: number
  @is.Text(1, 300) text!: string
  /** The kind that everything under it has, where it names one. */
  @is.Maybe() @is.Text(1, 60) kind!: string | null
}

export class ListAnswer {
  /** In the order of the lines; a line gives one thing, several, or none. */
  @is.Many(() => ReadThingAnswer, 12_000) things!: ReadThingAnswer[]
  /** Headings, totals and remarks: lines that are no things. */
  @is.Many(() => HeadingAnswer, 2000) headings!: HeadingAnswer[]
}
