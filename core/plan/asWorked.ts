import type { FacePlan, Layer } from './described/describe'
import type { SlotId } from '../asked/slots'

/** What was done otherwise than planned at the chair. */
export interface Worked {
  /** Left out on the day. */
  cut: readonly SlotId[]
  /** What went on instead, by the key of the layer: an item that could stand there. */
  instead: ReadonlyMap<string, string>
}

/** A layer with one of its alternatives in its place, itself among them. */
function swapped(layer: Layer, itemId: string): Layer {
  const other = layer.alternatives.find(a => a.item.id === itemId)
  if (!other) return layer
  const { item, drops, score, findings } = layer
  return {
    ...layer,
    ...other,
    alternatives: [{ item, drops, score, findings }, ...layer.alternatives.filter(a => a !== other)],
  }
}

/** What is not put on where these are left out: nothing is glued where there are no lashes. */
export const withWhatGoesToo = (cut: readonly SlotId[]): readonly SlotId[] =>
  cut.includes('lashes') ? [...cut, 'lash glue'] : cut

/** A plan as it was worked; itself where nothing was done otherwise. */
export function asWorked<P extends Pick<FacePlan, 'layers'>>(plan: P, { cut, instead }: Worked): P {
  const gone = withWhatGoesToo(cut)
  const layers = plan.layers
    .filter(l => !gone.includes(l.slot))
    .map(l => (instead.has(l.key) ? swapped(l, instead.get(l.key)!) : l))
  const isSame = layers.length === plan.layers.length && layers.every((l, i) => l === plan.layers[i])
  return isSame ? plan : { ...plan, layers }
}
