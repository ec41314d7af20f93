import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { PDFDocument } from 'pdf-lib'
import { USUAL_VENUE } from '#core/bag/venue'
import { LABEL_FORMATS, type LabelFormat } from '#core/stock/labels/labelSheet'
import { wordsOfPdfs } from '../../../tests/support/pdfWords'
import { fontsFolder } from '../../base/config'
import { agreementPaper, quotePaper, type JobPaper } from './jobPapers'
import { labelSheet } from './labelSheet'
import { FAMILY_NAMES, isolated, prepared, Type } from './type'

const NAMES = {
  'Latin with all its marks': 'Łucja Żółć-Dvořáková Nguyễn Thị Hằng Şeyma İpek',
  'Greek': 'Ελένη Παπαδοπούλου',
  'Cyrillic': 'Оксана Їжакевич Ђорђе',
  'Arabic': 'نور محمد',
  'Hebrew': 'שרה לוי',
  'Devanagari': 'प्रिया कीर्ति शर्मा',
  'Thai': 'สุภาพร น้ำทิพย์',
  'Chinese': '王小芳',
  'Japanese': 'さくら 高橋',
  'Korean': '김민지',
  'Armenian': 'Անահիտ',
  'Georgian': 'ნინო',
  'Bengali': 'প্রিয়া',
  'Tamil': 'ப்ரியா',
  'Ethiopic': 'ሰላም',
}
const CURRENCIES = ['zł', 'Kč', '₺', '₹', 'د.إ']

const order = (more: Partial<JobPaper>): JobPaper => ({
  job: 'Vows',
  day: '14 Dec 2026',
  place: 'The upper lock',
  client: 'Ottoline',
  currency: 'PMK',
  lines: [{ what: 'Make-up', count: 4, minor: 40_000 }],
  feeMinor: 40_000,
  people: [],
  begins: '06:30',
  venue: USUAL_VENUE,
  written: '27 Nov 2026',
  ...more,
})

const letters = (text: string) => [...new Set(text.normalize('NFKC').replace(/[\s\p{M}]/gu, ''))].sort()

describe('the type of papers', () => {
  it('has every letter of fifteen scripts, and whatever a region pays with; a reader finds them again', async () => {
    const people = Object.values(NAMES).map(name => ({ name, services: '', readyBy: '9:30' }))
    const papers = [await agreementPaper(order({ people }), fontsFolder())]
    for (const currency of CURRENCIES) papers.push(await quotePaper(order({ currency }), fontsFolder()))
    const [agreement, ...quotes] = wordsOfPdfs(papers)
    expect(agreement).not.toMatch(/\?|no type for/)
    for (const name of Object.values(NAMES))
      expect([name, letters(name).filter(l => !agreement!.includes(l))]).toEqual([name, []])
    for (const [i, words] of quotes.entries()) {
      expect(letters(words)).toEqual(expect.arrayContaining(letters(CURRENCIES[i]!)))
      expect(words).toContain('400.00')
    }
  })

  it('names what it has no letters for at the foot, and shows a box in their place; pictures are no letters', async () => {
    const [words] = wordsOfPdfs([await quotePaper(order({ client: 'Ada 𓀀 🎉 ©' }), fontsFolder())])
    expect(words).toContain('Letters this paper has no type for stand as a box: U+13000.')
    expect(words).toContain('©')
    expect(prepared('a🎉\u0000b\nc')).toBe('ab c')
  })

  it('puts words from right to left in the order of the eye, also among others', async () => {
    const document = await PDFDocument.create()
    const texts = [`For ${isolated('שרה לוי (כלה)')}: bride`, `400.00 ${isolated('د.إ')}`]
    const type = await Type.for(document, texts, fontsFolder())
    const page = document.addPage()
    const drawn: { text: string; x: number }[] = []
    jest.spyOn(page, 'drawText').mockImplementation((text, at) => void drawn.push({ text, x: at!.x! }))
    for (const text of texts) type.draw(page, text, { x: 0, y: 0, size: 10 })
    // Hebrew is turned round by its letters, brackets look the other way, and what comes after stays behind it.
    expect(drawn.map(d => d.text)).toEqual(['For ', '(', 'כלה', ')', 'שרה לוי ', ': bride', '400.00 ', 'إ', '.', 'د'])
    for (const [i, { x }] of drawn.entries()) if (i > 0 && x > 0) expect(x).toBeGreaterThan(drawn[i - 1]!.x)
  })

  it('prints labels in any script, cut by whole letters where there is no room', async () => {
    const labels = Object.values(NAMES).map(name => ({
      name: `${name} ${name} ${name}`,
      code: name,
      age: '',
      address: 'http://127.0.0.1/t/x',
    }))
    const sheet = { labels, paper: 'A4' as const, used: 0, shift: [0, 0] as [number, number], outlines: false }
    const sheets = []
    for (const format of (Object.keys(LABEL_FORMATS) as LabelFormat[]).slice(0, 2))
      sheets.push(await labelSheet({ ...sheet, format }, fontsFolder()))
    for (const words of wordsOfPdfs(sheets)) expect(words).not.toContain('?')
  })

  it('says on every label until when, on a lid too', async () => {
    const formats = Object.keys(LABEL_FORMATS) as LabelFormat[]
    const label = { name: 'Almond Lane', code: '5.5 golden, silicone', age: 'opened 3/26, until 3/27' }
    const sheets = []
    for (const format of formats) {
      const labels = [{ ...label, address: 'http://127.0.0.1/t/x' }]
      sheets.push(
        await labelSheet({ labels, paper: 'A4', used: 0, shift: [0, 0], outlines: false, format }, fontsFolder()),
      )
    }
    const words = wordsOfPdfs(sheets)
    for (const [i, format] of formats.entries())
      expect([format, words[i]]).toEqual([format, expect.stringContaining('3/27')])
  })

  it('lies where it is read from, in every weight', () => {
    for (const name of FAMILY_NAMES)
      expect([name, existsSync(join(fontsFolder(), name, 'unicode.json'))]).toEqual([name, true])
  })
})
