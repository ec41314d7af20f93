import 'reflect-metadata'
import { instanceToPlain } from 'class-transformer'
import { validateSync, type ValidationError } from 'class-validator'
import { AN_OBJECT, build, isPlainObject, MOST_ISSUES, type Dto, type Issue } from './shape'

export type { Issue }

export type Checked<T> = { ok: true; value: T } | { ok: false; issues: Issue[] }

/**
 * Checks plain data against a DTO class: its sizes first, then every rule. Fields the class does not know are left out, and
 * nothing that the data are named or made of is ever called.
 */
export function check<T extends object>(dto: Dto<T>, plain: unknown): Checked<T> {
  if (!isPlainObject(plain)) return { ok: false, issues: [{ path: '', message: AN_OBJECT }] }
  const oversized: Issue[] = []
  const value = build(dto, plain, oversized)
  if (oversized.length > 0) return { ok: false, issues: oversized.slice(0, MOST_ISSUES) }
  const errors = validateSync(value, { forbidUnknownValues: true })
  return errors.length === 0
    ? { ok: true, value }
    : { ok: false, issues: errors.flatMap(e => issuesOf(e)).slice(0, MOST_ISSUES) }
}

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
