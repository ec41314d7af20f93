import type { Pigment } from '../colour/kubelkaMunk'
import { pigmentFor } from '../complexion/bottles/pigments'
import { HIDE } from '../complexion/bottles/product'
import { CLEAR_LAB, type KitItem } from './item'

// A powder is dusted on: part of what its coverage would be as a cream.
const DUSTED = 0.45

/** Hiding power of what is sold as clear, by what it is: so that a clear powder goes unseen to about depth 6. */
const CLEAR_HIDE: Partial<Record<KitItem['kind'], number>> = {
  'powder': 0.06,
  'sun protection': 0.09,
  'primer': 0.012,
}
const CLEAR = 0.003
const MINERAL = 0.09

const films = new WeakMap<KitItem, Pigment>()

/** The film a layer leaves: its own colour where it has one, near white where it is sold as clear. */
export function filmOf(item: KitItem): Pigment {
  const known = films.get(item)
  if (known) return known
  const filtered = item.filter === 'mineral' && (item.spf ?? 0) >= 15
  const own = item.kind === 'powder' ? DUSTED * HIDE[item.coverage] : undefined
  const hide = item.hide ?? (item.lab ? own : Math.max(CLEAR_HIDE[item.kind] ?? CLEAR, filtered ? MINERAL : 0))
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
