import { noticesOf, type PlacedLimits } from './notices'
import { thing } from '../../../tests/support/thing'
import { groupsOf, workRank, type Thing } from '../things/thing'

const TODAY = '2026-11-27'
const place = (
  id: string,
  sort: PlacedLimits['sort'],
  parentId: string | null = null,
  limitG: number | null = null,
) => ({
  id,
  sort,
  parentId,
  position: 0,
  name: id,
  own: { volumeMl: null, limitG },
})
const PLACES = [place('case', 'case'), place('pouch', 'pouch', 'case'), place('home', 'home')]
const said = (things: Thing[], places = PLACES) => noticesOf(things, places, TODAY).map(n => `${n.what}: ${n.title}`)

describe('what needs a word', () => {
  it('is nothing where all is well', () => {
    expect(said([thing(), thing({ useBy: TODAY }), thing({ level: 0.3 })])).toEqual([])
  })

  it('is what is past its day, the longest first; what is retired needs none', () => {
    const things = [
      thing({ name: 'Newer', useBy: '2026-11-26' }),
      thing({ name: 'Older', useBy: '2026-02-01' }),
      thing({ name: 'Gone', useBy: '2026-01-01', retiredAt: TODAY }),
    ]
    expect(said(things)).toEqual(['past its day: Older', 'past its day: Newer'])
    const two = [thing({ productId: 'm', useBy: '2026-09-01' }), thing({ productId: 'm', useBy: '2026-09-01' })]
    expect(noticesOf(two, PLACES, TODAY).map(n => n.units.length)).toEqual([2])
  })

  it('is what runs out, with what stands at home to take its place; not where another stands beside it', () => {
    const empty = thing({ name: 'Dune', productId: 'dune', level: 0, placeId: 'pouch' })
    const atHome = thing({ name: 'Dune', productId: 'dune', placeId: 'home' })
    const [notice] = noticesOf([empty, atHome], PLACES, TODAY)
    expect(notice).toMatchObject({ what: 'empty', units: [empty.id], spare: [atHome.id], placeId: 'home' })
    expect(noticesOf([empty], PLACES, TODAY)[0]).toMatchObject({ what: 'empty', spare: [] })
    expect(said([empty, thing({ productId: 'dune', placeId: 'case' })])).toEqual([])
    expect(said([thing({ name: 'Keel', level: 0.2 })])).toEqual(['low: Keel'])
    // A tool is not low: there is one, or there is none.
    expect(said([thing({ sort: 'tool', kind: 'mirror', level: 0.2 })])).toEqual([])
  })

  it('is a place with more in it than it takes, all that stands in it counted', () => {
    const places = [place('case', 'case', null, 450), place('pouch', 'pouch', 'case')]
    const five = Array.from({ length: 5 }, (_, i) => thing({ placeId: i < 2 ? 'case' : 'pouch' }))
    expect(said(five, places)).toEqual(['too heavy: case'])
    expect(said(five.slice(1), places)).toEqual([])
    expect(said([thing({ placeId: 'pouch', roomMl: 5000 })])).toEqual(['too full: pouch'])
  })

  it('is alcohol that is too strong to disinfect', () => {
    const alcohol = (percent: number | null) => thing({ sort: 'supply', kind: 'alcohol', percent })
    expect(said([alcohol(70), alcohol(null), alcohol(90)])).toEqual([])
    expect(said([alcohol(95)])).toHaveLength(1)
  })

  it('never calls double what a standard asks for as a second way', () => {
    const BLACK = { L: 16, a: 0, b: 0 }
    const liner = (id: string, dispenser: Thing['dispenser']) =>
      thing({ id, productId: id, name: id, kind: 'liner', lab: BLACK, family: 'water', finish: 'matte', dispenser })
    expect(said([liner('Pot', 'pot'), liner('Pen', 'wand')])).toEqual([])
    expect(said([liner('Pen', 'wand'), liner('Other pen', 'wand')])).toEqual([])
    expect(said(['One', 'Two', 'Three'].map(n => liner(n, 'wand')))).toEqual([
      expect.stringMatching(/^one colour twice: /),
    ])
  })
  it('is one colour twice in one formula and finish, and no other', () => {
    const lab = { L: 60, a: 11, b: 19 }
    const one = thing({ lab, name: 'Almond' })
    const near = thing({ lab: { ...lab, L: 60.5 }, name: 'Row' })
    expect(said([one, near])).toEqual(['one colour twice: Almond and Row'])
    expect(said([one, thing({ lab: { ...lab, L: 64 } })])).toEqual([])
    expect(said([one, thing({ lab, family: 'silicone' })])).toEqual([])
    expect(said([one, thing({ lab, finish: 'dewy' })])).toEqual([])
    expect(said([one, thing({ lab, kind: 'concealer' })])).toEqual([])
    // Another bottle of the same is the same colour, and no double.
    expect(said([one, { ...one, id: 'again' }])).toEqual([])
  })

  it('is what nobody has told', () => {
    expect(
      said([thing({ kind: 'unknown', sort: 'unknown', name: 'Wooly' }), thing({ colourMissing: true, name: 'Rouge' })]),
    ).toEqual(['colour not told: Rouge', 'not sorted: Wooly'])
  })
})

it('things of one product are drawn as one where they are as full, in the order of the work', () => {
  const brush = (shape: Thing['shape'], count: number, productId: string) =>
    thing({ sort: 'tool', kind: 'brush', shape, count, productId })
  const things = [
    brush('lip brush', 2, 'lips'),
    brush('foundation brush', 3, 'base'),
    thing({ productId: 'dune' }),
    thing({ productId: 'dune' }),
    thing({ productId: 'dune', level: 0.5 }),
    brush('lip brush', 1, 'lips'),
  ]
  expect(groupsOf(things, workRank).map(g => `${g.first.productId} ${g.count}`)).toEqual([
    'dune 2',
    'dune 1',
    'base 3',
    'lips 3',
  ])
})
