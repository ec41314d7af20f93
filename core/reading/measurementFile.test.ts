import { smoothestReflectance } from '../colour/spectrum'
import { FileProblem, readMeasurements } from './measurementFile'

const cgats = (rows: string, format = 'SAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B') => `CGATS.17
ORIGINATOR "a meter"
NUMBER_OF_FIELDS 5
BEGIN_DATA_FORMAT
${format}
END_DATA_FORMAT
NUMBER_OF_SETS 2
BEGIN_DATA
${rows}
END_DATA
`
const problem = (text: string) => {
  try {
    readMeasurements(text)
  } catch (e) {
    if (e instanceof FileProblem) return { line: e.line, message: e.message }
    throw e
  }
  return null
}

describe('CGATS text', () => {
  it('reads Lab with quoted names', () => {
    const [jaw, neck] = readMeasurements(cgats('1 "left jaw" 58.1 11.2 18.9\n2 neck 60.0 10.1 18.0'))
    expect(jaw).toEqual({ name: 'left jaw', lab: { L: 58.1, a: 11.2, b: 18.9 }, reflectance: null })
    expect(neck!.lab.L).toBe(60)
  })
  it.each([
    ['SAMPLE_ID SAMPLE_NAME', '1 jaw', 'jaw'],
    ['SAMPLE_ID NAME', '1 jaw', 'jaw'],
    ['SAMPLE_ID SITE', '1 neck', 'neck'],
    ['ID REMARK', '4 x', '4'],
    ['SAMPLE_ID ID', 'A7 9', 'A7'],
    ['REMARK OTHER', 'x y', 'measurement 1'],
  ])('names a measurement by the best of %s', (columns, cells, name) => {
    const [sample] = readMeasurements(cgats(`${cells} 58.1 11.2 18.9`, `${columns} LAB_L LAB_A LAB_B`))
    expect(sample!.name).toBe(name)
  })
  it('reads spectra, in percent, over another range, to the colour they have', () => {
    const lab = { L: 58, a: 11, b: 19 }
    const R = smoothestReflectance(lab)
    const nm = Array.from({ length: 36 }, (_, i) => 380 + 10 * i)
    const format = `SAMPLE_ID ${nm.map(n => `SPECTRAL_NM${n}`).join(' ')}`
    const [sample] = readMeasurements(cgats(`7 ${[...R].map(r => (100 * r).toFixed(4)).join(' ')}`, format))
    expect(sample!.name).toBe('7')
    expect(sample!.lab.L).toBeCloseTo(58, 2)
    expect(sample!.lab.a).toBeCloseTo(11, 2)
    const coarse = nm.filter(n => n >= 400 && n <= 700 && n % 20 === 0)
    const [less] = readMeasurements(
      cgats(
        `7 ${coarse.map(n => R[(n - 380) / 10]!.toFixed(5)).join(' ')}`,
        `SAMPLE_ID ${coarse.map(n => `NM_${n}`).join(' ')}`,
      ),
    )
    expect(less!.lab.L).toBeCloseTo(58, 0)
  })
  it.each([
    ['a word for a number', cgats('1 jaw 58 eleven 18'), 9, /"eleven" under LAB_A is not a number/],
    ['a value too few', cgats('1 jaw 58 11 18\n2 neck 58 11'), 10, /LAB_B is missing|has 4 values for 5 columns/],
    ['an impossible L*', cgats('1 jaw 158 11 18'), 9, /L\* is 158/],
    ['no data format', 'CGATS.17\nBEGIN_DATA\n1 2 3\nEND_DATA', 0, /BEGIN_DATA_FORMAT is missing/],
    ['an open end', cgats('1 jaw 58 11 18').replace('END_DATA\n', ''), 8, /never closed/],
    [
      'neither Lab nor spectrum',
      cgats('1 jaw 58 11 18', 'SAMPLE_ID NAME CMYK_C CMYK_M CMYK_Y'),
      5,
      /neither Lab columns/,
    ],
    ['a short spectrum', cgats('1 0.2 0.3', 'SAMPLE_ID NM_450 NM_460'), 5, /400 to 700 are needed/],
  ])('%s is told with its line', (_what, text, line, message) => {
    expect(problem(text)).toEqual({ line, message: expect.stringMatching(message) })
  })
})

describe('CSV', () => {
  it.each([
    ['commas', 'name,L*,a*,b*\njaw,58.1,11,19'],
    ['semicolons and decimal commas', 'Name;L;a;b\njaw;58,1;11;19'],
    ['tabs, quotes and a byte order mark', '\uFEFF"name"\t"LAB_L"\t"LAB_A"\t"LAB_B"\r\n"jaw"\t"58.1"\t"11"\t"19"\r\n'],
    ['a remark and empty lines', '# taken on Monday\nname,L,a,b\n\njaw,58.1,11,19\n'],
  ])('with %s', (_what, text) =>
    expect(readMeasurements(text)).toEqual([{ name: 'jaw', lab: { L: 58.1, a: 11, b: 19 }, reflectance: null }]),
  )

  it('names the line that is wrong, counting empty ones and remarks', () => {
    expect(problem('# remark\nname,L,a,b\n\njaw,58,11,19\nneck,58,,19')).toEqual({
      line: 5,
      message: 'Line 5: a is missing.',
    })
    expect(problem('just words')).toMatchObject({ line: 1 })
    expect(problem('   ')).toEqual({ line: 0, message: 'The file is empty.' })
    expect(problem('name,L,a,b')).toEqual({
      line: 1,
      message: 'Line 1: there are columns but no measurement below them.',
    })
    expect(problem('PK\u0003\u0004\u0000\u0000')).toMatchObject({ message: expect.stringMatching(/not a text file/) })
    expect(problem(`L,a,b\n${'58,11,19\n'.repeat(1001)}`)).toMatchObject({ line: 1002 })
  })
})
