import { COVERAGES, type Coverage } from '#core/complexion/bottles/product'
import { COMPLAINTS, DEGREES, type Complaint, type Degree } from '#core/complexion/mixing/touch'
import type { Seen } from '#core/reading/verdicts'
import type { Verdict } from '#core/complexion/mixing/recipe'
import { DropsDto, LabDto } from '../../compute/parts'
import { AGE_BANDS, HISTORY, SKIN_TYPES, type AgeBand, type HistoryWord, type SkinType } from '#core/asked/face'
import { SITES, type Site } from '#core/reading/sites'
import { FINISHES, type Finish } from '#core/product/item'
import { Consultation } from '../method/consultation'
import { BookingForFace, type FaceBooking } from '../days/jobs'
import type { OwnedProduct } from '../kit/kit'
import type { PlanLine } from './plans'
import * as is from '../../checks/rules'

export const READING_SOURCES = ['between bottles', 'eye test', 'simulated meter', 'file', 'typed', 'verdicts'] as const
export type ReadingSource = (typeof READING_SOURCES)[number]

export class FaceInput {
  @is.Name(80) name!: string
  @is.OneOf(AGE_BANDS) ageBand: AgeBand = 'adult'
  @is.OneOf(SKIN_TYPES) skinType: SkinType = 'normal'
  /** What the person wishes for. */
  @is.OneOf(COVERAGES) coverage: Coverage = 'medium'
  @is.OneOf(FINISHES) finish: Finish = 'natural'
  @is.Text(0, 300) wishes: string = ''
  @is.Text(0, 1000) notes: string = ''
  @is.MadeFrom() version?: number
}

/** A face with what is known of it from the start, kept as one. */
export class NewFaceInput extends FaceInput {
  @is.Maybe() @is.One(() => Consultation) consultation?: Consultation
  @is.Maybe() @is.One(() => BookingForFace) booking?: BookingForFace
}

/** What the person is and wishes for together with their answers. */
export class RecordInput {
  @is.One(() => FaceInput) face!: FaceInput
  @is.One(() => Consultation) consultation!: Consultation
}

export class ReadingInput {
  @is.OneOf(READING_SOURCES) source!: ReadingSource
  @is.Colour(() => LabDto) lab!: LabDto
  /** Upper triangle LL, La, Lb, aa, ab, bb. */
  @is.ListOf(6)
  @is.Satisfies(
    'covariance',
    v => Array.isArray(v) && v.length === 6 && v.every(n => typeof n === 'number' && Math.abs(n) <= 1e4),
    'must hold the 6 entries of a covariance, numbers up to 10000',
  )
  @is.Satisfies(
    'variances',
    v => !Array.isArray(v) || [0, 3, 5].every(i => v[i] >= 0),
    'must have variances of at least 0',
  )
  covariance!: number[]

  @is.Text(0, 500) note: string = ''
  @is.OneOf(SITES) site: Site = 'jaw'
  @is.YesNo() tanned: boolean = false
}

export interface FaceReading extends ReadingInput {
  id: string
  takenAt: string
}

export class SavedRecipeInput {
  @is.Many(() => DropsDto, 4, 1) @is.Distinct('id') drops!: DropsDto[]
  @is.Colour(() => LabDto) lab!: LabDto
  @is.Between(0, 100) deltaE!: number
  /** 0–1, given the spread of the reading. */
  @is.Between(0, 1) chance!: number
  @is.Text(0, 300) note: string = ''
}

export interface SavedRecipe extends SavedRecipeInput {
  id: string
  savedAt: string
  verdict: Verdict
  /** Names as they were when it was saved: a bottle may have left the kit since. */
  names: Record<string, string>
}

/** What the artist saw of a recipe on the skin. */
export class ComplaintInput implements Seen {
  @is.Many(() => DropsDto, 4, 1) @is.Distinct('id') drops!: DropsDto[]
  @is.OneOf([...COMPLAINTS, 'right']) seen!: Complaint | 'right'
  @is.Maybe()
  @is.OneOf(DEGREES)
  @is.Satisfies(
    'degree of a complaint',
    (v, owner) => v === null || (owner as ComplaintInput).seen !== 'right',
    'says how much is wrong: leave it out where it looks right',
  )
  degree?: Degree | null
}

export interface SeenVerdict extends ComplaintInput {
  id: string
  seenAt: string
}

export const PICTURE_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const
export type PictureType = (typeof PICTURE_TYPES)[number]

export interface PictureRecord {
  id: string
  note: string
  createdAt: string
}

/** What became of a product on this face. */
export class HistoryInput {
  @is.Id() productId!: string
  @is.OneOf(HISTORY) what!: HistoryWord
  @is.Text(0, 300) note: string = ''
}

export interface HistoryEntry extends HistoryInput {
  id: string
  at: string
}

export interface Face extends FaceInput {
  id: string
  version: number
  /** Soonest first, those without a day last. */
  bookings: FaceBooking[]
  consultation: Consultation
  history: HistoryEntry[]
  /** Newest first; the bytes are fetched one by one. */
  pictures: PictureRecord[]
  /** What they bring along. */
  own: OwnedProduct[]
  /** Newest first; their bodies are fetched one by one. */
  plans: PlanLine[]
  createdAt: string
  /** Newest first; the first is the one that counts. */
  readings: FaceReading[]
  recipes: SavedRecipe[]
  seen: SeenVerdict[]
}
