import Papa from 'papaparse'
import type { Lab } from '../colour/lab'
import { reflectanceToLab } from '../colour/lab'
import { BANDS } from '../colour/tables'

/** One measured place in a file: its name as written there, its colour, and its spectrum where the file has one. */
export interface Sample {
  name: string
  lab: Lab
  reflectance: Float64Array | null
}

/** Thrown when a file cannot be read; `line` is counted from 1, 0 when it concerns the whole file. */
export class FileProblem extends Error {
  constructor(
    readonly line: number,
    message: string,
  ) {
    super(line > 0 ? `Line ${line}: ${message}` : message)
    this.name = 'FileProblem'
  }
}

const MOST_SAMPLES = 1000
const FIRST_NM = 380
const STEP_NM = 10
// A spectrum may begin later and end earlier than ours, by no more than this; its ends are kept.
const MUST_COVER = [400, 700] as const

interface Row {
  line: number
  cells: readonly string[]
}
interface Table {
  columns: readonly string[]
  headerLine: number
  rows: readonly Row[]
}

/**
 * Reads measured colours: CGATS text (ISO 28178 keywords) or CSV with a header row, Lab columns or spectra.
 * @throws FileProblem naming the line and what is wrong with it
 */
export function readMeasurements(text: string): Sample[] {
  if (text.trim() === '') throw new FileProblem(0, 'The file is empty.')
  if (text.includes('\u0000')) throw new FileProblem(0, 'This is not a text file: export CGATS text or CSV.')
  const table =
    /^\s*BEGIN_DATA\b/m.test(text) || /^\s*BEGIN_DATA_FORMAT\b/m.test(text) ? cgatsTable(text) : csvTable(text)
  if (table.rows.length === 0)
    throw new FileProblem(table.headerLine, 'there are columns but no measurement below them.')
  if (table.rows.length > MOST_SAMPLES)
    throw new FileProblem(
      table.rows[MOST_SAMPLES]!.line,
      `there are more than ${MOST_SAMPLES} measurements: split the file.`,
    )
  return samplesOf(table)
}

const linesOf = (text: string) => text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)

function cgatsTable(text: string): Table {
  const lines = linesOf(text)
  const at = (keyword: string, from = 0) => lines.findIndex((l, i) => i >= from && l.trim().toUpperCase() === keyword)
  const format = at('BEGIN_DATA_FORMAT')
  const formatEnd = at('END_DATA_FORMAT', format)
  if (format < 0) throw new FileProblem(0, 'BEGIN_DATA_FORMAT is missing: the file does not say what its columns are.')
  if (formatEnd < 0) throw new FileProblem(format + 1, 'BEGIN_DATA_FORMAT is never closed by END_DATA_FORMAT.')
  const data = at('BEGIN_DATA', formatEnd)
  if (data < 0) throw new FileProblem(formatEnd + 1, 'BEGIN_DATA is missing after the data format.')
  const dataEnd = at('END_DATA', data)
  if (dataEnd < 0) throw new FileProblem(data + 1, 'BEGIN_DATA is never closed by END_DATA.')
  const words = (line: string) => [...line.matchAll(/"([^"]*)"|(\S+)/g)].map(m => m[1] ?? m[2]!)
  const columns = lines.slice(format + 1, formatEnd).flatMap(words)
  const rows = lines
    .slice(data + 1, dataEnd)
    .flatMap((line, i): Row[] =>
      line.trim() === '' || line.trim().startsWith('#') ? [] : [{ line: data + 2 + i, cells: words(line) }],
    )
  return { columns, headerLine: format + 2, rows }
}

function csvTable(text: string): Table {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    header: false,
    skipEmptyLines: false,
    delimitersToGuess: [';', '\t', ',', '|'],
  })
  const rows = parsed.data
    .map((cells, i): Row => ({ line: i + 1, cells: cells.map(c => c.trim()) }))
    .filter(r => r.cells.some(c => c !== '') && !r.cells[0]!.startsWith('#'))
  const [header, ...rest] = rows
  if (!header || header.cells.length < 2)
    throw new FileProblem(
      header?.line ?? 0,
      'no columns found: separate them by commas, semicolons or tabs, with a header row.',
    )
  return { columns: header.cells, headerLine: header.line, rows: rest }
}

const plainName = (column: string) => column.toLowerCase().replace(/[^a-z0-9]/g, '')
const nmOf = (column: string): number | null => {
  const found = /^(?:spectral_?nm_?|nm_?|r_?|spec_?|)(\d{3})(?:\.0+)?(?:_?nm)?$/i.exec(column.trim())
  const nm = found ? Number(found[1]) : 0
  return nm >= 300 && nm <= 830 ? nm : null
}

