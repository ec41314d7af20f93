import { createHash } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { parseId } from '#shared/checks/parse'
import { db } from '../../db/connection'
import { requests } from '../../db/schema'
import { Problem } from '../../base/problems'

/*
 * A write that is sent again because its answer was lost is done once. Whoever sends it gives it a key; what was done is known from the
 * database (services/record/command.ts notes the key with it), and what was answered as long as this process lives.
 */

export const REQUEST = 'x-varietas-request'

interface Known<R> {
  asked: string
  answer: Promise<R>
}
// Answers that may still be asked for again: a sender that hears nothing asks soon.
const MOST_KNOWN = 100
const known = new Map<string, Known<unknown>>()

/** A request that was done, and whose answer is not known any more or is to something else. */
class DoneAlready extends Problem {
  constructor() {
    super(
      409,
      'done-already',
      'The try before was saved, only its answer was lost. Look at what is there; if you want this as well, save once more.',
    )
  }
}

export const digestOf = (path: string, body: unknown): string =>
  createHash('sha256')
    .update(`${path}\n${JSON.stringify(body ?? null)}`)
    .digest('base64url')

/** The key of a request, where its sender gave it one. */
export const keyOf = (headers: Headers): string | undefined => parseId(headers.get(REQUEST))

/**
 * Does the work unless a request of this key did it before; then its answer is given again.
 * @param asked a digest of what is asked for, see {@link digestOf}
 * @param isKept whether the work wrote something, so that its answer may be asked for again
 * @throws Problem 409 where it was done and what was answered is not known, or something else was asked for under this key
 */
export async function once<R>(
  key: string | undefined,
  asked: string,
  work: () => Promise<R>,
  isKept: (answer: R) => boolean,
): Promise<R> {
  if (key === undefined) return work()
  const before = known.get(key) as Known<R> | undefined
  if (before?.asked === asked) return before.answer
  const answer = unlessDone(key, work)
  known.set(key, { asked, answer })
  if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!)
  const forget = () => known.delete(key)
  // What was refused, broke off or wrote nothing may be asked for again as it is.
  answer.then(said => isKept(said) || forget(), forget)
  return answer
}

async function unlessDone<R>(key: string, work: () => Promise<R>): Promise<R> {
  const [done] = await db.select({ key: requests.key }).from(requests).where(eq(requests.key, key))
  if (done) throw new DoneAlready()
  return work()
}

/** Forgets what was answered: somebody was erased, or the data are others. */
export const forgetAnswers = (): void => known.clear()
