import { typicalSkin } from '../complexion/skins/skin'
import type { KitItem } from '../product/item'
import { seeded } from '../../tests/support/random'
import { shareOf } from '../../tests/support/share'
import { item as itemOfKind } from '../../tests/support/suitability'
import { audit, belongTogether, downsize, workedOut } from './audit'
import { isServed } from './cover'
import { pointsOf, type AuditScene, type AuditThing } from './points'
import { SHIPPED_STANDARDS } from './shipped'
import type { Ability, Standard } from './standard'

type Random = ReturnType<typeof seeded>

let next = 0
const thing = (said: Partial<AuditThing>): AuditThing => ({
  id: `t${next++}`,
  productId: `p${next}`,
  kind: 'mirror',
  name: 'thing',
  count: 1,
  massG: 100,
  shape: '',
  percent: null,
  items: [],
  ...said,
})
const product = (item: Partial<KitItem> & { kind: KitItem['kind'] }, massG = 90): AuditThing => {
  const made = itemOfKind(item.kind, { ...item, id: item.id ?? `i${next++}` })
  return thing({ kind: item.kind, productId: made.id, massG, items: [made] })
}
const scene = (things: readonly AuditThing[], more: Partial<AuditScene> = {}): AuditScene => ({
  things,
  rules: {},
  party: 3,
  declared: [],
  suits: (item, skin) => (skin === 'oily' ? item.finish === 'matte' : item.finish !== 'matte'),
  ...more,
})
const ability = (sort: Ability['sort'], more: Partial<Ability>): Ability => ({
  id: sort,
  name: sort,
  why: '',
  sort,
  kinds: ['mirror'],
  share: 1,
  ...more,
})
const standard = (...abilities: Ability[]): Standard => ({ id: 's', name: 'S', meant: '', abilities })
const stateOf = (a: Ability, things: AuditThing[], more: Partial<AuditScene> = {}) =>
  audit(standard(a), scene(things, more)).abilities[0]!

const base = ability('mix', {
  kinds: ['foundation'],
  targets: 'skins',
  depths: [6],
  undertones: ['neutral'],
  within: 2,
})

describe('an audit', () => {
  it('tells what is met, what hangs on one thing, what is missing and what is doubled', () => {
    const mirror = ability('have', {})
    expect(stateOf(mirror, [])).toMatchObject({ state: 'missing', served: 0, points: 1, lacking: ['mirror'] })
    const one = thing({})
    expect(stateOf(mirror, [one])).toMatchObject({ state: 'thin', hangsOn: [one.id], carriedBy: [one.id] })
    expect(stateOf(mirror, [one, thing({})])).toMatchObject({ state: 'doubled', hangsOn: [] })
    // Where two are asked for, that is the spare.
    const two = ability('have', { count: 2 })
    expect(stateOf(two, [one, thing({})])).toMatchObject({ state: 'met', hangsOn: [] })
    expect(stateOf(two, [one])).toMatchObject({ state: 'missing', lacking: ['mirror: 1 of 2'] })
  })

  it('asks for a full chain without what people on record declared, and takes no list on trust', () => {
    const chain = ability('chain', { kinds: ['foundation', 'mascara'] })
    const things = [
      product({ kind: 'foundation', ingredients: ['Aqua', 'Parfum'] }),
      product({ kind: 'foundation', ingredients: ['Aqua'] }),
      product({ kind: 'mascara', ingredients: null }),
    ]
    expect(audit(standard(chain), scene(things)).abilities).toEqual([])
    const declared = ['fragrance']
    expect(stateOf(chain, things, { declared }).lacking).toEqual([expect.stringMatching(/: mascara$/)])
    const read = [...things, product({ kind: 'mascara', ingredients: ['Aqua'] })]
    expect(stateOf(chain, read, { declared })).toMatchObject({ state: 'thin', lacking: [] })
    expect(stateOf({ ...chain, declared: ['latex'] }, read, { declared }).lacking).toEqual([])
  })
  it('counts brushes of each shape against the largest party', () => {
    const sets = ability('have', { kinds: ['brush'], shapes: ['lip brush', 'cheek brush'], perFace: 1 })
    const brush = (shape: AuditThing['shape'], count: number) => thing({ kind: 'brush', shape, count })
    const found = stateOf(sets, [brush('lip brush', 2), brush('lip brush', 1), brush('cheek brush', 2)])
    expect(found).toMatchObject({ state: 'missing', served: 1, points: 2 })
    expect(found.lacking).toEqual(['cheek brush: 2 of 3'])
    expect(stateOf(sets, [brush('lip brush', 2)], { party: 1 }).lacking).toEqual(['cheek brush'])
  })

  it('knows by mixing whom a base can be made for, and that a second bottle of the shade stands in', () => {
    const light = typicalSkin(5, 'neutral')
    const deep = typicalSkin(7, 'neutral')
    const parts = [product({ kind: 'foundation', lab: light }), product({ kind: 'foundation', lab: deep })]
    expect(stateOf(base, [parts[0]!])).toMatchObject({ state: 'missing' })
    const mixed = stateOf(base, parts)
    expect(mixed).toMatchObject({ state: 'thin', served: 1 })
    expect(mixed.hangsOn.sort()).toEqual(parts.map(p => p.id).sort())
    const [a] = parts[0]!.items
    expect(stateOf(base, [...parts, product({ ...a!, kind: 'foundation' }, 20)])).toMatchObject({
      state: 'thin',
      hangsOn: [parts[1]!.id],
    })
  })

  it('knows how a lid colour shows, what a corrector leaves, and who can wear what', () => {
    const lid = ability('shows', {
      kinds: ['eye colour'],
      depths: [3],
      shows: ['deeper'],
      temperatures: ['warm'],
      sparkleFree: true,
    })
    const brown = product({ kind: 'eye colour', lab: { L: 30, a: 10, b: 14 }, coverage: 'full' })
    expect(stateOf(lid, [brown]).state).toBe('thin')
    expect(stateOf(lid, [product({ ...brown.items[0]!, kind: 'eye colour', sparkle: 'coarse' })]).state).toBe('missing')
    expect(stateOf({ ...lid, temperatures: ['cool'] }, [brown]).state).toBe('missing')
    const hides = ability('cancels', { kinds: ['corrector'], concerns: ['redness'], depths: [4], within: 3 })
    expect(stateOf(hides, [product({ kind: 'corrector', lab: { L: 62, a: -22, b: 20 } })]).state).toBe('thin')
    expect(stateOf(hides, [product({ kind: 'corrector', lab: { L: 45, a: 40, b: 30 } })]).state).toBe('missing')
    const suits = ability('suits', { kinds: ['primer'], skins: ['oily', 'dry'] })
    expect(stateOf(suits, [product({ kind: 'primer', finish: 'matte' })]).lacking).toEqual(['primer for a dry skin'])
  })

  it('a changed standard is another audit', () => {
    const things = [thing({}), thing({ kind: 'alcohol', percent: 95 }), thing({ kind: 'alcohol', percent: 70 })]
    const alcohol = ability('have', { kinds: ['alcohol'], percentFrom: 60, percentTo: 80 })
    expect(stateOf(alcohol, things).carriedBy).toEqual([things[2]!.id])
    expect(stateOf({ ...alcohol, percentFrom: 90, percentTo: 100 }, things).carriedBy).toEqual([things[1]!.id])
    expect(stateOf({ ...alcohol, percentFrom: 10, percentTo: 20 }, things).state).toBe('missing')
  })
})

