import { eq, inArray, isNull, sql } from 'drizzle-orm'
import { partsOf, renamed } from '#shared/nameIn'
import { ForgetInput, type Mentions } from '#shared/records/people/forgetting'
import type { Erased } from '#shared/records/record/keeping'
import { db, write, type Transaction } from '../../db/connection'
import { changes, faces } from '../../db/schema'
import { eraseBytes, eraseRows, markForErasing } from '../../keeping/erasing'
import { forgetAnswers } from '../record/once'
import { BadInput, Missing } from '../../base/problems'
import { actsNaming, keyColumn, keyField, placesOf, SOMEBODY, tableOf, type Place } from './mentions'
import { faultsIn, sortOfTable } from '../record/validRows'

/*
 * Forgetting a person for good: every row of theirs, what they brought, their name in what was written elsewhere, the bytes of all that in
 * the file, and the backups that hold them. There is no way back. Begun, it is finished, at the next start if need be; the answer says how
 * far it came and what remains.
 */

type Reader = Pick<typeof db, 'select'>
interface Person {
  id: string
  name: string
}

/** @throws Missing */
async function personOf(from: Reader, id: string): Promise<Person> {
  const [face] = await from.select({ id: faces.id, name: faces.name }).from(faces).where(eq(faces.id, id))
  if (!face) throw new Missing('This face')
  return face
}
const othersThan = async (from: Reader, id: string): Promise<Person[]> =>
  (await from.select({ id: faces.id, name: faces.name }).from(faces).where(isNull(faces.deletedAt))).filter(
    f => f.id !== id,
  )

/** Where somebody is named outside their own record, to be looked through before they are forgotten. @throws Missing */
export async function mentionsOf(id: string): Promise<Mentions> {
  const person = await personOf(db, id)
  const places = await placesOf(db, person, await othersThan(db, id))
  return {
    mentions: places.map(({ key, where, text, proposal, mayBeAnother }) => ({
      key,
      where,
      text,
      proposal,
      mayBeAnother,
    })),
    acts: (await actsNaming(db, person.name)).length,
  }
}

/**
 * Forgets a person.
 * @throws Missing; BadInput where a text they are taken out of cannot stand where it does
 */
export async function forgetFace(
  id: string,
  input = new ForgetInput(),
): Promise<Erased & { id: string; remains: string[] }> {
  const remains = await write(async tx => {
    const person = await personOf(tx, id)
    const left = await rewrite(tx, person, input)
    await nameNobody(tx, person.name)
    // With the mark it is begun: the rest is done now, or by the next process.
    await markForErasing(tx, id)
    return left
  })
  forgetAnswers()
  await eraseRows()
  const erased = await eraseBytes()
  const sentence = remains.length === 0 ? erased.sentence : `${erased.sentence} ${remainsInWords(remains)}`
  return { id, ...erased, sentence, remains }
}

const TOLD = 3
function remainsInWords(remains: readonly string[]): string {
  const told = remains.slice(0, TOLD).join(', ')
  const more = remains.length > TOLD ? ` and ${remains.length - TOLD} more` : ''
  return `Their name still stands where you left it: ${told}${more}.`
}

/** Takes the name out of what is not theirs. @returns where it still is */
async function rewrite(tx: Transaction, person: Person, { texts }: ForgetInput): Promise<string[]> {
  const said = new Map(texts.map((t, i) => [t.key, { ...t, i }]))
  const left: string[] = []
  for (const place of await placesOf(tx, person, await othersThan(tx, person.id))) {
    const own = said.get(place.key)
    const stays = own ? own.text === undefined || own.text === null : place.mayBeAnother
    const isReplaced = !stays && (await replace(tx, place, own?.text ?? null, own?.i ?? 0, person.name))
    if (!isReplaced || (own?.text && partsOf(person.name).some(p => own.text!.includes(p)))) left.push(place.where)
  }
  return [...new Set(left)]
}

/** @returns whether it was; @throws BadInput where what she wrote cannot stand there */
async function replace(tx: Transaction, place: Place, text: string | null, i: number, name: string): Promise<boolean> {
  const { table, id, path } = place
  const [row] = (await tx
    .select()
    .from(tableOf(table))
    .where(eq(keyColumn(table), table === 'settings' ? Number(id) : id))) as unknown as Record<string, unknown>[]
  if (!row) return true
  // A field may hold fewer letters than "somebody" takes.
  const choices = text === null ? [place.proposal, renamed(place.text, partsOf(name), '…'), '…'] : [text]
  const sort = sortOfTable(table, row)
  const changed = choices
    .map(choice => withText(row, path, choice))
    // A row that was set aside before is no reason to keep the name in it.
    .find(now => sort === null || faultsIn(sort, now).length <= faultsIn(sort, row).length)
  if (!changed) {
    if (text === null) return false
    throw new BadInput([{ path: `texts[${i}].text`, message: `cannot stand as ${place.where}: write something else` }])
  }
  const column = path[0]!
  const version = 'version' in row ? { version: sql`version + 1` } : {}
  await tx
    .update(tableOf(table))
    .set({ [column]: changed[column], ...version } as never)
    .where(eq(keyColumn(table), row[keyField(table)] as string))
  return true
}

/** A row with another text at the end of a way into it. */
function withText(row: Record<string, unknown>, path: readonly string[], text: string): Record<string, unknown> {
  const copy = structuredClone(row)
  let at: Record<string, unknown> = copy
  for (const step of path.slice(0, -1)) at = at[step] as Record<string, unknown>
  at[path.at(-1)!] = text
  return copy
}

/** Acts that name them name nobody, and cannot be taken back any more: what they would bring back does. */
async function nameNobody(tx: Transaction, name: string): Promise<void> {
  const parts = partsOf(name)
  const ids = await actsNaming(tx, name)
  for (const { id, words } of await tx
    .select({ id: changes.id, words: changes.words })
    .from(changes)
    .where(inArray(changes.id, ids)))
    await tx
      .update(changes)
      .set({ words: renamed(words, parts, SOMEBODY), rows: [] })
      .where(eq(changes.id, id))
}
