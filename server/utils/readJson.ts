import type { H3Event } from 'h3'
import { BadInput, Problem } from './problems'

const MOST_BYTES = 5_000_000

/**
 * The body of a request as JSON.
 * @throws Problem 413 past 5 MB, BadInput for what is not JSON
 */
export async function readJson(event: H3Event): Promise<unknown> {
  const { req } = event.node
  const tooLarge = () => new Problem(413, 'too-large', `The body is larger than ${MOST_BYTES / 1e6} MB: send less at a time.`)
  if (Number(req.headers['content-length'] ?? 0) > MOST_BYTES) throw tooLarge()
  const chunks: Buffer[] = []
  let size = 0
  for await (const chunk of req as AsyncIterable<Buffer>) {
    size += chunk.length
    if (size > MOST_BYTES) throw tooLarge()
    chunks.push(chunk)
  }
  try {
    return JSON.parse(Buffer.concat(chunks).toString('utf8')) as unknown
  } catch {
    throw new BadInput([{ path: '', message: 'must be JSON' }], 'The body is not valid JSON: check quotes, commas and brackets.')
  }
}
