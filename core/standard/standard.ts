import type { Lab } from '../colour/lab'
import type { Concern } from '../complexion/correct'
import type { Undertone } from '../complexion/skins/skin'
import type { Finish, Resistance } from '../product/item'
import type { BrushShape, OwnedKind } from '../stock/things/kinds'

/*
 * What a kit must be able to do. A standard lists abilities, each reckoned from what things are and from the colour model; never a list
 * of things to own. It is data: change its JSON, and the audit is another.
 */

export const ABILITY_SORTS = ['mix', 'shows', 'cancels', 'suits', 'chain', 'have'] as const
export type AbilitySort = (typeof ABILITY_SORTS)[number]
export const MIX_TARGETS = ['skins', 'nude lips', 'named'] as const
export type MixTarget = (typeof MIX_TARGETS)[number]
export const SHOWS_AS = ['lightly', 'clearly', 'deeper'] as const
export type ShowsAs = (typeof SHOWS_AS)[number]
export const TEMPERATURES = ['warm', 'cool'] as const
export type Temperature = (typeof TEMPERATURES)[number]
export const SUITED_SKINS = ['oily', 'dry', 'reactive'] as const
export type SuitedSkin = (typeof SUITED_SKINS)[number]

/** What is to be there of some kinds. */
export interface AbilityPart {
  /** Any of these. */
  kinds: readonly OwnedKind[]
  count?: number
  /** As many as the largest party has faces, times this. */
  perFace?: number
}

/** One thing a kit can do. What a sort does not use is left out. */
export interface Ability {
  id: string
  name: string
  /** Why a kit must be able to. */
  why: string
  sort: AbilitySort
  /** What it is done with: any of these. */
  kinds: readonly OwnedKind[]
  /** Share of its points from which it is met, 0–1. */
  share: number
  /** mix: what is to be met by one product or a mix of a few, within so many ΔE00. */
  targets?: MixTarget
  named?: readonly { name: string; lab: Lab }[]
  within?: number
  maxProducts?: number
  maxDrops?: number
  /** mix, shows, cancels: the skins it is done for, 1–12. */
  depths?: readonly number[]
  undertones?: readonly Undertone[]
  /** shows: how colour is to show on those skins. */
  shows?: readonly ShowsAs[]
  temperatures?: readonly Temperature[]
  /** cancels: what is to be hidden, and what may be left of it, ΔE00. */
  concerns?: readonly Concern[]
  /** suits: for whom each of the kinds must be there in a version they can wear. */
  skins?: readonly SuitedSkin[]
  /** chain: without what; whatever people on record declared, when left out. */
  declared?: readonly string[]
  /** have: how many, and as what. */
  count?: number
  /** have: as many as the largest party has faces, times this. */
  perFace?: number
  /** have: of brushes, so many of each of these. */
  shapes?: readonly BrushShape[]
  finish?: Finish
  resists?: Resistance
  sparkleFree?: boolean
  /** have: of a colour that nobody takes for skin, such as a clear blue. */
  vivid?: boolean
  /** have: what only does it together, each part of it; `kinds` then holds those of all parts. */
  parts?: readonly AbilityPart[]
  /** have: of alcohol, in per cent. */
  percentFrom?: number
  percentTo?: number
}

export interface Standard {
  id: string
  name: string
  /** Whose kit it is meant for. */
  meant: string
  abilities: readonly Ability[]
}
