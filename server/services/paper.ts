import { rgb, type PDFDocument, type PDFFont, type PDFPage } from 'pdf-lib'

/* Sheets of paper with words on them, one line under the other; a new page where one is full. */

export const A4 = { width: 595, height: 842 }
export const MARGIN = 50
const RULE = rgb(0.4, 0.4, 0.4)

export class Paper {
  protected page: PDFPage
  protected y = A4.height - MARGIN

  constructor(
    private readonly document: PDFDocument,
    protected readonly plain: PDFFont,
    protected readonly bold: PDFFont,
  ) {
    this.page = document.addPage([A4.width, A4.height])
  }

  protected room(height: number): void {
    if (this.y - height > MARGIN) return
    this.page = this.document.addPage([A4.width, A4.height])
    this.y = A4.height - MARGIN
  }

  text(words: string, size = 10, font = this.plain): void {
    for (const line of brokenInto(printable(words, font), font, size, A4.width - 2 * MARGIN)) {
      this.room(size + 4)
      this.y -= size + 4
      this.page.drawText(line, { x: MARGIN, y: this.y, size, font })
    }
  }

  heading(words: string): void {
    this.room(40)
    this.y -= 12
    this.text(words, 12, this.bold)
  }

  /** Words, and a number at the right edge. */
  row(words: string, number: string, bold = false): void {
    const font = bold ? this.bold : this.plain
    const width = font.widthOfTextAtSize(number, 10)
    const lines = brokenInto(printable(words, font), font, 10, A4.width - 2 * MARGIN - width - 20)
    this.room(lines.length * 14 + 6)
    this.y -= 4
    for (const [i, line] of lines.entries()) {
      this.y -= 14
      this.page.drawText(line, { x: MARGIN, y: this.y, size: 10, font })
      if (i === 0) this.page.drawText(number, { x: A4.width - MARGIN - width, y: this.y, size: 10, font })
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

  space(height: number): void {
    this.room(height)
    this.y -= height
  }
}

/** Lines no wider than there is room; a word that is wider by itself is cut. */
function brokenInto(words: string, font: PDFFont, size: number, width: number): string[] {
  const fits = (text: string) => font.widthOfTextAtSize(text, size) <= width
  const lines: string[] = []
  let line = ''
  for (const word of words.split(/\s+/).filter(Boolean)) {
    const longer = line ? `${line} ${word}` : word
    if (fits(longer)) {
      line = longer
      continue
    }
    if (line) lines.push(line)
    line = word
    while (!fits(line)) {
      let most = line.length - 1
      while (most > 1 && !fits(line.slice(0, most))) most--
      lines.push(line.slice(0, most))
      line = line.slice(most)
    }
  }
  return [...lines, line]
}

/** What the letters of the page hold: those with signs they have not lose these, others become a question mark. */
export function printable(text: string, font: PDFFont): string {
  const holds = (letter: string) => {
    try {
      font.encodeText(letter)
      return true
    } catch {
      return false
    }
  }
  return [...text.normalize('NFC')]
    .map(letter =>
      holds(letter)
        ? letter
        : [...letter.normalize('NFD')].filter(holds).join('')
          || (/\p{Extended_Pictographic}|\p{Cc}|\p{M}/u.test(letter) ? ' ' : '?'),
    )
    .join('')
}
