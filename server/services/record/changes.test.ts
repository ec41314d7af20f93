import type { Face } from '#shared/records/people/faces'
import { JobInput, NewBookingInput } from '#shared/records/days/jobs'
import type { OwnedThing } from '#shared/records/kit/gear'
import type { OwnedProduct } from '#shared/records/kit/kit'
import { Settings } from '#shared/records/method/settings'
import { bottleInput, faceInput, MID_SKIN, typedReading } from '../../../tests/support/inputs'
import { seeded } from '../../../tests/support/random'
import { shareOf } from '../../../tests/support/share'
import { services } from '../../../tests/support/services'

const on = services()

const lab = MID_SKIN
const reading = typedReading()
const inKit = async (id: string) => (await on.kitProducts()).find(p => p.id === id)
const lastChange = async () => (await on.history())[0]!

describe('the history of changes', () => {
  it('tells each act once, by whom, and what taking it back would do', async () => {
    await on.asker.run({ device: 'device-a', done: [] }, () => on.addProduct(bottleInput('Wigeon')))
    expect(await lastChange()).toMatchObject({
      by: 'device-a',
      words: 'Wigeon is in the kit.',
      undoWords: 'Takes Wigeon away again',
      undoes: null,
      undoneBy: null,
    })
    const { id } = await on.addFace(faceInput('Ottoline'))
    expect(await lastChange()).toMatchObject({ words: 'Ottoline is on record.' })
    await on.changeFace(id, faceInput('Ottoline Renamed'))
    // The name is the one of today: what is kept names her by id.
    expect((await on.history()).map(c => c.words)).toContain('Ottoline Renamed is on record.')
  })

  it('says nothing of an act that changed nothing, and keeps nothing of one that failed', async () => {
    const { id, version } = await on.addProduct(bottleInput('Teal'))
    const before = (await on.history()).length
    expect(await on.changeProduct(id, bottleInput('Teal'))).toMatchObject({ version })
    await expect(on.changeProduct('none', bottleInput('Teal'))).rejects.toMatchObject({ status: 404 })
    expect(await on.history()).toHaveLength(before)
  })

  it('goes back page by page', async () => {
    for (let i = 0; i < 60; i++) await on.addProduct(bottleInput(`Page ${i}`))
    const first = await on.history()
    expect(first).toHaveLength(50)
    const second = await on.history(first.at(-1)!.id)
    expect(second[0]!.id).toBe(first.at(-1)!.id - 1)
    // Only so many can be taken back.
    expect([...first, ...second].filter(c => c.undoWords !== null)).toHaveLength(on.UNDO_MOST)
  })
})

