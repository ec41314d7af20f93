import { growth } from '../../tests/support/growth'
import { Consultation } from '../records/method/consultation'
import { FaceInput } from '../records/people/faces'
import { JobInput } from '../records/days/jobs'
import { OwnedProductInput } from '../records/kit/kit'
import { PurchaseInput } from '../records/kit/buys'
import { Settings } from '../records/method/settings'
import { DifferenceRequest, IngredientsRequest, MatchRequest, ReachRequest } from '../compute/requests'
import { dayOf, isPlainText, parseDay, parseHost, parseId, parseMoment, parseMoney } from './parse'
import { build, fieldsOf, type Dto } from './shape'
import { check } from './validate'

const lab = { L: 58, a: 11, b: 19 }
const bottle = { kind: 'foundation', shade: 'Heron', lab }
const refused = (dto: Dto, plain: unknown) => {
  const checked = check(dto, plain)
  return checked.ok ? [] : checked.issues.map(i => i.path)
}

describe('what a class may hold is known before anything is built', () => {
  it('a flood costs no more than its first members', () => {
    const floods = [10_000, 1_000_000].map(length => ({ target: lab, products: Array.from({ length }, () => ({})) }))
    for (const flood of floods) expect(refused(MatchRequest, flood)).toEqual(['products'])
    // A hundred times as many: each took from seven seconds to a minute and a half when members were built before they were counted.
    const [some, many] = floods.map(flood => () => check(MatchRequest, flood))
    expect(growth(some!, many!)).toBeLessThan(10)
    expect(refused(Consultation, { sensitivities: Array.from({ length: 100_000 }, (_, i) => `w${i}`) })).toEqual([
      'sensitivities',
    ])
    const names = Object.fromEntries(Array.from({ length: 200_000 }, (_, i) => [`r${i}`, 1]))
    expect(refused(Settings, { ruleWeights: names })).toEqual(['ruleWeights'])
    expect(check(Settings, names).ok).toBe(true)
    expect(refused(IngredientsRequest, { inci: 'x'.repeat(4_000_000) })).toEqual(['inci'])
  })

  it('names every field of classes above, once', () => {
    const names = fieldsOf(OwnedProductInput).map(([name]) => name)
    expect(names).toEqual(expect.arrayContaining(['kind', 'lab', 'inci', 'traits', 'level', 'openedOn']))
    expect(new Set(names).size).toBe(names.length)
  })

  it.each<[string, Dto, unknown, string]>([
    ['an object for a text', FaceInput, { name: { constructor: 1 } }, 'name'],
    ['an object for a word', FaceInput, { name: 'A', skinType: { toString: 1 } }, 'skinType'],
    ['a list for a text', FaceInput, { name: ['A'] }, 'name'],
    ['a list for an object', JobInput, { name: 'A', conditions: [] }, 'conditions'],
    ['a list for an object of names', Settings, { ruleWeights: [] }, 'ruleWeights'],
    ['a list in a list', PurchaseInput, { lines: [[]], budgetMinor: 1 }, 'lines[0]'],
    ['null in a list', PurchaseInput, { lines: [null], budgetMinor: 1 }, 'lines[0]'],
    ['an object in a list of texts', Consultation, { sensitivities: [{}] }, 'sensitivities'],
    ['three colours in a pair', DifferenceRequest, { pairs: [[lab, lab, lab]] }, 'pairs'],
    ['a number for a population', ReachRequest, { products: [], population: 4 }, 'population'],
    ['a null byte', FaceInput, { name: 'A\0' }, 'name'],
    ['half a letter', FaceInput, { name: 'A', notes: 'x\ud83d' }, 'notes'],
    ['a colour no surface can have', OwnedProductInput, { ...bottle, lab: { ...lab, L: 6.2 } }, 'lab'],
    ['a year for a day', JobInput, { name: 'A', day: '2026' }, 'day'],
    ['a week for a day', OwnedProductInput, { ...bottle, openedOn: '2026-W10' }, 'openedOn'],
    ['a day run together', OwnedProductInput, { ...bottle, openedOn: '20261224' }, 'openedOn'],
    ['a day that does not exist', JobInput, { name: 'A', day: '2026-02-30' }, 'day'],
    ['an id that is a path', PurchaseInput, { lines: [{ offerId: '../x' }], budgetMinor: 1 }, 'lines[0].offerId'],
    ['a list too many entries', IngredientsRequest, { inci: 'a,'.repeat(900) }, 'inci'],
  ])('%s is refused at its field', (_, dto, plain, path) => expect(refused(dto, plain)).toEqual([path]))

  it('what the language itself gives objects is no field', () => {
    const hostile = JSON.parse('{"__proto__":{"name":"x"},"constructor":{"prototype":1},"name":"A"}') as object
    expect(check(FaceInput, hostile)).toMatchObject({ ok: true, value: { name: 'A' } })
    expect(({} as { name?: string }).name).toBeUndefined()
    const settings = JSON.parse('{"ruleWeights":{"__proto__":2,"constructor":1}}') as Record<string, unknown>
    expect(check(Settings, settings).ok).toBe(true)
  })

  it('a thousand emoji are a thousand characters', () => {
    expect(check(FaceInput, { name: 'A', notes: '🙂'.repeat(1000) }).ok).toBe(true)
    expect(refused(FaceInput, { name: 'A', notes: '🙂'.repeat(1001) })).toEqual(['notes'])
  })

  it('tells no more issues than a person reads', () => {
    const issues: { path: string; message: string }[] = []
    build(PurchaseInput, { lines: Array.from({ length: 100 }, () => 7) }, issues)
    expect(issues).toHaveLength(50)
  })
})

