import { listedFrom, ListedInput, type ListedThing } from '#shared/records/kit/listed'
import { KindInput } from '#shared/records/kit/things'
import { readList } from '#core/stock/list'
import type { OwnedKind } from '#core/stock/things/kinds'
import { isCosmetic } from '#shared/records/kit/gear'
import { services } from '../../../tests/support/services'

const on = services()
const TODAY = '2026-12-01'

async function owned(line: string): Promise<string> {
  const [read] = readList([line], TODAY).things
  const thing: ListedThing = listedFrom(read!, read!.kind ?? 'unknown')
  await on.addListed(Object.assign(new ListedInput(), { things: [thing] }))
  return (await on.allThings()).find(t => t.name === thing.name)!.productId
}
const become = async (id: string, kind: OwnedKind) =>
  on.changeKind((await thing(id)).id, Object.assign(new KindInput(), { kind }))
const thing = async (id: string) => (await on.allThings()).find(t => t.productId === id)!

describe('the kind of a thing that is owned', () => {
  it('changes from what nobody knew into make-up, with what such a thing usually is', async () => {
    const id = await owned('wibbleflick coral 4 g, half, opened 03/2026')
    expect(await thing(id)).toMatchObject({ sort: 'unknown', level: 0.5 })
    expect(await become(id, 'blush')).toEqual({ name: 'wibbleflick coral', kind: 'blush' })
    expect(await thing(id)).toMatchObject({
      sort: 'cosmetic',
      kind: 'blush',
      level: 0.5,
      openedOn: '2026-03-01',
      size: 4,
      measure: 'g',
    })
    // Its name says a colour, as long as nobody has seen a better one.
    expect((await thing(id)).lab).not.toBeNull()
  })

  it('changes from make-up into a tool and back, and one undo brings the colour back that was seen', async () => {
    const id = await owned('foundation medium golden stick')
    const before = await on.thingById(id)
    await become(id, 'sponge')
    expect(await thing(id)).toMatchObject({ sort: 'tool', kind: 'sponge', lab: null })
    await on.undo((await on.history())[0]!.id)
    const after = await on.thingById(id)
    expect(isCosmetic(after) && isCosmetic(before) && after.lab).toEqual(isCosmetic(before) && before.lab)
    expect((await thing(id)).kind).toBe('foundation')
  })

  it('keeps the colour that is on record where both kinds have one, and the form its name says', async () => {
    const id = await owned('coral cream pot')
    await become(id, 'blush')
    const { lab } = await thing(id)
    await become(id, 'lip colour')
    expect((await thing(id)).lab).toEqual(lab)
    const now = await on.thingById(id)
    expect(isCosmetic(now) && now.traits.texture).toBe('cream')
    expect(isCosmetic(now) && now.traits.safeFor).toEqual(['lips'])
  })

  it('changes the pans of a palette with it', async () => {
    const id = await owned('cheek palette: rose, peach, plum')
    expect((await thing(id)).pans).toHaveLength(3)
    await become(id, 'eye colour')
    const palette = await thing(id)
    expect(palette.kind).toBe('eye colour')
    for (const pan of palette.pans) expect(await on.thingById(pan.productId)).toMatchObject({ kind: 'eye colour' })
  })

  it('of a thing that is gone is refused', async () => {
    const input = Object.assign(new KindInput(), { kind: 'blush' })
    await expect(on.changeKind('never-was', input)).rejects.toThrow('This thing')
  })
})