/** What a kit can do, reckoned anew from the things alone: the names of the points it serves. */
const can = (s: Standard, things: readonly AuditThing[]): Set<string> =>
  new Set(
    s.abilities.flatMap((a, i) =>
      pointsOf(a, scene(things))
        .filter(p => isServed(p, () => true))
        .map(p => `${i} ${p.name}`),
    ),
  )

function randomKit(random: Random): AuditThing[] {
  const sorts: (() => AuditThing)[] = [
    () =>
      thing({
        kind: 'brush',
        shape: random.pick(['lip brush', 'cheek brush']),
        count: 1 + Math.floor(random.next() * 4),
      }),
    () => thing({ kind: random.pick(['mirror', 'light', 'tape', 'pins']) }),
    () => product({ kind: 'foundation', lab: typicalSkin(random.between(2, 10), 'neutral') }),
    () =>
      product({
        kind: 'lip colour',
        lab: { L: random.between(30, 60), a: random.between(15, 45), b: random.between(5, 30) },
      }),
    () =>
      product({
        kind: 'eye colour',
        lab: { L: random.between(15, 80), a: random.between(0, 20), b: random.between(-10, 25) },
      }),
    () => product({ kind: 'primer', finish: random.pick(['matte', 'dewy']) }),
  ]
  return Array.from({ length: 4 + Math.floor(random.next() * 6) }, () => ({
    ...random.pick(sorts)(),
    massG: Math.round(random.between(5, 400)),
  }))
}

const ASKED = standard(
  ability('have', { id: 'a', kinds: ['brush'], shapes: ['lip brush', 'cheek brush'], perFace: 1 }),
  ability('have', { id: 'b', kinds: ['mirror', 'light'] }),
  ability('have', { id: 'c', kinds: ['tape', 'pins', 'light'], count: 2 }),
  { ...base, id: 'd', depths: [3, 5, 7, 9], within: 2.5, maxProducts: 2, maxDrops: 4 },
  ability('mix', {
    id: 'e',
    kinds: ['lip colour'],
    targets: 'nude lips',
    depths: [4, 7],
    undertones: ['neutral'],
    within: 6,
    maxDrops: 3,
  }),
  ability('shows', {
    id: 'f',
    kinds: ['eye colour'],
    depths: [3, 8],
    shows: ['clearly', 'deeper'],
    temperatures: ['warm', 'cool'],
  }),
  ability('suits', { id: 'g', kinds: ['primer', 'foundation'], skins: ['oily', 'dry'] }),
)

