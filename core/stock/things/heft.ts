import type { Dispenser } from '../../product/item'
import { USUAL_GEAR } from './gear'
import { isItemKind, type OwnedKind } from './kinds'
import { USUAL_BY_KIND } from './usual'
import type { Measure } from './things'

/*
 * What a thing weighs and the room it takes, from its kind, its size and how full it is. Nobody has to weigh a kit: these are usual
 * values of packs, near enough to tell three kilos from five.
 */

export interface Heft {
  massG: number
  roomMl: number
}

/** Grams of an empty vessel: so much always, and so much for each ml or g it holds. */
const VESSELS: Readonly<Record<Dispenser, readonly [fixed: number, perUnit: number]>> = {
  pump: [22, 1.5],
  airless: [20, 0.9],
  tube: [4, 0.15],
  dropper: [16, 1.5],
  pot: [8, 1.8],
  stick: [10, 1.5],
  wand: [9, 0.9],
  aerosol: [22, 0.25],
  pan: [2, 1.2],
  pencil: [3, 1.5],
  bottle: [8, 0.4],
}
// Glass is as good as never larger; big bottles are of plastic.
const LARGEST_GLASS = 60
/** Room of a vessel for each ml or g it holds, and what caps and shoulders take. */
const ROOM_PER_UNIT = 1.8
const ROOM_FIXED = 8
const PAIR_G = 0.5
const PAIR_BOX: Heft = { massG: 15, roomMl: 90 }

export interface Weighable {
  kind: OwnedKind
  size: number
  measure: Measure
  /** 0–1. */
  level: number
  count: number
  /** Of a cosmetic; what its kind usually has where it is left out. */
  dispenser?: Dispenser
}

/** Grams and millilitres of so many of a thing as they stand. */
export function heftOf({ kind, size, measure, level, count, dispenser }: Weighable): Heft {
  const one = isItemKind(kind)
    ? cosmetic(size, measure, level, dispenser ?? USUAL_BY_KIND[kind].traits.dispenser)
    : gear(kind, size, measure, level)
  return { massG: one.massG * count, roomMl: one.roomMl * count }
}

/** Of some of it in a small vessel of plastic. @param level 0–1 */
export const vesselHeft = (size: number, level: number): Heft => cosmetic(size, 'ml', level, 'bottle')

function cosmetic(size: number, measure: Measure, level: number, dispenser: Dispenser): Heft {
  if (measure === 'pair' || measure === 'piece')
    return { massG: PAIR_BOX.massG + size * level * PAIR_G, roomMl: PAIR_BOX.roomMl + size * 2 }
  const [fixed, perUnit] = VESSELS[dispenser]
  const glass = Math.min(size, LARGEST_GLASS) * perUnit + Math.max(0, size - LARGEST_GLASS) * 0.12
  return { massG: fixed + glass + size * level, roomMl: ROOM_FIXED + size * ROOM_PER_UNIT }
}

function gear(
  kind: Exclude<OwnedKind, keyof typeof USUAL_BY_KIND>,
  size: number,
  measure: Measure,
  level: number,
): Heft {
  const usual = USUAL_GEAR[kind]
  // A larger pack of the same is heavier in proportion; another measure than usual says nothing of that.
  const scale = measure === usual.measure ? size / usual.size : 1
  const inside = (usual.massG - usual.emptyG) * scale * level
  return { massG: usual.emptyG * Math.max(1, Math.sqrt(scale)) + inside, roomMl: usual.roomMl * Math.max(0.3, scale) }
}
