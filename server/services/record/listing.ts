import { BadInput } from '../../base/problems'

/* Lists by page: each begins after the last row of the one before, by its place in the order and not by a count, so that what is added or
   taken away meanwhile neither repeats nor skips a row. */

interface Last {
  key: string | number
  name: string
  id: string
}

/** Where a page ended, to be handed back as it is. */
export const cursorOf = ({ key, name, id }: Last): string =>
  Buffer.from(JSON.stringify([key, name, id])).toString('base64url')

/** Where a page ended; nothing for the first page. @throws BadInput for what is no such place */
export function afterPlace(cursor: string): Last | undefined {
  if (!cursor) return undefined
  const last = read(cursor)
  if (!last) throw new BadInput([{ path: 'cursor', message: 'must be as the page before gave it' }])
  const [key, name, id] = last
  return { key, name, id }
}

function read(cursor: string): [string | number, string, string] | undefined {
  try {
    const said = JSON.parse(Buffer.from(cursor, 'base64url').toString('utf8')) as unknown
    const isPlace =
      Array.isArray(said)
      && said.length === 3
      && ['string', 'number'].includes(typeof said[0])
      && typeof said[1] === 'string'
      && typeof said[2] === 'string'
    return isPlace ? (said as [string | number, string, string]) : undefined
  } catch {
    return undefined
  }
}
