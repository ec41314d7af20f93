import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { areaOf, leastCorrection } from '../complexion/correct'
import { pigmentFor } from '../complexion/pigments'
import { ITEM_KINDS, type ItemKind, type KitItem } from '../product/item'
import { complexionProduct } from '../product/recipeItem'
import type { FaceFacts } from '../suitability/face'
import type { Finding } from '../suitability/finding'
import { houseFindings } from '../suitability/houseRule'
import { findingsOn } from '../suitability/rules'
import { judged, said, type Candidate, type Situation } from './candidate'
import { foundationCandidates } from './foundations'
import { slotPlan, SLOTS, type SlotId } from './slots'
import { concernOf, type SlotUse } from './uses'

/** Everything that could go in a place, foundations apart. */
export function candidatesFor(use: SlotUse, situation: Situation, base: Candidate | null): Candidate[] {
  if (use.slot === 'foundation') return foundationCandidates(use, situation)
  const { kinds } = slotPlan(use.slot)
  const { face, job, settings, items, overrides } = situation
  return forSlot(items, use.slot).map(item => {
    const first = kinds.includes(item.kind)
    const findings = findingsOn({ item, slot: use.slot, skinType: use.skinType, face, job, settings })
    return judged(
      item,
      null,
      [
        ...findings,
        ...houseFindings(settings, use.slot, item),
        ...colourFindings(use.slot, item, situation, base),
        ...(first ? [] : [said('several-uses', -0.5, `${article(item.kind)} doing the work of ${article(kinds[0]!)}`)]),
        ...(item.own ? [said('own-product', 0.5, 'their own, used by nobody else')] : []),
      ],
      overrides,
    )
  })
}

const slotsOf = (kind: ItemKind) => SLOTS.filter(s => s.kinds.includes(kind)).map(s => s.id)
const SLOTS_BY_KIND: ReadonlyMap<ItemKind, readonly SlotId[]> = new Map(ITEM_KINDS.map(k => [k, slotsOf(k)]))
const bySlot = new WeakMap<readonly KitItem[], Map<SlotId, KitItem[]>>()
/** Items that may do the work of a place, sorted out once for all places of a plan. */
function forSlot(items: readonly KitItem[], slot: SlotId): readonly KitItem[] {
  let known = bySlot.get(items)
  if (!known) {
    known = new Map(SLOTS.map(s => [s.id, []]))
    for (const item of items)
      for (const kind of [item.kind, ...item.alsoFor])
        for (const slot of SLOTS_BY_KIND.get(kind)!) {
          const here = known.get(slot)!
          if (here.at(-1) !== item) here.push(item)
        }
    bySlot.set(items, known)
  }
  return known.get(slot)!
}

const article = (kind: ItemKind) => `${/^[aeiou]/.test(kind) ? 'an' : 'a'} ${kind}`

// On arms and legs an edge can be blended out a good way, but not every way.
const BODY_NEAR = 4
const BODY_FAR = 9
// How far a concealer may lie from the skin, a little lighter than it.
const CONCEALER_LIFT = 2

function colourFindings(slot: SlotId, item: KitItem, { face }: Situation, base: Candidate | null): Finding[] {
  if (!item.lab) return []
  if (slot === 'concealer') {
    const dE = difference(item.lab, { ...face.skin, L: face.skin.L + CONCEALER_LIFT })
    const by = dE <= 2.5 ? 2 : dE <= 5 ? 0.5 : -3
    return [
      said(
        'colour',
        by,
        dE <= 5 ? `sits at the skin, ΔE ${dE.toFixed(1)}` : `too far from this skin, ΔE ${dE.toFixed(1)}`,
      ),
    ]
  }
  if (slot === 'body') {
    const dE = difference(item.lab, face.skin)
    const told = `${dE <= BODY_NEAR ? 'agrees with the skin' : 'another colour than this skin'}, ΔE ${dE.toFixed(1)}`
    return [
      dE <= BODY_FAR
        ? said('colour', dE <= BODY_NEAR ? 1 : -1, told)
        : { rule: 'colour', effect: { is: 'veto', of: 'taste' }, sentence: told },
    ]
  }
  const concern = slot === 'corrector' ? concernOf(face) : null
  if (!concern || !base?.item.lab) return []
  const film = pigmentFor(complexionProduct(item as KitItem & { lab: Lab }))
  const cover = pigmentFor(complexionProduct(base.item as KitItem & { lab: Lab }))
  const { thickness, left, enough } = leastCorrection(
    film,
    cover,
    face.skin,
    areaOf(face.skin, concern.concern),
    UNDER_EYE,
  )
  if (thickness === 0 && enough) return [said('correction', 0, `the base alone hides the ${concern.concern}`)]
  if (thickness === 0) return [said('correction', -3, `does nothing for the ${concern.concern} at this depth`)]
  return [
    said(
      'correction',
      enough ? 2 - thickness : -1,
      enough
        ? `hides the ${concern.concern}; ${thickness <= 0.3 ? 'a trace' : 'a thin layer'} is the least that does`
        : `leaves the ${concern.concern} at ΔE ${left.toFixed(1)}`,
    ),
  ]
}
/** Where a corrector works the base lies thin. */
const UNDER_EYE = 0.5

/** Whether a base alone brings an area of concern within sight of its surroundings, so that no corrector is needed. */
export function hidesAlone({ item }: Candidate, face: FaceFacts): boolean {
  const concern = concernOf(face)
  if (!concern || !item.lab) return false
  const cover = pigmentFor(complexionProduct(item as KitItem & { lab: Lab }))
  const { thickness, enough } = leastCorrection(cover, cover, face.skin, areaOf(face.skin, concern.concern), UNDER_EYE)
  return enough && thickness === 0
}
