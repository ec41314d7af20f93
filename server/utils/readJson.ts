import type { H3Event } from 'h3'
import { readJsonText } from '#shared/checks/json'
import { BadInput, Busy, Problem } from '../base/problems'

/** The largest body of the compute API, and of a whole list or table. */
export const MOST_BYTES = 5_000_000
/** The largest record: an ingredient list of the longest, with every sign escaped, and room to spare. */
const MOST_RECORD_BYTES = 300_000
// Bodies being read at the same time, so that many large ones do not fill the memory.
const MOST_AT_ONCE = 60_000_000

let reading = 0

/** Thrown when the sender hung up: nobody waits for the answer. */
export class HungUp extends Problem {
  constructor() {
    super(400, 'hung-up', 'The request broke off.')
  }
}

/**
 * The body of a request as it comes.
 * @throws Problem 413 past so many bytes, Busy while too much is being read, HungUp
 */
export async function readBytes(event: H3Event, most: number): Promise<Buffer> {
  const { req } = event.node
  const tooLarge = () => new Problem(413, 'too-large', `The body is larger than ${most / 1e6} MB: send less at a time.`)
  if (Number(req.headers['content-length'] ?? 0) > most) throw tooLarge()
  if (reading > MOST_AT_ONCE) throw new Busy()
  const chunks: Buffer[] = []
  let size = 0
  try {
    for await (const chunk of req as AsyncIterable<Buffer>) {
      size += chunk.length
      reading += chunk.length
      if (size > most) throw tooLarge()
      chunks.push(chunk)
    }
    return Buffer.concat(chunks)
  } catch (problem) {
    throw problem instanceof Problem ? problem : new HungUp()
  } finally {
    reading -= size
  }
}

/**
 * The body of a record as JSON.
 * @throws Problem 413 for what no record is as large as, BadInput for what is not JSON or nests without end
 */
export async function readJson(event: H3Event, most = MOST_RECORD_BYTES): Promise<unknown> {
  const bytes = await readBytes(event, most)
  // No body: every field without a default is missing.
  if (bytes.length === 0) return {}
  const read = readJsonText(bytes)
  if ('value' in read) return read.value
  throw new BadInput([read.issue], read.message)
}
