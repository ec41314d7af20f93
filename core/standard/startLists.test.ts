import { SLOTS } from '../asked/slots'
import { readList } from '../stock/list'
import { SHIPPED_STANDARDS } from './shipped'
import { START_LISTS } from './startLists'

describe.each(START_LISTS.map(l => [l.name, l] as const))('%s', (_name, list) => {
  it('has a line for every ability of its standard', () => {
    const served = new Set(list.lines.flatMap(l => l.serves.map(a => a.id)))
    const asked = SHIPPED_STANDARDS.find(s => s.id === list.id)!.abilities.map(a => a.id)
    expect(asked.filter(id => !served.has(id))).toEqual([])
  })
  it('is read line by line as one thing each, without a doubt', () => {
    const wrong = list.lines.flatMap(({ id, says }) => {
      const [thing, ...rest] = readList([says], '2026-12-01').things
      // What is kept from eyes or lips is marked for that, and not because it is doubtful.
      const isSure = thing && thing.kind !== null && (thing.doubtful.length === 0 || thing.unsafeFor.length > 0)
      return isSure && rest.length === 0 ? [] : [id]
    })
    expect(wrong).toEqual([])
  })
  it('has what every face takes, whatever its standard asks', () => {
    const kinds = new Set(list.lines.flatMap(l => readList([l.says], '2026-12-01').things.map(t => t.kind)))
    const always = SLOTS.filter(s => s.always).map(s => [s.id, s.kinds.some(k => kinds.has(k))])
    expect(always.filter(([, has]) => !has)).toEqual([])
    for (const used of ['powder', 'cotton rounds', 'cotton buds', 'tissues'] as const)
      expect([...kinds]).toContain(used)
  })
  it('names each line once', () => {
    expect(new Set(list.lines.map(l => l.id)).size).toBe(list.lines.length)
    expect(new Set(list.lines.map(l => l.says)).size).toBe(list.lines.length)
  })
})
