import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib'
import QRCode from 'qrcode'
import type { LabelText } from '#core/stock/labels'
import { printable } from './paper'
import { LABEL_FORMATS, PAPERS, spotsOf, type LabelFormat, type Paper } from '#core/stock/labelSheet'

/* Labels as a PDF to be printed as it is: nothing in it may be scaled. */

export interface LabelOrder {
  labels: (LabelText & { address: string })[]
  paper: Paper
  format: LabelFormat
  /** Labels of the first sheet that are gone already. */
  used: number
  /** Where the printer pulls the paper askew: to the right and down, mm. */
  shift: [number, number]
  /** To be cut out of plain paper. */
  outlines: boolean
}

const POINT = 72 / 25.4
const INK = rgb(0, 0, 0)
const GREY = rgb(0.6, 0.6, 0.6)

export async function labelSheet(order: LabelOrder): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.setTitle('Labels')
  document.setProducer('Varietas')
  const fonts = {
    plain: await document.embedFont(StandardFonts.Helvetica),
    bold: await document.embedFont(StandardFonts.HelveticaBold),
  }
  const { width, height } = PAPERS[order.paper]
  const spots = spotsOf(order.paper, order.format)
  let page: PDFPage | undefined
  for (const [i, label] of order.labels.entries()) {
    const spot = spots[(order.used + i) % spots.length]!
    if (!page || (order.used + i) % spots.length === 0) page = document.addPage([width * POINT, height * POINT])
    draw(page, label, order, spot.x + order.shift[0], spot.y + order.shift[1], fonts)
  }
  return document.save()
}

interface Fonts {
  plain: PDFFont
  bold: PDFFont
}

function draw(
  page: PDFPage,
  label: LabelOrder['labels'][number],
  order: LabelOrder,
  left: number,
  top: number,
  fonts: Fonts,
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
    drawCode(page, label.address, left + (width - code) / 2, top + 2.6, code)
    const lines = [label.code.split(',')[0]!, label.name].map((text, i) => ({
      text,
      font: i === 0 ? fonts.bold : fonts.plain,
    }))
    for (const [i, { text, font }] of lines.entries())
      centred(
        page,
        text,
        font,
        left + width / 2,
        top + 2.6 + code + 2.9 + i * 2.8,
        i === 0 ? width * 0.82 : width * 0.62,
      )
    return
  }
  const inset = 1.6
  drawCode(page, label.address, left + inset, top + (height - code) / 2, code)
  const x = left + inset + code + 1.6
  const room = width - (x - left) - inset
  const size = Math.min(9, (height / 22) * 7.2)
  const step = (size * 1.25) / POINT
  const name = broken(fonts.bold, label.name, size, room * POINT, 2)
  const rows = [
    ...name.map(text => ({ text, font: fonts.bold })),
    ...broken(fonts.plain, label.code, size * 0.85, room * POINT, 2).map(text => ({ text, font: fonts.plain })),
    ...broken(fonts.plain, label.age, size * 0.85, room * POINT, 2).map(text => ({ text, font: fonts.plain })),
  ]
  const shown = rows.slice(0, Math.floor((height - 2 * 1.2) / step))
  let y = top + (height - shown.length * step) / 2 + step * 0.8
  for (const { text, font } of shown) {
    page.drawText(text, { x: x * POINT, y: down(y), size: font === fonts.bold ? size : size * 0.85, font, color: INK })
    y += step
  }
}

function centred(page: PDFPage, text: string, font: PDFFont, x: number, y: number, room: number): void {
  const size = 6.2
  const [line] = broken(font, text, size, room * POINT, 1)
  const wide = font.widthOfTextAtSize(line ?? '', size)
  page.drawText(line ?? '', { x: x * POINT - wide / 2, y: page.getHeight() - y * POINT, size, font, color: INK })
}

/** Words on so many lines of a width; what does not fit ends in dots. */
function broken(font: PDFFont, words: string, size: number, room: number, most: number): string[] {
  const fits = (text: string) => font.widthOfTextAtSize(text, size) <= room
  const lines: string[] = []
  for (const word of printable(words, font).split(/\s+/).filter(Boolean)) {
    const last = lines.at(-1)
    if (last !== undefined && fits(`${last} ${word}`)) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  const shown = lines.slice(0, most)
  const cut = lines.length > most
  return shown.map((line, i) => {
    const isLast = cut && i === most - 1
    if (fits(line) && !isLast) return line
    let short = line
    while (short && !fits(`${short}...`)) short = short.slice(0, -1)
    return `${short}...`
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
