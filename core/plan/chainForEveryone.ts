import { declaredAs } from '../ingredients/declared'
import { isScented, type KitItem } from '../product/item'
import { SLOTS, type SlotId } from '../asked/slots'

/** Somebody who asks for mild products only takes nothing that is there for its smell or dries the skin. */
export const MILD_ONLY = 'mild only'

const isMild = (item: KitItem) =>
  !isScented(item) && !item.flags.includes('essential oil') && !item.flags.includes('drying alcohol')

/** Whether the kit makes up somebody from bare skin to the end without what they react to. */
export interface ChainWithout {
  /** What was declared, or {@link MILD_ONLY}. */
  declared: string
  label: string
  /** Places every plan has that nothing is left for. */
  lacking: SlotId[]
  /** Places that only products without a list on record are left for: complete only if their packs agree. */
  unread: SlotId[]
  /** Foundations and adjusters that are left, for the match. */
  bottleIds: string[]
  /** How many of those have no list on record. */
  unreadBottles: number
  /** Names of what stays away. */
  away: string[]
}

/**
 * For each sensitivity: what is left of the kit in every place a plan always has.
 * @param items what the kit holds; what is empty, past its period on `day` or somebody's own is left aside
 */
export function chainsWithout(declared: readonly string[], items: readonly KitItem[], day: string): ChainWithout[] {
  const ready = items.filter(i => !i.own && i.level > 0 && (i.useBy === null || i.useBy >= day))
  return [...new Set(declared)].map(word => {
    // An unread list is no proof either way.
    const staysAway = (item: KitItem) =>
      word === MILD_ONLY ? item.ingredients !== null && !isMild(item) : declaredAs(word).against(item) !== null
    const left = ready.filter(i => !staysAway(i))
    const filling = SLOTS.filter(s => s.always).map(({ id, kinds, place }) => ({
      id,
      by: left.filter(
        i => (kinds.includes(i.kind) || i.alsoFor.some(kind => kinds.includes(kind))) && i.safeFor.includes(place),
      ),
    }))
    const bottles = left.filter(i => i.lab !== null && (i.kind === 'foundation' || i.kind === 'adjuster'))
    return {
      declared: word,
      label: word === MILD_ONLY ? word : declaredAs(word).label,
      lacking: filling.filter(f => f.by.length === 0).map(f => f.id),
      unread: filling.filter(f => f.by.length > 0 && f.by.every(i => i.ingredients === null)).map(f => f.id),
      bottleIds: bottles.map(i => i.id),
      unreadBottles: bottles.filter(i => i.ingredients === null).length,
      away: ready.filter(staysAway).map(i => i.name),
    }
  })
}
