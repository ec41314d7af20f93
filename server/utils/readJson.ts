import type { H3Event } from 'h3'
import { BadInput, Problem } from './problems'

export const MOST_BYTES = 5_000_000
// Far deeper than any body described in the OpenAPI document, far shallower than what exhausts the call stack.
const MOST_LEVELS = 32

/**
 * The body of a request as it comes.
 * @throws Problem 413 past so many bytes
 */
export async function readBytes(event: H3Event, most: number): Promise<Buffer> {
  const { req } = event.node
  const tooLarge = () => new Problem(413, 'too-large', `The body is larger than ${most / 1e6} MB: send less at a time.`)
  if (Number(req.headers['content-length'] ?? 0) > most) throw tooLarge()
  const chunks: Buffer[] = []
  let size = 0
  for await (const chunk of req as AsyncIterable<Buffer>) {
    size += chunk.length
    if (size > most) throw tooLarge()
    chunks.push(chunk)
  }
  return Buffer.concat(chunks)
}

/**
 * The body of a request as JSON.
 * @throws Problem 413 past 5 MB, BadInput for what is not JSON or nests without end
 */
export async function readJson(event: H3Event): Promise<unknown> {
  const value = parse((await readBytes(event, MOST_BYTES)).toString('utf8'))
  if (isDeeperThan(value, MOST_LEVELS)) {
    throw new BadInput(
      [{ path: '', message: `must not nest more than ${MOST_LEVELS} levels deep` }],
      'The body nests far deeper than any field here.',
    )
  }
  return value
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text) as unknown
  } catch {
    throw new BadInput(
      [{ path: '', message: 'must be JSON' }],
      'The body is not valid JSON: check quotes, commas and brackets.',
    )
  }
}

/** Level by level rather than by recursion: the point is to refuse what recursion cannot take. */
function isDeeperThan(value: unknown, levels: number): boolean {
  let level: unknown[] = [value]
  for (let i = 0; i <= levels; i++) {
    level = level.flatMap(v => (v !== null && typeof v === 'object' ? Object.values(v) : []))
    if (level.length === 0) return false
  }
  return true
}
