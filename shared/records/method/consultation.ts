import { ILLUMINANTS, type Illuminant } from '#core/colour/tables'
import { SKIN_TYPES, ZONES, ZONE_STATES, type SkinType, type Zone, type ZoneState } from '#core/asked/face'
import { JOB_TYPES, USUAL, type JobFacts, type JobType } from '#core/asked/job'
import {
  BROW_WISHES,
  BROWS,
  CHART_AREAS,
  CHEEKS,
  EYE_SHAPES,
  EYE_SIZES,
  EYE_STRENGTHS,
  EYES,
  GLOWS,
  LINERS,
  LIP_FINISHES,
  LIP_STRENGTHS,
  LIPS,
  SHIMMERS,
  TEMPERATURES,
  UNSAID,
  type BrowDensity,
  type ChartArea,
  type EyeShape,
  type EyeSize,
  type LookBrief,
  type Shimmer,
} from '#core/asked/brief'
import { PROGRAMMES, type Programme } from '#core/asked/programme'
import { SITES, USUAL_SITES, type Site, type SiteWeights } from '#core/reading/sites'
import { LabDto } from '../../compute/parts'
import * as is from '../../checks/rules'

/** What is seen on one part of the face. */
export class ZoneInput {
  @is.OneOf(ZONES) zone!: Zone
  @is.Maybe() @is.OneOf(SKIN_TYPES) type?: SkinType | null
  @is.SomeOf(ZONE_STATES) states: ZoneState[] = []
}

/** What the day asks of the make-up, where it differs from the booking. */
export class OccasionDiffers implements Partial<JobFacts> {
  @is.Maybe() @is.OneOf(JOB_TYPES) type?: JobType
  @is.Maybe() @is.YesNo() flash?: boolean
  @is.Maybe() @is.YesNo() highDefinition?: boolean
  @is.Maybe() @is.YesNo() heat?: boolean
  @is.Maybe() @is.YesNo() humidity?: boolean
  @is.Maybe() @is.Between(0.5, 48, 'h') hours?: number
  @is.Maybe() @is.YesNo() tears?: boolean
  @is.Maybe() @is.YesNo() costumeChanges?: boolean
  @is.Maybe() @is.YesNo() outdoors?: boolean
  @is.Maybe() @is.Whole(0, 4) limbs?: number
  @is.Maybe() @is.OneOf(ILLUMINANTS) light?: Illuminant
}

/** What the day asks of the make-up. */
export class OccasionInput implements JobFacts {
  @is.OneOf(JOB_TYPES) type: JobType = 'personal'
  @is.YesNo() flash: boolean = USUAL.personal.flash
  @is.YesNo() highDefinition: boolean = USUAL.personal.highDefinition
  @is.YesNo() heat: boolean = USUAL.personal.heat
  @is.YesNo() humidity: boolean = USUAL.personal.humidity
  @is.Between(0.5, 48, 'h') hours: number = USUAL.personal.hours
  @is.YesNo() tears: boolean = USUAL.personal.tears
  @is.YesNo() costumeChanges: boolean = USUAL.personal.costumeChanges
  @is.YesNo() outdoors: boolean = USUAL.personal.outdoors
  @is.Whole(0, 4) limbs: number = USUAL.personal.limbs
  @is.OneOf(ILLUMINANTS) light: Illuminant = USUAL.personal.light
}

export class SecondToneInput {
  @is.OneOf(ZONES) zone!: Zone
  @is.Colour(() => LabDto) lab!: LabDto
}

export const LASHES = ['none wished', 'own lashes only', 'sparse', 'full', 'extensions'] as const
export type LashWish = (typeof LASHES)[number]
export { BROWS, CHART_AREAS, EYE_SHAPES, EYE_SIZES } from '#core/asked/brief'
export type { BrowDensity, ChartArea, EyeShape, EyeSize } from '#core/asked/brief'

export const CONSENTS = ['not asked', 'agreed', 'refused'] as const
export type Consent = (typeof CONSENTS)[number]

/** One colour placed on the face chart, with the product that is to make it. */
export class ChartMarkInput {
  @is.OneOf(CHART_AREAS) area!: ChartArea
  @is.Colour(() => LabDto) lab!: LabDto
  @is.Maybe() @is.Id() productId?: string | null
  @is.Text(0, 120) note: string = ''
}