describe('taking back', () => {
  it('a deleted reading leaves the new one where it is', async () => {
    const { id } = await on.addFace(faceInput('Perpetua'))
    const old = await on.addReading(id, reading)
    await on.deleteFromFace('readings', old.id, 'reading')
    const deletion = await lastChange()
    const fresh = await on.addReading(id, { ...reading, lab: { ...lab, L: 50 } })
    await on.undo(deletion.id)
    expect((await on.faceById(id)).readings.map(r => r.id)).toEqual([fresh.id, old.id])
  })

  it('several bottles come back together, or none where one was changed since', async () => {
    const all = [
      await on.addProduct(bottleInput('Smew', { notes: 'a' })),
      await on.addProduct(bottleInput('Scaup', { notes: 'b' })),
    ]
    await on.changeAll({ products: all.map(p => ({ ...p, strength: 1.4 })), asMeasured: false })
    const act = await lastChange()
    await on.changeProduct(all[1]!.id, bottleInput('Scaup', { notes: 'b', strength: 2 }))
    await expect(on.undo(act.id)).rejects.toMatchObject({ status: 409, message: expect.stringContaining('Scaup') })
    expect((await inKit(all[0]!.id))!.strength).toBe(1.4)
    await on.undo()
    await on.undo(act.id)
    expect([(await inKit(all[0]!.id))!.strength, (await inKit(all[1]!.id))!.strength]).toEqual([1, 1])
    await expect(on.undo(act.id)).rejects.toMatchObject({ status: 409 })
    await expect(on.undo(10_000)).rejects.toMatchObject({ status: 404 })
  })

  it('can itself be taken back', async () => {
    const { id } = await on.addProduct(bottleInput('Gadwall'))
    await on.removeThing(id)
    await on.undo()
    const wayBack = await lastChange()
    expect(wayBack.undoes).not.toBeNull()
    expect(await inKit(id)).toBeDefined()
    await on.undo(wayBack.id)
    expect(await inKit(id)).toBeUndefined()
  })

  it('works for methods, marks on ranges, tests, jobs and their order', async () => {
    const before = await on.settings()
    await on.changeSettings(Object.assign(new Settings(), { tolerance: 3 }))
    await on.changeSettings(Object.assign(new Settings(), { tolerance: 4 }))
    await on.undo()
    expect((await on.settings()).tolerance).toBe(3)
    await on.undo()
    expect((await on.settings()).tolerance).toBe(before.tolerance)

    await on.setRange({ brand: 'A', range: 'B', mixes: false })
    await on.undo()
    expect(await on.rangesThatSeparate()).toEqual([])

    const test = await on.addPaletteTest({ a: 'x', b: 'y', result: 'held', after: '' })
    await on.removeTest('paletteTests', test.id)
    await on.undo()
    expect((await on.allTests()).palette.map(t => t.id)).toContain(test.id)

    const job = await on.addJob(Object.assign(new JobInput(), { name: 'Regatta', day: '2026-12-24' }))
    const [one, two] = [await on.addFace(faceInput('One')), await on.addFace(faceInput('Two'))]
    const put = (faceId: string, position: number) =>
      on.addBooking(Object.assign(new NewBookingInput(), { jobId: job.id, faceId, position }))
    const [a, b] = [await put(one.id, 0), await put(two.id, 1)]
    await on.orderBookings(job.id, { ids: [b.id, a.id] })
    expect((await on.jobById(job.id)).bookings.map(x => x.faceName)).toEqual(['Two', 'One'])
    await on.undo()
    expect((await on.jobById(job.id)).bookings.map(x => x.faceName)).toEqual(['One', 'Two'])
    await expect(put(one.id, 5)).rejects.toMatchObject({ status: 409 })
    await on.removeJob(job.id)
    expect((await on.faceById(one.id)).bookings).toEqual([])
    await on.undo()
    expect((await on.faceById(one.id)).bookings).toMatchObject([{ job: { name: 'Regatta' } }])
  })

  it('a decant goes back into its bottle', async () => {
    const { id, units } = await on.addProduct(bottleInput('Pintail', { sizeMl: 30, level: 0.5 }))
    const after = await on.decantUnit(units[0]!.id, {
      amount: 5,
      sizeMl: 10,
      count: 1,
      placeId: null,
      label: 'for the hip bag',
    })
    const held = (p: OwnedThing) => p.units.reduce((sum, u) => sum + u.size * u.level, 0)
    expect(after.units).toHaveLength(2)
    expect(held(after)).toBeCloseTo(15, 9)
    await expect(
      on.decantUnit(units[0]!.id, { amount: 11, sizeMl: 30, count: 1, placeId: null, label: '' }),
    ).rejects.toMatchObject({ status: 400, issues: [{ path: 'amount' }] })
    await on.undo()
    expect((await inKit(id))!.units).toMatchObject([{ level: 0.5 }])
  })
})

