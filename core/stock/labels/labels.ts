import { skinPlace } from '../../complexion/skins/skin'
import type { Thing } from '../things/thing'

/* The text on the label of a thing. */

/** The text on a label, shortest first where there is little room. */
export interface LabelText {
  name: string
  /** Where it sits and on what base: "6.5 olive, silicone". */
  code: string
  /** "opened 3/26, until 3/27". */
  age: string
}

const LIKE_SKIN = ['foundation', 'concealer', 'adjuster', 'contour', 'bronzer', 'body make-up', 'powder', 'corrector']
const month = (day: string) => `${Number(day.slice(5, 7))}/${day.slice(2, 4)}`

export function labelOf(
  thing: Pick<
    Thing,
    'name' | 'kind' | 'shape' | 'lab' | 'family' | 'openedOn' | 'useBy' | 'percent' | 'count' | 'sort'
  >,
): LabelText {
  const { lab, kind, family, openedOn, useBy, percent } = thing
  const place = lab && LIKE_SKIN.includes(kind) ? skinPlace(lab) : null
  const sits =
    place && kind !== 'adjuster' && kind !== 'corrector' ? `${place.depth.toFixed(1)} ${place.undertone}` : ''
  const base = family && family !== 'unknown' ? family : ''
  const what = [sits || thing.shape || kind, base, percent === null ? '' : `${percent} %`].filter(Boolean)
  const age = [openedOn ? `opened ${month(openedOn)}` : '', useBy ? `until ${month(useBy)}` : '']
  return { name: thing.name, code: what.join(', '), age: age.filter(Boolean).join(', ') }
}
