import { deadWeight, type UseLog } from './deadWeight'
import type { Thing, ThingPan } from '../things/thing'

const thing = (id: string, said: Partial<Thing> = {}): Thing => ({
  id,
  productId: `p-${id}`,
  sort: 'cosmetic',
  kind: 'blush',
  name: id,
  brand: '',
  range: '',
  lab: { L: 60, a: 20, b: 10 },
  colourMissing: false,
  family: 'powder',
  finish: 'matte',
  dispenser: null,
  shape: '',
  percent: null,
  porous: null,
  count: 1,
  size: 4,
  measure: 'g',
  level: 0.5,
  placeId: null,
  role: 'workhorse',
  label: '',
  notes: '',
  openedOn: '2026-01-01',
  expiresOn: null,
  useBy: null,
  priceMinor: 1000,
  retiredAt: null,
  createdAt: '2025-01-01T00:00:00.000Z',
  version: 1,
  pans: [],
  massG: 50,
  roomMl: 20,
  ...said,
})
const log = (said: Partial<UseLog> = {}): UseLog => ({
  units: new Map(),
  products: new Map(),
  inRecipes: new Set(),
  begun: '2025-06-01T10:00:00.000Z',
  twentyJobsAgo: null,
  ...said,
})
const DAY = '2026-11-27'
const found = (things: Thing[], uses = log(), idle = things.map(t => t.id)) =>
  deadWeight(things, new Set(idle), uses, DAY).map(d => `${d.id}: ${d.advice}`)

describe('dead weight', () => {
  it('is one of two that are alike, used up first; never what is needed, spare or used', () => {
    const [one, two] = [thing('one'), thing('two', { lab: { L: 60.5, a: 20, b: 10 } })]
    expect(found([one, two])).toEqual(['one: use up first', 'two: use up first'])
    expect(found([one, two], log(), ['one'])).toEqual(['one: use up first'])
    expect(found([one, { ...two, role: 'keepsake' }])).toEqual(['one: use up first'])
    expect(
      found([one, two], log({ units: new Map([['one', '2026-10-01']]), products: new Map([['p-two', '2026-08-20']]) })),
    ).toEqual([])
  })

  it('is a vivid palette that nobody asked for: given away while it is new, left at home once it is begun', () => {
    const pan = (id: string, level: number): ThingPan => ({
      version: 1,
      fillId: id,
      productId: id,
      name: id,
      lab: { L: 50, a: 50, b: 30 },
      level,
    })
    const palette = (level: number) =>
      thing('loud', {
        kind: 'eye colour',
        pans: [pan('x', level), pan('y', level)],
        level,
        openedOn: null,
      })
    expect(found([palette(1)])).toEqual(['loud: give away'])
    expect(found([palette(0.6)])).toEqual(['loud: stay at home'])
    expect(found([palette(1)], log({ products: new Map([['y', '2026-03-01']]) }))).toEqual([])
  })

  it('is what was not used in twelve months, or on the last twenty jobs; a shorter record says nothing of anything', () => {
    const lamp = thing('lamp', { kind: 'gloss', lab: null, finish: null })
    const [one, two] = [thing('one'), thing('two', { lab: { L: 60.5, a: 20, b: 10 } })]
    const short = { begun: '2026-09-01T10:00:00.000Z' }
    expect(found([lamp, one, two], log({ begun: null }))).toEqual([])
    expect(found([lamp, one, two], log(short))).toEqual([])
    expect(found([lamp], log({ ...short, twentyJobsAgo: '2026-09-02' }))).toEqual(['lamp: stay at home'])
    expect(found([lamp], log())).toEqual(['lamp: stay at home'])
    // What was used a year and a month ago is; what was used eleven months ago is not, unless twenty jobs went by without it.
    const last = (at: string) => ({ units: new Map([['lamp', at]]) })
    expect(found([lamp], log(last('2025-10-20')))).toEqual(['lamp: stay at home'])
    expect(found([lamp], log(last('2026-01-10')))).toEqual([])
    expect(found([lamp], log({ ...last('2026-01-10'), twentyJobsAgo: '2026-05-01' }))).toEqual(['lamp: stay at home'])
    // Nor is anything that has just come, or that a recipe names.
    expect(found([{ ...lamp, createdAt: '2026-11-20T10:00:00.000Z' }])).toEqual([])
    expect(found([one], log({ inRecipes: new Set(['p-one']) }))).toEqual([])
  })
  it('is a tool only where the log speaks of tools', () => {
    const tool = (id: string) => thing(id, { sort: 'tool', kind: 'light', lab: null, finish: null })
    expect(found([tool('lamp'), tool('other')])).toEqual([])
    const logged = { units: new Map([['other', '2026-10-01']]) }
    expect(found([tool('lamp'), tool('other')], log(logged))).toEqual(['lamp: stay at home'])
  })
})
