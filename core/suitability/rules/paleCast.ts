import type { Pigment } from '../../colour/kubelkaMunk'
import { HIDE } from '../../complexion/product'
import { pigmentFor } from '../../complexion/pigments'
import { castOf } from '../../complexion/worn'
import { weight, when, type Rule } from '../finding'
import { CLEAR_LAB, type KitItem } from '../../product/item'
import type { SlotId } from '../../plan/slots'

// Layers that should not show. Colour that is meant to be seen is judged elsewhere.
const UNSEEN: readonly SlotId[] = ['moisturise', 'sun protection', 'primer', 'powder', 'set']
const VISIBLE = 2
// Beyond this nobody would call it a matter of taste.
const PLAIN = 5

// A powder is dusted on: a small part of what its coverage would be as a cream.
const DUSTED = 0.15

/** Hiding power of what is sold as clear, by what it is. */
const CLEAR_HIDE: Partial<Record<KitItem['kind'], number>> = {
  'powder': 0.02,
  'sun protection': 0.03,
  'primer': 0.004,
  'setting spray': 0.001,
  'moisturiser': 0.001,
}

const films = new WeakMap<KitItem, Pigment>()

/** The film a layer leaves: its own colour where it has one, near white where it is sold as clear. */
export function filmOf(item: KitItem): Pigment {
  const known = films.get(item)
  if (known) return known
  const filtered = item.filter === 'mineral' && (item.spf ?? 0) >= 15
  const own = item.kind === 'powder' ? DUSTED * HIDE[item.coverage] : undefined
  const hide = item.hide ?? (item.lab ? own : Math.max(CLEAR_HIDE[item.kind] ?? 0.001, filtered ? 0.03 : 0))
  const film = pigmentFor({
    id: item.id,
    lab: item.lab ?? CLEAR_LAB,
    coverage: item.coverage,
    hide,
    family: item.family,
  })
  films.set(item, film)
  return film
}

export const paleCast: Rule = {
  id: 'pale-cast',
  looksAt: 'pale cast',
  weigh({ item, slot, face }) {
    if (!UNSEEN.includes(slot)) return []
    const { deltaE, lighter, greyer } = castOf(filmOf(item), face.skin)
    return when([
      deltaE > VISIBLE && (lighter > 1 || greyer > 1),
      weight(
        deltaE > PLAIN ? -4 : -2,
        `turns ${greyer > lighter ? 'grey' : 'pale'} on this depth, by ΔE ${deltaE.toFixed(1)}`,
      ),
    ])
  },
}
