import { isPlainText } from './parse'

/** What is wrong with one field, named by its path: `products[2].lab.L`. */
export interface Issue {
  path: string
  message: string
}

/*
 * The shape of a DTO: its fields with their lengths, counts and classes. Sizes, counts and depth are checked on the plain data, so that
 * a flood is refused after a look at its first members, and class-validator never sees more than the largest sensible input.
 */

export type Dto<T extends object = object> = new () => T

interface Field {
  /** Class of the value, or of each member of a list. */
  nested?: () => Dto
  /** Members of a list; a field without it is no list. */
  most?: number
  /** Characters of a text, or of each text of a list. */
  longest?: number
  /** Members of a list are lists themselves, of so many members. */
  each?: number
  /** No two members of a list have the same value of this. */
  distinct?: string
  /** Names in an object of plain values. */
  names?: number
  /** Taken unchecked: only for what this application made and stored itself, never for what is sent. */
  opaque?: boolean
}

const shapes = new Map<object, Map<string, Field>>()

/** Adds to the shape of a field; a field without a shape is not part of its class. */
export const shaped =
  (part: Field): PropertyDecorator =>
  (target, key) => {
    const fields = shapes.get(target.constructor) ?? new Map<string, Field>()
    shapes.set(target.constructor, fields.set(String(key), { ...fields.get(String(key)), ...part }))
  }

const known = new Map<Dto, readonly (readonly [string, Field])[]>()

/** The fields of a class and of those it extends. */
export function fieldsOf(dto: Dto): readonly (readonly [string, Field])[] {
  const before = known.get(dto)
  if (before) return before
  const all = new Map<string, Field>()
  for (let at: object | null = dto; at; at = Object.getPrototypeOf(at) as object | null)
    for (const [name, field] of shapes.get(at) ?? []) if (!all.has(name)) all.set(name, field)
  const list = [...all]
  known.set(dto, list)
  return list
}

// Texts of fields that set no length of their own, such as one word out of a list.
const USUAL_LONGEST = 200
// Takes the place of an object or list where a plain value belongs: every rule of such a field refuses it.
const WRONG_KIND = Object.freeze({})
// Enough to show a person; a broken table of thousands of rows repeats itself.
export const MOST_ISSUES = 50

export const AN_OBJECT = 'must be an object with named fields'

export const isPlainObject = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === 'object' && !Array.isArray(value)

/** An instance of a class out of plain data, with its own defaults for what is absent; what does not fit becomes issues. */
export function build<T extends object>(dto: Dto<T>, plain: Record<string, unknown>, issues: Issue[], path = ''): T {
  const value = new dto()
  for (const [name, field] of fieldsOf(dto)) {
    if (!Object.hasOwn(plain, name) || plain[name] === undefined) continue
    if (issues.length >= MOST_ISSUES) break
    Object.assign(value, { [name]: take(plain[name], field, path ? `${path}.${name}` : name, issues) })
  }
  return value
}

function take(raw: unknown, field: Field, path: string, issues: Issue[]): unknown {
  if (field.opaque) return raw
  if (typeof raw === 'string') return takeText(raw, field, path, issues)
  if (raw === null || typeof raw !== 'object') return raw
  // A list where an object belongs stays one, empty: the rules of such a field refuse it as no object.
  if (Array.isArray(raw) && field.most === undefined) return field.nested || field.names !== undefined ? [] : WRONG_KIND
  if (Array.isArray(raw)) return takeList(raw, field, path, issues)
  if (field.nested && field.most === undefined)
    return build(field.nested(), raw as Record<string, unknown>, issues, path)
  if (field.names !== undefined) return takeNames(raw as Record<string, unknown>, field.names, path, issues)
  return WRONG_KIND
}

function takeText(raw: string, { longest = USUAL_LONGEST }: Field, path: string, issues: Issue[]): string {
  // A letter takes two UTF-16 units at the most; the field's own rule counts letters.
  if (raw.length > 2 * longest) issues.push({ path, message: `must be text of at most ${longest} characters` })
  else if (!isPlainText(raw))
    issues.push({ path, message: 'must not hold control characters or halves of letters: type it anew' })
  return raw
}

function takeList(raw: readonly unknown[], field: Field, path: string, issues: Issue[]): unknown[] {
  const { most = 0, each, nested, distinct } = field
  if (raw.length > most) {
    issues.push({ path, message: `must hold at most ${most}: split it into several` })
    return []
  }
  if (distinct !== undefined && !isDistinct(raw, distinct)) issues.push({ path, message: sameTwice(distinct) })
  // Array.from, since map skips the holes of a list.
  return Array.from(raw, (member, i) => {
    if (issues.length >= MOST_ISSUES) return WRONG_KIND
    const at = `${path}[${i}]`
    if (each !== undefined) {
      if (Array.isArray(member) && member.length === each)
        return takeList(member, { ...field, most: each, each: undefined }, at, issues)
      if (!issues.some(i => i.path === path)) issues.push({ path, message: `must hold lists of exactly ${each}` })
      return []
    }
    if (!nested) return Array.isArray(member) ? WRONG_KIND : take(member, { longest: field.longest }, at, issues)
    if (isPlainObject(member)) return build(nested(), member, issues, at)
    issues.push({ path: at, message: AN_OBJECT })
    return WRONG_KIND
  })
}

/** Whether no two members of a list have the same value of this. */
export function isDistinct(members: readonly unknown[], key: string): boolean {
  const values = members.map(m => (m as Record<string, unknown> | null | undefined)?.[key])
  return new Set(values).size === values.length
}
export const sameTwice = (key: string): string => `must not hold two with the same ${key}`

function takeNames(raw: Record<string, unknown>, most: number, path: string, issues: Issue[]): unknown {
  const names = Object.keys(raw)
  if (names.length > most) {
    issues.push({ path, message: `must hold at most ${most} names` })
    return {}
  }
  const entries = names.map(name => {
    if (name.length > USUAL_LONGEST || !isPlainText(name)) issues.push({ path, message: 'must hold short plain names' })
    const value = raw[name]
    return [name, value !== null && typeof value === 'object' ? WRONG_KIND : value] as const
  })
  return Object.fromEntries(entries)
}