describe('a write made from an older version', () => {
  it('is refused with what stands there now, and nothing is lost', async () => {
    const made = await on.addProduct(bottleInput('Garganey'))
    const mine = await on.changeProduct(made.id, {
      ...bottleInput('Garganey', { notes: 'mine' }),
      version: made.version,
    })
    const stale = on.changeProduct(made.id, { ...bottleInput('Garganey', { notes: 'theirs' }), version: made.version })
    await expect(stale).rejects.toMatchObject({
      status: 409,
      code: 'stale',
      today: { id: made.id, notes: 'mine', version: mine.version },
    })
    expect((await inKit(made.id))!.notes).toBe('mine')
    const from = mine.version
    await on.changeProduct(made.id, { ...bottleInput('Garganey', { notes: 'theirs' }), version: from })
    expect((await inKit(made.id))!.notes).toBe('theirs')
  })

  it('goes for faces, records, jobs, bookings and methods alike', async () => {
    const made = await on.addFace(faceInput('Quill'))
    await on.changeFace(made.id, { ...faceInput('Quill', { wishes: 'a' }), version: made.version })
    const old = { version: made.version }
    const stale = { status: 409, code: 'stale' }
    await expect(on.changeFace(made.id, { ...faceInput('Quill'), ...old })).rejects.toMatchObject(stale)
    await expect(on.changeConsultation(made.id, { ...made.consultation, ...old })).rejects.toMatchObject(stale)
    await expect(
      on.changeRecord(made.id, { face: { ...faceInput('Quill'), ...old }, consultation: made.consultation }),
    ).rejects.toMatchObject(stale)
    const job = await on.addJob(Object.assign(new JobInput(), { name: 'Fair' }))
    const again = await on.changeJob(job.id, Object.assign(new JobInput(), { name: 'Fair', place: 'x' }))
    await expect(on.changeJob(job.id, { ...again, version: job.version })).rejects.toMatchObject(stale)
    const booking = await on.addBookingFor(made.id, { jobId: job.id, job: null })
    await on.changeBooking(booking.id, { ...booking, services: 'lips' })
    await expect(on.changeBooking(booking.id, { ...booking, services: 'eyes' })).rejects.toMatchObject(stale)
    const methods = await on.settings()
    await on.changeSettings({ ...methods, currency: 'EUR' })
    await expect(on.changeSettings({ ...methods, currency: 'SEK' })).rejects.toMatchObject(stale)
  })
})

/*
 * A plain model of what is written: cells with values, acts as what they found and left, and the rule that an act is taken back only
 * where all of it still stands. Times are the numbers of the acts that set them.
 */
type Cells = Map<string, unknown>
interface Entry {
  cells: Map<string, { before: unknown; after: unknown }>
  undoes: number | null
  undone: boolean
}

class Model {
  cells: Cells = new Map()
  acts: Entry[] = []

  act(changes: Record<string, unknown>, undoes: number | null = null): void {
    const cells = new Map(
      Object.entries(changes)
        .filter(([cell, after]) => this.cells.get(cell) !== after)
        .map(([cell, after]) => [cell, { before: this.cells.get(cell), after }]),
    )
    if (cells.size === 0) return
    for (const [cell, { after }] of cells) this.cells.set(cell, after)
    this.acts.push({ cells, undoes, undone: false })
  }
  canUndo = (n: number): boolean =>
    !this.acts[n]!.undone && [...this.acts[n]!.cells].every(([cell, { after }]) => this.cells.get(cell) === after)
  last = (): number => this.acts.reduce((at, a, i) => (!a.undone && a.undoes === null ? i : at), -1)
  undo(n: number): void {
    const stamp = this.acts.length
    const back = [...this.acts[n]!.cells].map(([cell, { before }]): [string, unknown] =>
      // What was not there before is put away, not unmade.
      cell.endsWith(' gone') && before === undefined ? [cell, stamp] : [cell, before],
    )
    this.acts[n]!.undone = true
    const isInsert = [...this.acts[n]!.cells].some(
      ([cell, { before }]) => cell.endsWith(' gone') && before === undefined,
    )
    this.act(Object.fromEntries(isInsert ? back.filter(([cell]) => cell.endsWith(' gone')) : back), n)
  }
}

