import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { getTableColumns, is } from 'drizzle-orm'
import { SQLiteTable } from 'drizzle-orm/sqlite-core'
import { FaceInput } from '#shared/records/people/faces'
import { JobInput } from '#shared/records/days/jobs'
import { QuoteInput } from '#shared/records/days/quotes'
import { PlaceInput } from '#shared/records/kit/things'
import { bottleInput, faceInput } from '../../../tests/support/inputs'
import { services } from '../../../tests/support/services'
import { TEXTS } from './mentions'

jest.mock('../../keeping/thread', () => jest.requireActual<object>('../../../tests/support/keeperInline'))
const on = services()

const bytes = () =>
  readdirSync(process.env.VARIETAS_DATA!, { withFileTypes: true })
    .filter(f => f.isFile())
    .map(({ name }) => readFileSync(join(process.env.VARIETAS_DATA!, name), 'utf8'))
    .join('')

/** Somebody whose name stands in everything one can write, and somebody else. */
async function writtenAbout(name: string, first: string) {
  const face = await on.addFace(faceInput(name))
  const friend = await on.addFace(faceInput('Mirel Ostrava', { notes: `came with ${first}, who pays` }))
  const job = await on.addJob(
    Object.assign(new JobInput(), {
      name: `${first}’s day`,
      place: `at ${name}'s mother`,
      notes: 'ask at the desk',
      day: '2027-06-05',
    }),
  )
  await on.setQuote(job.id, Object.assign(new QuoteInput(), { client: name, km: 12 }))
  await on.addPlace(Object.assign(new PlaceInput(), { name: `For ${first}`, sort: 'pouch' }))
  await on.addProduct(bottleInput(`${first} mix`, { kind: 'foundation', notes: `mixed for ${first.toUpperCase()}` }))
  await on.addPaletteTest({ a: 'One', b: 'Two', result: 'held', after: `an hour on ${first}` } as never)
  return { face, friend, job }
}

describe('where somebody is named', () => {
  it('every text column of the schema is looked through, or is known to hold no free text', () => {
    // prettier-ignore
    const NONE = new Set([
      // ids, words out of a list, days and moments, and what is made and not written
      'id', 'kind', 'sort', 'source', 'family', 'coverage', 'finish', 'dispenser', 'colourSource', 'drops', 'names', 'covariance', 'traits',
      'measure', 'container', 'role', 'currency', 'barcode', 'shape', 'inci', 'lines', 'bag', 'locks', 'plan', 'itemIds', 'result', 'verdict',
      'flagFixes', 'what', 'seen', 'degree', 'site', 'type', 'day', 'timeZone', 'readyBy', 'key', 'ageBand', 'skinType', 'by', 'from',
    ])
    const missed: string[] = []
    for (const [name, table] of Object.entries(on.tables)) {
      if (
        !is(table, SQLiteTable)
        || [
          'erasures',
          'requests',
          'demoMark',
          'offers',
          'suppliers',
          'changes',
          'rangesApart',
          'simulatedSkins',
        ].includes(name)
      )
        continue
      for (const [field, column] of Object.entries(getTableColumns(table))) {
        const isText = column.dataType === 'string' || column.columnType === 'SQLiteCustomColumn'
        const isPlain = NONE.has(field) || /Id$|At$|On$|^at$/.test(field)
        if (
          isText
          && !isPlain
          && `${name}.${field}` !== 'faces.name'
          && !TEXTS[name as 'jobs']?.columns.includes(field)
        )
          missed.push(`${name}.${field}`)
      }
    }
    expect(missed).toEqual([])
  })

  it('is shown with what could stand there instead, and the name gives way everywhere, bytes and history too', async () => {
    const { face, friend, job } = await writtenAbout('Zyxorla Quendelin', 'Zyxorla')
    const { mentions, acts } = await on.mentionsOf(face.id)
    expect(mentions.map(m => m.where).sort()).toEqual(
      [
        'a palette test',
        'the job Zyxorla’s day',
        'the job Zyxorla’s day: the quote',
        'the job Zyxorla’s day: where it is',
        'a thing in the kit: notes',
        'the place For Zyxorla',
        'the product Zyxorla mix',
        'the record of Mirel Ostrava: notes',
      ].sort(),
    )
    expect(mentions.find(m => m.key.includes('quote'))).toMatchObject({
      text: 'Zyxorla Quendelin',
      proposal: 'Somebody',
    })
    expect(mentions.find(m => m.key.endsWith('place'))).toMatchObject({ proposal: "at somebody's mother" })
    expect(acts).toBeGreaterThan(4)
    const done = await on.forgetFace(face.id)
    expect(done).toMatchObject({ rows: true, bytes: true, remains: [] })
    expect(/zyxorla|quendelin/i.test(bytes())).toBe(false)
    expect(await on.jobById(job.id)).toMatchObject({ name: 'Somebody’s day', quote: { client: 'Somebody', km: 12 } })
    expect((await on.faceById(friend.id)).notes).toBe('came with somebody, who pays')
    expect((await on.history()).some(c => /somebody/i.test(c.words))).toBe(true)
    expect(await on.allSetAside()).toEqual([])
  })

  it('is left or rewritten as she says, and the answer says what remains', async () => {
    const { face, job } = await writtenAbout('Zyxbea Marl', 'Zyxbea')
    const { mentions } = await on.mentionsOf(face.id)
    const texts = mentions.map(({ key, where }) => ({
      key,
      ...(key.startsWith('jobs') && key.endsWith('name')
        ? { text: 'A day in June' }
        : where.startsWith('the place')
          ? {}
          : { text: 'x' }),
    }))
    const done = await on.forgetFace(face.id, { texts })
    expect(done.remains).toEqual(['the place For Zyxbea'])
    expect(done.sentence).toContain('Their name still stands where you left it: the place For Zyxbea.')
    expect((await on.jobById(job.id)).name).toBe('A day in June')
    expect((await on.placeLines()).map(p => p.name)).toContain('For Zyxbea')
  })

  it('whoever shares a name keeps what is about them; what cannot stand is refused and nobody is forgotten', async () => {
    const ana = await on.addFace(faceInput('Zyxana Perrin'))
    await on.addFace(Object.assign(new FaceInput(), { name: 'Zyxana Holt' }))
    const job = await on.addJob(Object.assign(new JobInput(), { name: 'Zyxana’s party' }))
    const { mentions } = await on.mentionsOf(ana.id)
    expect(mentions).toMatchObject([{ mayBeAnother: true, text: 'Zyxana’s party' }])
    await expect(on.forgetFace(ana.id, { texts: [{ key: mentions[0]!.key, text: ' ' }] })).rejects.toMatchObject({
      issues: [{ path: 'texts[0].text' }],
    })
    expect((await on.faceById(ana.id)).name).toBe('Zyxana Perrin')
    expect((await on.forgetFace(ana.id)).remains).toEqual(['the job Zyxana’s party'])
    expect((await on.jobById(job.id)).name).toBe('Zyxana’s party')
  })
})
