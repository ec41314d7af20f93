import Papa from 'papaparse'
import { FIELDS, titleOf, type Field } from '#core/stock/table/fields'
import { harmless } from '#core/stock/table/harmless'
import type { ImportedThing } from '../records/kit/imported'

/* The kit as a table in a text file: a column for each thing that can be said, everything else as JSON in the last. */

// What only somebody else's table says in words of its own.
const SAID_BY_OTHERS = ['shade', 'depth', 'undertone', 'lastUsed'] as const satisfies readonly Field[]
const COLUMNS = FIELDS.filter(f => !(SAID_BY_OTHERS as readonly Field[]).includes(f))

const cellOf = (thing: ImportedThing, field: Field): string | number => {
  switch (field) {
    case 'L':
    case 'a':
    case 'b':
      return thing.lab?.[field] ?? ''
    case 'price':
      return thing.priceMinor === undefined ? '' : (thing.priceMinor / 100).toFixed(2)
    case 'place':
      return (thing.place ?? []).map(p => p.replaceAll('›', '››').replaceAll('>', '>>')).join(' › ')
    case 'details':
      return thing.details ? JSON.stringify(thing.details) : ''
    case 'shade':
    case 'depth':
    case 'undertone':
    case 'lastUsed':
      return ''
    default:
      return thing[field] ?? ''
  }
}

/** Text cells that a spreadsheet would reckon with are marked as text. */
export const kitCsv = (things: readonly ImportedThing[]): string =>
  Papa.unparse({
    fields: COLUMNS.map(titleOf),
    data: things.map(t =>
      COLUMNS.map(f => {
        const cell = cellOf(t, f)
        return typeof cell === 'string' ? harmless(cell) : cell
      }),
    ),
  }) + '\r\n'
