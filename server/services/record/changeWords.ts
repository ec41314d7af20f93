import { eq } from 'drizzle-orm'
import type { RowChange } from '#shared/records/record/changes'
import type { Transaction } from '../../db/connection'
import { products } from '../../db/schema'
import { markOf } from './namesInReasons'

/* What a change is called, and what taking it back would do, in words; people as {face:ID}. */

type Row = Record<string, unknown>

/** What rows of a table are, where they have no name of their own. */
const WORDS: Readonly<Record<string, string>> = {
  products: 'the product',
  pans: 'the pan',
  places: 'the place',
  units: 'the bottle',
  fills: 'what is in the bottle',
  uses: 'the use',
  rangesApart: 'the range that separates',
  faces: 'the face',
  readings: 'the reading',
  recipes: 'the recipe',
  seenVerdicts: 'what was seen',
  faceHistory: 'what is remembered',
  jobs: 'the job',
  bookings: 'the booking',
  ticks: 'what was ticked',
  plans: 'the plan',
  pictures: 'the picture',
  paletteTests: 'the palette test',
  flashTests: 'the flash test',
  measuredMixes: 'the measured mix',
  purchases: 'the purchase list',
  purchaseLines: 'the line of the purchase list',
  settings: 'the methods',
  standards: 'the standard',
  standingLists: 'the list',
}

/** Fields by the names the screens give them; others appear as "what was written". */
const FIELDS: Readonly<Record<string, string>> = {
  shade: 'name',
  name: 'name',
  level: 'how full it is',
  size: 'size',
  openedOn: 'day it was opened',
  expiresOn: 'printed expiry',
  priceMinor: 'price',
  notes: 'notes',
  placeId: 'place',
  role: 'role',
  L: 'colour',
  a: 'colour',
  b: 'colour',
  inci: 'ingredients',
  strength: 'strength',
  family: 'base',
  coverage: 'coverage',
  finish: 'finish',
  wishes: 'wishes',
  skinType: 'skin',
  consultation: 'answers',
  day: 'day',
  place: 'place',
  conditions: 'conditions',
  differs: 'what differs that day',
  jobId: 'job',
  position: 'place in the order',
  readyBy: 'time to be ready',
  morning: 'how the morning goes',
  bag: 'how it is packed',
  quote: 'the quote',
  wrap: 'how it went',
  done: 'whether it is ticked',
  text: 'what was noted',
  chair: 'how they go through the morning',
  agreed: 'what was agreed',
  change: 'what to change',
  value: 'settings',
  reason: 'reason',
}
// Stamps that say themselves what taking them back does.
const STAMPS: Readonly<Record<string, { set: string; unset: string }>> = {
  deletedAt: { set: 'brings back', unset: 'takes away again' },
  retiredAt: { set: 'puts back in use', unset: 'retires again' },
  usedAt: { set: 'makes planned again', unset: 'marks as used again' },
  receivedAt: { set: 'puts back on its way', unset: 'receives again' },
}

/** What a row is called in the history: its name, its person or its sort. */
export async function nameOfRow(tx: Transaction, table: string, row: Row): Promise<string> {
  const word = WORDS[table] ?? 'the record'
  if (table === 'faces') return markOf(String(row.id))
  const own = row.shade ?? row.name
  if (typeof own === 'string' && own.trim()) return own
  if (typeof row.faceId === 'string') return `${word} of ${markOf(row.faceId)}`
  if (typeof row.productId === 'string' && table !== 'faceHistory') {
    const [product] = await tx.select({ shade: products.shade }).from(products).where(eq(products.id, row.productId))
    if (product) return product.shade
  }
  return word
}

/** What taking back these rows does: "Brings back Heron, and sets how full Dune is back." */
export function undoneInWords(rows: readonly RowChange[]): string {
  const phrases = [...new Set(rows.flatMap(phraseOf))]
  const said = phrases.slice(0, PHRASES)
  if (phrases.length > PHRASES) said.push(`${phrases.length - PHRASES} more`)
  const all = said.length < 2 ? said.join('') : `${said.slice(0, -1).join(', ')} and ${said.at(-1)!}`
  return all.charAt(0).toUpperCase() + all.slice(1)
}
const PHRASES = 3

function phraseOf({ before, after, name }: RowChange): string[] {
  if (before === null) return [`takes ${name} away again`]
  if (after === null) return [`brings back ${name}`]
  const stamp = Object.keys(after).find(field => field in STAMPS)
  if (stamp) return [`${after[stamp] === null ? STAMPS[stamp]!.unset : STAMPS[stamp]!.set} ${name}`]
  const fields = new Set(Object.keys(after).map(field => FIELDS[field] ?? 'what was written'))
  return [`puts back ${[...fields].slice(0, PHRASES).join(', ')} of ${name}`]
}
