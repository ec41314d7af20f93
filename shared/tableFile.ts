import Papa from 'papaparse'
import readExcelFile from 'read-excel-file/universal'

/* A table as somebody keeps it: a spreadsheet, or text with whatever parts its columns, in whatever letters it is written. */

export interface Sheet {
  name: string
  /** Rows of cells as text; days as 2026-03-14, figures with a point. */
  rows: string[][]
}

/** Why a file cannot be read, in words for the artist. */
export class UnreadableFile extends Error {}

const MOST_BYTES = 20_000_000
// Every spreadsheet of this kind is a zip archive, whatever its name ends in.
const ZIP = [0x50, 0x4b]
const OLD_SPREADSHEET = [0xd0, 0xcf]

/** @throws UnreadableFile */
export async function readTableFile(bytes: ArrayBuffer): Promise<Sheet[]> {
  if (bytes.byteLength > MOST_BYTES) throw new UnreadableFile('It is larger than 20 MB: take out what is no list.')
  const head = [...new Uint8Array(bytes.slice(0, 2))]
  const begins = (sign: readonly number[]) => sign.every((b, i) => head[i] === b)
  if (begins(OLD_SPREADSHEET))
    throw new UnreadableFile('It is a spreadsheet of an old sort (.xls): save it as .xlsx or CSV, then take that.')
  const sheets = begins(ZIP) ? await spreadsheet(bytes) : [{ name: '', rows: textRows(lettersOf(bytes)) }]
  const filled = sheets.filter(s => s.rows.some(r => r.some(c => c.trim() !== '')))
  if (filled.length === 0) throw new UnreadableFile('Nothing stands in it.')
  return filled
}

async function spreadsheet(bytes: ArrayBuffer): Promise<Sheet[]> {
  try {
    const sheets = await readExcelFile(bytes)
    return sheets.map(({ sheet, data }) => ({ name: sheet, rows: data.map(row => row.map(textOf)) }))
  } catch {
    throw new UnreadableFile('It cannot be read as a spreadsheet: save it anew as .xlsx or CSV.')
  }
}

const textOf = (cell: unknown): string =>
  cell === null || cell === undefined
    ? ''
    : cell instanceof Date
      ? cell.toISOString().slice(0, 10)
      : typeof cell === 'string'
        ? cell
        : typeof cell === 'number' || typeof cell === 'boolean'
          ? String(cell)
          : ''

/** Text that is not UTF-8 was written by an older program of Western Europe. */
function lettersOf(bytes: ArrayBuffer): string {
  const view = new Uint8Array(bytes)
  if ((view[0] === 0xff && view[1] === 0xfe) || (view[0] === 0xfe && view[1] === 0xff))
    return new TextDecoder(view[0] === 0xff ? 'utf-16le' : 'utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

function textRows(text: string): string[][] {
  if (text.includes('\u0000')) throw new UnreadableFile('It is no table: choose a CSV or an .xlsx file.')
  // Blank rows are kept: messages then name the row number that the artist sees in her file.
  const rows = Papa.parse<string[]>(text, { delimitersToGuess: [';', ',', '\t', '|'] }).data
  return rows.slice(0, rows.findLastIndex(r => r.some(c => c.trim() !== '')) + 1)
}
