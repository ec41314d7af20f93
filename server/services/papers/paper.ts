import { rgb, type PDFDocument, type PDFPage } from 'pdf-lib'
import { prepared, type Type, type Weight } from './type'

/* Sheets of paper with words on them, one line under the other; a new page where one is full. */

export const A4 = { width: 595, height: 842 }
export const MARGIN = 50
const RULE = rgb(0.4, 0.4, 0.4)

export class Paper {
  protected page: PDFPage
  protected y = A4.height - MARGIN

  constructor(
    private readonly document: PDFDocument,
    protected readonly type: Type,
  ) {
    this.page = document.addPage([A4.width, A4.height])
  }

  protected room(height: number): void {
    if (this.y - height > MARGIN) return
    this.page = this.document.addPage([A4.width, A4.height])
    this.y = A4.height - MARGIN
  }

  text(words: string, size = 10, weight: Weight = 'plain'): void {
    for (const line of brokenInto(words, this.type, weight, size, A4.width - 2 * MARGIN)) {
      this.room(size + 4)
      this.y -= size + 4
      this.type.draw(this.page, line, { x: MARGIN, y: this.y, size, weight })
    }
  }

  heading(words: string): void {
    this.room(40)
    this.y -= 12
    this.text(words, 12, 'bold')
  }

  /** Words, and a number at the right edge. */
  row(words: string, number: string, bold = false): void {
    const weight = bold ? 'bold' : 'plain'
    const width = this.type.width(number, 10, weight)
    const lines = brokenInto(words, this.type, weight, 10, A4.width - 2 * MARGIN - width - 20)
    this.room(lines.length * 14 + 6)
    this.y -= 4
    for (const [i, line] of lines.entries()) {
      this.y -= 14
      this.type.draw(this.page, line, { x: MARGIN, y: this.y, size: 10, weight })
      if (i === 0) this.type.draw(this.page, number, { x: A4.width - MARGIN - width, y: this.y, size: 10, weight })
    }
  }

  rule(): void {
    this.room(8)
    this.y -= 6
    this.page.drawLine({
      start: { x: MARGIN, y: this.y },
      end: { x: A4.width - MARGIN, y: this.y },
      thickness: 0.7,
      color: RULE,
    })
  }

  /** Says which letters could not be printed; nothing where all could. */
  lacking(): void {
    const { lacking } = this.type
    if (lacking.size > 0)
      this.text(`Letters this paper has no type for stand as a box: ${[...lacking].map(codeOf).join(', ')}.`, 8)
  }

  space(height: number): void {
    this.room(height)
    this.y -= height
  }
}

/** Lines no wider than there is room; a word that is wider by itself is cut. */
function brokenInto(words: string, type: Type, weight: Weight, size: number, width: number): string[] {
  const fits = (text: string) => type.width(text, size, weight) <= width
  const lines: string[] = []
  let line = ''
  for (const word of prepared(words).split(' ').filter(Boolean)) {
    const longer = line ? `${line} ${word}` : word
    if (fits(longer)) {
      line = longer
      continue
    }
    if (line) lines.push(line)
    line = word
    while (!fits(line)) {
      const letters = [...new Intl.Segmenter().segment(line)].map(s => s.segment)
      let most = letters.length - 1
      while (most > 1 && !fits(letters.slice(0, most).join(''))) most--
      if (most < 1) break
      lines.push(letters.slice(0, most).join(''))
      line = letters.slice(most).join('')
    }
  }
  return [...lines, line]
}

const codeOf = (letter: string) => `U+${letter.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')}`