describe('strict readers', () => {
  it.each<[unknown, string | undefined]>([
    ['2026-12-05', '2026-12-05'],
    ['2024-02-29', '2024-02-29'],
    ['2026-02-29', undefined],
    ['1899-12-31', undefined],
    ['2200-01-01', undefined],
    ['2026-1-5', undefined],
    ['2026-12-05T09:30:00Z', '2026-12-05'],
    ['2026-12-05T09:30+01:00', '2026-12-05'],
    ['2026-12-05T09:30:00.123456Z', '2026-12-05'],
    ['2026-12-05T24:00:00Z', undefined],
    ['2026-12-05T09:30:00', undefined],
    ['2026-12-05T09:30:00+99:00', undefined],
    ['2026-12-05 09:30Z', undefined],
    ['+002026-12-05', undefined],
    [20261205, undefined],
    [null, undefined],
  ])('the day of %j', (text, day) => expect(dayOf(text)).toBe(day))

  it('reads parts and moments', () => {
    expect(parseDay('2026-12-05')).toEqual({ year: 2026, month: 12, day: 5 })
    expect(parseMoment('2026-12-05T01:00:00+01:00')).toBe(Date.UTC(2026, 11, 5))
  })

  it.each<[string, number | undefined]>([
    ['32', 3200],
    ['32,5', 3250],
    [' 32.05 ', 3205],
    ['-1', undefined],
    ['1e3', undefined],
    ['1.234', undefined],
    ['', undefined],
    ['1234567', undefined],
  ])('%j as money', (text, minor) => expect(parseMoney(text)).toBe(minor))

  it.each<[unknown, boolean]>([
    ['6f1c2b9e-0d5a-4c11-9f57-3a2f5a1b7c3d', true],
    ['o-12', true],
    ['', false],
    ['..', false],
    ['a/b', false],
    ['a b', false],
    ['a\0', false],
    ['x'.repeat(121), false],
    [7, false],
  ])('%j as an id', (text, is) => expect(parseId(text) !== undefined).toBe(is))

  it.each<[unknown, string | undefined]>([
    ['127.0.0.1:4180', '127.0.0.1'],
    ['[::1]:80', '[::1]'],
    ['Kit.LAN', 'kit.lan'],
    ['localhost', 'localhost'],
    ['a b', undefined],
    ['x@y', undefined],
    ['', undefined],
    [undefined, undefined],
  ])('%j as a host', (text, host) => expect(parseHost(text)).toBe(host))

  it('knows text from bytes', () => {
    expect(isPlainText('Zoë 🙂\n\tline \u202e right to left <b>')).toBe(true)
    for (const bad of ['\0', '\u001b[2J', '\ud800', 'x\udc00y', '\u007f']) expect(isPlainText(bad)).toBe(false)
  })
})
