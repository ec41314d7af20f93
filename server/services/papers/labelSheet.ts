import { PDFDocument, rgb, type PDFPage } from 'pdf-lib'
import QRCode from 'qrcode'
import type { LabelText } from '#core/stock/labels/labels'
import { isolated, prepared, Type, type Weight } from './type'
import { LABEL_FORMATS, PAPERS, spotsOf, type LabelFormat, type Paper } from '#core/stock/labels/labelSheet'

/* Labels as a PDF, to be printed without scaling. */

export interface LabelOrder {
  labels: (LabelText & { address: string })[]
  paper: Paper
  format: LabelFormat
  /** How many labels of the first sheet were used before. */
  used: number
  /** Correction for a printer that pulls the paper askew: to the right and down, mm. */
  shift: [number, number]
  /** To be cut out of plain paper. */
  outlines: boolean
}

const POINT = 72 / 25.4
const INK = rgb(0, 0, 0)
const GREY = rgb(0.6, 0.6, 0.6)

export async function labelSheet(order: LabelOrder, fonts: string): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.setTitle('Labels')
  document.setProducer('Varietas')
  const type = await Type.for(
    document,
    order.labels.flatMap(l => [l.name, l.code, l.age]),
    fonts,
  )
  const { width, height } = PAPERS[order.paper]
  const spots = spotsOf(order.paper, order.format)
  let page: PDFPage | undefined
  for (const [i, label] of order.labels.entries()) {
    const spot = spots[(order.used + i) % spots.length]!
    if (!page || (order.used + i) % spots.length === 0) page = document.addPage([width * POINT, height * POINT])
    draw(page, label, order, spot.x + order.shift[0], spot.y + order.shift[1], type)
  }
  return document.save()
}

function draw(
  page: PDFPage,
  label: LabelOrder['labels'][number],
  order: LabelOrder,
  left: number,
  top: number,
  type: Type,
) {
  const { width, height, round, code } = LABEL_FORMATS[order.format]
  const down = (y: number) => page.getHeight() - y * POINT
  if (order.outlines) {
    if (round)
      page.drawCircle({
        x: (left + width / 2) * POINT,
        y: down(top + height / 2),
        size: (width / 2) * POINT,
        borderColor: GREY,
        borderWidth: 0.4,
      })
    else
      page.drawRectangle({
        x: left * POINT,
        y: down(top + height),
        width: width * POINT,
        height: height * POINT,
        borderColor: GREY,
        borderWidth: 0.4,
      })
  }
  if (round) {
    drawCode(page, label.address, left + (width - code) / 2, top + 2, code)
    // Until when counts more than since when: a lid has room for one of them.
    const until = label.age.split(', ').at(-1) ?? ''
    for (const [i, text] of [label.code.split(',')[0]!, label.name, until].entries())
      centred(
        page,
        type,
        text,
        i === 0 ? 'bold' : 'plain',
        left + width / 2,
        top + 2 + code + 2.6 + i * 2.7,
        width * LID_ROOM[i]!,
      )
    return
  }
  const inset = 1.6
  drawCode(page, label.address, left + inset, top + (height - code) / 2, code)
  const x = left + inset + code + 1.6
  const room = width - (x - left) - inset
  const size = Math.min(9, (height / 22) * 7.2)
  const step = (size * 1.25) / POINT
  const rows = (text: string, weight: Weight, share: number) =>
    broken(type, weight, text, size * share, room * POINT, 2).map(line => ({
      line: isolated(line),
      weight,
      size: size * share,
    }))
  const all = [...rows(label.name, 'bold', 1), ...rows(label.code, 'plain', 0.85), ...rows(label.age, 'plain', 0.85)]
  const shown = all.slice(0, Math.floor((height - 2 * 1.2) / step))
  let y = top + (height - shown.length * step) / 2 + step * 0.8
  for (const { line, ...how } of shown) {
    type.draw(page, line, { x: x * POINT, y: down(y), ...how, color: INK })
    y += step
  }
}

/** Share of the width that each line of a round label has, from the widest down. */
const LID_ROOM = [0.82, 0.68, 0.5] as const

function centred(page: PDFPage, type: Type, text: string, weight: Weight, x: number, y: number, room: number): void {
  const size = 6.2
  const [line = ''] = broken(type, weight, text, size, room * POINT, 1)
  const wide = type.width(line, size, weight)
  type.draw(page, isolated(line), {
    x: x * POINT - wide / 2,
    y: page.getHeight() - y * POINT,
    size,
    weight,
    color: INK,
  })
}

/** Words on so many lines of a width; what does not fit ends in dots. */
function broken(type: Type, weight: Weight, words: string, size: number, room: number, most: number): string[] {
  const fits = (text: string) => type.width(text, size, weight) <= room
  const lines: string[] = []
  for (const word of prepared(words).split(' ').filter(Boolean)) {
    const last = lines.at(-1)
    if (last !== undefined && fits(`${last} ${word}`)) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  const shown = lines.slice(0, most)
  const cut = lines.length > most
  return shown.map((line, i) => {
    const isLast = cut && i === most - 1
    if (fits(line) && !isLast) return line
    const letters = [...new Intl.Segmenter().segment(line)].map(s => s.segment)
    while (letters.length > 0 && !fits(`${letters.join('')}...`)) letters.pop()
    return `${letters.join('')}...`
  })
}

/** A square code as one path of dark runs. */
function drawCode(page: PDFPage, address: string, left: number, top: number, edge: number): void {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' })
  const count = modules.size
  let path = ''
  for (let y = 0; y < count; y++)
    for (let x = 0; x < count; x++) {
      if (!modules.get(y, x)) continue
      let run = 1
      while (x + run < count && modules.get(y, x + run)) run++
      path += `M${x} ${y}h${run}v1h-${run}z`
      x += run
    }
  page.drawSvgPath(path, {
    x: left * POINT,
    y: page.getHeight() - top * POINT,
    scale: (edge / count) * POINT,
    color: INK,
    borderWidth: 0,
  })
}
