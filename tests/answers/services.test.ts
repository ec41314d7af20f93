import { planFace } from '#core/plan/facePlan'
import { FACE_ORDERS, FacesQuery } from '#shared/records/people/clientele'
import { OccasionInput } from '#shared/records/method/consultation'
import { BookingInput, JobInput, NewBookingInput } from '#shared/records/days/jobs'
import { DecantInput, KIT_ORDERS, KIT_STATES, KitQuery, UnitInput } from '#shared/records/kit/kit'
import { MishapInput, PlanInput } from '#shared/records/people/plans'
import { Settings } from '#shared/records/method/settings'
import { questionOf } from '#shared/asked/planQuestion'
import { Problem } from '../../server/base/problems'
import { bottleInput, faceInput, typedReading } from '../support/inputs'
import { inShort } from '../support/inShort'
import { savedPlan, insertPlan } from '../support/keptPlan'
import { services } from '../support/services'

jest.mock('../../server/keeping/thread', () => jest.requireActual<object>('../support/keeperInline'))
// Ids in order, since records of one moment are sorted by id.
jest.mock('../../server/services/record/clock', () => {
  let made = 0
  return {
    now: () => new Date().toISOString(),
    newId: () => `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`,
  }
})
// Only the date: what waits for a timer waits as it would.
jest.useFakeTimers({
  now: new Date('2026-11-24T10:00:00Z'),
  doNotFake: [
    'setTimeout',
    'clearTimeout',
    'setInterval',
    'clearInterval',
    'setImmediate',
    'clearImmediate',
    'nextTick',
    'queueMicrotask',
    'performance',
    'hrtime',
  ],
})

/* What the services answer on the demo's records, written down: see plans.test.ts. Ids are numbered in the order they appear. */
const on = services(async on => {
  await on.stockSimulatedSuppliers()
  await on.loadDemo()
})
const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g
function teller() {
  const known = new Map<string, string>()
  return (value: unknown) =>
    inShort(value).replace(UUID, id => {
      if (!known.has(id)) known.set(id, `#${known.size}`)
      return known.get(id)!
    })
}

it('lists of faces, of the kit, of days and of purchases', async () => {
  const tell = teller()
  const faces = (more: Partial<FacesQuery>) => on.faceList(Object.assign(new FacesQuery(), more))
  const kit = (more: Partial<KitQuery>) => on.kitList(Object.assign(new KitQuery(), more))
  for (const order of FACE_ORDERS) {
    const page = await faces({ order, limit: 100 })
    expect([page.count, ...page.lines.map(l => `${l.name} ${tell([l.skinType, l.lab, l.booking])}`)]).toMatchSnapshot()
  }
  for (const asked of [
    { q: 'or' },
    { q: 'zzz' },
    { skin: 'dry' as const },
    { q: 'a', skin: 'oily' as const, limit: 2 },
  ]) {
    const { count, lines } = await faces(asked)
    expect([count, ...lines.map(l => l.name)]).toMatchSnapshot()
  }
  for (const order of KIT_ORDERS)
    for (const way of ['up', 'down'] as const)
      expect(
        (await kit({ order, way, kind: 'complexion', limit: 12 })).lines.map(l => l.shade).join(', '),
      ).toMatchSnapshot()
  for (const asked of [
    ...KIT_STATES.map(state => ({ state })),
    { kind: 'powder' as const },
    { kinds: 'blush,bronzer' },
    { family: 'oil' as const },
    { q: 'lantern' },
  ]) {
    const { count, lines } = await kit({ ...asked, limit: 5 })
    expect([count, ...lines.map(l => tell(l))]).toMatchSnapshot()
  }
  const { all, unread, faces: near, skins, inRecipes } = await on.clientele()
  expect([all, unread, ...near.map(tell), tell(skins), tell(inRecipes)]).toMatchSnapshot()
  expect((await on.allJobs('2026-11-24')).map(tell)).toMatchSnapshot()
  for (const { id } of await on.allJobs('2026-11-24')) expect(tell(await on.jobById(id))).toMatchSnapshot()
  const { suppliers, offers } = await on.catalogue()
  expect([...suppliers.map(tell), offers.length, tell(offers[3])]).toMatchSnapshot()
  expect(tell(await on.shelf()).slice(0, 4000)).toMatchSnapshot()
  expect([tell(await on.rangesOwned()), tell(await on.placesNow()), tell(await on.settings())]).toMatchSnapshot()
  expect(tell(await on.allTests())).toMatchSnapshot()
  const [first, second] = await on.allFaces()
  for (const face of [first!, second!]) {
    expect(tell(await on.faceById(face.id))).toMatchSnapshot()
    expect(tell(await on.personRecord(face.id)).slice(0, 6000)).toMatchSnapshot()
  }
  expect(tell(await on.evidence())).toMatchSnapshot()
})