/** Whether something may shimmer, by place. */
export class ShimmerInput {
  @is.OneOf(SHIMMERS) eyes: Shimmer = UNSAID
  @is.OneOf(SHIMMERS) cheeks: Shimmer = UNSAID
  @is.OneOf(SHIMMERS) lips: Shimmer = UNSAID
}

/** The look brief; open fields are proposed from the day and the person. */
export class BriefInput implements LookBrief {
  @is.One(() => ShimmerInput, 'must say shimmer for eyes, cheeks and lips') shimmer: ShimmerInput = new ShimmerInput()
  @is.OneOf(GLOWS) glow: LookBrief['glow'] = UNSAID
  @is.OneOf(LIPS) lip: LookBrief['lip'] = UNSAID
  @is.OneOf(LIP_STRENGTHS) lipStrength: LookBrief['lipStrength'] = UNSAID
  @is.OneOf(LIP_FINISHES) lipFinish: LookBrief['lipFinish'] = UNSAID
  @is.OneOf(EYES) eyes: LookBrief['eyes'] = UNSAID
  @is.OneOf(TEMPERATURES) eyeTemperature: LookBrief['eyeTemperature'] = UNSAID
  @is.OneOf(EYE_STRENGTHS) eyeStrength: LookBrief['eyeStrength'] = UNSAID
  @is.OneOf(LINERS) liner: LookBrief['liner'] = UNSAID
  @is.OneOf(BROW_WISHES) brows: LookBrief['brows'] = UNSAID
  @is.OneOf(CHEEKS) cheeks: LookBrief['cheeks'] = UNSAID
}

/** The face's record in the order an artist asks. Nothing here is needed for a first answer. */
export class Consultation {
  /** What is done at all; null: as it is proposed from the day and the person. */
  @is.Maybe() @is.OneOf(PROGRAMMES) programme: Programme | null = null
  @is.One(() => BriefInput, 'must say what the look is') brief: BriefInput = new BriefInput()
  @is.YesNo() bareFaced: boolean = false
  @is.Text(0, 300) normallyWears: string = ''
  @is.OneOf(LASHES) lashes: LashWish = 'none wished'
  @is.YesNo() noScent: boolean = false
  @is.YesNo() mildOnly: boolean = false
  @is.Many(() => ZoneInput, 12) @is.Distinct('zone') zones: ZoneInput[] = []
  @is.Words(20, 60) sensitivities: string[] = []
  /** Of those that are not understood, the ones for which the artist has read the packs: none holds it. */
  @is.Words(20, 60) packsRead: string[] = []
  @is.Text(0, 40) hairColour: string = ''
  @is.Text(0, 40) eyeColour: string = ''
  @is.Text(0, 40) browColour: string = ''
  @is.OneOf(BROWS) brows: BrowDensity = 'not noted'
  @is.OneOf(EYE_SHAPES) eyeShape: EyeShape = 'not noted'
  @is.OneOf(EYE_SIZES) eyeSize: EyeSize = 'not noted'
  @is.YesNo() contactLenses: boolean = false
  @is.YesNo() facialHair: boolean = false
  /** Whether they come with a fake tan on; null: as at the newest reading. */
  @is.Maybe() @is.YesNo() tanOn: boolean | null = null
  /** Which sites the base has to agree with, and how much each counts. */
  @is.Named(
    SITES.length,
    (site, w) => SITES.includes(site as Site) && typeof w === 'number' && w >= 0 && w <= 10,
    'must set sites to numbers from 0 to 10',
  )
  siteWeights: SiteWeights = { ...USUAL_SITES }
  /** The look agreed: colours placed on the face, one an area. */
  @is.Many(() => ChartMarkInput, 11) @is.Distinct('area') chart: ChartMarkInput[] = []
  /** How they want to look, and what was agreed. */
  @is.Text(0, 1000) look: string = ''
  /** Whether they agreed to what is kept, and to pictures. */
  @is.OneOf(CONSENTS) keepRecord: Consent = 'not asked'
  @is.OneOf(CONSENTS) keepPictures: Consent = 'not asked'
  @is.Maybe()
  @is.One(() => SecondToneInput, 'must name a zone and its colour')
  secondTone: SecondToneInput | null = null
}

export class ConsultationInput extends Consultation {
  @is.MadeFrom() version?: number
}