describe('any sequence of acts and undos by two clients', () => {
  it.each(shareOf(20))('ends as the plain model says, with no lost write (seed %i)', async seed => {
    const random = seeded(seed)
    const model = new Model()
    const from = (await lastChange()).id
    /** Numbers of the model's acts to those of the server's. */
    const ids: number[] = []
    const bottles: string[] = []
    const people: string[] = []
    /** What each client has seen last. */
    const seen: Map<string, OwnedProduct | Face>[] = [new Map(), new Map()]
    const sync = async () => {
      while (ids.length < model.acts.length) ids.push((await lastChange()).id)
    }
    const refused = (act: Promise<unknown>, status: number) => expect(act).rejects.toMatchObject({ status })

    for (let step = 0; step < 30; step++) {
      const client = seen[step % 2]!
      const device = `device-${step % 2}`
      await on.asker.run({ device, done: [] }, async () => {
        const id = bottles.length > 0 ? random.pick(bottles) : ''
        const who = people.length > 0 ? random.pick(people) : ''
        const isThere = (key: string) => model.cells.get(`${key} gone`) === null
        const kind = random.pick([
          'add',
          'note',
          'note',
          'retire',
          'remove',
          'person',
          'wish',
          'wish',
          'last',
          'any',
          'look',
        ])
        const stamp = model.acts.length
        if (kind === 'add') {
          const made = await on.addProduct(bottleInput(`B${seed}-${step}`))
          bottles.push(made.id)
          model.act({ [`${made.id} gone`]: null, [`${made.id} notes`]: '', [`${made.id} retired`]: null })
          client.set(made.id, made)
        } else if (kind === 'person') {
          const made = await on.addFace(faceInput(`P${seed}-${step}`))
          people.push(made.id)
          model.act({ [`${made.id} gone`]: null, [`${made.id} wishes`]: '' })
          client.set(made.id, made)
        } else if (kind === 'look') {
          for (const p of await on.kitProducts()) if (bottles.includes(p.id)) client.set(p.id, p)
          for (const f of await on.allFaces()) if (people.includes(f.id)) client.set(f.id, f)
        } else if (kind === 'note' && client.has(id)) {
          const known = client.get(id) as OwnedProduct
          const write = { ...bottleInput(known.shade, { notes: `n${step}` }), version: known.version }
          const today = await inKit(id)
          if (!isThere(id)) return refused(on.changeProduct(id, write), 404)
          if (today!.version !== known.version) {
            await refused(on.changeProduct(id, write), 409)
            client.set(id, today!)
          } else {
            client.set(id, await on.changeProduct(id, write))
            model.act({ [`${id} notes`]: `n${step}` })
          }
        } else if (kind === 'wish' && client.has(who)) {
          const known = client.get(who) as Face
          const write = { ...faceInput(known.name, { wishes: `w${step}` }), version: known.version }
          if (!isThere(who)) return refused(on.changeFace(who, write), 404)
          const today = await on.faceById(who)
          if (today.version !== known.version) {
            await refused(on.changeFace(who, write), 409)
            client.set(who, today)
          } else {
            client.set(who, await on.changeFace(who, write))
            model.act({ [`${who} wishes`]: `w${step}` })
          }
        } else if (kind === 'retire' && id && isThere(id)) {
          const retired = model.cells.get(`${id} retired`) === null
          await on.retire({ ids: [id], retired })
          model.act({ [`${id} retired`]: retired ? stamp : null })
        } else if (kind === 'remove' && id && isThere(id)) {
          await on.removeThing(id)
          model.act({ [`${id} gone`]: stamp })
        } else if (kind === 'last' || kind === 'any') {
          const n = kind === 'last' ? model.last() : Math.floor(random.between(0, model.acts.length))
          if (n < 0 || n >= model.acts.length) return
          const byServer = kind === 'last' && (await on.history()).find(c => c.undoWords)!.id === ids[n]
          if (model.canUndo(n)) {
            await (byServer ? on.undo() : on.undo(ids[n]))
            model.undo(n)
          } else await refused(on.undo(ids[n]), 409)
        }
      })
      await sync()
    }

    const kit = new Map((await on.kitProducts()).map(p => [p.id, p]))
    const faces = new Map((await on.allFaces()).map(f => [f.id, f]))
    for (const id of bottles) {
      const there = kit.get(id)
      expect(there !== undefined).toBe(model.cells.get(`${id} gone`) === null)
      if (!there) continue
      expect(there.notes).toBe(model.cells.get(`${id} notes`))
      expect(there.retiredAt === null).toBe(model.cells.get(`${id} retired`) === null)
    }
    for (const id of people) {
      expect(faces.has(id)).toBe(model.cells.get(`${id} gone`) === null)
      if (faces.has(id)) expect(faces.get(id)!.wishes).toBe(model.cells.get(`${id} wishes`))
    }
    // Every accepted write is one change, and no refused one is any.
    const told = [...(await on.history()), ...(await on.history((await on.history()).at(-1)!.id))]
    expect(told.filter(c => c.id > from)).toHaveLength(model.acts.length)
  })
})
