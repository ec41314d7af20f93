import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import yauzl from 'yauzl'
import { call, ready, start, stop, type Served } from '../served/server'
import { holdElsewhere } from '../support/otherProgram'
import type { seeded } from '../support/random'

/*
 * Kills with -9 in the middle of writing, again and again on one folder. What was confirmed is looked for after the next start, in the
 * file itself and through the server.
 */

export interface KillFigures {
  kills: number
  confirmed: number
  lost: string[]
  integrity: string[]
  traces: string[]
  byAct: Record<string, number>
  /** How often another program held the file. */
  locks: number
}

type Random = ReturnType<typeof seeded>

/** What has been confirmed and has to be there. */
interface Ledger {
  faces: Map<string, string>
  products: Map<string, string>
  plans: Set<string>
  lines: Set<string>
  /** Names of tables that were taken in, each with this many rows. */
  imports: Set<string>
  /** Jobs that were closed. */
  wraps: Set<string>
  backups: Set<string>
}
const IMPORTED_ROWS = 40
const copyOf = (ledger: Ledger): Ledger => ({
  faces: new Map(ledger.faces),
  products: new Map(ledger.products),
  plans: new Set(ledger.plans),
  lines: new Set(ledger.lines),
  imports: new Set(ledger.imports),
  wraps: new Set(ledger.wraps),
  backups: new Set(ledger.backups),
})

const lab = { L: 58, a: 11, b: 19 }

