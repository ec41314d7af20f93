import { skinPlace } from '../complexion/skin'
import type { Thing } from './thing'

/* Labels for what is owned: how they lie on a sheet, and what stands on one. All lengths are millimetres. */

export const PAPERS = { A4: { width: 210, height: 297 }, Letter: { width: 215.9, height: 279.4 } } as const
export type Paper = keyof typeof PAPERS

interface Format {
  width: number
  height: number
  /** Between one label and the next. */
  gap: number
  /** Round ones go on a lid. */
  round: boolean
  /** Edge of the square code. */
  code: number
}
export const LABEL_FORMATS = {
  'pouch': { width: 64, height: 32, gap: 2, round: false, code: 22 },
  'side of a bottle': { width: 46, height: 22, gap: 2, round: false, code: 17 },
  'side of a tube': { width: 36, height: 17, gap: 2, round: false, code: 14 },
  'top of a lid': { width: 27, height: 27, gap: 3, round: true, code: 13 },
} as const satisfies Record<string, Format>
export type LabelFormat = keyof typeof LABEL_FORMATS

// No printer prints to the edge.
const MARGIN = 8

export interface Spot {
  /** From the left and the top of the paper. */
  x: number
  y: number
}

/** Where the labels of a sheet lie, row by row, in the middle of the paper. */
export function spotsOf(paper: Paper, format: LabelFormat): Spot[] {
  const { width, height, gap } = LABEL_FORMATS[format]
  const fit = (length: number, one: number) => Math.floor((length - 2 * MARGIN + gap) / (one + gap))
  const { width: wide, height: high } = PAPERS[paper]
  const [columns, rows] = [fit(wide, width), fit(high, height)]
  const left = (wide - columns * width - (columns - 1) * gap) / 2
  const top = (high - rows * height - (rows - 1) * gap) / 2
  return Array.from({ length: columns * rows }, (_, i) => ({
    x: left + (i % columns) * (width + gap),
    y: top + Math.floor(i / columns) * (height + gap),
  }))
}

/** Sheets that so many labels take when the first of them has some already peeled off. */
export const sheetsFor = (count: number, used: number, paper: Paper, format: LabelFormat): number =>
  Math.ceil((count + used) / spotsOf(paper, format).length)

/** What stands on a label, shortest first where there is little room. */
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
