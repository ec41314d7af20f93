import { endOfMonth, formatISO, parseISO } from 'date-fns'
import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/bottles/product'
import { UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
import {
  CLEAR_LAB,
  FINISHES,
  RESISTANCES,
  TEXTURES,
  type Finish,
  type Place,
  type Resistance,
  type Texture,
} from '#core/product/item'
import { USUAL_GEAR, usualMeasure } from '#core/stock/things/gear'
import {
  BRUSH_SHAPES,
  hasItsColour,
  inDepth,
  isItemKind,
  isToolKind,
  OWNED_KINDS,
  type BrushShape,
  type OwnedKind,
} from '#core/stock/things/kinds'
import { rangeNamed, type ReadThing } from '#core/stock/list'
import { colourSaid } from '#core/stock/list/colourWord'
import { pansNamed } from '#core/stock/list/panNames'
import { UNSAFE_PLACES, type UnsafePlace } from '#core/stock/list/unsafe'
import { cut } from '#core/stock/list/words'
import { formed } from '#core/stock/things/formed'
import { MEASURES, type Measure } from '#core/stock/things/things'
import { USUAL_BY_KIND, type Traits } from '#core/stock/things/usual'
import * as is from '../../checks/rules'
import type { GearInput } from './gear'
import type { OwnedProductInput } from './kit'

/* A list that was read and looked through, on its way into the kit. */

const isMonthOrDay = (value: unknown) => typeof value === 'string' && /^\d{4}-\d{2}(-\d{2})?$/.test(value)

/** A thing of a list as it was agreed; what is left out is what its kind usually is. */
export class ListedThing {
  @is.OneOf(OWNED_KINDS) kind!: OwnedKind
  @is.Text(0, 60) brand: string = ''
  /** The range it is one shade of. */
  @is.Text(0, 60) range: string = ''
  @is.Name(80) name!: string
  @is.Whole(1, 500) count: number = 1
  @is.Maybe() @is.Between(0.1, 10_000) size?: number | null
  @is.Maybe() @is.OneOf(MEASURES) measure?: Measure | null
  @is.Maybe() @is.Between(0, 1) level?: number | null
  @is.Maybe() @is.OneOf(TEXTURES) texture?: Texture | null
  @is.Maybe() @is.OneOf(FAMILIES) family?: Family | null
  @is.Maybe() @is.OneOf(FINISHES) finish?: Finish | null
  @is.Maybe() @is.OneOf(COVERAGES) coverage?: Coverage | null
  @is.SomeOf(RESISTANCES) resists: Resistance[] = []
  @is.Maybe() @is.Whole(2, 100) spf?: number | null
  @is.Maybe() @is.Between(1, 12) depth?: number | null
  @is.Maybe() @is.OneOf(UNDERTONES) undertone?: Undertone | null
  /** A month or a day. */
  @is.Maybe()
  @is.Text(7, 10)
  @is.Satisfies('isMonthOrDay', isMonthOrDay, 'must be a day such as 2026-03-14, or a month such as 2026-03')
  openedOn?: string | null
  /** The last day printed on it, a month or a day. */
  @is.Maybe()
  @is.Text(7, 10)
  @is.Satisfies('isMonthOrDay', isMonthOrDay, 'must be a day such as 2027-03-14, or a month such as 2027-03')
  expiresOn?: string | null
  /** Minor units of the artist's currency, for one. */
  @is.Maybe() @is.Minor() priceMinor?: number | null
  /** Places of a face it must be kept from. */
  @is.SomeOf(UNSAFE_PLACES) unsafeFor: UnsafePlace[] = []
  /** Whether nobody has looked at what was guessed of it: a guess is never safe for eyes. */
  @is.YesNo() isGuess: boolean = false
  /** Of a brush. */
  @is.Maybe() @is.OneOf(['', ...BRUSH_SHAPES]) shape?: BrushShape | '' | null
  /** Colours of a palette. */
  @is.Maybe() @is.Whole(1, 120) pans?: number | null
  @is.Lines(120, 80) panNames: string[] = []
  @is.Maybe() @is.Id() placeId?: string | null
}

export class ListedInput {
  @is.Many(() => ListedThing, 2000, 1) things!: ListedThing[]
  /** Whether what names no place goes into the pouch of its kind; else it goes where new things are put. */
  @is.YesNo() intoPouches: boolean = false
}

/** The last day of a month: what is printed as a month is good until it ends. */
const lastDayOf = (expiresOn: string | null | undefined) =>
  !expiresOn
    ? null
    : expiresOn.length === 7
      ? formatISO(endOfMonth(parseISO(`${expiresOn}-01`)), { representation: 'date' })
      : expiresOn

/** The first day of a month: a bottle that was opened in March was opened at the latest then. */
const dayOf = (openedOn: string | null | undefined) =>
  openedOn ? (openedOn.length === 7 ? `${openedOn}-01` : openedOn) : null

// A list says "95 % alcohol" in its name.
const percentIn = (name: string): number | null => {
  const said = /(\d{1,3}(?:[.,]\d+)?)\s*%/.exec(name)
  const percent = said ? Number(said[1]!.replace(',', '.')) : Number.NaN
  return percent > 0 && percent <= 100 ? percent : null
}

// So few are packs, more are what is in one: "2 tissues", "60 lip applicators".
const MOST_PACKS = 6

/**
 * A list counts what is in a pack: "60 lip applicators" are one pack of sixty, "5 lashes" five pairs in a box. Tools, bottles and what a
 * line gives a size of are as many as it says.
 */
export function packed<T extends ListedThing>(thing: T): T {
  if (thing.count === 1 || (thing.size ?? null) !== null || isToolKind(thing.kind)) return thing
  const measure = usualMeasure(thing.kind)
  const usual = isItemKind(thing.kind) ? USUAL_BY_KIND[thing.kind].size : USUAL_GEAR[thing.kind].size
  const isPack = measure === 'pair' || (measure === 'piece' && usual > 1 && thing.count > MOST_PACKS)
  return isPack ? { ...thing, count: 1, size: thing.count, measure } : thing
}

/**
 * What was read of a line as it enters the kit: sixty applicators are a pack.
 * @param isSure whether nothing of it is doubtful, or the artist has looked
 */
export function listedFrom(read: ReadThing, kind: OwnedKind, isSure = read.doubtful.length === 0): ListedThing {
  const { name, panNames, pans } = hasItsColour(kind)
    ? pansNamed(read.name, read.pans)
    : { name: read.name, panNames: [], pans: read.pans }
  return packed(
    Object.assign(new ListedThing(), {
      kind,
      // A range mixes with itself until it is seen to separate.
      range: inDepth(kind) ? cut(rangeNamed(read), 60) : '',
      name: cut(name, 80),
      count: Math.min(500, read.count),
      size: read.size,
      measure: read.measure,
      level: read.level,
      texture: read.texture,
      family: read.family,
      finish: read.finish,
      coverage: read.coverage,
      depth: read.depth,
      undertone: read.undertone,
      resists: read.resists,
      spf: read.spf,
      openedOn: read.openedOn,
      expiresOn: read.expiresOn,
      priceMinor: read.price === null ? null : Math.round(read.price * 100),
      unsafeFor: read.unsafeFor,
      isGuess: !isSure,
      shape: read.shape,
      pans,
      panNames: panNames.map(n => cut(n, 80)),
    }),
  )
}

export const gearOfListed = (thing: ListedThing & { kind: GearInput['kind'] }): GearInput => ({
  kind: thing.kind,
  brand: thing.brand,
  shade: thing.name,
  shape: thing.kind === 'brush' ? (thing.shape ?? '') : '',
  percent: thing.kind === 'alcohol' ? percentIn(thing.name) : null,
  count: thing.count,
  sizeMl: thing.size ?? USUAL_GEAR[thing.kind].size,
  measure: thing.measure ?? usualMeasure(thing.kind),
  level: thing.level ?? 1,
  openedOn: dayOf(thing.openedOn),
  priceMinor: thing.priceMinor ?? null,
  expiresOn: lastDayOf(thing.expiresOn),
  notes: cautionOf(thing),
})

/**
 * A cosmetic as the list has it.
 * @param name of a pan, where it is one of a palette
 * @param colourWords what tells its colour; nothing of a pan that has no name of its own
 */
export function productOfListed(
  thing: ListedThing & { kind: OwnedProductInput['kind'] },
  name = thing.name,
  colourWords: string | null = name,
): OwnedProductInput {
  const usual = USUAL_BY_KIND[thing.kind]
  const { depth = null, undertone = null } = thing
  const lab = colourWords === null ? null : colourSaid(thing.kind, colourWords, depth, undertone)
  return {
    kind: thing.kind,
    brand: thing.brand,
    range: thing.range,
    shade: name,
    lab: lab ?? { ...CLEAR_LAB },
    colourSource: lab ? 'depth word' : hasItsColour(thing.kind) && !/\bclear\b/i.test(name) ? 'unknown' : 'clear',
    coverage: thing.coverage ?? usual.coverage,
    family: thing.family ?? formed(thing.kind, thing.texture ?? null).family,
    finish: thing.finish ?? usual.finish,
    inci: '',
    flagFixes: {},
    sizeMl: Math.min(1000, thing.size ?? usual.size),
    measure: thing.measure ?? usualMeasure(thing.kind),
    strength: 1,
    level: thing.level ?? 1,
    openedOn: dayOf(thing.openedOn),
    expiresOn: lastDayOf(thing.expiresOn),
    priceMinor: thing.priceMinor ?? null,
    notes: cautionOf(thing),
    traits: traitsOf(thing),
  }
}

const PLACES_KEPT_FROM: Readonly<Record<UnsafePlace, readonly Place[]>> = {
  eyes: ['eyes'],
  lids: ['eyes'],
  lips: ['lips'],
  skin: ['face', 'body'],
}
/** What its line says of it beyond what such a product usually is. */
function traitsOf(thing: ListedThing & { kind: OwnedProductInput['kind'] }): Partial<Traits> {
  const usual = USUAL_BY_KIND[thing.kind].traits
  const kept = [
    ...thing.unsafeFor.flatMap(place => PLACES_KEPT_FROM[place]),
    ...(thing.isGuess ? (['eyes'] as const) : []),
  ]
  const isMineral = thing.spf !== null && thing.spf !== undefined && /\bmineral/i.test(thing.name)
  return {
    ...formed(thing.kind, thing.texture ?? null).traits,
    ...(thing.resists.length > 0 ? { resists: thing.resists } : {}),
    ...(thing.spf ? { spf: thing.spf } : {}),
    ...(isMineral ? { filter: 'mineral' as const } : {}),
    ...(kept.length > 0 ? { safeFor: usual.safeFor.filter(place => !kept.includes(place)) } : {}),
  }
}
/** A caution for whoever takes it into the hand. */
const cautionOf = ({ unsafeFor }: ListedThing): string =>
  unsafeFor.length === 0
    ? ''
    : `Keep from ${unsafeFor.join(', ')}: not made for it, as far as its name says. Its maker and your local rules come first.`

type Kinded<K extends OwnedKind> = ListedThing & { kind: K }
export const isListedCosmetic = (thing: ListedThing): thing is Kinded<OwnedProductInput['kind']> =>
  isItemKind(thing.kind)
export const isListedGear = (thing: ListedThing): thing is Kinded<GearInput['kind']> => !isItemKind(thing.kind)
