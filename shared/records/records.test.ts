import { SHIPPED_STANDARDS } from '#core/standard/shipped'
import { StandardInput } from './kit/standards'
import { check } from '../checks/validate'
import { Consultation, OccasionInput } from './method/consultation'
import { NewFaceInput } from './people/faces'
import { asksOf, BookingForFace, differsFrom, JobInput, nextBooking } from './days/jobs'
import { OwnedProductInput } from './kit/kit'
import { FlashTestInput, LockInput, locksOf, PlanInput, SavePlanInput } from './people/plans'
import { Settings } from './method/settings'

const lab = { L: 58, a: 11, b: 19 }
const paths = (dto: Parameters<typeof check>[0], value: unknown) => {
  const result = check(dto, value)
  return result.ok ? [] : result.issues.map(i => i.path)
}

describe('the consultation', () => {
  it('needs nothing, and keeps what it is given', () => {
    expect(paths(Consultation, {})).toEqual([])
    const full = {
      zones: [{ zone: 'nose', type: 'oily', states: ['textured'] }],
      sensitivities: ['latex', 'wool fat'],
      secondTone: { zone: 'chin', lab },
      chart: [{ area: 'lid', lab, note: 'gold' }],
      siteWeights: { jaw: 2, neck: 1 },
    }
    const result = check(Consultation, full)
    expect(result.ok && JSON.parse(JSON.stringify(result.value))).toMatchObject(full)
  })
  it.each([
    ['a zone that is none', { zones: [{ zone: 'elbow', states: [] }] }, 'zones[0].zone'],
    [
      'a zone twice',
      {
        zones: [
          { zone: 'nose', states: [] },
          { zone: 'nose', states: [] },
        ],
      },
      'zones',
    ],
    ['a state that is none', { zones: [{ zone: 'nose', states: ['sad'] }] }, 'zones[0].states'],
    ['a blank sensitivity', { sensitivities: ['  '] }, 'sensitivities'],
    ['a book of sensitivities', { sensitivities: Array.from({ length: 21 }, (_, i) => `s${i}`) }, 'sensitivities'],
    ['a site that is none', { siteWeights: { elbow: 1 } }, 'siteWeights'],
    ['a tone without colour', { secondTone: { zone: 'chin' } }, 'secondTone.lab'],
    [
      'a colour twice in one place',
      {
        chart: [
          { area: 'lid', lab, note: '' },
          { area: 'lid', lab, note: '' },
        ],
      },
      'chart',
    ],
  ])('%s is refused at its field', (_what, value, path) => expect(paths(Consultation, value)).toContain(path))
})

describe('jobs and bookings', () => {
  const job = { name: 'Gala', day: '2026-12-05' }
  it.each([
    ['endless hours', { ...job, conditions: { hours: 900 } }, 'conditions.hours'],
    ['a fifth limb', { ...job, conditions: { limbs: 5 } }, 'conditions.limbs'],
    ['a moment for a day', { ...job, day: '2026-12-05T09:00:00Z' }, 'day'],
    ['no name', { day: '2026-12-05' }, 'name'],
  ])('a job with %s is refused at its field', (_what, value, path) => expect(paths(JobInput, value)).toContain(path))
  it('a booking names one job, there or new', () => {
    expect(paths(BookingForFace, { jobId: 'a' })).toEqual([])
    expect(paths(BookingForFace, { job })).toEqual([])
    expect(paths(BookingForFace, { jobId: 'a', job })).toContain('jobId')
    expect(paths(NewFaceInput, { name: 'A', booking: {} })).toContain('booking.jobId')
    expect(paths(NewFaceInput, { name: 'A', booking: { job: { ...job, name: '' } } })).toContain('booking.job.name')
  })
  it('what differs that day is over what the job asks, and only that is kept', () => {
    const conditions = Object.assign(new OccasionInput(), { hours: 10, flash: true })
    const asked = { ...conditions, hours: 4 }
    const differs = differsFrom(conditions, asked)
    expect(differs).toEqual({ hours: 4 })
    expect(asksOf({ job: { name: '', day: null, place: '', version: 1, conditions }, differs })).toEqual(asked)
  })
  it('the next to come counts, then one without a day, then the last there was', () => {
    const on = (day: string | null) => ({
      job: { name: String(day), day, place: '', version: 1, conditions: new OccasionInput() },
    })
    const days = [on('2026-11-01'), on(null), on('2026-12-24'), on('2026-12-05')]
    expect(nextBooking(days, '2026-12-01')?.job.day).toBe('2026-12-05')
    expect(nextBooking(days, '2026-12-05')?.job.day).toBe('2026-12-05')
    expect(nextBooking(days, '2027-01-01')?.job.day).toBeNull()
    expect(nextBooking([on('2026-11-01'), on('2026-10-01')], '2027-01-01')?.job.day).toBe('2026-11-01')
    expect(nextBooking([], '2027-01-01')).toBeNull()
  })
})

