import { OWNED_KINDS, PURPOSES, type OwnedKind, type Purpose } from '#core/stock/things/kinds'
import type { Drops } from '#core/complexion/mixing/recipe'
import type { Heft } from '#core/stock/things/heft'
import type { DecantAdvice } from '#core/stock/handling/decant'
import type { Lasting } from '#core/stock/ends/lasting'
import type { ReviveAdvice } from '#core/stock/handling/revive'
import type { Notice } from '#core/stock/ends/notices'
import { LABEL_FORMATS, PAPERS, type LabelFormat, type Paper } from '#core/stock/labels/labelSheet'
import type { Limits } from '#core/stock/things/places'
import type { StandIn } from './ahead'
import type { OwnedThing } from './gear'
import type { Thing } from '#core/stock/things/thing'
import { PLACE_SORTS, UNIT_ROLES, type Measure, type PlaceSort, type UnitRole } from '#core/stock/things/things'
import { FAMILIES, type Family } from '#core/complexion/bottles/product'
import { FINISHES, type Finish } from '#core/product/item'
import * as is from '../../checks/rules'

export const THING_STATES = ['in use', 'past its day', 'low or empty', 'to be told', 'retired', 'all'] as const
export type ThingState = (typeof THING_STATES)[number]
export const THING_ORDERS = ['use', 'name', 'place', 'count', 'level', 'useBy', 'mass', 'price', 'colour'] as const
export type ThingOrder = (typeof THING_ORDERS)[number]
/** Where what nobody has placed is looked for. */
export const NOWHERE = 'nowhere'

/** What something turns out to be. */
export class KindInput {
  @is.OneOf(OWNED_KINDS) kind!: OwnedKind
}

/** What a list of things is asked for. */
export class ThingQuery {
  @is.Text(0, 100) q: string = ''
  @is.OneOf(['all', ...PURPOSES]) purpose: Purpose | 'all' = 'all'
  /** A place and what is in it, `nowhere` for what nobody has placed; empty for everywhere. */
  @is.Text(0, 64) place: string = ''
  @is.OneOf(THING_STATES) state: ThingState = 'in use'
  @is.OneOf(THING_ORDERS) order: ThingOrder = 'use'
  @is.OneOf(['up', 'down']) way: 'up' | 'down' = 'up'
  /** Where the page before ended. */
  @is.Text(0, 400) cursor: string = ''
  @is.Whole(1, 200) limit: number = 100
}

export interface ThingPage {
  lines: Thing[]
  next: string | null
  count: number
}

/** A place as it is written. */
export class PlaceInput {
  @is.OneOf(PLACE_SORTS) sort: PlaceSort = 'pouch'
  @is.Name(60) name!: string
  @is.Maybe() @is.Id() parentId?: string | null
  @is.Whole(0, 10_000) position: number = 0
  /** What it takes, where somebody measured. */
  @is.Maybe() @is.Between(1, 1_000_000, 'ml') volumeMl?: number | null
  @is.Maybe() @is.Between(1, 1_000_000, 'g') limitG?: number | null
  @is.MadeFrom() version?: number
}

/** A unit, or so many of a set. */
export class MovedUnitInput {
  @is.Id() id!: string
  /** So many of a set; all of them, when left out. */
  @is.Maybe() @is.Whole(1, 10_000) count?: number
}
/** The most that one act is done to. */
export const THINGS_AT_ONCE = 10_000

/** Things that go to one place together. */
export class MoveInput {
  @is.Many(() => MovedUnitInput, THINGS_AT_ONCE, 1) @is.Distinct('id') units!: MovedUnitInput[]
  /** Null for nowhere. */
  @is.Maybe() @is.Id() placeId?: string | null
}

/** Units that go out of use, or come back into it. */
export class RetireUnitsInput {
  @is.Ids(THINGS_AT_ONCE) ids!: string[]
  @is.YesNo() retired!: boolean
  /** Why it went. */
  @is.Text(0, 200) why: string = ''
}

