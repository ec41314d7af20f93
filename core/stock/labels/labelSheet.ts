/* How labels lie on a sheet of paper. All lengths are millimetres. */

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
