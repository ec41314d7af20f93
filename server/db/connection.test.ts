import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createClient, LibsqlError, type Client, type Transaction } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { sql } from 'drizzle-orm'
import fc from 'fast-check'
import { holdElsewhere } from '../../tests/support/otherProgram'
import { services } from '../../tests/support/services'
import { Problem } from '../base/problems'
import { FairClient } from './fairClient'

const on = services()
const setting = (key: string) =>
  on.command('a try', act => act.insert('places', { id: key, sort: 'bag', name: key, position: 0 }))

describe('while another program writes', () => {
  const told: (string | null)[] = []
  beforeAll(() => {
    on.onHeld(sentence => told.push(sentence))
    on.startIsOver()
  })

  it('a write is refused in time by the name of who writes, others are answered meanwhile, and afterwards writing goes on', async () => {
    const other = await holdElsewhere(join(process.env.VARIETAS_DATA!, 'varietas.db'))
    let turns = 0
    const counting = setInterval(() => turns++, 5)
    const refused = await setting('refused').catch((e: unknown) => e)
    clearInterval(counting)
    expect(refused).toBeInstanceOf(Problem)
    expect(refused).toMatchObject({ status: 503, code: 'busy' })
    // It waited out here, and not inside SQLite, where nobody else has a turn.
    expect(turns).toBeGreaterThan(20)
    const again = await setting('refused too').catch((e: unknown) => e)
    expect(again).toMatchObject({ status: 503 })
    if (process.platform === 'linux') expect((refused as Problem).message).toContain(`process ${other.pid}`)
    expect(told.at(-1)).toContain('nothing can be saved until it has')
    await other.letGo()
    await setting('written')
    await setting('written again')
    expect(told.at(-1)).toBeNull()
    const places = (await on.write(tx => tx.select().from(on.tables.places))).map(p => p.id)
    expect(places).toEqual(expect.arrayContaining(['written', 'written again']))
    expect(places).not.toContain('refused')
  })

  it('is said no longer once it has let go, also where nobody writes', async () => {
    const other = await holdElsewhere(join(process.env.VARIETAS_DATA!, 'varietas.db'))
    await setting('held').catch(() => undefined)
    expect(told.at(-1)).not.toBeNull()
    await other.letGo()
    while (told.at(-1) !== null) await new Promise(setImmediate)
    await setting('free')
  })
})

/** Where a step of a transaction can break: before SQLite has heard of it, or after it was done and the answer was lost. */
interface Fault {
  step: 'begin' | 'lock' | 'statement' | 'commit' | 'rollback'
  when: 'before' | 'after'
}

/** A client that fails at the chosen steps of a transaction. */
function breaking(client: Client, faults: Set<string>): Client {
  const broken = (fault: Fault) => {
    if (faults.has(`${fault.step} ${fault.when}`)) throw new LibsqlError('injected', 'SQLITE_IOERR')
  }
  const stepOf = (text: string) =>
    text === 'COMMIT' ? 'commit' : text === 'ROLLBACK' ? 'rollback' : ('lock' as Fault['step'])
  const around = (tx: Transaction): Transaction =>
    new Proxy(tx, {
      get(target, name) {
        if (name === 'closed') return target.closed
        const value = target[name as keyof Transaction] as unknown
        if (typeof value !== 'function') return value
        if (name !== 'execute' && name !== 'executeMultiple') return (value as () => unknown).bind(target)
        return async (given: string) => {
          const step = name === 'execute' ? 'statement' : stepOf(given)
          broken({ step, when: 'before' })
          const done = await (target[name] as (given: string) => Promise<unknown>).call(target, given)
          broken({ step, when: 'after' })
          return done
        }
      },
    })
  return new Proxy(client, {
    get(target, name) {
      if (name !== 'transaction') {
        const value = target[name as keyof Client]
        return typeof value === 'function' ? (value as () => unknown).bind(target) : value
      }
      return async (mode: 'deferred') => {
        broken({ step: 'begin', when: 'before' })
        return around(await target.transaction(mode))
      }
    },
  })
}

describe('a begin, statement, commit or rollback that fails', () => {
  it('spoils nothing: after any sequence of failures the next write succeeds, and what was refused is not there', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'varietas-faults-'))
    const faults = new Set<string>()
    const client = createClient({ url: `file:${join(folder, 'a.db')}`, timeout: 0 })
    await client.executeMultiple(
      'PRAGMA journal_mode = WAL; CREATE TABLE erasures (id INTEGER); CREATE TABLE written (n INTEGER UNIQUE)',
    )
    const base = drizzle(new FairClient(breaking(client, faults)))
    let serial = 0
    const insert = (n: number) =>
      base.transaction(async tx => {
        await tx.run(sql`INSERT INTO written VALUES (${n})`)
        return n
      })
    const there = async () => new Set((await client.execute('SELECT n FROM written')).rows.map(row => Number(row.n)))
    const fault = fc.record({
      step: fc.constantFrom('begin', 'lock', 'statement', 'commit', 'rollback'),
      when: fc.constantFrom('before', 'after'),
    })
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.array(fault, { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 6 }),
        async rounds => {
          for (const round of rounds) {
            faults.clear()
            for (const { step, when } of round) faults.add(`${step} ${when}`)
            const n = ++serial
            const answer = await insert(n).catch((e: unknown) => e)
            faults.clear()
            const lostAnswer = round.some(f => f.step === 'commit' && f.when === 'after')
            // An answer that was lost after the commit may stand; nothing else may.
            if (answer !== n && !lostAnswer) expect(await there()).not.toContain(n)
            if (answer === n) expect(await there()).toContain(n)
          }
          const n = ++serial
          expect(await insert(n)).toBe(n)
          expect(await there()).toContain(n)
        },
      ),
      { numRuns: 60 },
    )
    client.close()
    rmSync(folder, { recursive: true, force: true })
  })

  it('says why it was broken off, and not that the transaction is closed', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'varietas-full-'))
    const client = createClient({ url: `file:${join(folder, 'a.db')}`, timeout: 0, concurrency: 1 })
    await client.executeMultiple(
      'PRAGMA journal_mode = WAL; CREATE TABLE erasures (id INTEGER); CREATE TABLE written (n INTEGER UNIQUE, t TEXT); PRAGMA max_page_count = 8',
    )
    const base = drizzle(new FairClient(client))
    const large = base.transaction(tx => tx.run(sql`INSERT INTO written VALUES (1, ${'x'.repeat(1_000_000)})`))
    const problem = await large.catch((e: unknown) => e)
    expect((problem as Error & { cause?: { code: string } }).cause?.code).toBe('SQLITE_FULL')
    client.close()
    rmSync(folder, { recursive: true, force: true })
  })
})