export async function kills(
  folder: string,
  count: number,
  random: Random,
  tell: (line: string) => void,
): Promise<KillFigures> {
  const figures: KillFigures = { kills: 0, confirmed: 0, lost: [], integrity: [], traces: [], byAct: {}, locks: 0 }
  const ledger: Ledger = {
    faces: new Map(),
    products: new Map(),
    plans: new Set(),
    lines: new Set(),
    imports: new Set(),
    wraps: new Set(),
    backups: new Set(),
  }
  /** Names of people whose erasing was asked for: who is no row any more has no byte left once the next start is through. */
  const erased: string[] = []
  /** Those whose erasing was confirmed to the last byte: they are in no backup either. */
  const erasedWhole = new Set<string>()
  /** Names that were asked for and not confirmed: they may stand or not. */
  const pending = new Map<string, string>()
  let serial = 0
  let snapshot: { backup: string; ledger: Ledger } | null = null
  let restoring: Ledger | null = null
  let strikeAfter = 0
  let struck: () => unknown = () => undefined
  /** The blow falls once as many writes are confirmed as were drawn for this start. */
  const wrote = () => {
    if (figures.confirmed < strikeAfter) return
    struck()
    struck = () => undefined
  }

  async function writing(served: Served, until: () => boolean): Promise<void> {
    const { url } = served
    const offers = ((await call<{ offers: { id: string }[] }>(url, 'GET', '/api/catalogue')).body?.offers ?? []).map(
      o => o.id,
    )
    // Its own people: two writers changing one person would not know whose name stands.
    let mine = ''
    const acts: Record<string, () => Promise<boolean>> = {
      async 'face'() {
        const name = `Soak ${++serial} Person`
        const { status, body } = await call<{ id: string }>(url, 'POST', '/api/faces', { name, notes: 'kept' })
        if (status === 200) ledger.faces.set((mine = body.id), name)
        return status === 200
      },
      async 'change a face'() {
        const id = mine
        if (!id) return false
        const name = `Soak ${++serial} Renamed`
        pending.set(id, name)
        const { status } = await call(url, 'PUT', `/api/faces/${id}`, { name })
        pending.delete(id)
        if (status === 200) ledger.faces.set(id, name)
        return status === 200
      },
      async 'kit'() {
        const shade = `Soak ${++serial}`
        const { status, body } = await call<{ id: string }>(url, 'POST', '/api/kit', {
          kind: 'foundation',
          shade,
          lab,
          level: 0,
        })
        if (status === 200) ledger.products.set(body.id, shade)
        return status === 200
      },
      async 'plan'() {
        const id = mine
        if (!id) return false
        const reading = { source: 'typed', lab, covariance: [1, 0, 0, 1, 0, 1] }
        await call(url, 'POST', `/api/faces/${id}/readings`, reading)
        const { status, body } = await call<{ id: string }>(url, 'POST', `/api/faces/${id}/plans`, {})
        if (status === 200) ledger.plans.add(body.id)
        return status === 200
      },
      async 'purchase'() {
        const { status, body } = await call<{ lines: { id: string }[] }>(url, 'POST', '/api/purchases', {
          budgetMinor: 1000,
          lines: [{ offerId: random.pick(offers), reason: 'soak' }],
        })
        if (status === 200) for (const line of body.lines) ledger.lines.add(line.id)
        return status === 200
      },
      async 'forget'() {
        const name = `Zyxerased${++serial}mark`
        const made = await call<{ id: string }>(url, 'POST', '/api/faces', { name, notes: `${name}notes` })
        if (made.status !== 200) return false
        erased.push(name)
        const { status, body } = await call<{ bytes: boolean }>(url, 'POST', `/api/faces/${made.body.id}/forget`, {})
        if (status === 200 && body.bytes) erasedWhole.add(name)
        return status === 200
      },
      async 'import'() {
        const name = `Soak ${++serial} table`
        const things = Array.from({ length: IMPORTED_ROWS }, (_, i) => ({ kind: 'foundation', name: `${name} ${i}` }))
        const { status } = await call(url, 'POST', '/api/things/import', { things })
        if (status === 200) ledger.imports.add(name)
        return status === 200
      },
      async 'wrap'() {
        const made = await call<{ id: string }>(url, 'POST', '/api/jobs', {
          name: `Soak ${++serial} day`,
          day: '2026-01-05',
        })
        if (made.status !== 200) return false
        const { status } = await call(url, 'POST', `/api/jobs/${made.body.id}/wrap`, { notes: 'soak' })
        if (status === 200) ledger.wraps.add(made.body.id)
        return status === 200
      },
      async 'backup'() {
        const { status, body } = await call<{ name: string }>(url, 'POST', '/api/keeping/backups')
        if (status === 200) ledger.backups.add(body.name)
        return status === 200
      },
    }
    const names = Object.keys(acts)
    // Often what is quick, now and then what takes long.
    const pick = () => (random.next() < 0.75 ? random.pick(names.slice(0, 5)) : random.pick(names.slice(5)))
    while (!until()) {
      const act = pick()
      const done = await acts[act]!().catch(() => false)
      if (done) {
        figures.confirmed++
        figures.byAct[act] = (figures.byAct[act] ?? 0) + 1
        wrote()
      } else if (until()) return
    }
  }

  /** A backup, then writes, then a restore of it that may be killed: afterwards the data are the old ones or the new ones, whole. */
  async function restore(served: Served): Promise<void> {
    const made = await call<{ name: string }>(served.url, 'POST', '/api/keeping/backups')
    if (made.status !== 200) return
    ledger.backups.add(made.body.name)
    snapshot = { backup: made.body.name, ledger: copyOf(ledger) }
    const extra = await call<{ id: string }>(served.url, 'POST', '/api/kit', {
      kind: 'foundation',
      shade: `Soak ${++serial} extra`,
      lab,
      level: 0,
    })
    if (extra.status === 200) ledger.products.set(extra.body.id, `Soak ${serial} extra`)
    const preview = await call<{ id: string }>(served.url, 'POST', `/api/keeping/backups/${made.body.name}/preview`)
    if (preview.status !== 200) return
    restoring = snapshot.ledger
    const done = await call(served.url, 'POST', '/api/keeping/confirm', { id: preview.body.id })
    if (done.status !== 200) return
    adopt(snapshot.ledger)
    restoring = null
    figures.confirmed++
    figures.byAct.restore = (figures.byAct.restore ?? 0) + 1
  }
  const adopt = (other: Ledger) => Object.assign(ledger, copyOf({ ...other, backups: ledger.backups }))

  async function look(): Promise<void> {
    let gone: string[] = []
    const db = createClient({ url: `file:${join(folder, 'varietas.db')}` })
    try {
      const { rows } = await db.execute('PRAGMA integrity_check')
      if (String(Object.values(rows[0]!)[0]) !== 'ok') figures.integrity.push(JSON.stringify(rows[0]))
      const all = async (sql: string) => new Map((await db.execute(sql)).rows.map(r => [String(r.id), String(r.name)]))
      const there = {
        faces: await all('SELECT id, name FROM faces'),
        products: await all('SELECT id, name FROM products'),
        plans: await all('SELECT id, kind AS name FROM plans'),
        lines: await all('SELECT id, reason AS name FROM purchase_lines'),
        imports: await all(
          "SELECT count(*) AS name, substr(name, 1, instr(name, ' table') + 5) AS id FROM products WHERE name LIKE 'Soak % table %' GROUP BY 2",
        ),
        wraps: await all("SELECT id, 'closed' AS name FROM jobs WHERE wrap IS NOT NULL AND wrap <> 'null'"),
      }
      for (const [id, name] of pending) if (there.faces.get(id) === name) ledger.faces.set(id, name)
      pending.clear()
      const names = new Set(there.faces.values())
      gone = erased.filter(name => !names.has(name))
      // An unconfirmed restore: either whole state is right.
      if (restoring && !lacking(restoring, there).length && lacking(ledger, there).length) adopt(restoring)
      restoring = null
      figures.lost.push(...lacking(ledger, there))
    } finally {
      db.close()
    }
    const kept = join(folder, 'backups')
    const backups = existsSync(kept) ? readdirSync(kept) : []
    for (const name of [...ledger.backups]) if (!backups.includes(name)) ledger.backups.delete(name)
    const bytes =
      readFileSync(join(folder, 'varietas.db'), 'latin1') + readFileSync(join(folder, 'varietas.db-wal'), 'latin1')
    for (const name of gone) if (bytes.includes(name)) figures.traces.push(name)
    if (erasedWhole.size > 0)
      for (const file of backups.filter(name => name.endsWith('.zip'))) {
        const inside = await textOf(join(kept, file))
        for (const name of erasedWhole) if (inside.includes(name)) figures.traces.push(`${name} in ${file}`)
      }
  }

  const lacking = (
    of: Ledger,
    there: Record<'faces' | 'products' | 'plans' | 'lines' | 'imports' | 'wraps', Map<string, string>>,
  ): string[] => [
    ...[...of.faces].filter(([id, name]) => there.faces.get(id) !== name).map(([id]) => `face ${id}`),
    ...[...of.products].filter(([id, name]) => there.products.get(id) !== name).map(([id]) => `product ${id}`),
    ...[...of.plans].filter(id => !there.plans.has(id)).map(id => `plan ${id}`),
    ...[...of.lines].filter(id => !there.lines.has(id)).map(id => `line ${id}`),
    // All of a table or nothing of it.
    ...[...new Set([...of.imports, ...there.imports.keys()])]
      .filter(
        name => (there.imports.has(name) || of.imports.has(name)) && there.imports.get(name) !== String(IMPORTED_ROWS),
      )
      .map(name => `${there.imports.get(name) ?? 0} rows of ${name}`),
    ...[...of.wraps].filter(id => !there.wraps.has(id)).map(id => `wrap ${id}`),
  ]

  async function lockedFor(ms: number): Promise<void> {
    const other = await holdElsewhere(join(folder, 'varietas.db'))
    figures.locks++
    await new Promise(resolve => setTimeout(resolve, ms))
    await other.letGo()
  }

  while (figures.kills < count) {
    const served = await start(folder, { env: { VARIETAS_DEMO: '1' } })
    await ready(served)
    if (figures.kills > 0) await look()
    let over = false
    const strikeIn = (ms: number) =>
      setTimeout(() => {
        over = true
        served.process.kill('SIGKILL')
      }, ms)
    // So many writes after the start, whatever the machine's speed, and somewhere in the middle of the next.
    struck = () => strikeIn(random.between(0, 300))
    strikeAfter = figures.confirmed + Math.floor(random.between(0, 7))
    const latest = strikeIn(60_000)
    if (random.next() < 0.15) {
      struck = () => undefined
      strikeIn(random.between(40, 900))
      await restore(served).catch(() => undefined)
    }
    // Now and then another program holds the file for a while; what it keeps from being written is refused, and nothing after it.
    if (random.next() < 0.15) void lockedFor(random.between(200, 2500)).catch(() => undefined)
    wrote()
    await Promise.all([1, 2, 3].map(() => writing(served, () => over).catch(() => undefined)))
    await served.exited
    clearTimeout(latest)
    figures.kills++
    if (figures.kills % 25 === 0)
      tell(`${figures.kills} kills, ${figures.confirmed} writes confirmed, ${figures.lost.length} lost`)
  }
  const served = await start(folder, { env: { VARIETAS_DEMO: '1' } })
  await ready(served)
  await look()
  await stop(served)
  rmSync(join(folder, 'backups'), { recursive: true, force: true })
  return figures
}

/** What lies in an archive, as text. */
async function textOf(path: string): Promise<string> {
  const zip = await yauzl.openPromise(path)
  const parts: string[] = []
  for await (const entry of zip.eachEntry()) {
    const chunks: Buffer[] = []
    for await (const chunk of await zip.openReadStreamPromise(entry)) chunks.push(chunk as Buffer)
    parts.push(Buffer.concat(chunks).toString('latin1'))
  }
  return parts.join('')
}
