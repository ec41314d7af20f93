import { cutKey, insteadKey, noteKey } from '#shared/dayTicks'
import { JobInput, NewBookingInput } from '#shared/records/days/jobs'
import { SavePlanInput } from '#shared/records/people/plans'
import { QuoteInput } from '#shared/records/days/quotes'
import { WrapInput, INCIDENTS, type ThingIncident } from '#shared/records/days/wraps'
import { seeded } from '../../../tests/support/random'
import { dependingOn, OWN_SHARE } from '../../../tests/support/share'
import { services } from '../../../tests/support/services'

jest.mock('../../compute/pool', () => jest.requireActual<object>('../../../tests/support/plansInline'))
const on = services(async s => {
  await s.stockSimulatedSuppliers()
  await s.loadDemo()
})
const asking = { caller: 'test', signal: new AbortController().signal }
const jobNamed = async (name: string) => (await on.allJobs('2020-01-01')).find(j => j.name.startsWith(name))!.id

/** Every row there is, by table, but for the history of changes, and for how often each was written. */
async function everything(): Promise<Record<string, Record<string, unknown>>> {
  const all: Record<string, Record<string, unknown>> = {}
  const { db } = await import('../../db/connection')
  const { changes: _told, ...tables } = on.tables
  for (const [name, table] of Object.entries(tables)) {
    if (typeof table !== 'object' || !('id' in table)) continue
    const rows = (await db.select().from(table as typeof on.tables.jobs)) as unknown as Record<string, unknown>[]
    all[name] = Object.fromEntries(
      rows.filter(r => r.deletedAt == null).map(({ version: _v, ...row }) => [String(row.id), row]),
    )
  }
  return all
}
/** Fields that differ, as "table id field". */
function differences(x: Awaited<ReturnType<typeof everything>>, y: typeof x): string[] {
  return Object.keys(x).flatMap(table =>
    [...new Set([...Object.keys(x[table]!), ...Object.keys(y[table]!)])].flatMap(id => {
      const [a, b] = [x[table]![id], y[table]![id]] as (Record<string, unknown> | undefined)[]
      if (!a || !b) return [`${table} ${a ? 'gone' : 'new'}`]
      return Object.keys(a).flatMap(f => (JSON.stringify(a[f]) === JSON.stringify(b[f]) ? [] : [`${table} ${id} ${f}`]))
    }),
  )
}

describe('what is really thrown away', () => {
  it('is known after three closed jobs, and what the next job takes goes by it; one undo forgets it', async () => {
    const next = await jobNamed('Vow')
    const days = [next]
    for (let i = 0; i < 3; i++) days.push((await on.nextDay(days.at(-1)!)).id)
    const tissues = (await on.kitThings()).find(t => t.kind === 'tissues')!.units[0]!
    const tissuesOf = async () => (await on.togetherOn(next, asking)).counts.find(c => c.kind === 'tissues')!.need
    const before = await tissuesOf()
    for (const [i, id] of days.slice(1).entries()) {
      expect((await on.ownUse()).find(o => o.kind === 'tissues')).toBeUndefined()
      // Half as much again as the plans say was in it.
      await on.setLevel(tissues.id, { level: i < 2 ? (1.5 * before) / tissues.size : 1 })
      const things = i < 2 ? [{ unitId: tissues.id, what: 'ran out' as const }] : []
      await on.wrapJob(id, Object.assign(new WrapInput(), { things }), asking)
    }
    const own = (await on.ownUse()).find(o => o.kind === 'tissues')!
    expect(own).toMatchObject({ jobs: 3, faces: 3 * (await on.jobById(next)).bookings.length })
    expect(own.real).toBeGreaterThan(own.planned)
    expect(await tissuesOf()).toBe(Math.ceil(before * (own.real / own.planned) - 1e-9))
    expect((await on.yearAnswer({})).own.map(o => o.kind)).toContain('tissues')
    // The log of the last job goes by what was known when it was closed, and so does what is known now.
    expect((await on.ownUse()).every(o => o.real >= o.planned - 1e-6)).toBe(true)
    await on.undo()
    expect((await on.ownUse()).find(o => o.kind === 'tissues')).toBeUndefined()
    expect(await tissuesOf()).toBe(before)
    // Three days more, of each a level and a wrap: all but the wrap above.
    for (let i = 0; i < 8; i++) await on.undo()
  })
})