/** An act and what came of it, or what it was refused with. */
async function heard(tell: (value: unknown) => string, what: string, act: () => unknown): Promise<string> {
  try {
    return `${what}: ${tell(await act())}`
  } catch (problem) {
    if (!(problem instanceof Problem)) throw problem
    return `${what}: refused ${problem.status} ${problem.code} ${problem.message} ${tell(problem.issues)}`
  }
}

it('a season of acts, what each answers, what history says of it, and what is refused', async () => {
  const tell = teller()
  const said: string[] = []
  const act = async <T>(what: string, work: () => T | Promise<T>): Promise<T> => {
    let answer: T | undefined
    said.push(await heard(tell, what, async () => (answer = await work())))
    return answer as T
  }
  // The kit.
  const bottle = await act('add a bottle', () => on.addProduct(bottleInput('Heron', { range: 'Quay', brand: 'Pike' })))
  const change = { ...bottleInput('Heron grey'), version: bottle.version }
  await act('change it', () => on.changeProduct(bottle.id, change))
  await act('change it from an old version', () => on.changeProduct(bottle.id, change))
  await act('change what is not there', () => on.changeProduct('nothing', change))
  const twin = await act('another unit', () =>
    on.addUnit(bottle.id, Object.assign(new UnitInput(), { sizeMl: 10, label: 'second' })),
  )
  const [unit, spare] = twin.units
  await act('a unit nowhere', () => on.addUnit(bottle.id, Object.assign(new UnitInput(), { placeId: 'nowhere' })))
  await act('change the unit', () =>
    on.changeUnit(spare!.id, Object.assign(new UnitInput(), { level: 0.4, version: spare!.version })),
  )
  await act('decant', () => on.decantUnit(unit!.id, Object.assign(new DecantInput(), { amount: 5, sizeMl: 8 })))
  await act('decant more than there is', () =>
    on.decantUnit(unit!.id, Object.assign(new DecantInput(), { amount: 500, sizeMl: 800 })),
  )
  await act('decant into less', () =>
    on.decantUnit(unit!.id, Object.assign(new DecantInput(), { amount: 5, sizeMl: 1 })),
  )
  await act('take a unit off', () => on.removeUnit(spare!.id))
  await act('take it off again', () => on.removeUnit(spare!.id))
  await act('retire', () => on.retire({ ids: [bottle.id], retired: true }))
  await act('use again', () => on.retire({ ids: [bottle.id], retired: false }))
  await act('retire what is not there', () => on.retire({ ids: [bottle.id, 'nothing'], retired: true }))
  await act('a range separates', () => on.setRange({ brand: 'Pike', range: 'Quay', mixes: false }))
  await act('and mixes after all', () => on.setRange({ brand: 'Pike', range: 'Quay', mixes: true }))
  // Somebody.
  const face = await act('add a face', () =>
    on.addFace({
      ...faceInput('Noor Vale'),
      booking: { jobId: null, job: Object.assign(new JobInput(), { name: 'Market day', day: '2026-12-03' }) },
    } as never),
  )
  const { id } = face
  await act('change it', () => on.changeFace(id, { ...faceInput('Noor Vale-Ash'), version: face.version }))
  await act('change it from an old version', () => on.changeFace(id, { ...faceInput('Noor'), version: face.version }))
  const reading = await act('read the skin', () => on.addReading(id, typedReading()))
  await act('read nobody', () => on.addReading('nobody', typedReading()))
  const recipe = await act('save a recipe', () =>
    on.saveRecipe(id, {
      drops: [{ id: bottle.id, count: 2 }],
      lab: { L: 58, a: 11, b: 19 },
      deltaE: 0.4,
      chance: 0.9,
      note: '',
    }),
  )
  await act('save a recipe of a bottle that is gone', () =>
    on.saveRecipe(id, {
      drops: [
        { id: bottle.id, count: 2 },
        { id: 'gone', count: 1 },
      ],
      lab: { L: 58, a: 11, b: 19 },
      deltaE: 0.4,
      chance: 0.9,
      note: '',
    }),
  )
  const seen = await act('see it on the skin', () =>
    on.addSeen(id, { drops: [{ id: bottle.id, count: 2 }], seen: 'too light', degree: 'a touch' }),
  )
  await act('let go of what was seen', () => on.dropSeen(seen.id))
  await act('let go of it again', () => on.dropSeen(seen.id))
  const entry = await act('remember', () =>
    on.addHistory(id, { productId: bottle.id, what: 'liked', note: 'at the market' }),
  )
  await act('remember what is not there', () => on.addHistory(id, { productId: 'gone', what: 'liked', note: '' }))
  await act('forget an entry', () => on.removeHistory(entry.id))
  const own = await act('they bring their own', () =>
    on.addOwnProduct(id, bottleInput('Own balm', { kind: 'lip care' })),
  )
  await act('a mishap', () => on.mendFor(id, Object.assign(new MishapInput(), { mishap: 'separated' })))
  await act('a mishap on nobody', () => on.mendFor('nobody', Object.assign(new MishapInput(), { mishap: 'separated' })))
  // Their days.
  const job = await act('a day', () =>
    on.addJob(Object.assign(new JobInput(), { name: 'Harbour night', day: '2026-12-09', place: 'Quay' })),
  )
  await act('its preview', () => on.addJob(Object.assign(new JobInput(), { name: 'Try-out', previewOfId: job.id })))
  await act('a preview of nothing', () =>
    on.addJob(Object.assign(new JobInput(), { name: 'Try-out', previewOfId: 'nothing' })),
  )
  await act('change the day', () =>
    on.changeJob(
      job.id,
      Object.assign(new JobInput(), { name: 'Harbour late', day: '2026-12-10', version: job.version }),
    ),
  )
  const booking = await act('book', () =>
    on.addBooking(Object.assign(new NewBookingInput(), { jobId: job.id, faceId: id })),
  )
  await act('book twice', () => on.addBooking(Object.assign(new NewBookingInput(), { jobId: job.id, faceId: id })))
  await act('book nobody', () =>
    on.addBooking(Object.assign(new NewBookingInput(), { jobId: job.id, faceId: 'nobody' })),
  )
  await act('change the booking', () =>
    on.changeBooking(
      booking.id,
      Object.assign(new BookingInput(), {
        jobId: job.id,
        services: 'lashes',
        readyBy: '17:30',
        version: booking.version,
      }),
    ),
  )
  await act('in order', () => on.orderBookings(job.id, { ids: [booking.id] }))
  await act('in an order of others', () => on.orderBookings(job.id, { ids: ['other'] }))
  await act('off the job', () => on.removeBooking(booking.id))
  await act('delete the day', () => on.removeJob(job.id))
  await act('delete it again', () => on.removeJob(job.id))
  // Plans kept, used and taken back.
  const plan = planFace(questionOf(await on.planRecords(await on.faceById(id), new PlanInput())))
  await insertPlan(on, id, savedPlan({ id: 'kept', plan, occasion: new OccasionInput(), overrides: [] }))
  await act('what was agreed', () => on.changePlanNotes('kept', { agreed: 'less lip', change: '', version: 1 }))
  await act('use the plan', () => on.usePlan('kept'))
  await act('use it again', () => on.usePlan('kept'))
  await act('use what is not there', () => on.usePlan('nothing'))
  await act('what history says', async () => (await on.history()).map(c => `${c.words} ${c.undoneBy ?? ''}`))
  await act('undo', () => on.undo())
  await act('undo one of long ago', () => on.undo(1))
  // Buying and testing.
  const { offers } = await on.catalogue()
  const list = await act('buy', () =>
    on.accept({
      lines: [
        { offerId: offers[0]!.id, reason: `for {face:${id}}` },
        { offerId: offers[5]!.id, reason: 'depth' },
      ],
      budgetMinor: 9000,
    }),
  )
  await act('buy what is no longer offered', () =>
    on.accept({ lines: [{ offerId: 'gone', reason: '' }], budgetMinor: 9000 }),
  )
  await act('received', () => on.receive(list.lines[0]!.id))
  await act('received twice', () => on.receive(list.lines[0]!.id))
  await act('off the list', () => on.removeLine(list.lines[1]!.id))
  await act('off the list again', () => on.removeLine(list.lines[1]!.id))
  const test = await act('a palette test', () =>
    on.addPaletteTest({ a: 'Pike / Quay', b: 'Pike / Lantern', result: 'pilled', after: '10 minutes' }),
  )
  await act('forget it', () => on.removeTest('paletteTests', test.id))
  await act('forget it again', () => on.removeTest('paletteTests', test.id))
  const mix = await act('a mix measured', () =>
    on.addMix({ drops: [{ id: bottle.id, count: 1 }], lab: { L: 57, a: 11, b: 19 } }),
  )
  await act('forget the mix', () => on.removeTest('measuredMixes', mix.id))
  await act('other settings', () => on.changeSettings({ ...new Settings(), tolerance: 3 }))
  // Everything goes.
  await act('delete what they brought', () => on.removeThing(own.id))
  await act('delete the reading', () => on.deleteFromFace('readings', reading.id, 'reading'))
  await act('delete the recipe', () => on.deleteFromFace('recipes', recipe.id, 'recipe'))
  await act('delete the recipe again', () => on.deleteFromFace('recipes', recipe.id, 'recipe'))
  await act('delete the face', () => on.removeFace(id))
  await act('delete it again', () => on.removeFace(id))
  await act('delete the bottle', () => on.removeThing(bottle.id))
  await act('what history says', async () => (await on.history()).map(c => `${c.words} ${c.undoneBy ?? ''}`))
  for (let i = 0; i < 8; i++) await act('undo', () => on.undo())
  expect(said).toMatchSnapshot()
})
