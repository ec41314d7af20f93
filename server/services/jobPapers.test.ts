import { PDFDocument } from 'pdf-lib'
import { agreementPaper, quotePaper, type JobPaper } from './jobPapers'

const order: JobPaper = {
  job: 'Vows',
  day: '14 Dec 2026',
  place: 'The upper lock',
  client: 'نور Ottoline 🎉',
  currency: 'PMK',
  lines: [{ what: 'Make-up', count: 4, minor: 40_000 }],
  feeMinor: 40_000,
  people: Array.from({ length: 60 }, (_, i) => ({
    name: `Face ${i} ${'x'.repeat(120)}`,
    services: '',
    readyBy: '11:40',
  })),
  begins: '06:30',
  written: '27 Nov 2026',
}

describe('papers of a job', () => {
  it('are drawn whatever the names are written in, over as many pages as it takes', async () => {
    const quote = await PDFDocument.load(await quotePaper(order))
    expect(quote.getTitle()).toBe('Quote: Vows')
    expect(quote.getPageCount()).toBe(1)
    const agreement = await PDFDocument.load(await agreementPaper(order))
    expect(agreement.getPageCount()).toBeGreaterThan(3)
    expect((await PDFDocument.load(await agreementPaper({ ...order, people: [], lines: [] }))).getPageCount()).toBe(1)
  })
})