describe('closing a job', () => {
  it('takes what went on instead, and nothing of what was left out at the chair', async () => {
    const id = await jobNamed('Vow')
    const { faces } = await on.jobChair(id, asking)
    const one = faces.find(f => f.plan)!
    const layer = one.plan!.layers.find(l => l.drops === null && l.alternatives.some(a => a.drops === null))!
    const other = layer.alternatives.find(a => a.drops === null)!
    const left = one.plan!.layers.find(l => l.slot !== layer.slot && l.drops === null)!
    const takenNow = async () => new Map((await on.wrapOf(id, asking)).taken.map(t => [t.name, t.amount]))
    const before = await takenNow()
    const at = new Date().toISOString()
    const ticks = [insteadKey(one.bookingId, other.item.id, layer.key), cutKey(one.bookingId, left.slot)]
    await on.mergeTicks(id, { ticks: ticks.map(key => ({ key, done: true, at, text: '' })) })
    const after = await takenNow()
    const amount = (of: Map<string, number>, name: string) => of.get(name) ?? 0
    expect(amount(after, layer.item.name)).toBeLessThan(amount(before, layer.item.name))
    expect(amount(after, left.item.name)).toBeLessThan(amount(before, left.item.name))
    await on.wrapJob(id, new WrapInput(), asking)
    const card = (await on.faceById(one.faceId)).plans.find(p => p.bookingId === one.bookingId && p.usedAt)!
    const { plan } = await on.planById(card.id)
    expect(plan.layers.find(l => l.key === layer.key)!.item.name).toBe(other.item.name)
    expect(plan.layers.some(l => l.slot === left.slot)).toBe(false)
    await on.undo()
    expect((await on.jobById(id)).wrap).toBeNull()
    // What the morning cuts is left out as well.
    await on.mergeTicks(id, { ticks: ticks.map(key => ({ key, done: false, at: new Date().toISOString(), text: '' })) })
    await on.cutOn(id, { cuts: [{ bookingId: one.bookingId, slot: left.slot }] })
    expect(amount(await takenNow(), left.item.name)).toBe(amount(after, left.item.name))
    await on.undo()
    await on.mergeTicks(id, { ticks: ticks.map(key => ({ key, done: false, at: new Date().toISOString(), text: '' })) })
    expect(await takenNow()).toEqual(before)
  })

  it('changes levels by plan and by what went otherwise, and nothing else; one undo brings all of it back', async () => {
    const id = await jobNamed('Vow')
    const random = seeded(5 + OWN_SHARE)
    for (let round = 0; round < dependingOn(6, 2); round++) {
      const { along, faces } = await on.wrapOf(id, asking)
      const things = Array.from({ length: Math.floor(random.between(0, 5)) }, (): ThingIncident => {
        const one = random.pick(along)
        const fillId = one.pans.length > 0 ? random.pick(one.pans).fillId : undefined
        return { unitId: one.unitId, fillId, what: random.pick(INCIDENTS) }
      }).filter((t, i, all) => all.findIndex(x => x.unitId === t.unitId) === i)
      const notDone = faces.filter(() => random.between(0, 1) < 0.3).map(f => f.bookingId)
      const would = round === 0 ? (await on.wrapOf(id, asking)).taken : []
      const before = await everything()
      await on.wrapJob(
        id,
        Object.assign(new WrapInput(), {
          notDone: round === 0 ? [] : notDone,
          things: round === 0 ? [] : things,
          paidMinor: 40_000,
        }),
        asking,
      )
      const after = await everything()
      const changed = differences(before, after)
      const named = new Set(things.map(t => t.unitId))
      for (const one of changed) {
        const [table, row, field] = one.split(' ')
        const isRight =
          one === 'uses new'
          || one === 'plans new'
          || (table === 'fills' && field === 'level')
          || (table === 'jobs' && row === id && field === 'wrap')
          || (table === 'units' && named.has(row!) && ['placeId', 'notes', 'retiredAt', 'why'].includes(field!))
        expect(isRight ? 'right' : one).toBe('right')
      }
      // Levels fall by what is logged, to the last drop.
      const gone = new Map<string, number>()
      for (const use of Object.values(after.uses!) as { id: string; fillId: string; amount: number | null }[])
        if (!before.uses![use.id]) gone.set(use.fillId, (gone.get(use.fillId) ?? 0) + (use.amount ?? 0))
      for (const [fillId, amount] of gone) {
        const [x, y] = [before.fills![fillId], after.fills![fillId]] as { size: number; level: number }[]
        expect(x!.level * x!.size - y!.level * y!.size).toBeCloseTo(amount, 6)
      }
      if (round === 0) {
        // As the preview said, where one thing holds all of it.
        const [first] = would.filter(t => t.measure === 'ml')
        expect(first!.amount).toBeGreaterThan(0)
        await expect(on.wrapJob(id, new WrapInput(), asking)).rejects.toMatchObject({ status: 409 })
      }
      await on.undo()
      expect(differences(before, await everything())).toEqual([])
    }
  })

  it('puts what was noted at the chair on the card, and of whom nothing was put on with the face; one undo takes it off', async () => {
    const id = await jobNamed('Vow')
    const [one, other] = (await on.jobChair(id, asking)).faces.filter(f => f.plan)
    const at = (minute: number) => new Date(Date.UTC(2026, 0, 5, 9, minute)).toISOString()
    const note = (of: string, n: number, text: string, done = true) => ({
      ...{ key: noteKey(of, String(n)), done, at: at(n), text },
    })
    await on.mergeTicks(id, { ticks: [note(one!.bookingId, 2, 'the lid creased by noon')] })
    await on.mergeTicks(id, {
      ticks: [
        note(one!.bookingId, 1, 'she likes it warmer'),
        note(one!.bookingId, 3, 'never mind', false),
        note(other!.bookingId, 4, 'came down with a cold'),
      ],
    })
    const said = (await on.wrapOf(id, asking)).faces.map(f => f.notes).filter(n => n.length > 0)
    expect(said).toEqual([['she likes it warmer', 'the lid creased by noon'], ['came down with a cold']])
    const before = await everything()
    await on.wrapJob(id, Object.assign(new WrapInput(), { notDone: [other!.bookingId] }), asking)
    const { plans } = await on.faceById(one!.faceId)
    expect(plans.find(p => p.bookingId === one!.bookingId && p.usedAt)!.change).toBe(
      'she likes it warmer\nthe lid creased by noon',
    )
    expect((await on.faceById(other!.faceId)).notes).toMatch(/Vow renewal.*: came down with a cold$/)
    await on.undo()
    expect(differences(before, await everything())).toEqual([])
    expect((await on.personRecord(one!.faceId)).saidAtTheChair.map(n => n.text)).toEqual([
      'she likes it warmer',
      'the lid creased by noon',
    ])
  })

  it('keeps what somebody reacted to with them, and out of their next plan; the job itself says nothing of it', async () => {
    const id = await jobNamed('Vow')
    const { along } = await on.wrapOf(id, asking)
    const one = (await on.jobChair(id, asking)).faces.find(f => f.plan)!
    const layer = one.plan!.layers.find(l => l.drops === null && along.some(t => t.name === l.item.name))!
    const { unitId } = along.find(t => t.name === layer.item.name)!
    const wrong = [{ bookingId: one.bookingId, unitId, what: 'reaction' as const, note: 'red within minutes' }]
    const { wrap } = await on.wrapJob(id, Object.assign(new WrapInput(), { wrong }), asking)
    expect(JSON.stringify(wrap)).not.toMatch(/red within minutes/)
    const [entry] = (await on.faceById(one.faceId)).history
    expect(entry).toMatchObject({ productId: layer.item.id, what: 'reaction' })
    expect(entry!.note).toMatch(/^Vow renewal at the lock: red within minutes$/)
    const { id: next } = await on.repeatJob(id)
    const again = (await on.jobChair(next, asking)).faces.find(f => f.faceId === one.faceId)!
    expect(again.plan!.layers.map(l => l.item.id)).not.toContain(layer.item.id)
    await on.undo()
    await on.undo()
    expect((await on.faceById(one.faceId)).history.map(h => h.id)).not.toContain(entry!.id)
    for (const strange of [{ bookingId: 'nobody' }, { unitId: 'nothing' }]) {
      const input = Object.assign(new WrapInput(), { wrong: [{ ...wrong[0]!, ...strange }] })
      await expect(on.wrapJob(id, input, asking)).rejects.toMatchObject({ status: 400 })
    }
    expect((await on.jobById(id)).wrap).toBeNull()
  })

  it('settles against its quote, and what was paid may be told later', async () => {
    const id = await jobNamed('Ferry')
    await on.setQuote(
      id,
      Object.assign(new QuoteInput(), { km: 20, feeMinor: 30_000, extras: [{ what: 'Ladder', minor: 500 }] }),
    )
    const open = await on.quoteOf(id, asking)
    expect(open.settled).toBeNull()
    expect(open.client.reduce((all, l) => all + l.minor, 0)).toBe(30_000)
    await expect(on.changeWrap(id, new WrapInput())).rejects.toMatchObject({ status: 409 })
    await on.wrapJob(id, Object.assign(new WrapInput(), { began: '07:10', ended: '12:40', km: 26 }), asking)
    const { wrap } = await on.changeWrap(
      id,
      Object.assign(new WrapInput(), { began: '07:10', ended: '12:40', km: 26, paidMinor: 30_000, tipMinor: 1500 }),
    )
    expect(wrap).toMatchObject({ paidMinor: 30_000, km: 26 })
    const { settled } = await on.quoteOf(id, asking)
    expect(settled!.lines.find(l => l.of === 'distance')).toMatchObject({ plannedMinor: 800, realMinor: 1040 })
    // Five hours and a half there, less setting up and packing down.
    expect(settled!.lines.find(l => l.of === 'faces')!.realMinor).toBe(Math.round(((330 - 45) * 4000) / 60))
    expect(settled!.paidMinor + settled!.tipMinor).toBe(31_500)
    const after = await on.wrapOf(id, asking)
    expect(after.wash.some(w => w.name === 'foundation brush')).toBe(true)
    expect(after.next!.name).toMatch(/gala/)
    expect(after.taken.length).toBeGreaterThan(5)
  })
})