function samplesOf({ columns, headerLine, rows }: Table): Sample[] {
  const find = (...names: string[]) => columns.findIndex(c => names.includes(plainName(c)))
  const lab = {
    L: find('labl', 'l', 'cielabl', 'lstar'),
    a: find('laba', 'a', 'cielaba', 'astar'),
    b: find('labb', 'b', 'cielabb', 'bstar'),
  }
  const spectrum = columns
    .flatMap((c, i) => (nmOf(c) === null ? [] : [{ nm: nmOf(c)!, i }]))
    .sort((x, y) => x.nm - y.nm)
  const hasLab = lab.L >= 0 && lab.a >= 0 && lab.b >= 0
  if (!hasLab && spectrum.length === 0)
    throw new FileProblem(
      headerLine,
      'neither Lab columns (LAB_L, LAB_A, LAB_B) nor wavelengths (SPECTRAL_NM400 …) are among the columns.',
    )
  if (spectrum.length > 0)
    checkSpan(
      spectrum.map(s => s.nm),
      headerLine,
    )
  // A name before a mere number.
  const name = ['samplename', 'name', 'site', 'sampleid', 'id'].map(n => find(n)).find(i => i >= 0) ?? -1
  const reflectances = spectrum.length > 0 ? rows.map(row => spectrum.map(({ i }) => numberAt(row, i, columns))) : null
  // Percent or share: one scale for the whole file.
  const scale = reflectances && Math.max(...reflectances.flat()) > 1.5 ? 100 : 1
  return rows.map((row, k): Sample => {
    if (row.cells.length < columns.length)
      throw new FileProblem(row.line, `has ${row.cells.length} values for ${columns.length} columns.`)
    const own = name >= 0 ? row.cells[name]! : `measurement ${k + 1}`
    if (reflectances) {
      const reflectance = resample(
        spectrum.map(s => s.nm),
        reflectances[k]!.map(v => v / scale),
        row.line,
      )
      return { name: own, reflectance, lab: reflectanceToLab(reflectance) }
    }
    const colour = {
      L: numberAt(row, lab.L, columns),
      a: numberAt(row, lab.a, columns),
      b: numberAt(row, lab.b, columns),
    }
    if (colour.L < 0 || colour.L > 100) throw new FileProblem(row.line, `L* is ${colour.L}; it lies between 0 and 100.`)
    if (Math.abs(colour.a) > 160 || Math.abs(colour.b) > 160)
      throw new FileProblem(row.line, 'a* or b* lies outside −160 to 160.')
    return { name: own, lab: colour, reflectance: null }
  })
}

function numberAt(row: Row, i: number, columns: readonly string[]): number {
  const text = row.cells[i]
  if (text === undefined || text === '') throw new FileProblem(row.line, `${columns[i]} is missing.`)
  const value = Number(text.replace(',', '.'))
  if (!Number.isFinite(value)) throw new FileProblem(row.line, `"${text}" under ${columns[i]} is not a number.`)
  return value
}

function checkSpan(nm: readonly number[], line: number): void {
  if (nm[0]! > MUST_COVER[0] || nm.at(-1)! < MUST_COVER[1])
    throw new FileProblem(
      line,
      `the spectrum runs from ${nm[0]} to ${nm.at(-1)} nm; ${MUST_COVER[0]} to ${MUST_COVER[1]} are needed.`,
    )
  const widest = nm.slice(1).reduce((most, v, i) => Math.max(most, v - nm[i]!), 0)
  if (widest > 20)
    throw new FileProblem(line, `the spectrum has a gap of ${widest} nm; steps of 20 nm or finer are needed.`)
}

/** Straight lines between the samples; the ends are kept where the file stops short. */
function resample(nm: readonly number[], values: readonly number[], line: number): Float64Array {
  return Float64Array.from({ length: BANDS }, (_, k) => {
    const at = FIRST_NM + k * STEP_NM
    let i = nm.findIndex(v => v >= at)
    if (i < 0) i = nm.length - 1
    const before = Math.max(0, i - 1)
    const t = nm[i]! <= at || i === 0 ? 1 : (at - nm[before]!) / (nm[i]! - nm[before]!)
    const value = values[before]! + Math.min(1, Math.max(0, t)) * (values[i]! - values[before]!)
    if (value < 0 || value > 1.5) throw new FileProblem(line, `a reflectance of ${value} at ${at} nm is not possible.`)
    return Math.min(1, value)
  })
}
