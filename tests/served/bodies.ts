import { getMetadataStorage } from 'class-validator'
import { skinAt } from '#core/complexion/skins/skin'
import { fieldsOf, type Dto } from '#shared/checks/shape'
import { check } from '#shared/checks/validate'
import type { seeded } from '../support/random'

/* Bodies made from the classes they are checked against: right ones, and what becomes of them when they are tampered with. */

type Random = ReturnType<typeof seeded>

/** Ids of records that exist, to point at. */
export type Pools = Readonly<Record<'any', readonly string[]>>

interface Limits {
  low: number
  high: number
  least: number
  most: number
  whole: boolean
  among?: readonly unknown[]
  rules: ReadonlySet<string>
}

function limitsOf(dto: Dto, field: string): Limits {
  const limits = { low: 0, high: 100, least: 0, most: 12, whole: false, rules: new Set<string>() } as Limits & {
    rules: Set<string>
  }
  for (const rule of getMetadataStorage().getTargetValidationMetadatas(dto, '', false, false)) {
    if (rule.propertyName !== field) continue
    const name = rule.name ?? rule.type
    const [first, second] = (rule.constraints ?? []) as unknown[]
    limits.rules.add(name)
    if (name === 'min') limits.low = first as number
    if (name === 'max') limits.high = first as number
    if (name === 'isInt') limits.whole = true
    if (name === 'isIn') limits.among = first as unknown[]
    if (name === 'isLength') {
      limits.least = first as number
      limits.most = Math.min(60, second as number)
    }
  }
  return limits
}

const LETTERS = [...'abcdefghij klmnop qrstuvwxyz éüß漢字🙂 <b>&"\'`']

const textOf = (random: Random, least: number, most: number) =>
  Array.from({ length: Math.max(least, Math.floor(random.between(least, most + 1))) }, () => random.pick(LETTERS))
    .join('')
    .replace(/^\s/, 'x') || (least > 0 ? 'x' : '')

function valueOf(
  dto: Dto,
  name: string,
  field: ReturnType<typeof fieldsOf>[number][1],
  random: Random,
  pools: Pools,
): unknown {
  const limits = limitsOf(dto, name)
  const one = (): unknown => {
    if (field.nested) return bodyOnce(field.nested(), random, pools)
    if (limits.among) return random.pick(limits.among)
    if (limits.rules.has('isBoolean')) return random.next() < 0.5
    if (limits.rules.has('isInt') || limits.rules.has('isNumber')) {
      const value = random.between(limits.low, Math.min(limits.high, limits.low + 500))
      return limits.whole ? Math.round(value) : value
    }
    if (limits.rules.has('isMonthOrDay')) return '2026-03'
    if (limits.rules.has('clock')) return '09:30'
    if (limits.rules.has('zone')) return 'Europe/Paris'
    if (limits.rules.has('barcode')) return '4006381333931'
    if (limits.rules.has('origin')) return 'http://127.0.0.1:3000'
    if (limits.rules.has('moment')) return `2026-${10 + Math.floor(random.between(0, 3))}-15`
    if (/id/i.test(name)) return random.pick(pools.any)
    return textOf(random, limits.least, limits.most)
  }
  if (field.names !== undefined) return {}
  if (name === 'reflectance') return Array.from({ length: 36 }, () => random.between(0.05, 0.9))
  if (name === 'depths') return [2, 5, 8]
  if (name === 'covariance') return [1, 0, 0, 1, 0, 1]
  if (name === 'population') return random.next() < 0.5 ? 'everyone' : [{ id: 'a', lab: skinAt(5, 0, 1) }]
  if (field.each !== undefined) return [Array.from({ length: field.each }, one)]
  if (field.most !== undefined) {
    const count = Math.floor(random.between(limits.rules.has('least') ? 1 : 0, Math.min(4, field.most + 1)))
    const members = Array.from({ length: count }, one)
    return limits.among || !field.nested ? [...new Set(members)] : members
  }
  return one()
}

function bodyOnce(dto: Dto, random: Random, pools: Pools): Record<string, unknown> {
  const names = fieldsOf(dto).map(([name]) => name)
  // A colour is one that skins and products have.
  if (['L', 'a', 'b'].every(axis => names.includes(axis)))
    return { ...skinAt(random.between(1, 12), random.between(-8, 8), 1) }
  const usual = new dto() as Record<string, unknown>
  const body: Record<string, unknown> = {}
  for (const [name, field] of fieldsOf(dto)) {
    const optional = usual[name] !== undefined
    if (optional && random.next() < 0.5) continue
    body[name] = valueOf(dto, name, field, random, pools)
  }
  return body
}

const TRIES = 40

/** A body that its class takes; the last attempt when none was found in so many. */
export function bodyFor(dto: Dto, random: Random, pools: Pools): Record<string, unknown> {
  let body: Record<string, unknown> = {}
  for (let i = 0; i < TRIES; i++) {
    body = bodyOnce(dto, random, pools)
    if (check(dto, body).ok) return body
  }
  return body
}

const ODD: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1e308,
  -0.5,
  '',
  ' ',
  '\0',
  '\ud800',
  'x'.repeat(3000),
  '🙂'.repeat(300),
  '\u202e',
  '<script>alert(1)</script>',
  "'; DROP TABLE faces; --",
  '../../etc/passwd',
  '2026-W10',
  '20261224',
  '9999-99-99',
  '1e400',
  [],
  [[]],
  [null],
  {},
  { constructor: 1 },
  { __proto__: null, toString: 1 },
  { L: 6.2, a: 11, b: 19 },
  { length: 1e9 },
]

/** Every place in a body, as paths. */
function places(value: unknown, path: readonly (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [[...path]]
  return [
    [...path],
    ...Object.entries(value).flatMap(([k, v]) => places(v, [...path, Array.isArray(value) ? Number(k) : k])),
  ]
}

function put(value: unknown, path: readonly (string | number)[], now: unknown): unknown {
  if (path.length === 0) return now
  const [first, ...rest] = path
  const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...(value as object) }) as Record<
    string | number,
    unknown
  >
  copy[first!] = put(copy[first!], rest, now)
  return copy
}

/** A body with one to three things wrong, as the text that is sent. */
export function tampered(body: Record<string, unknown>, random: Random): string {
  let value: unknown = body
  const times = 1 + Math.floor(random.between(0, 3))
  for (let i = 0; i < times; i++) {
    const where = random.pick(places(value))
    const what = random.next()
    if (what < 0.75) value = put(value, where, random.pick(ODD))
    else if (what < 0.85)
      value = put(
        value,
        where,
        Array.from({ length: 700 }, () => random.pick(ODD)),
      )
    else if (what < 0.95 && value !== null && typeof value === 'object')
      value = put(
        value,
        [random.pick(['__proto__x', 'constructor', 'toString', 'hasOwnProperty', 'then'])],
        random.pick(ODD),
      )
    else
      value = put(value, where, Object.fromEntries(Array.from({ length: 400 }, (_, k) => [`k${k}`, random.pick(ODD)])))
  }
  const text = JSON.stringify(value) ?? 'undefined'
  const how = random.next()
  if (how < 0.03) return text.slice(0, Math.floor(text.length * random.next()))
  if (how < 0.05) return text.replaceAll('"constructor"', '"__proto__"')
  if (how < 0.06) return `${'['.repeat(5000)}${text}${']'.repeat(5000)}`
  if (how < 0.07) return text.replace(/\d+/, '1e999')
  return text
}
