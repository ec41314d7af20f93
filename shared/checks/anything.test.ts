import fc from 'fast-check'
import { ENDPOINTS } from '../compute/endpoints'
import { Consultation } from '../records/method/consultation'
import { PurchaseInput } from '../records/kit/buys'
import { FaceInput, ReadingInput, SavedRecipeInput } from '../records/people/faces'
import { OwnedProductInput, RetireInput } from '../records/kit/kit'
import { SavePlanInput } from '../records/people/plans'
import { Settings } from '../records/method/settings'
import { readJsonText } from './json'
import { dayOf, isPlainText, parseDay, parseHost, parseId, parseMoment } from './parse'
import { fieldsOf, type Dto } from './shape'
import { check } from './validate'

/* Anything sent is accepted or refused at its fields: nothing throws, and what was accepted stays accepted. */

const CLASSES: Record<string, Dto> = {
  Consultation,
  FaceInput,
  ReadingInput,
  SavedRecipeInput,
  OwnedProductInput,
  RetireInput,
  PurchaseInput,
  SavePlanInput,
  Settings,
  ...Object.fromEntries(Object.entries(ENDPOINTS).map(([task, { request }]) => [task, request as Dto])),
}
const anything = fc.anything({ maxDepth: 3, withNullPrototype: true, withSparseArray: true, withDate: true })

describe.each(Object.entries(CLASSES))('%s', (_, dto) => {
  const names = fieldsOf(dto).map(([name]) => name)
  /** Objects with the right names and anything in them. */
  const nearly = fc.dictionary(fc.constantFrom(...names, 'constructor', '__proto__', 'x'), anything)

  it('takes or tells anything', () => {
    fc.assert(
      fc.property(fc.oneof(fc.jsonValue(), anything, nearly), value => {
        const checked = check(dto, value)
        if (checked.ok) {
          const again = check(dto, JSON.parse(JSON.stringify(checked.value)))
          expect(again).toEqual(checked)
        } else {
          expect(checked.issues.length).toBeGreaterThan(0)
          for (const { path, message } of checked.issues)
            expect(typeof path === 'string' && message.length > 3).toBe(true)
        }
      }),
      { numRuns: 150 },
    )
  })
})

describe('readers', () => {
  it('read any bytes as JSON or say why not', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 60 }), bytes => {
        const read = readJsonText(bytes)
        expect('value' in read || read.message.length > 10).toBe(true)
      }),
    )
    fc.assert(
      fc.property(fc.jsonValue(), value => {
        expect(readJsonText(new TextEncoder().encode(JSON.stringify(value)))).toEqual({
          value: JSON.parse(JSON.stringify(value)) as unknown,
        })
      }),
    )
  })

  it('agree with the calendar, day by day', () => {
    const between = {
      min: new Date('1900-01-01T00:00:00Z'),
      max: new Date('2199-12-31T23:59:59Z'),
      noInvalidDate: true,
    }
    fc.assert(
      fc.property(fc.date(between), date => {
        const iso = date.toISOString()
        expect(parseMoment(iso)).toBe(date.getTime())
        expect(dayOf(iso)).toBe(iso.slice(0, 10))
        const { year, month, day } = parseDay(iso.slice(0, 10))!
        expect(Date.UTC(year, month - 1, day)).toBe(
          Date.UTC(date.getUTCFullYear(), date.getUTCMonth(), date.getUTCDate()),
        )
      }),
    )
  })

  it('take only what they can give back', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 40 }), text => {
        expect([undefined, text]).toContain(parseId(text))
        expect(parseHost(text) ?? text.toLowerCase()).toMatch(/^/)
        if (isPlainText(text))
          expect(new TextDecoder('utf-8', { fatal: true }).decode(new TextEncoder().encode(text))).toBe(text)
      }),
    )
  })
})
