import 'reflect-metadata/lite'
import { instanceToPlain } from 'class-transformer'
import { validateSync, type ValidationError } from 'class-validator'
import { AN_OBJECT, build, fieldsOf, isPlainObject, MOST_ISSUES, type Dto, type Issue } from './shape'

export type { Issue }

export type Checked<T> = { ok: true; value: T } | { ok: false; issues: Issue[] }

/**
 * Checks plain data against a DTO class: its sizes first, then every rule. Fields the class does not know are left out, and
 * nothing that the data are named or made of is ever called.
 */
export function check<T extends object>(dto: Dto<T>, plain: unknown): Checked<T> {
  const built = buildSound(dto, plain)
  return built.ok ? judged(built.value, brokenRules(built.value)) : built
}

/**
 * The same for what may hold a list of thousands: the rules are tried on a handful of its members at a time, and others have a turn
 * between two handfuls.
 * @param turn gives others a turn
 * @example await checkInTurns(MoveInput, body, giveTurn)
 */
export async function checkInTurns<T extends object>(
  dto: Dto<T>,
  plain: unknown,
  turn: () => Promise<void>,
): Promise<Checked<T>> {
  const built = buildSound(dto, plain)
  if (!built.ok) return built
  const { value } = built
  const long = fieldsOf(dto).find(([name, { nested }]) => nested && lengthOf(value, name) > AT_ONCE)?.[0]
  if (long === undefined) return judged(value, brokenRules(value))
  const members = (value as Record<string, unknown[]>)[long]!
  const issues: Issue[] = []
  for (let from = 0; from < members.length && issues.length < MOST_ISSUES; from += AT_ONCE) {
    const part = Object.assign(new dto(), value, { [long]: members.slice(from, from + AT_ONCE) })
    const found = brokenRules(part).map(i => ({ ...i, path: moved(i.path, long, from) }))
    // Faults outside the list are the same each time.
    issues.push(...found.filter(i => from === 0 || i.path.startsWith(`${long}[`)))
    await turn()
  }
  return judged(value, issues)
}
const AT_ONCE = 200

const lengthOf = (value: object, name: string): number => {
  const list = (value as Record<string, unknown>)[name]
  return Array.isArray(list) ? list.length : 0
}
/** `units[3].id` of a part that begins at 400 is `units[403].id` of the whole. */
const moved = (path: string, list: string, by: number): string =>
  path.startsWith(`${list}[`) ? path.replace(/\[(\d+)\]/, (_whole, i: string) => `[${Number(i) + by}]`) : path

function buildSound<T extends object>(dto: Dto<T>, plain: unknown): Checked<T> {
  if (!isPlainObject(plain)) return { ok: false, issues: [{ path: '', message: AN_OBJECT }] }
  const oversized: Issue[] = []
  const value = build(dto, plain, oversized)
  return oversized.length > 0 ? { ok: false, issues: oversized.slice(0, MOST_ISSUES) } : { ok: true, value }
}

const brokenRules = (value: object): Issue[] =>
  validateSync(value, { forbidUnknownValues: true }).flatMap(e => issuesOf(e))

const judged = <T>(value: T, issues: readonly Issue[]): Checked<T> =>
  issues.length === 0 ? { ok: true, value } : { ok: false, issues: issues.slice(0, MOST_ISSUES) }

function issuesOf(error: ValidationError, above = ''): Issue[] {
  const path = /^\d+$/.test(error.property)
    ? `${above}[${error.property}]`
    : above
      ? `${above}.${error.property}`
      : error.property
  // One message is enough: the rules of a field say the same in different strictness.
  const message = Object.values(error.constraints ?? {})[0]
  const own = message ? [{ path, message: message.startsWith('nested property') ? AN_OBJECT : message }] : []
  return [...own, ...(error.children ?? []).flatMap(child => issuesOf(child, path))]
}

/** A checked DTO as plain data, for sending. */
export const plain = <T extends object>(value: T) => instanceToPlain(value) as Record<string, unknown>
