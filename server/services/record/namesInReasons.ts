import { inArray } from 'drizzle-orm'
import { parseId } from '#shared/checks/parse'
import type { db } from '../../db/connection'
import { faces } from '../../db/schema'

/*
 * Sentences that are kept name people by id, as {face:ID}; the name is put in when they are read. So a person who is renamed is
 * renamed everywhere, and one who is erased is named nowhere.
 */

const MARK = /\{face:([^}\s]{1,120})\}/g
/** A person in a sentence that is kept. */
export const markOf = (faceId: string): string => `{face:${faceId}}`
const SOMEBODY = 'a face'

export type NameOf = ReadonlyMap<string, string>

const idsIn = (texts: readonly string[]): string[] => [
  ...new Set(texts.flatMap(text => [...text.matchAll(MARK)].flatMap(m => parseId(m[1]) ?? []))),
]

/** Names of those whom sentences name; who is gone is not among them. */
export async function faceNames(from: Pick<typeof db, 'select'>, texts: readonly string[]): Promise<NameOf> {
  const ids = idsIn(texts)
  if (ids.length === 0) return new Map()
  const rows = await from.select({ id: faces.id, name: faces.name }).from(faces).where(inArray(faces.id, ids))
  return new Map(rows.map(({ id, name }) => [id, name]))
}

export const withNames = (text: string, names: NameOf): string =>
  text.replace(MARK, (_, id: string) => names.get(id) ?? SOMEBODY)

/** A sentence in which one person is no longer named, for when they are erased. */
export const without = (text: string, id: string): string => text.replaceAll(`{face:${id}}`, SOMEBODY)

/**
 * A sentence of an older version, which holds names, with marks in their place: whole names only, the longest first. "Ana" is not in
 * "Anastasia".
 */
export function withMarks(text: string, people: readonly { id: string; name: string }[]): string {
  if (text.includes('{face:')) return text
  let marked = text
  for (const { id, name } of [...people].sort((x, y) => y.name.length - x.name.length)) {
    if (!name.trim()) continue
    let from = 0
    for (;;) {
      const at = marked.indexOf(name, from)
      if (at < 0) break
      const end = at + name.length
      from = end
      if (isLetter(marked[at - 1]) || isLetter(marked[end]) || insideMark(marked, at)) continue
      marked = `${marked.slice(0, at)}{face:${id}}${marked.slice(end)}`
      from = at
    }
  }
  return marked
}

const isLetter = (sign: string | undefined) => sign !== undefined && /[\p{L}\p{N}]/u.test(sign)
const insideMark = (text: string, at: number) => text.lastIndexOf('{face:', at) > text.lastIndexOf('}', at)
