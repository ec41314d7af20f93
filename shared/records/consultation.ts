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
import { LabDto } from '../compute/parts'
import {
  Between,
  Colour,
  Distinct,
  Id,
  MadeFrom,
  Many,
  Maybe,
  Named,
  One,
  OneOf,
  SomeOf,
  Text,
  Whole,
  Words,
  YesNo,
} from '../checks/rules'

/** What is seen on one part of the face. */
export class ZoneInput {
  @OneOf(ZONES) zone!: Zone
  @Maybe() @OneOf(SKIN_TYPES) type?: SkinType | null
  @SomeOf(ZONE_STATES) states: ZoneState[] = []
}

/** What the day asks of the make-up, where it differs from the booking. */
export class OccasionDiffers implements Partial<JobFacts> {
  @Maybe() @OneOf(JOB_TYPES) type?: JobType
  @Maybe() @YesNo() flash?: boolean
  @Maybe() @YesNo() highDefinition?: boolean
  @Maybe() @YesNo() heat?: boolean
  @Maybe() @YesNo() humidity?: boolean
  @Maybe() @Between(0.5, 48, 'h') hours?: number
  @Maybe() @YesNo() tears?: boolean
  @Maybe() @YesNo() costumeChanges?: boolean
  @Maybe() @YesNo() outdoors?: boolean
  @Maybe() @Whole(0, 4) limbs?: number
  @Maybe() @OneOf(ILLUMINANTS) light?: Illuminant
}

/** What the day asks of the make-up. */
export class OccasionInput implements JobFacts {
  @OneOf(JOB_TYPES) type: JobType = 'personal'
  @YesNo() flash: boolean = USUAL.personal.flash
  @YesNo() highDefinition: boolean = USUAL.personal.highDefinition
  @YesNo() heat: boolean = USUAL.personal.heat
  @YesNo() humidity: boolean = USUAL.personal.humidity
  @Between(0.5, 48, 'h') hours: number = USUAL.personal.hours
  @YesNo() tears: boolean = USUAL.personal.tears
  @YesNo() costumeChanges: boolean = USUAL.personal.costumeChanges
  @YesNo() outdoors: boolean = USUAL.personal.outdoors
  @Whole(0, 4) limbs: number = USUAL.personal.limbs
  @OneOf(ILLUMINANTS) light: Illuminant = USUAL.personal.light
}

export class SecondToneInput {
  @OneOf(ZONES) zone!: Zone
  @Colour(() => LabDto) lab!: LabDto
}

export const LASHES = ['none wished', 'own lashes only', 'sparse', 'full', 'extensions'] as const
export type LashWish = (typeof LASHES)[number]
export { BROWS, CHART_AREAS, EYE_SHAPES, EYE_SIZES } from '#core/asked/brief'
export type { BrowDensity, ChartArea, EyeShape, EyeSize } from '#core/asked/brief'

export const CONSENTS = ['not asked', 'agreed', 'refused'] as const
export type Consent = (typeof CONSENTS)[number]

/** One colour placed on the face chart, with the product that is to make it. */
export class ChartMarkInput {
  @OneOf(CHART_AREAS) area!: ChartArea
  @Colour(() => LabDto) lab!: LabDto
  @Maybe() @Id() productId?: string | null
  @Text(0, 120) note: string = ''
}

/** Whether something may shimmer, by place. */
export class ShimmerInput {
  @OneOf(SHIMMERS) eyes: Shimmer = UNSAID
  @OneOf(SHIMMERS) cheeks: Shimmer = UNSAID
  @OneOf(SHIMMERS) lips: Shimmer = UNSAID
}

/** The look brief; open fields are proposed from the day and the person. */
export class BriefInput implements LookBrief {
  @One(() => ShimmerInput, 'must say shimmer for eyes, cheeks and lips') shimmer: ShimmerInput = new ShimmerInput()
  @OneOf(GLOWS) glow: LookBrief['glow'] = UNSAID
  @OneOf(LIPS) lip: LookBrief['lip'] = UNSAID
  @OneOf(LIP_STRENGTHS) lipStrength: LookBrief['lipStrength'] = UNSAID
  @OneOf(LIP_FINISHES) lipFinish: LookBrief['lipFinish'] = UNSAID
  @OneOf(EYES) eyes: LookBrief['eyes'] = UNSAID
  @OneOf(TEMPERATURES) eyeTemperature: LookBrief['eyeTemperature'] = UNSAID
  @OneOf(EYE_STRENGTHS) eyeStrength: LookBrief['eyeStrength'] = UNSAID
  @OneOf(LINERS) liner: LookBrief['liner'] = UNSAID
  @OneOf(BROW_WISHES) brows: LookBrief['brows'] = UNSAID
  @OneOf(CHEEKS) cheeks: LookBrief['cheeks'] = UNSAID
}

/** The face's record in the order an artist asks. Nothing here is needed for a first answer. */
export class Consultation {
  /** What is done at all; null: as it is proposed from the day and the person. */
  @Maybe() @OneOf(PROGRAMMES) programme: Programme | null = null
  @One(() => BriefInput, 'must say what the look is') brief: BriefInput = new BriefInput()
  @YesNo() bareFaced: boolean = false
  @Text(0, 300) normallyWears: string = ''
  @OneOf(LASHES) lashes: LashWish = 'none wished'
  @YesNo() noScent: boolean = false
  @YesNo() mildOnly: boolean = false
  @Many(() => ZoneInput, 12) @Distinct('zone') zones: ZoneInput[] = []
  @Words(20, 60) sensitivities: string[] = []
  @Text(0, 40) hairColour: string = ''
  @Text(0, 40) eyeColour: string = ''
  @Text(0, 40) browColour: string = ''
  @OneOf(BROWS) brows: BrowDensity = 'not noted'
  @OneOf(EYE_SHAPES) eyeShape: EyeShape = 'not noted'
  @OneOf(EYE_SIZES) eyeSize: EyeSize = 'not noted'
  @YesNo() contactLenses: boolean = false
  @YesNo() facialHair: boolean = false
  /** Whether they come with a fake tan on; null: as at the newest reading. */
  @Maybe() @YesNo() tanOn: boolean | null = null
  /** Which sites the base has to agree with, and how much each counts. */
  @Named(
    SITES.length,
    (site, w) => SITES.includes(site as Site) && typeof w === 'number' && w >= 0 && w <= 10,
    'must set sites to numbers from 0 to 10',
  )
  siteWeights: SiteWeights = { ...USUAL_SITES }
  /** The look agreed: colours placed on the face, one an area. */
  @Many(() => ChartMarkInput, 11) @Distinct('area') chart: ChartMarkInput[] = []
  /** How they want to look, and what was agreed. */
  @Text(0, 1000) look: string = ''
  /** Whether they agreed to what is kept, and to pictures. */
  @OneOf(CONSENTS) keepRecord: Consent = 'not asked'
  @OneOf(CONSENTS) keepPictures: Consent = 'not asked'
  @Maybe()
  @One(() => SecondToneInput, 'must name a zone and its colour')
  secondTone: SecondToneInput | null = null
}

export class ConsultationInput extends Consultation {
  @MadeFrom() version?: number
}
