import { audit } from '#core/standard/audit'
import { START_LISTS } from '#core/standard/startLists'
import { sceneOfAudit, type AuditQuestion } from '#shared/asked/auditQuestion'
import { ListedInput } from '#shared/records/kit/listed'
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
  const { audit: found } = await on.auditNow({ standardId }, ASKING)
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
