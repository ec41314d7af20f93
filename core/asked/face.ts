import type { Lab } from '../colour/lab'
import type { Coverage } from '../complexion/bottles/product'
import type { Drops } from '../complexion/mixing/recipe'
import type { BrowDensity, ChartMark, EyeShape, EyeSize, LookBrief } from './brief'
import type { Programme } from './programme'
import type { Finish } from '../product/item'

export const SKIN_TYPES = ['normal', 'dry', 'oily', 'combination'] as const
export type SkinType = (typeof SKIN_TYPES)[number]

export const AGE_BANDS = ['child', 'teen', 'adult', 'mature'] as const
export type AgeBand = (typeof AGE_BANDS)[number]

export const ZONES = ['forehead', 'nose', 'cheeks', 'chin', 'hairline', 'eye area', 'lips', 'neck'] as const
export type Zone = (typeof ZONES)[number]

// prettier-ignore
export const ZONE_STATES = [
  'dehydrated', 'flaky', 'textured', 'reactive', 'blemish-prone', 'redness', 'dark circles', 'uneven', 'lined',
  'chapped', 'broken', 'sunburnt', 'signs of infection',
] as const
export type ZoneState = (typeof ZONE_STATES)[number]

export interface ZoneFacts {
  type?: SkinType
  states: readonly ZoneState[]
}

export const HISTORY = ['liked', 'used', 'disliked', 'reaction'] as const
export type HistoryWord = (typeof HISTORY)[number]

/** What is known of the person when products are weighed. */
export interface FaceFacts {
  id: string
  /** What the base has to agree with: jaw, neck or chest. */
  skin: Lab
  /** Bare skin where the base lies. */
  bare: Lab
  skinType: SkinType
  zones: Partial<Record<Zone, ZoneFacts>>
  ageBand: AgeBand
  coverage: Coverage
  finish: Finish
  /** Wants to look as if nothing were there, or never wears any. */
  bareFaced: boolean
  /** Hates or cannot have scent. */
  noScent: boolean
  mildOnly: boolean
  /** Ingredients or groups they react to, as declared. */
  sensitivities: readonly string[]
  /** Words among them that are not understood, for which the artist has read the packs: nothing of the kit holds it. */
  packsRead?: readonly string[]
  facialHair: boolean
  wantsLashes: 'none' | 'sparse' | 'full'
  lashExtensions: boolean
  contactLenses: boolean
  history: readonly { itemId: string; what: HistoryWord; times: number }[]
  /** Recipes on record, the newest first. */
  recipes: readonly (readonly Drops[])[]
  /** What is done at all; null as it is proposed from the day and the person. */
  programme: Programme | null
  /** What the look says in structure. */
  brief: LookBrief
  /** Colours placed on the face chart. */
  chart: readonly ChartMark[]
  /** In the person's own words. */
  hairColour: string
  browColour: string
  eyeColour: string
  normallyWears: string
  brows: BrowDensity
  eyeShape: EyeShape
  eyeSize: EyeSize
  /** A second tone with where it lies: a deeper chin and hairline, a tan that stops at the neck. */
  secondTone: { skin: Lab; zone: Zone } | null
}

const CENTRE: readonly Zone[] = ['forehead', 'nose', 'chin']

/** Every state of the face, wherever it is; eye area, lips and neck only when asked for. */
export function statesOf(
  face: Pick<FaceFacts, 'zones'>,
  zones: readonly Zone[] = [...CENTRE, 'cheeks', 'hairline'],
): Set<ZoneState> {
  return new Set(zones.flatMap(zone => face.zones[zone]?.states ?? []))
}

export const has = (face: Pick<FaceFacts, 'zones'>, ...states: ZoneState[]) => {
  const all = statesOf(face)
  return states.some(s => all.has(s))
}

/** Zones in a given state, for the sentence that names them. */
export const zonesIn = (face: Pick<FaceFacts, 'zones'>, ...states: ZoneState[]): Zone[] =>
  ZONES.filter(zone => face.zones[zone]?.states.some(s => states.includes(s)))

/** The skin type of the T-zone and of the cheeks, which a combination skin has in two kinds. */
export function typesOf(face: Pick<FaceFacts, 'zones' | 'skinType'>): { centre: SkinType; cheeks: SkinType } {
  const whole = face.skinType
  const centre = CENTRE.flatMap(z => face.zones[z]?.type ?? [])[0] ?? (whole === 'combination' ? 'oily' : whole)
  const cheeks = face.zones.cheeks?.type ?? (whole === 'combination' ? 'normal' : whole)
  return { centre, cheeks }
}