it('the fewest things and the lightest kit are what trying every choice finds, on 60 kits', () => {
  for (const round of shareOf(60)) {
    const random = seeded(404 + round)
    const things = randomKit(random)
    const all = can(ASKED, things)
    let fewest = Infinity
    let lightest = Infinity
    for (let bits = 0; bits < 2 ** things.length; bits++) {
      const kept = things.filter((_, i) => bits & (1 << i))
      const mass = kept.reduce((sum, t) => sum + t.massG, 0)
      if (kept.length >= fewest && mass >= lightest) continue
      if (can(ASKED, kept).size < all.size) continue
      fewest = Math.min(fewest, kept.length)
      lightest = Math.min(lightest, mass)
    }
    const total = things.reduce((sum, t) => sum + t.massG, 0)
    const found = audit(ASKED, scene(things))
    expect([round, found.fewest.ids.length, found.fewest.proven]).toEqual([round, fewest, true])
    const light = downsize(workedOut(ASKED, scene(things)), scene(things), total)
    expect([round, Math.round(light.mostG)]).toEqual([round, total - lightest])
    const rest = things.filter(t => !light.leave.includes(t.id))
    expect(can(ASKED, rest)).toEqual(all)
    // No more is named than was asked for.
    const some = downsize(workedOut(ASKED, scene(things)), scene(things), light.mostG / 2)
    expect(some.enough).toBe(true)
    expect(some.leave.length).toBeLessThanOrEqual(light.leave.length)
  }
})

it('what ships names each ability once, and asks only what there is', () => {
  expect(SHIPPED_STANDARDS.map(s => s.id)).toEqual(['first', 'ceremony', 'screen', 'working', 'specialist'])
  for (const { abilities } of SHIPPED_STANDARDS) {
    expect(new Set(abilities.map(a => a.id)).size).toBe(abilities.length)
    for (const a of abilities) expect(pointsOf(a, scene([], { declared: ['latex'] })).length).toBeGreaterThan(0)
  }
})

describe('lighter, and nothing lost', () => {
  const leaves = (
    things: readonly AuditThing[],
    more: Parameters<typeof downsize>[4] = [],
    abilities: Ability[] = [],
  ) => {
    const scene_ = scene(things)
    const standard = { id: 's', name: 's', meant: '', abilities }
    const { leave } = downsize(workedOut(standard, scene_), scene_, 1e6, new Set(), more)
    return leave.map(id => things.find(t => t.id === id)!.name).sort()
  }
  const named = (name: string, said: Partial<AuditThing>) => thing({ name, ...said })

  it('leaves nothing behind that what goes along is no use without', () => {
    const gun = named('gun', { kind: 'spray gun' })
    const air = named('air', { kind: 'compressor', massG: 1500 })
    const light = named('light', { kind: 'light' })
    const [stand, spare] = [named('stand', { kind: 'stand' }), named('spare stand', { kind: 'stand' })]
    const things = [gun, air, light, stand, spare]
    expect(belongTogether(things).filter(of => of.length > 1)).toEqual([
      [0, 1],
      [2, 3],
    ])
    // A day ahead takes the gun: the air for it goes along, the light goes or stays with its stand.
    expect(leaves(things, [{ kind: 'spray gun', shape: null, need: 1 }])).toEqual(['light', 'spare stand', 'stand'])
    expect(leaves(things)).toEqual(['air', 'gun', 'light', 'spare stand', 'stand'])
  })

  it('keeps as many as a day ahead takes, though no standard asks for them', () => {
    const brushes = ['one', 'two', 'three'].map(n => named(n, { kind: 'brush', shape: 'lip brush' }))
    const other = named('other', { kind: 'brush', shape: 'cheek brush' })
    const left = leaves([...brushes, other], [{ kind: 'brush', shape: 'lip brush', need: 2 }])
    expect(left).toHaveLength(2)
    expect(left).toContain('other')
    // What is not there cannot be kept.
    expect(leaves(brushes, [{ kind: 'brush', shape: 'lip brush', need: 9 }])).toEqual([])
  })

  it('holds what every standard that was chosen asks', () => {
    const things = [named('mirror', { kind: 'mirror' }), named('bags', { kind: 'rubbish bags' })]
    const asks = (kind: 'mirror' | 'rubbish bags'): Ability => ({
      id: kind,
      name: kind,
      why: '',
      sort: 'have',
      kinds: [kind],
      share: 1,
    })
    expect(leaves(things, [], [asks('mirror')])).toEqual(['bags'])
    expect(leaves(things, [], [asks('mirror'), asks('rubbish bags')])).toEqual([])
  })
})
