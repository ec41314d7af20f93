import type { Lab } from '../../colour/lab'
import type { Family } from '../../complexion/bottles/product'
import type { Dispenser, Finish } from '../../product/item'
import type { Heft } from './heft'
import { BRUSH_SHAPES, OWNED_KINDS, type BrushShape, type OwnedKind } from './kinds'
import type { Measure, ProductSort, UnitRole } from './things'

/** One colour of a palette, as it lies in it. */
export interface ThingPan {
  fillId: string
  productId: string
  name: string
  /** Null where it has none, or it is not known. */
  lab: Lab | null
  level: number
  /** Grows with every write to the pan or its palette. */
  version: number
}

/** A physical thing of the kit as it stands: a bottle, a palette with its pans, a set of brushes, a pack. */
export interface Thing extends Heft {
  /** Of the unit. */
  id: string
  productId: string
  sort: ProductSort
  kind: OwnedKind
  name: string
  brand: string
  range: string
  lab: Lab | null
  /** Whether it has a colour that is not known yet. */
  colourMissing: boolean
  /** Null for tools and supplies. */
  family: Family | null
  finish: Finish | null
  dispenser: Dispenser | null
  shape: BrushShape | ''
  percent: number | null
  /** Of a tool: porous; null where it is not known. */
  porous: boolean | null
  count: number
  size: number
  measure: Measure
  /** 0–1; of a palette, the mean of its pans. */
  level: number
  placeId: string | null
  role: UnitRole
  label: string
  notes: string
  openedOn: string | null
  /** Printed on the pack. */
  expiresOn: string | null
  /** Last day of use, ISO date; null when not known. */
  useBy: string | null
  priceMinor: number | null
  retiredAt: string | null
  createdAt: string
  /** Grows with every write to it; of a palette each pan has its own. */
  version: number
  /** Empty for anything but a palette. */
  pans: ThingPan[]
}

export const isUsed = ({ retiredAt }: Pick<Thing, 'retiredAt'>): boolean => retiredAt === null
export const isPast = ({ useBy }: Pick<Thing, 'useBy'>, today: string): boolean => useBy !== null && useBy < today
/** Whether it can be used on a day: neither retired, nor past its day, nor empty. */
export const isReady = (t: Pick<Thing, 'retiredAt' | 'useBy' | 'level' | 'sort'>, day: string): boolean =>
  isUsed(t) && !isPast(t, day) && (t.sort === 'tool' || t.level > 0)

/** A bottle below this is nearly out: what is left does for one or two faces more. */
export const LOW = 0.25
export const isLow = ({ level, sort }: Pick<Thing, 'level' | 'sort'>): boolean =>
  sort !== 'tool' && level > 0 && level <= LOW

const KIND_RANK = new Map(OWNED_KINDS.map((kind, i) => [kind, i]))
/** The place of a thing in the order of the work; brushes by what they are taken for. */
export const workRank = ({ kind, shape }: Pick<Thing, 'kind' | 'shape'>): number =>
  (KIND_RANK.get(kind) ?? 0) + (shape ? BRUSH_SHAPES.indexOf(shape) / BRUSH_SHAPES.length : 0)

/** Things of one product that stand together, drawn as one: three of the same brush, two full bottles. */
export interface ThingGroup {
  first: Thing
  things: Thing[]
  count: number
}

/** Things of one place as they are drawn: by what they are for, those of one product together. */
export function groupsOf(things: readonly Thing[], order: (thing: Thing) => number): ThingGroup[] {
  const groups = new Map<string, ThingGroup>()
  for (const thing of things) {
    // Two bottles of one product are seen apart where they are not equally full.
    const key = `${thing.productId} ${thing.pans.length} ${Math.round(thing.level * 4)} ${thing.useBy ?? ''}`
    const group = groups.get(key)
    if (group) {
      group.things.push(thing)
      group.count += thing.count
    } else groups.set(key, { first: thing, things: [thing], count: thing.count })
  }
  return [...groups.values()].sort((x, y) => order(x.first) - order(y.first))
}
