import type { FacePlan } from '../plan/described/describe'
import type { SlotId } from '../asked/slots'

/* The set bag: what stays within reach once faces are done, out of what was put on them. */

/** What a touch-up mends, in the order it is done; everything else stays in the case. */
const TOUCHED_UP: readonly SlotId[] = ['concealer', 'powder', 'lash glue', 'lip liner', 'lip colour', 'lip top', 'set']
/** Beside the products, where a face has any. */
const WITH: Partial<Record<SlotId, string>> = {
  'powder': 'a clean puff or powder brush',
  'lip colour': 'lip applicators',
  'lash glue': 'tweezers',
}
const ALWAYS = ['tissues', 'cotton buds', 'hand gel'] as const
const BLOTS = ['shine rounds', 'blot']

/** One thing of the set bag, and whom it is for: bookings in the order of the day; empty for anybody. */
export interface InSetBag {
  name: string
  faces: string[]
}

/** @param faces those to be kept fresh, in the order of the day */
export function setBagOf(faces: readonly { id: string; plan: Pick<FacePlan, 'layers' | 'steps'> }[]): InSetBag[] {
  const bag = new Map<string, InSetBag>()
  const put = (key: string, name: string, face: string) => {
    const line = bag.get(key) ?? { name, faces: [] }
    if (!line.faces.includes(face)) line.faces.push(face)
    bag.set(key, line)
  }
  for (const slot of TOUCHED_UP)
    for (const { id, plan } of faces)
      for (const layer of plan.layers)
        if (layer.slot === slot && !layer.item.own) put(layer.item.id, layer.item.name, id)
  for (const { id, plan } of faces) {
    for (const slot of TOUCHED_UP) {
      const tool = WITH[slot]
      if (tool && plan.layers.some(l => l.slot === slot)) put(tool, tool, id)
    }
    if (plan.steps.some(s => BLOTS.includes(s.id))) put('blotting sheets', 'blotting sheets', id)
  }
  return bag.size === 0 ? [] : [...bag.values(), ...ALWAYS.map(name => ({ name, faces: [] }))]
}
