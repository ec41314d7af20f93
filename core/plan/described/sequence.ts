import type { FacePlan, Layer } from './describe'
import type { PlanStep } from '../layers/steps'

export type Turn = { layer: Layer; step: null } | { layer: null; step: PlanStep }

/** A plan as it is worked through: layers with the steps between them, and what is done once the face is finished. */
export function sequenceOf({ layers, steps }: Pick<FacePlan, 'layers' | 'steps'>): { face: Turn[]; later: PlanStep[] } {
  const turn = (step: PlanStep): Turn => ({ layer: null, step })
  const after = (slot: string) => steps.filter(s => typeof s.when === 'object' && s.when.after === slot)
  const lastOf = new Map(layers.map(l => [l.slot, l.key]))
  const face: Turn[] = [
    ...steps.filter(s => s.when === 'first').map(turn),
    ...layers.flatMap((layer): Turn[] => [
      { layer, step: null },
      ...(lastOf.get(layer.slot) === layer.key ? after(layer.slot).map(turn) : []),
    ]),
  ]
  const placed = new Set(face.flatMap(t => t.step ?? []))
  return { face, later: steps.filter(s => !placed.has(s)) }
}
