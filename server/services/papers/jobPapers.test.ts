import { PDFDocument } from 'pdf-lib'
import { fontsFolder } from '../../base/config'
import { USUAL_VENUE } from '#core/bag/venue'
import { agreementPaper, quotePaper, termsOfPlace, type JobPaper } from './jobPapers'

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
  venue: USUAL_VENUE,
  written: '27 Nov 2026',
}

describe('papers of a job', () => {
  it('are drawn whatever the names are written in, over as many pages as it takes', async () => {
    const quote = await PDFDocument.load(await quotePaper(order, fontsFolder()))
    expect(quote.getTitle()).toBe('Quote: Vows')
    expect(quote.getPageCount()).toBe(1)
    const agreement = await PDFDocument.load(await agreementPaper(order, fontsFolder()))
    expect(agreement.getPageCount()).toBeGreaterThan(3)
    expect(
      (await PDFDocument.load(await agreementPaper({ ...order, people: [], lines: [] }, fontsFolder()))).getPageCount(),
    ).toBe(1)
  })
  it('ask the client only for what there is at the place, and say what is brought instead', () => {
    expect(termsOfPlace(USUAL_VENUE)).toEqual([
      'The client provides: a chair for each face at work, daylight or a place for a lamp, a table that can be wiped, a socket within reach, running water nearby.',
    ])
    const [provides, brings, stairs] = termsOfPlace({ stairs: 3, power: false, water: false, table: false })
    expect(provides).not.toMatch(/table|socket|water/)
    expect(brings).toMatch(/belt.*batteries.*wipes/)
    expect(stairs).toContain('3 flights')
    expect(termsOfPlace({ ...USUAL_VENUE, stairs: 1 })[1]).toContain('one flight of stairs')
  })
})
