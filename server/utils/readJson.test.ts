import { Readable } from 'node:stream'
import type { H3Event } from 'h3'
import { Busy, Problem } from '../base/problems'
import { HungUp, readBytes, readJson } from './readJson'

const event = (chunks: Iterable<string | Buffer>, headers: Record<string, string> = {}) =>
  ({
    node: { req: Object.assign(Readable.from([...chunks].map(c => Buffer.from(c))), { headers }) },
  }) as unknown as H3Event
const refused = async (work: Promise<unknown>) => {
  const problem = await work.then(
    () => undefined,
    (e: unknown) => e,
  )
  expect(problem).toBeInstanceOf(Problem)
  const { status, issues, message } = problem as Problem
  return { status, issues, message }
}

describe('the body of a request', () => {
  it('comes whole, however it was cut', async () => {
    expect(await readJson(event(['{"na', 'me":"Ød', 'a"}']))).toEqual({ name: 'Øda' })
    expect((await readBytes(event([Buffer.from([1, 2]), Buffer.from([3])]), 3)).equals(Buffer.from([1, 2, 3]))).toBe(
      true,
    )
  })

  it('that is too large is refused: as soon as it says so, or as soon as it is', async () => {
    expect(await refused(readBytes(event([], { 'content-length': '2000001' }), 2_000_000))).toMatchObject({
      status: 413,
      message: 'The body is larger than 2 MB: send less at a time.',
    })
    expect(await refused(readBytes(event(['1234', '5678']), 7))).toMatchObject({ status: 413 })
    expect((await readBytes(event(['1234', '567']), 7)).length).toBe(7)
    expect(await refused(readJson(event([`"${'x'.repeat(300_000)}"`])))).toMatchObject({ status: 413 })
  })

  it('that is no JSON, or nests without end, says where', async () => {
    expect(await refused(readJson(event(['{"name":'])))).toMatchObject({ status: 400, issues: [{ path: '' }] })
    expect(await refused(readJson(event(['['.repeat(5000)])))).toMatchObject({ status: 400 })
  })

  it('that breaks off is nobody’s fault here', async () => {
    const broken = {
      node: {
        req: Object.assign(
          Readable.from(
            (async function* () {
              yield Buffer.from('{')
              await Promise.resolve()
              throw new Error('aborted')
            })(),
          ),
          { headers: {} },
        ),
      },
    } as unknown as H3Event
    await expect(readJson(broken)).rejects.toBeInstanceOf(HungUp)
  })

  it('waits its turn while very much is being read, and room comes back when it is read or refused', async () => {
    let more!: (chunk: Buffer | null) => void
    const slow = new Readable({
      read() {
        more = chunk => this.push(chunk)
      },
    })
    const held = readBytes({ node: { req: Object.assign(slow, { headers: {} }) } } as unknown as H3Event, 100_000_000)
    await new Promise(resolve => setImmediate(resolve))
    more(Buffer.alloc(61_000_000))
    await new Promise(resolve => setImmediate(resolve))
    await expect(readBytes(event(['1']), 10)).rejects.toBeInstanceOf(Busy)
    slow.push(null)
    expect((await held).length).toBe(61_000_000)
    expect((await readBytes(event(['1']), 10)).length).toBe(1)
  })
})
