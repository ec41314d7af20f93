import { readJsonText } from './json'
import { seeded } from '../../tests/support/random'
import { check, checkInTurns, plain } from './validate'
import { MatchRequest, ReachRequest } from '../compute/requests'
import { OwnedProductInput } from '../records/kit/kit'
import { FaceInput, ReadingInput } from '../records/people/faces'
import { Settings } from '../records/method/settings'
import { MoveInput } from '../records/kit/things'

const lab = { L: 58, a: 11, b: 19 }
const product = { id: 'p', lab, coverage: 'medium', family: 'silicone' }
const paths = (dto: Parameters<typeof check>[0], value: unknown) => {
  const result = check(dto, value)
  return result.ok ? [] : result.issues.map(i => i.path)
}

describe('checking', () => {
  it('takes what is right, fills defaults and leaves out what it does not know', () => {
    const result = check(MatchRequest, { target: lab, products: [product], colourOfTheDay: 'teal' })
    expect(result.ok && plain(result.value)).toEqual({
      target: lab,
      products: [product],
      limit: 5,
      timeLimitMs: 10_000,
      options: { maxProducts: 3, maxDrops: 8, tolerance: 2, illuminant: 'D65' },
    })
  })

  it('names nested fields by their path', () => {
    expect(
      paths(MatchRequest, {
        target: { ...lab, a: Number.POSITIVE_INFINITY },
        products: [product, { ...product, id: 'q', lab: { L: 1 } }],
      }),
    ).toEqual(['target.a', 'products[1].lab.a', 'products[1].lab.b'])
  })

  it.each([null, 3, 'x', [], undefined])('%j is no object and says so', value =>
    expect(paths(MatchRequest, value)).toEqual(['']),
  )

  it('gives one message per field, saying what to do', () => {
    const result = check(MatchRequest, { target: lab, products: [{ ...product, reflectance: [0.5] }], limit: 'many' })
    expect(!result.ok && result.issues).toEqual([
      { path: 'products[0].reflectance', message: 'must be 36 numbers from 0 to 1: 380 to 730 nm in steps of 10' },
      { path: 'limit', message: 'must be a whole number from 1 to 100' },
    ])
  })

  it('a population is a word or a list', () => {
    expect(paths(ReachRequest, { products: [], population: 'everyone' })).toEqual([])
    expect(paths(ReachRequest, { products: [], population: [{ id: 'a', lab }] })).toEqual([])
    expect(
      paths(ReachRequest, {
        products: [],
        population: [
          { id: 'a', lab },
          { id: 'a', lab },
        ],
      }),
    ).toEqual(['population'])
    expect(paths(ReachRequest, { products: [], population: [3] })).toEqual(['population[0]'])
    expect(paths(ReachRequest, { products: [], population: [{ id: 'a', lab, weight: 0 }] })).toEqual(['population'])
  })

  it('stops listing after fifty issues', () => {
    expect(
      paths(ReachRequest, { products: [], population: Array.from({ length: 200 }, (_, i) => ({ id: `${i}` })) }),
    ).toHaveLength(50)
  })
})

describe('records', () => {
  it('a bottle needs a name, a kind and a colour', () => {
    expect(paths(OwnedProductInput, {})).toEqual(expect.arrayContaining(['kind', 'shade', 'lab']))
    expect(paths(OwnedProductInput, { kind: 'foundation', shade: 'Heron', lab })).toEqual([])
    expect(paths(OwnedProductInput, { kind: 'foundation', shade: '  ', lab })).toEqual(['shade'])
    expect(paths(OwnedProductInput, { kind: 'foundation', shade: 'Heron', lab, openedOn: '2026-13-45' })).toEqual([
      'openedOn',
    ])
    expect(paths(OwnedProductInput, { kind: 'foundation', shade: 'Heron', lab, priceMinor: 12.5 })).toEqual([
      'priceMinor',
    ])
  })
  it('null says that a date or a price is not known', () => {
    expect(
      paths(OwnedProductInput, { kind: 'adjuster', shade: 'Lift', lab, openedOn: null, priceMinor: null }),
    ).toEqual([])
    expect(paths(FaceInput, { name: 'Orla' })).toEqual([])
  })
  it('a reading has a covariance with no negative variance', () => {
    expect(paths(ReadingInput, { source: 'typed', lab, covariance: [1, 0, 0, 1, 0, 1] })).toEqual([])
    expect(paths(ReadingInput, { source: 'typed', lab, covariance: [1, 0, 0, -1, 0, 1] })).toEqual(['covariance'])
    expect(paths(ReadingInput, { source: 'typed', lab, covariance: [1] })).toEqual(['covariance'])
  })
  it('settings have defaults that pass their own rules', () => expect(paths(Settings, new Settings())).toEqual([]))
})

describe('bodies', () => {
  const read = (text: string) => readJsonText(new TextEncoder().encode(text))
  it('that nest or flood without end are refused before they are built', () => {
    expect(read(`${'['.repeat(40)}${']'.repeat(40)}`)).toMatchObject({
      issue: { message: expect.stringContaining('nest') },
    })
    expect(read(`[${'{},'.repeat(1_500_000)}{}]`)).toMatchObject({
      issue: { message: expect.stringContaining('400000 members') },
    })
    expect(read(JSON.stringify({ text: ',[{'.repeat(200_000) }))).toHaveProperty('value')
    expect(read('{"a":"\\"[[[["}')).toHaveProperty('value')
  })
  it('are UTF-8 and JSON, or it is said', () => {
    expect(readJsonText(Uint8Array.of(0x22, 0xff, 0x22))).toMatchObject({
      issue: { message: expect.stringContaining('UTF-8') },
    })
    expect(read('{"a":')).toMatchObject({ issue: { message: expect.stringContaining('JSON') } })
  })
})

describe('long lists', () => {
  it('are judged by handfuls as they are at once, with the same issues in the same places', async () => {
    const random = seeded(5)
    for (let round = 0; round < 25; round++) {
      const units = Array.from({ length: 150 + Math.floor(random.next() * 700) }, (_, i) => ({
        id: `unit-${i}`,
        count: 1,
      }))
      for (let faults = Math.floor(random.next() * 4); faults > 0; faults--)
        Object.assign(random.pick(units), random.pick([{ id: 7 }, { count: 0 }, { id: 'unit-3' }, { count: 'many' }]))
      const body = { units, placeId: random.pick(['home', 3, null]) }
      let turns = 0
      const turn = () => {
        turns++
        return Promise.resolve()
      }
      const [whole, parts] = [check(MoveInput, body), await checkInTurns(MoveInput, body, turn)]
      const told = (c: typeof whole) => (c.ok ? c.value : c.issues.map(i => `${i.path} ${i.message}`).sort())
      expect(told(parts)).toEqual(told(whole))
      if (whole.ok) expect(turns).toBe(units.length > 200 ? Math.ceil(units.length / 200) : 0)
    }
  })
})
