import { aimAt, type Aim } from '../../look/aim'
import type { FaceFacts, SkinType, Zone } from '../../asked/face'
import type { JobFacts } from '../../asked/job'
import { needsIn, sceneOf } from './'
import type { Need, Scene } from './need'
import type { PlanSettings } from '../../asked/settings'
import { ORDER, slotPlan, zonesOf, type PlaceKey, type SlotId } from '../../asked/slots'

/** One place of a plan to be filled for this face: a slot, sometimes for one part of the face only. */
export interface SlotUse {
  key: PlaceKey
  slot: SlotId
  name: string
  where: string | null
  zones: readonly Zone[]
  /** Skin type where this layer lies. */
  skinType: SkinType
  /** The second tone's own colour, for its foundation. */
  tone: FaceFacts['secondTone']
  /** What a corrector is for. */
  concern: Need['concern'] | null
  /** What the colour is to do there; null where none is chosen by eye. */
  aim: Aim | null
  /** Why it is there: at least one. */
  needs: readonly Need[]
}

/** A place with its reasons. */
export function placeFor({ face, look }: Scene, key: PlaceKey, needs: readonly Need[]): SlotUse {
  const { slot } = needs[0]!
  const placed = needs.filter(n => n.where !== undefined)
  const where = [...new Set(placed.flatMap(n => n.where!.split(', ')))]
  const zones = [...new Set(placed.flatMap(n => n.zones ?? []))]
  return {
    key,
    slot,
    name: slotPlan(slot).name,
    where: where.length > 0 ? where.join(', ') : null,
    zones: zones.length > 0 ? zones : zonesOf(slot),
    skinType: needs.find(n => n.skinType)?.skinType ?? face.skinType,
    tone: needs.find(n => n.tone)?.tone ?? null,
    concern: needs.find(n => n.concern)?.concern ?? null,
    aim: aimAt(key, face, look),
    needs: asCharted(needs),
  }
}

/** The chart is the later word: needs from what is usual are dropped, and no condition of theirs counts any more. */
function asCharted(needs: readonly Need[]): readonly Need[] {
  if (!needs.some(n => n.from === 'chart')) return needs
  return needs.filter(n => n.from !== 'look' && n.from !== 'programme').map(({ met: _met, ...n }) => n)
}

/** Where a place stands among those of its slot: a scrub before the balm, the lid before the crease. */
const FIRST: readonly PlaceKey[] = ['lip care: scrub']

/** The places to fill, in the order of the method: those for which there is a reason. */
export function placesIn(scene: Scene, held: readonly Need[] = []): SlotUse[] {
  const { settings } = scene
  const byKey = new Map<PlaceKey, Need[]>()
  for (const need of [...needsIn(scene), ...held]) byKey.set(need.key, [...(byKey.get(need.key) ?? []), need])
  const uses = [...byKey].map(([key, needs]) => placeFor(scene, key, needs))
  const order = ORDER[settings.order]
  const rank = ({ key, slot }: SlotUse) => order.indexOf(slot) + (FIRST.includes(key) ? -0.5 : key === slot ? 0 : 0.5)
  return uses.sort((x, y) => rank(x) - rank(y))
}

export const usesFor = (face: FaceFacts, job: JobFacts, settings: PlanSettings): SlotUse[] =>
  placesIn(sceneOf(face, job, settings))