/** Something of several things at once; what is left out stays as it is. */
export class ChangeThingsInput {
  @is.Ids(THINGS_AT_ONCE) ids!: string[]
  @is.Maybe() @is.Between(0, 1) level?: number
  @is.Maybe() @is.Moment() openedOn?: string
  @is.Maybe() @is.Moment() expiresOn?: string
  @is.Maybe() @is.OneOf(UNIT_ROLES) role?: UnitRole
  @is.Maybe() @is.Text(1, 60) brand?: string
  @is.Maybe() @is.Text(1, 60) range?: string
  /** Of what goes on faces. */
  @is.Maybe() @is.OneOf(FAMILIES) family?: Family
  @is.Maybe() @is.OneOf(FINISHES) finish?: Finish
  @is.Maybe() @is.YesNo() limited?: boolean
}

/** Another of what stands under the bars of a pack. */
export class UnderBarcodeInput {
  @is.Barcode() barcode!: string
  @is.Maybe() @is.Id() placeId?: string | null
}
/** Labels of things, to be printed. */
export class LabelsInput {
  @is.Ids(500) ids!: string[]
  /** Where this server is reached, for the code on each. */
  @is.Text(8, 120)
  @is.Satisfies(
    'origin',
    v => typeof v !== 'string' || /^https?:\/\/[A-Za-z0-9.:[\]-]+$/.test(v),
    'must be an address such as http://192.168.0.20:3000',
  )
  origin!: string
  @is.OneOf(Object.keys(PAPERS)) paper: Paper = 'A4'
  @is.OneOf(Object.keys(LABEL_FORMATS)) format: LabelFormat = 'side of a bottle'
  /** Labels of the first sheet that are gone already. */
  @is.Whole(0, 200) used: number = 0
  /** Where the printer pulls the paper askew, mm to the right and down. */
  @is.Between(-15, 15, 'mm') shiftX: number = 0
  @is.Between(-15, 15, 'mm') shiftY: number = 0
  @is.YesNo() outlines: boolean = true
}

/** What is known of a number under bars: something one has, something that is sold. */
export interface FoundUnder {
  owned: TakenUnder | null
  offered: { name: string; brand: string; range: string; kind: OwnedKind; sizeMl: number } | null
}
export interface TakenUnder {
  productId: string
  name: string
}

/** Whether something that has dried can be worked up again. */
export interface Revival extends ReviveAdvice {
  times: number
  /** What of the kit it could be done with. */
  media: { fillId: string; name: string }[]
}

interface OnFace {
  id: string
  faceId: string | null
  face: string | null
}
/** Everything that is known of one thing. */
export interface ThingStory {
  thing: Thing
  /** What it is: of a palette, each of its colours. */
  products: OwnedThing[]
  /** Other units of the same product. */
  others: Thing[]
  /** The newest of its uses, and how many there are. */
  uses: (OnFace & {
    at: string
    amount: number | null
    measure: Measure | null
    note: string
    jobId: string | null
    job: string | null
  })[]
  usedTimes: number
  recipes: (OnFace & { deltaE: number; savedAt: string; drops: Drops[]; names: Record<string, string> })[]
  remembered: (OnFace & { what: string; note: string; at: string })[]
  /** How long what is left does; null where faces do not use it up. */
  lasts: Lasting | null
  /** What speaks against decanting it, and what to mind; null for a palette. */
  decant: DecantAdvice | null
  /** Where it is something that dries out. */
  revival: Revival | null
  /** Of what is limited or made no more. */
  standIns: StandIn[]
  /** What was paid, and what it is offered for: by nobody in particular where no supplier is named. */
  prices: { at: string | null; priceMinor: number; size: number; measure: Measure; supplier: string | null }[]
}

/** When a thing was last used, as the artist remembers it. */
export class UsedInput {
  @is.Moment() on!: string
}

export interface PlaceLine {
  id: string
  parentId: string | null
  sort: PlaceSort
  name: string
  position: number
  version: number
  /** As somebody measured it; null for the usual. */
  own: Limits
}

/** The things in a place, in sum. */
export interface Standing extends Heft {
  count: number
  /** Minor units of what is priced. */
  worthMinor: number
}

export interface BoardPlace extends PlaceLine {
  depth: number
  limits: Limits
  /** Of this place alone, and with everything in it. */
  here: Standing
  within: Standing
  /** The first of the things here, in the order of the work. */
  things: Thing[]
}

/** The kit as it stands. */
export interface Board {
  places: BoardPlace[]
  nowhere: { here: Standing; things: Thing[] }
  /** Physical things that are in use, and places they are in. */
  count: number
  placesUsed: number
  retired: number
  /** Things past their day, all of them. */
  past: number
  /** Of each kind the most pressing. */
  notices: Notice[]
}
