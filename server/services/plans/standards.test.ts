import { audit } from '#core/standard/audit'
import { START_LISTS } from '#core/standard/startLists'
import { sceneOfAudit, type AuditQuestion } from '#shared/asked/auditQuestion'
import { ListedInput } from '#shared/records/kit/listed'
import { PlaceInput } from '#shared/records/kit/things'
import { listedOfTicked } from '#shared/records/kit/startList'
import { check, plain } from '#shared/checks/validate'
import { services } from '../../../tests/support/services'

jest.mock('../../compute/pool', () => ({
  computeAudit: (question: AuditQuestion) => ({
    audit: audit(question.standard, sceneOfAudit(question)),
    lighter: null,
    idle: [],
  }),
}))
const on = services()
const TODAY = '2026-12-01'
const ASKING = { signal: new AbortController().signal } as Parameters<typeof on.auditNow>[1]

const enter = async (ticked: readonly Parameters<typeof listedOfTicked>[0][]) => {
  const things = ticked.flatMap(t => listedOfTicked(t, TODAY)).map(plain)
  const checked = check(ListedInput, { things, intoPouches: true })
  if (!checked.ok) throw new Error(JSON.stringify(checked.issues))
  return on.addListed(checked.value)
}
const missing = async (standardId: string) => {
  const { audit: found } = await on.auditNow({ standardId, atHomeToo: false, also: [] }, ASKING)
  return found.abilities.filter(a => a.state === 'missing').map(a => `${a.ability.id}: ${a.lacking.join(', ')}`)
}

it.each(START_LISTS.map(l => [l.name, l] as const))(
  '%s, ticked whole, does all its standard asks',
  async (_name, list) => {
    await enter(list.lines.map(line => ({ line, family: 'silicone' })))
    expect(await missing(list.id)).toEqual([])
    await on.undo((await on.history())[0]!.id)
  },
)

it('of a list with shades, each sits where it was put, and what it is made with is as she said', async () => {
  const [line] = START_LISTS[0]!.lines.filter(l => l.id === 'golden')
  await enter([{ line: line!, depths: [2, 7.5, 11], family: 'water' }])
  const kit = (await on.kitProducts()).filter(p => p.range.startsWith('golden'))
  expect(kit.map(p => [p.family, p.colourSource])).toEqual(Array(3).fill(['water', 'depth word']))
  const [light, tan, deep] = kit.map(p => p.lab.L).sort((x, y) => y - x)
  expect(light! - tan!).toBeGreaterThan(10)
  expect(tan! - deep!).toBeGreaterThan(10)
  await on.undo((await on.history())[0]!.id)
})

describe('what answers for the kit', () => {
  const asked = { standardId: 'first', atHomeToo: false, also: [] }
  const mirrorless = { ...asked, standardId: 'ceremony' }
  const has = async (input: Parameters<typeof on.auditNow>[0]) =>
    (await on.auditNow(input, ASKING)).audit.abilities.find(a => a.ability.id === 'mirror')!.state !== 'missing'

  it('is what goes along; what is at home only where that is asked, what is lent never', async () => {
    await enter([{ line: { says: 'hand mirror' } }])
    const mirror = (await on.allThings()).find(t => t.kind === 'mirror')!
    expect(await has(mirrorless)).toBe(true)
    await on.move({ units: [{ id: mirror.id }], placeId: 'home' })
    expect(await has(mirrorless)).toBe(false)
    expect(await has({ ...mirrorless, atHomeToo: true })).toBe(true)
    const lent = await on.addPlace(Object.assign(new PlaceInput(), { name: 'Lent', sort: 'lent' }))
    await on.move({ units: [{ id: mirror.id }], placeId: lent.id })
    expect(await has({ ...mirrorless, atHomeToo: true })).toBe(false)
    expect(await has({ ...mirrorless, placeId: lent.id })).toBe(true)
  })
})

it('a use that is told or was in a table before counts as any other, and does not begin the record', async () => {
  await enter([{ line: { says: 'red lipstick' } }])
  const lipstick = (await on.allThings()).find(t => t.name === 'red lipstick')!
  await on.usedBefore(lipstick.id, { on: '2026-11-01' })
  await expect(on.usedBefore('nothing', { on: '2026-11-01' })).rejects.toMatchObject({ status: 404 })
  const { deadWeight } = await on.auditNow({ standardId: 'first', atHomeToo: false, also: [] }, ASKING)
  expect(deadWeight).toEqual([])
  await on.undo((await on.history())[0]!.id)
})