describe('plans', () => {
  it('a lock holds one thing', () => {
    expect(paths(LockInput, { key: 'primer', itemId: 'x' })).toEqual([])
    expect(paths(LockInput, { key: 'primer', empty: true })).toEqual([])
    expect(paths(LockInput, { key: 'primer' })).toEqual(['empty'])
    expect(paths(LockInput, { key: 'primer', itemId: 'x', empty: true })).toEqual(['empty'])
    expect(
      paths(PlanInput, {
        locks: [
          { key: 'a', itemId: 'x' },
          { key: 'a', itemId: 'y' },
        ],
      }),
    ).toEqual(['locks'])
  })
  it('locks as the core takes them', () => {
    const locks = [
      { key: 'primer', itemId: 'x', empty: false },
      { key: 'foundation', drops: [{ id: 'a', count: 2 }], empty: false },
      { key: 'tone', empty: true },
    ]
    expect(locksOf(locks)).toEqual({
      primer: { itemId: 'x' },
      foundation: { drops: [{ id: 'a', count: 2 }] },
      tone: { empty: true },
    })
  })
  it('a kind that is none, a flash test of nothing', () => {
    expect(paths(SavePlanInput, { kind: 'rehearsal' })).toEqual(['kind'])
    expect(paths(FlashTestInput, { itemIds: [], result: 'good' })).toEqual(['itemIds'])
  })
})

describe('products and methods', () => {
  const product = { kind: 'primer', shade: 'Slip', lab }
  it('traits may be left out, but not be nonsense', () => {
    expect(paths(OwnedProductInput, product)).toEqual([])
    expect(
      paths(OwnedProductInput, {
        ...product,
        traits: { texture: 'gel', dispenser: 'tube', wearHours: -1, safeFor: ['moon'] },
      }),
    ).toEqual(expect.arrayContaining(['traits.wearHours', 'traits.safeFor']))
    expect(paths(OwnedProductInput, { ...product, flagFixes: { sparkle: true } })).toEqual(['flagFixes'])
    expect(paths(OwnedProductInput, { ...product, kind: 'lotion potion' })).toEqual(['kind'])
  })
  it('rules weigh from 0 to 3; a house rule names its place', () => {
    expect(paths(Settings, { ruleWeights: { flash: 2 } })).toEqual([])
    expect(paths(Settings, { ruleWeights: { flash: 9 } })).toEqual(['ruleWeights'])
    expect(paths(Settings, { ruleWeights: [] })).toEqual(['ruleWeights'])
    expect(paths(Settings, { houseRules: [{ slot: 'hat', itemId: 'x', sentence: 'why' }] })).toEqual([
      'houseRules[0].slot',
    ])
  })
})

it('standards that ship are files as they may come in, and go out and in as they are', () => {
  for (const standard of SHIPPED_STANDARDS) {
    const file = { format: 'varietas.kit-standard', version: 1, ...(JSON.parse(JSON.stringify(standard)) as object) }
    const checked = check(StandardInput, file)
    expect(checked).toMatchObject({ ok: true })
    expect(JSON.parse(JSON.stringify(checked.ok && checked.value))).toEqual(file)
  }
})
