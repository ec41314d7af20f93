import { existsSync, readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { noteKey } from '#shared/dayTicks'
import { Consultation } from '#shared/records/method/consultation'
import { FaceInput } from '#shared/records/people/faces'
import { JobInput } from '#shared/records/days/jobs'
import { bottleInput, faceInput, typedReading } from '../../../tests/support/inputs'
import { insertPlan, savedPlan } from '../../../tests/support/keptPlan'
import { services } from '../../../tests/support/services'

jest.mock('../../keeping/thread', () => jest.requireActual<object>('../../../tests/support/keeperInline'))
const on = services(async on => {
  await on.stockSimulatedSuppliers()
})

const lab = { L: 58.123, a: 11, b: 19 }
/** Everything in the data folder, as bytes read as text. */
const bytes = () =>
  readdirSync(process.env.VARIETAS_DATA!, { withFileTypes: true })
    .filter(f => f.isFile())
    .map(({ name: f }) => readFileSync(join(process.env.VARIETAS_DATA!, f)).toString('latin1'))
    .join('')

describe('forgetting a person', () => {
  it('leaves no row, file or index with their data: not a byte of it', async () => {
    const marks = [
      'Zyx Qwortel-Name',
      'zyxwish',
      'zyxnote',
      'zyxreading',
      'zyxrecipe',
      'zyxsensitive',
      'zyxhistory',
      'zyxbrought',
      'zyxagreed',
      'zyxreason',
      'zyxservice',
      'zyxchange',
      'zyxchair',
    ]
    const other = await on.addFace(faceInput('Somebody Else', { notes: 'stays here' }))
    const bottle = await on.addProduct(bottleInput('Heron', { kind: 'foundation', lab }))
    const { id } = await on.addFace(
      Object.assign(new FaceInput(), {
        name: 'Zyx Qwortel-Name',
        wishes: 'zyxwish',
        notes: 'zyxnote',
      }),
    )
    await on.changeConsultation(id, {
      ...new Consultation(),
      sensitivities: ['zyxsensitive'],
      normallyWears: 'zyxwish',
    })
    await on.addReading(id, { ...typedReading(lab), note: 'zyxreading' })
    await on.saveRecipe(id, { drops: [{ id: bottle.id, count: 1 }], lab, deltaE: 1, chance: 0.5, note: 'zyxrecipe' })
    await on.addSeen(id, { drops: [{ id: bottle.id, count: 1 }], seen: 'too deep' })
    await on.addHistory(id, { productId: bottle.id, what: 'liked', note: 'zyxhistory' })
    await on.addOwnProduct(id, bottleInput('zyxbrought', { kind: 'mascara', lab }))
    const picture = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#a87' } })
      .jpeg()
      .withExif({ IFD0: { ImageDescription: 'zyxpixels123' } })
      .toBuffer()
    expect(picture.toString('latin1')).toContain('zyxpixels123')
    const { id: pictureId } = await on.addPicture(id, picture)
    const kept = (await on.pictureBytes(pictureId)).bytes
    expect(kept.toString('latin1')).not.toContain('zyxpixels123')
    on.calibrate()
    await on.readShot(id, lab)
    const overrides = [{ itemId: 'x', rule: 'history', reason: 'zyxreason' }]
    await insertPlan(on, id, savedPlan({ id: 'plan', kind: 'preview', agreed: 'zyxagreed', overrides }))
    const job = Object.assign(new JobInput(), { name: 'Market day' })
    const booking = await on.addBookingFor(id, { jobId: null, job })
    await on.changeBooking(booking.id, { ...booking, services: 'zyxservice' })
    const note = { key: noteKey(booking.id, '1'), done: true, at: new Date().toISOString(), text: 'zyxchair' }
    await on.mergeTicks(booking.jobId, { ticks: [note] })
    await on.changePlanNotes('plan', { agreed: 'zyxagreed twice', change: 'zyxchange' })
    const { offers } = await on.catalogue()
    await on.accept({
      lines: [{ offerId: offers[0]!.id, reason: `{face:${id}} cannot be matched without it` }],
      budgetMinor: 5000,
    })

    expect((await on.allPurchases())[0]!.lines[0]!.reason).toBe('Zyx Qwortel-Name cannot be matched without it')
    const before = bytes()
    for (const mark of marks) expect(before).toContain(mark)
    expect(before).toContain(id)

    expect(await on.forgetFace(id)).toMatchObject({ id, rows: true, bytes: true })
    const after = bytes()
    expect(after.includes(kept.toString('latin1'))).toBe(false)
    for (const mark of [...marks, id]) expect(after.includes(mark) ? mark : '').toBe('')
    expect(after).toContain('Somebody Else')
    expect(existsSync(join(process.env.VARIETAS_DATA!, 'varietas.db'))).toBe(true)

    expect((await on.allFaces()).map(f => f.id)).toEqual([other.id])
    expect((await on.kitProducts()).map(p => p.shade)).toEqual(['Heron'])
    expect((await on.allPurchases())[0]!.lines[0]!.reason).toBe('a face cannot be matched without it')
  })

  it('a face that was deleted before is forgotten too; one that never was is not there', async () => {
    const { id } = await on.addFace(faceInput('Gone Already', { notes: 'zyxdeleted' }))
    await on.removeFace(id)
    expect(bytes()).toContain('zyxdeleted')
    await on.forgetFace(id)
    expect(bytes()).not.toContain('zyxdeleted')
    await expect(on.forgetFace('nobody')).rejects.toThrow('not here any more')
  })

  it('who is called Ana takes nothing of Anastasia along, whole sentences and backups included', async () => {
    const { offers } = await on.catalogue()
    const ana = await on.addFace(faceInput('Ana'))
    const anastasia = await on.addFace(faceInput('Anastasia'))
    const lines = [
      { offerId: offers[1]!.id, reason: `{face:${anastasia.id}} and {face:${ana.id}} cannot be matched without it` },
      { offerId: offers[2]!.id, reason: 'Anastasia and Ana, as an older version wrote it' },
    ]
    await on.accept({ lines, budgetMinor: 5000 })
    await on.markOldReasons()
    const { backUp, backups } = await import('../../keeping/keeping')
    const held = await backUp('asked')
    await on.forgetFace(ana.id)
    const reasons = (await on.allPurchases()).flatMap(p => p.lines.map(l => l.reason))
    expect(reasons).toContain('Anastasia and a face cannot be matched without it')
    expect(reasons).toContain('Anastasia and a face, as an older version wrote it')
    const kept = await backups()
    expect(kept.map(b => b.name)).not.toContain(held.name)
    expect(kept).toHaveLength(1)
  })

  it('what a process that was killed had begun is finished by the next', async () => {
    const { markForErasing, eraseRows, finishErasing } = await import('../../keeping/erasing')
    const mark = (id: string) => on.write(tx => markForErasing(tx, id))
    const marked = await on.addFace(faceInput('Zyxmarked Only'))
    await mark(marked.id)
    // Here it was killed; and here again, later.
    await finishErasing()
    expect(bytes()).not.toContain('Zyxmarked')
    expect(bytes()).not.toContain(marked.id)
    const halfway = await on.addFace(faceInput('Zyxhalfway Gone'))
    await mark(halfway.id)
    await eraseRows()
    await finishErasing()
    expect(bytes()).not.toContain('Zyxhalfway')
    expect(bytes()).not.toContain(halfway.id)
  })

  it('the database is sound and takes writes afterwards', async () => {
    await on.addFace(faceInput('After All'))
    expect((await on.allFaces()).map(f => f.name)).toContain('After All')
  })
})