describe('what was agreed at a preview', () => {
  it('is what is done on the day, and used at the preview it is taken again on the day', async () => {
    const id = await jobNamed('Harbour choir gala')
    const { faceId } = (await on.jobById(id)).bookings[0]!
    const preview = await on.addJob(Object.assign(new JobInput(), { name: 'Preview of the gala', previewOfId: id }))
    const { id: bookingId } = await on.addBooking(Object.assign(new NewBookingInput(), { jobId: preview.id, faceId }))
    const kept = await on.savePlan(faceId, Object.assign(new SavePlanInput(), { bookingId, kind: 'preview' }), asking)
    await on.usePlan(kept.id)
    expect((await on.wrapOf(preview.id, asking)).faces).toMatchObject([{ used: true }])
    const [first] = (await on.wrapOf(id, asking)).faces
    expect(first).toMatchObject({ planned: true, used: false })
    await on.wrapJob(id, new WrapInput(), asking)
    const taken = Object.values((await everything()).uses!) as { faceId: string; jobId: string; amount: number }[]
    const usesOn = (jobId: string) => taken.filter(u => u.faceId === faceId && u.jobId === jobId)
    expect(usesOn(preview.id).length).toBeGreaterThan(5)
    // As much as at the preview: it is the plan that was agreed.
    const total = (jobId: string) => usesOn(jobId).reduce((all, u) => all + (u.amount ?? 0), 0)
    expect(total(id)).toBeCloseTo(total(preview.id), 6)
    expect((await on.wrapOf(id, asking)).faces.every(f => f.used || !f.planned)).toBe(true)
  })
})
